<script lang="ts">
    import { movesSentence } from '../../lib/catalogueMoves';
    import { counted } from '../../lib/words';
    import type { Ledger } from '../../lib/ledger.svelte';
    import PagePictures from '../PagePictures.svelte';

    /**
     * Beside every form of the catalogue: what is not saved, what saving would move, and where somebody else was first.
     */
    let {
        ledger,
        may,
        leave = () => ledger.putBack(),
    }: { ledger: Ledger; may: boolean; leave?: () => void } = $props();
    const sentence = $derived(ledger.moves ? movesSentence(ledger.moves, true) : '');
    const wrong = $derived(Object.values(ledger.wrong));
</script>

<section aria-label="Saving">
    {#if ledger.crossed.length > 0}
        <div class="mb-4 rounded-lg border border-dashed border-trouble p-3" role="alert">
            <p class="font-semibold">Somebody has changed this meanwhile.</p>
            {#each ledger.crossed as one (`${one.thing}/${one.id}/${one.field}`)}
                <p class="mt-2">
                    {one.label}: theirs is “{one.theirWords}”{one.yourWords ? `, yours “${one.yourWords}”` : ''}.
                </p>
                {#if one.field !== null}
                    <p class="flex gap-4">
                        <button class="word" onclick={() => ledger.decide(one, true)}>Use mine</button>
                        <button class="word" onclick={() => ledger.decide(one, false)}>Keep theirs</button>
                    </p>
                {/if}
            {/each}
        </div>
    {/if}
    {#if may}
        <p role="status" data-moves>
            {#if !ledger.isChanged}
                <span class="text-quiet">Nothing is changed. What you save is in the shop at once.</span>
            {:else if sentence !== ''}
                {sentence}
            {:else if ledger.moves}
                <span class="text-quiet">Saving moves no page.</span>
            {/if}
        </p>
        {#each ledger.moves?.moves ?? [] as move (`${move.pageKind}-${move.from}-${move.to}`)}
            {#if (ledger.moves?.moved ?? 0) > 1}<p class="mt-2 text-sm">
                    {counted(move.count, 'page')} from “{move.fromName}” to “{move.toName}”
                </p>{/if}
            <div class="mt-1"><PagePictures pages={move.pages.slice(0, 5)} size={28} /></div>
            {#if move.count > 1}
                <details class="mt-1 text-sm">
                    <summary class="min-h-6 w-fit cursor-pointer py-0.5 text-quiet">Which ones?</summary>
                    <ul class="max-h-60 overflow-y-auto">
                        {#each move.pages as one (one.id)}<li>
                                <a class="hover:underline" href={one.address}>{one.title}</a>
                            </li>{/each}
                        {#if move.count > move.pages.length}<li class="text-quiet">
                                and {counted(move.count - move.pages.length, 'more', 'more')}
                            </li>{/if}
                    </ul>
                </details>
            {/if}
        {/each}
        {#if ledger.leaps.length > 0}
            <div class="mt-2 rounded-lg border border-dashed border-trouble p-3 text-sm" role="alert" data-leaps>
                <p class="font-semibold">Ten times as much, or as little?</p>
                {#each ledger.leaps as leap (leap)}<p class="mt-1">{leap}</p>{/each}
            </div>
        {/if}
        {#if wrong.length > 0}<p class="mt-2 text-sm text-trouble">
                {counted(wrong.length, 'field needs', 'fields need')} another look.
            </p>{/if}
        <p class="mt-3 flex flex-wrap items-center gap-3">
            <button
                class="button button-next"
                disabled={!ledger.isChanged || ledger.busy}
                onclick={() => void ledger.save()}>{ledger.busy ? 'Saving…' : 'Save'}</button
            >
            {#if ledger.isChanged}
                <button class="word" onclick={leave}>Put back</button>
                <span class="text-sm text-quiet">{counted(ledger.changes.length, 'change')} not saved</span>
            {/if}
        </p>
    {/if}
</section>
