<script lang="ts">
    import { onMount } from 'svelte';
    import { rowsToBring } from '../../lib/rowsToBring';
    import { counted } from '../../lib/words';
    import type { InAndOutData, Screen } from '../../lib/types';
    import ErrandLine from '../../parts/ErrandLine.svelte';
    import Frame from '../../parts/Frame.svelte';
    import { Incoming, isDone } from './incoming.svelte';
    import Out from './Out.svelte';
    import Preview from './Preview.svelte';
    import { isWhole, Whole } from './whole.svelte';
    import WholePreview from './WholePreview.svelte';

    let { screen }: { screen: Screen<InAndOutData> } = $props();
    const incoming = new Incoming();
    const whole = new Whole();
    const bring = (file: File): void => void (isWhole(file) ? whole.bring(file) : incoming.bring(file));
    let text = $state('');
    let over = $state(false);

    onMount(() => {
        const rows = rowsToBring();
        const { untold } = screen.data;
        if (rows !== null) void incoming.paste(rows);
        else if (untold?.rows) void incoming.resume(untold.errand, untold.rows);
        else if (untold?.whole) void whole.resume(untold.errand, untold.whole);
    });
</script>

<Frame {screen} here="Catalogue" place="In and out" wide>
    {#if whole.seen}
        <WholePreview {whole} />
    {:else if incoming.preview}
        <Preview {incoming} fields={screen.data.fields} />
    {:else}
        <h1 class="text-2xl">In and out</h1>
        {#if whole.done}<WholePreview {whole} />{/if}
        {#if incoming.taken}
            {@const taken = incoming.taken}
            <section class="float mt-4 p-4" aria-label="What was done">
                <p role="status">
                    {isDone(taken) ? '' : 'Nothing was changed: the shop is as the file says.'}
                    {#if isDone(taken)}<strong>{counted(taken.changed, 'row')}</strong> taken over,
                        {counted(taken.same, 'row was', 'rows were')} so already{taken.wrongCount > 0
                            ? `, ${counted(taken.wrongCount, 'row was', 'rows were')} left`
                            : ''}.
                        <button class="word" onclick={() => void incoming.back(taken)}>Take this back</button>{/if}
                </p>
            </section>
        {/if}
        <section aria-label="In" class="mt-6">
            <h2 class="text-xl">In</h2>
            <p class="mt-1 text-quiet">
                A CSV file or a workbook with a column of stock numbers, bar codes or address names, in any order: only
                the columns that it has are touched. Or the shop’s folder as a zip, products as JSON-LD, a template, a
                house style. What it would change is shown first.
            </p>
            <div class="mt-3 grid gap-6 lg:grid-cols-2">
                <label
                    class="flex min-h-36 flex-col items-center justify-center gap-2 rounded-lg border border-dashed border-edge p-4 {over
                        ? 'bg-glow'
                        : ''}"
                    ondragover={(event) => {
                        event.preventDefault();
                        over = true;
                    }}
                    ondragleave={() => (over = false)}
                    ondrop={(event) => {
                        event.preventDefault();
                        over = false;
                        const file = event.dataTransfer?.files[0];
                        if (file) bring(file);
                    }}
                >
                    <span>Drop a file here, or choose one</span>
                    <input
                        type="file"
                        accept=".csv,.tsv,.txt,.xlsx,.zip,.json,.jsonld"
                        class="max-w-full"
                        onchange={(event) => {
                            const file = event.currentTarget.files?.[0];
                            event.currentTarget.value = '';
                            if (file) bring(file);
                        }}
                    />
                </label>
                <form
                    onsubmit={(event) => {
                        event.preventDefault();
                        void incoming.paste(text);
                    }}
                >
                    <label class="block"
                        >Or paste rows with their header<textarea
                            class="field mt-1 h-24 w-full font-mono text-sm"
                            bind:value={text}
                            placeholder="stock number, stock&#10;LF-0001-01, 24"></textarea></label
                    >
                    <button class="button mt-2" disabled={text.trim() === '' || incoming.busy !== ''}>Look at it</button
                    >
                </form>
            </div>
            {#if incoming.sheets.length > 0}
                <p class="mt-3" role="status">This workbook has several sheets. Which one?</p>
                <p class="mt-1 flex flex-wrap gap-3">
                    {#each incoming.sheets as sheet (sheet.name)}<button
                            class="button"
                            onclick={() => void incoming.sheet(sheet)}
                            >{sheet.name} <span class="text-quiet">{counted(sheet.rows.length, 'row')}</span></button
                        >{/each}
                </p>
            {/if}
            {#if incoming.busy || whole.busy}<ErrandLine
                    stops={incoming.busy !== ''}
                    errand={incoming.busy ? incoming.errand : whole.errand}
                    doing={incoming.busy || whole.busy}
                />{/if}
        </section>
        <Out data={screen.data} />
    {/if}
</Frame>
