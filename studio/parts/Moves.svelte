<script lang="ts">
    import type { Impact, Move } from '../lib/types';
    import MoveRow from './MoveRow.svelte';

    interface Props {
        impact: Impact;
        /** Where one group is listed a page at a time; without it the pictures are all there is. */
        group?: string;
        /** Templates whose drafts are what pages would look like. */
        drafts?: number[];
        compact?: boolean;
    }

    let { impact, group, drafts = [], compact = false }: Props = $props();
    const rows: Move[] = $derived([...impact.moves, ...impact.newLook]);
</script>

{#each rows as move (`${move.from}-${move.to}`)}<MoveRow {move} {group} {drafts} {compact} />{/each}
