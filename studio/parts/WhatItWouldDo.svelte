<script lang="ts">
    import type { Deeds } from '../lib/deeds.svelte';
    import { answer } from '../lib/focus';
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
    const deed = $derived(deeds.asked?.deed);
    const every = $derived(deeds.asked?.impact.every);
    const letsGo = $derived(deed !== undefined && 'letGo' in deed.body && deed.body.letGo === true);

    function letGo(yes: boolean): void {
        if (deed) void deeds.ask({ ...deed, body: { ...deed.body, letGo: yes } });
    }
</script>

<section class="float p-5" aria-label="What this would do" {@attach answer}>
    <h2 class="text-lg">{words}</h2>
    <p class="text-quiet" role="status">
        {movesOf(impact)}{impact.look > 0 ? `, ${looksOf(impact)}` : ''}. {counted(
            impact.stays,
            'stays as it is',
            'stay as they are',
        )}.
    </p>
    {#if every}
        <label class="mt-2 flex items-start gap-2">
            <input
                class="mt-1"
                type="checkbox"
                checked={letsGo}
                onchange={(event) => letGo(event.currentTarget.checked)}
            />
            <span
                >“{every}” lets go of its rule “every page”.
                <span class="block text-quiet"
                    >{letsGo
                        ? ''
                        : 'As long as it holds that rule, it takes these pages by it, and nothing moves.'}</span
                ></span
            >
        </label>
    {/if}
    <Moves {impact} compact />
    <div class="mt-3 flex gap-3">
        <button class="button button-next" disabled={deeds.busy} onclick={() => void deeds.go()}>Do it</button>
        <button class="button" onclick={() => deeds.leave()}>Not now</button>
    </div>
</section>
