<script lang="ts">
    import type { OrderRow } from '../../lib/types';

    let { row, most, move }: { row: OrderRow; most: number; move: (place: number) => void } = $props();

    function changed(event: Event): void {
        const field = event.currentTarget as HTMLInputElement;
        const place = Number(field.value);
        if (Number.isInteger(place) && place >= 1 && place !== row.place) move(place);
        field.value = String(row.place);
    }
</script>

<input
    class="field figures w-16 text-right"
    type="number"
    min="1"
    max={most}
    step="1"
    aria-label="Place of {row.title}"
    value={row.place}
    onchange={changed}
/>
