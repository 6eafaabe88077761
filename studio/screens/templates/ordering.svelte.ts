/** Dragging a template up or down the list; the same is in each row's menu. */
export class Ordering {
    moving = $state<number | null>(null);
    /** The template that the moving one would stand before; null: last. */
    before = $state<number | null>(null);
    private rows: HTMLElement[] = [];

    constructor(private readonly done: (id: number, before: number | null) => void) {}

    press(event: PointerEvent, id: number): void {
        const grip = event.currentTarget as HTMLElement;
        grip.setPointerCapture(event.pointerId);
        this.rows = [...(grip.closest('tbody')?.querySelectorAll<HTMLElement>('[data-template]') ?? [])];
        this.moving = id;
        this.find(event.clientY);
    }

    move(event: PointerEvent): void {
        if (this.moving !== null) this.find(event.clientY);
    }

    drop(): void {
        const { moving, before } = this;
        this.moving = null;
        if (moving === null || before === moving) return;
        const at = this.rows.findIndex((row) => Number(row.dataset.template) === moving);
        const next = this.rows[at + 1];
        if ((next ? Number(next.dataset.template) : null) !== before) this.done(moving, before);
    }

    private find(y: number): void {
        const row = this.rows.find((one) => y < one.getBoundingClientRect().top + one.offsetHeight / 2);
        this.before = row ? Number(row.dataset.template) : null;
    }

    ask(id: number, before: number | null): void {
        this.done(id, before);
    }
}
