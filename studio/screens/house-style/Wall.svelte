<script lang="ts">
    import type { Specimen } from '../../lib/types';
    import type { House } from './house.svelte';

    let { house, specimens }: { house: House; specimens: Specimen[] } = $props();
    let width = $state(800);
    /** How wide a page is that a specimen shows, and how high. */
    const sizes: Record<string, { width: number; height: number }> = {
        product: { width: 1000, height: 1180 },
        pieces: { width: 520, height: 1180 },
        category: { width: 1000, height: 900 },
        cart: { width: 760, height: 640 },
    };

    function attach(frame: HTMLIFrameElement): { destroy: () => void } {
        house.frames.push(frame);
        return { destroy: () => house.frames.splice(house.frames.indexOf(frame), 1) };
    }

    /** As high as its page, within reason. */
    let heights = $state.raw<Record<string, number>>({});

    function loaded(frame: HTMLIFrameElement, name: string): void {
        house.paint();
        const high = frame.contentDocument?.body.scrollHeight ?? 0;
        if (high > 0) heights = { ...heights, [name]: Math.max(300, Math.min(1600, high)) };
    }

    function address(one: Specimen): string {
        return `${one.address}?house=${house.id}`;
    }
</script>

<div class="grid content-start gap-4 p-4 min-[1100px]:grid-cols-[3fr_2fr]" bind:clientWidth={width}>
    {#each specimens as one (one.name)}
        {@const size = sizes[one.name] ?? { width: 900, height: 800 }}
        {@const room =
            width < 700 ? width - 32 : (width - 48) * (['product', 'category'].includes(one.name) ? 0.6 : 0.4)}
        {@const scale = Math.min(1, room / size.width)}
        <figure class="min-w-0 overflow-hidden rounded border border-hair bg-sheet" data-specimen={one.name}>
            <figcaption class="px-3 py-1.5 text-xs text-quiet">{one.words}</figcaption>
            <div class="relative overflow-hidden" style:height="{(heights[one.name] ?? size.height) * scale}px">
                <iframe
                    title="Specimen: {one.words}"
                    src={address(one)}
                    class="origin-top-left border-0 bg-white"
                    style:width="{size.width}px"
                    style:height="{heights[one.name] ?? size.height}px"
                    style:transform="scale({scale})"
                    use:attach
                    onload={(event) => loaded(event.currentTarget as HTMLIFrameElement, one.name)}
                ></iframe>
            </div>
        </figure>
    {/each}
</div>
