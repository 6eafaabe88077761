<script lang="ts">
    import { movesOf } from '../lib/pages';
    import { counted } from '../lib/words';
    import type { Impact } from '../lib/types';
    import Moves from './Moves.svelte';

    interface Props {
        words: string;
        impact: Impact;
        busy: boolean;
        go: () => void;
        leave: () => void;
    }

    let { words, impact, busy, go, leave }: Props = $props();
</script>

<section class="float p-5" aria-label="What this would do">
    <h2 class="text-lg">{words}</h2>
    <p class="text-quiet" role="status">
        {movesOf(impact)}. {counted(impact.stays, 'stays as it is', 'stay as they are')}.
    </p>
    <Moves {impact} compact />
    <div class="mt-3 flex gap-3">
        <button class="button button-next" disabled={busy} onclick={go}>Do it</button>
        <button class="button" onclick={leave}>Not now</button>
    </div>
</section>
