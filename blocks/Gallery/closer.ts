const MOST = 4;
const CLOSER = 2.5;

/**
 * An enlarged picture is brought closer by two fingers, by a click, or by a button, and moved about by one finger or
 * the pointer while it is (WCAG 2.2, 2.5.1: nothing needs two fingers).
 */
export class Closer {
    private scale = 1;
    private x = 0;
    private y = 0;
    private readonly fingers = new Map<number, PointerEvent>();
    private moved = false;

    constructor(
        private readonly picture: HTMLImageElement,
        private readonly told: (isCloser: boolean) => void,
    ) {
        picture.addEventListener('pointerdown', (event) => {
            this.fingers.set(event.pointerId, event);
            this.moved = this.fingers.size > 1;
            picture.setPointerCapture(event.pointerId);
        });
        picture.addEventListener('pointermove', (event) => this.move(event));
        for (const end of ['pointerup', 'pointercancel'] as const)
            picture.addEventListener(end, (event) => this.fingers.delete(event.pointerId));
        picture.addEventListener('click', (event) => {
            if (!this.moved) this.turn(event.clientX, event.clientY);
        });
        picture.draggable = false;
    }

    whole(): void {
        this.take(1, 0, 0);
    }

    /** Closer to a point, or back to the whole. */
    turn(x = innerWidth / 2, y = innerHeight / 2): void {
        if (this.scale > 1) this.whole();
        else this.zoom(CLOSER, x, y);
    }

    private move(event: PointerEvent): void {
        const before = this.fingers.get(event.pointerId);
        if (!before) return;
        const other = [...this.fingers.values()].find(({ pointerId }) => pointerId !== event.pointerId);
        const [across, down] = [event.clientX - before.clientX, event.clientY - before.clientY];
        if (!other && Math.hypot(across, down) < 4 && !this.moved) return;
        this.moved = true;
        this.fingers.set(event.pointerId, event);
        if (other) {
            const apart = (one: PointerEvent): number =>
                Math.max(1, Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY));
            this.zoom(
                (this.scale * apart(event)) / apart(before),
                (event.clientX + other.clientX) / 2,
                (event.clientY + other.clientY) / 2,
            );
        } else if (this.scale > 1) this.take(this.scale, this.x + across, this.y + down);
    }

    /** The point stays where it is. */
    private zoom(wanted: number, x: number, y: number): void {
        const scale = Math.min(MOST, Math.max(1, wanted));
        const box = this.picture.getBoundingClientRect();
        const [fromX, fromY] = [x - (box.x + box.width / 2), y - (box.y + box.height / 2)];
        const by = scale / this.scale - 1;
        this.take(scale, this.x - fromX * by, this.y - fromY * by);
    }

    private take(scale: number, x: number, y: number): void {
        const most = (size: number): number => ((scale - 1) * size) / 2;
        const kept = (value: number, limit: number): number => Math.max(-limit, Math.min(limit, value));
        this.scale = scale;
        this.x = kept(x, most(this.picture.offsetWidth));
        this.y = kept(y, most(this.picture.offsetHeight));
        this.picture.style.transform = scale === 1 ? '' : `translate(${this.x}px, ${this.y}px) scale(${scale})`;
        this.told(scale > 1);
    }
}
