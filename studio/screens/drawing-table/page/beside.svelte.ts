import type { CanvasPart } from '../../../lib/types';
import { Canvas } from './canvas.svelte';

/** The phone beside the page: the same page, as live as the wide one. What is clicked there is styled for the phone. */
export class Beside {
    on = $state(false);
    /** Whether styles are set for the phone: it was the last one touched. */
    touched = $state(false);
    readonly canvas = new Canvas();

    get phone(): boolean {
        return this.on && this.touched;
    }

    toggle(): void {
        this.on = !this.on;
        this.touched = false;
    }

    apply(parts: CanvasPart[], css: string | null, styles: Record<string, string>): void {
        if (this.on) this.canvas.apply(parts, css, styles);
    }

    /** The wide page, and the phone where it stands beside it. */
    reload(page: Canvas): void {
        page.window?.location.reload();
        if (this.on) this.canvas.window?.location.reload();
    }
}
