<script lang="ts">
    import type { Deeds } from '../lib/deeds.svelte';
    import { looksOf, movesOf } from '../lib/pages';
    import { counted } from '../lib/words';
    import type { Impact } from '../lib/types';
    import Moves from './Moves.svelte';

    interface Props {
        words: string;
        impact: Impact;
        deeds: Deeds;
    }

    let { words, impact, deeds }: Props = $props();
</script>

<section class="float p-5" aria-label="What this would do">
    <h2 class="text-lg">{words}</h2>
    <p class="text-quiet" role="status">
        {movesOf(impact)}{impact.look > 0 ? `, ${looksOf(impact)}` : ''}. {counted(impact.stays, 'stays as it is', 'stay as they are')}.
    </p>
    <Moves {impact} compact />
    <div class="mt-3 flex gap-3">
        <button class="button button-next" disabled={deeds.busy} onclick={() => void deeds.go()}>Do it</button>
        <button class="button" onclick={() => deeds.leave()}>Not now</button>
    </div>
</section>
