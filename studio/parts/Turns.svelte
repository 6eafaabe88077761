<script lang="ts">
    import { moving } from '../lib/pages';
    import { when } from '../lib/words';
    import type { Turn } from '../lib/types';
    import Moves from './Moves.svelte';

    let { turns }: { turns: Turn[] } = $props();
</script>

{#each turns as turn (`${turn.template} ${turn.at}`)}
    <section
        class="mt-4 border-b border-dashed border-hair pb-3"
        aria-label="When its season {turn.begins ? 'begins' : 'ends'}"
        data-turn
    >
        <p>
            <strong class="font-semibold">{when(turn.at)}</strong>: the season of “{turn.name}” {turn.begins
                ? 'begins'
                : 'ends'};
            {moving(turn.pageKind, turn.moved)} then, as things stand.
        </p>
        <Moves
            impact={{ moves: turn.moves, newLook: [], moved: turn.moved, look: 0, stays: 0, kinds: [], at: turn.at }}
            compact
        />
    </section>
{/each}
