<script lang="ts">
    import { answer } from '../../lib/focus';
    import { movesOf, pageWords } from '../../lib/pages';
    import { counted, either, listed, number } from '../../lib/words';
    import type { CatalogueMoves, FieldOutcome, TableFact } from '../../lib/types';
    import AlterationRow from './AlterationRow.svelte';
    import type { FieldDeeds } from './fields.svelte';
    import type { FoundList } from './list.svelte';

    let { list, deeds, facts }: { list: FoundList; deeds: FieldDeeds; facts: TableFact[] } = $props();
    const { count } = $derived(list.selecting.state);
    const isDelete = $derived(deeds.list[0]?.what === 'delete');
    const shown = $derived(deeds.outcome ?? deeds.done);

    function moving(moves: CatalogueMoves): string {
        const parts = [movesOf({ moved: moves.moved, kinds: [] })];
        const arrivals = moves.arrivals.reduce((all, one) => all + one.count, 0);
        if (arrivals > 0) parts.push(counted(arrivals, 'page comes', 'pages come'));
        if (moves.gone > 0) parts.push(counted(moves.gone, 'page goes', 'pages go'));
        return listed(parts);
    }

    function changes(outcome: FieldOutcome): string {
        return Object.entries(outcome.fields)
            .map(([field, times]) => `${field} of ${number(times)}`)
            .join(', ');
    }
</script>

{#if deeds.isOpen}
    <section class="float mt-3 max-w-3xl p-5" aria-label="Change {counted(count, 'product')}" {@attach answer}>
        <h2 class="text-lg">Change {counted(count, 'product')}</h2>
        <form
            onsubmit={(event) => {
                event.preventDefault();
                void deeds.ask();
            }}
        >
            {#each deeds.list as one (one.id)}
                <AlterationRow
                    {one}
                    {facts}
                    alone={deeds.list.length === 1}
                    changed={() => deeds.changed()}
                    remove={deeds.list.length > 1 ? () => deeds.remove(one) : null}
                />
            {/each}
            {#if !isDelete}<button type="button" class="word mt-2 text-sm" onclick={() => deeds.add()}>and…</button
                >{/if}
            <div class="mt-3 flex flex-wrap items-center gap-3">
                <button class="button {shown && deeds.outcome ? '' : 'button-next'}" disabled={deeds.busy !== ''}
                    >See what that would do</button
                >
                {#if deeds.outcome}
                    <button
                        type="button"
                        class="button button-next"
                        disabled={deeds.busy !== '' || deeds.outcome.changed === 0}
                        onclick={() => void deeds.go()}
                        >{isDelete ? 'Delete' : 'Change'}
                        {counted(deeds.outcome.changed, 'product')}{deeds.outcome.refusedCount > 0
                            ? `, leave ${number(deeds.outcome.refusedCount)}`
                            : ''}</button
                    >
                {/if}
                <button type="button" class="button" onclick={() => deeds.leave()}
                    >{deeds.done ? 'Close' : 'Not now'}</button
                >
            </div>
        </form>
        <div role="status">
            {#if deeds.busy !== ''}
                <p class="mt-3 flex items-center gap-3 text-quiet">
                    <progress class="grow" max={deeds.progress.all || 1} value={deeds.progress.done}></progress>
                    {deeds.progress.all > 0
                        ? `${number(deeds.progress.done)} of ${number(deeds.progress.all)} ${deeds.progress.what === 'made' ? 'parts made' : 'looked at'}`
                        : 'Looking…'}
                    <button type="button" class="word" onclick={() => void deeds.stop()}>stop here</button>
                </p>
            {/if}
            {#if shown}
                <p class="mt-3">
                    <strong>{counted(shown.changed, 'product')}</strong>
                    {deeds.done ? either(shown.changed, 'was', 'were') : 'would be'}
                    {isDelete ? 'deleted' : 'changed'}{changes(shown) && !isDelete ? `: ${changes(shown)}` : ''}.
                    {#if shown.unchanged > 0}<span class="text-quiet"
                            >{counted(shown.unchanged, 'is', 'are')} so already or left.</span
                        >{/if}
                </p>
                <p class="text-quiet">{moving(shown.moves)}.</p>
                {#each shown.moves.moves as move (`${move.pageKind} ${move.from} ${move.to}`)}
                    <p class="text-sm text-quiet">
                        {counted(move.count, pageWords(move.pageKind).page, pageWords(move.pageKind).pages)}: “{move.fromName}”
                        → “{move.toName}”
                    </p>
                {/each}
            {/if}
        </div>
        {#if shown && shown.lines.length > 0}
            <table class="mt-3 w-full border-collapse text-left" aria-label="What changes most">
                <thead class="text-sm text-quiet"
                    ><tr
                        ><th class="pr-3 font-normal" scope="col">Most changed</th><th
                            class="pr-3 font-normal"
                            scope="col">what</th
                        ><th class="font-normal" scope="col">from → to</th></tr
                    ></thead
                >
                <tbody>
                    {#each shown.lines as line, at (at)}
                        <tr class="border-t border-dashed border-hair"
                            ><th class="py-1 pr-3 font-normal" scope="row">{line.name}</th><td class="pr-3 text-quiet"
                                >{line.field}</td
                            ><td class="figures">{line.from} → <strong>{line.to}</strong></td></tr
                        >
                    {/each}
                </tbody>
            </table>
        {/if}
        {#if shown && shown.refusedCount > 0}
            <h3 class="mt-3">{counted(shown.refusedCount, 'cannot be changed', 'cannot be changed')}</h3>
            <ul class="mt-1 text-sm">
                {#each shown.refused.slice(0, 5) as one, at (at)}<li>
                        {one.name}: <span class="text-trouble">{one.why}</span>
                    </li>{/each}
            </ul>
            <button type="button" class="word mt-1 text-sm" onclick={() => deeds.download(shown)}
                >{shown.refusedCount > 5 ? `all ${number(shown.refusedCount)} ` : ''}as a file</button
            >
        {/if}
    </section>
{/if}
