<script lang="ts">
    import { movesOf, pageWords } from '../../lib/pages';
    import { counted, either, number } from '../../lib/words';
    import ErrandLine from '../../parts/ErrandLine.svelte';
    import type { Incoming } from './incoming.svelte';
    import WrongRows from './WrongRows.svelte';

    /** What a brought file is and would change, before it is taken over. */
    let { incoming, fields }: { incoming: Incoming; fields: string[] } = $props();
    const PINNED = 'pinned to';
    const preview = $derived(incoming.preview);
    const keys = ['stock number', 'bar code', 'address name'];
    const key = $derived(preview?.columns.find((one) => keys.includes(one.is))?.is ?? '');
    const unsure = $derived((preview?.columns ?? []).some((one) => one.is !== '' && one.numbers === 'unknown'));
    const reading = $derived((preview?.columns ?? []).find((one) => one.is !== '' && one.numbers === 'comma'));
    /** How its columns of days write them, where that can be read in two ways. */
    const days = $derived((preview?.columns ?? []).find((one) => !['', 'plain'].includes(one.days))?.days ?? '');
    const what = $derived(
        Object.entries(preview?.fields ?? {})
            .map(([field, count]) => `${field} of ${number(count)}`)
            .join(', '),
    );
</script>

{#if preview}
    <div inert={incoming.isTaking}>
        <div class="flex flex-wrap items-baseline justify-between gap-4">
            <h1 class="text-2xl">“{incoming.name || 'what was pasted'}”</h1>
            <p class="text-quiet">
                {counted(preview.rows, 'row')} · {incoming.read}<button class="word" onclick={() => incoming.leave()}
                    >another file</button
                >
            </p>
        </div>
        <p class="mt-2 text-lg leading-9">
            {#if key}Rows are found by <strong>{key}</strong>.{:else}<span class="text-trouble"
                    >No column says what a row is about: choose which one holds stock numbers, bar codes or address
                    names.</span
                >{/if}
            Numbers are read
            <label
                ><span class="unseen">How numbers are written</span><select
                    class="field text-base"
                    value={incoming.numbers}
                    onchange={(event) => {
                        incoming.numbers = event.currentTarget.value;
                        void incoming.look();
                    }}
                >
                    <option value=""
                        >{unsure
                            ? 'as each cell is plain'
                            : reading
                              ? '1.234,56 as 1234.56'
                              : 'as the file writes them'}</option
                    >
                    <option value="comma">1.234,56 as 1234.56</option>
                    <option value="point">1,234.56 as 1234.56</option>
                </select></label
            >{#if days !== ''}, days
                <label
                    ><span class="unseen">How days are written</span><select
                        class="field text-base"
                        value={incoming.days}
                        onchange={(event) => {
                            incoming.days = event.currentTarget.value;
                            void incoming.look();
                        }}
                    >
                        <option value=""
                            >{days === 'unknown'
                                ? 'it does not say how: choose'
                                : days === 'month'
                                  ? '12/31/2026 as 2026-12-31'
                                  : '31/12/2026 as 2026-12-31'}</option
                        >
                        <option value="day">31/12/2026 as 2026-12-31</option>
                        <option value="month">12/31/2026 as 2026-12-31</option>
                    </select></label
                >{/if}. An empty cell
            <label
                ><span class="unseen">What an empty cell does</span><select
                    class="field text-base"
                    value={incoming.emptied ? 'empties' : 'leaves'}
                    onchange={(event) => {
                        incoming.emptied = event.currentTarget.value === 'empties';
                        void incoming.look();
                    }}
                >
                    <option value="leaves">leaves things as they are</option><option value="empties">empties</option>
                </select></label
            >. Only these columns are touched:
        </p>
        <table class="mt-2 w-full border-collapse text-left">
            <thead class="text-quiet"
                ><tr class="border-b border-hair"
                    ><th class="py-2 pr-4 font-normal" scope="col">Column in the file</th><th
                        class="py-2 pr-4 font-normal"
                        scope="col">goes to</th
                    ><th class="py-2 pr-4 font-normal" scope="col">for example</th><th
                        class="py-2 font-normal"
                        scope="col"><span class="unseen">Beside</span></th
                    ></tr
                ></thead
            >
            <tbody>
                {#each preview.columns as column (column.at)}
                    <tr class="border-b border-hair">
                        <th class="py-1.5 pr-4 font-normal [overflow-wrap:anywhere]" scope="row"
                            >{column.called || `column ${column.at + 1}`}</th
                        >
                        <td class="py-1.5 pr-4"
                            ><select
                                class="field max-w-44 sm:max-w-none"
                                aria-label="What “{column.called}” goes to"
                                value={column.is}
                                onchange={(event) => void incoming.setColumn(column.called, event.currentTarget.value)}
                            >
                                <option value="">nothing</option>
                                {#each fields as field (field)}<option value={field}>{field}</option>{/each}
                            </select>
                            {#if keys.includes(column.is)}<span class="text-sm text-quiet">the key</span>{/if}</td
                        >
                        <td class="py-1.5 pr-4 [overflow-wrap:anywhere] text-quiet">{column.sample}</td>
                        <td class="py-1.5 text-sm text-quiet"
                            >{column.remembered ? 'remembered from last time' : column.is === '' ? 'not taken' : ''}</td
                        >
                    </tr>
                {/each}
            </tbody>
        </table>
        <div class="mt-6 grid gap-x-10 gap-y-6 lg:grid-cols-2">
            <section aria-label="What will change">
                <h2 class="text-lg">What will change</h2>
                <p role="status">
                    <strong>{counted(preview.changed, 'row')}</strong>{what ? `: ${what}` : ''}.
                    <strong>{number(preview.same)}</strong>
                    {either(preview.same, 'row changes', 'rows change')} nothing.
                </p>
                <p class="text-quiet">{movesOf({ moved: preview.moves.moved, kinds: [] })}.</p>
                {#each preview.moves.moves as move (`${move.pageKind} ${move.from} ${move.to}`)}<p class="text-sm">
                        {counted(move.count, pageWords(move.pageKind).page, pageWords(move.pageKind).pages)}: “{move.fromName}”
                        →
                        <strong>“{move.toName}”</strong>
                    </p>{/each}
                {#if preview.lines.length > 0}
                    <table class="mt-2 w-full border-collapse text-left" aria-label="Changes, row by row">
                        <thead class="unseen"
                            ><tr><th scope="col">Line</th><th scope="col">Product</th><th scope="col">Change</th></tr
                            ></thead
                        >
                        <tbody>
                            {#each preview.lines.slice(0, 30) as line (line.line)}
                                <tr class="border-b border-hair align-top">
                                    <td class="py-1.5 pr-2 text-sm text-quiet">{line.line}</td>
                                    <th class="py-1.5 pr-3 font-normal" scope="row"
                                        >{line.name} <span class="text-sm text-quiet">{line.code}</span></th
                                    >
                                    <td class="figures py-1.5">
                                        {#each line.cells as cell (cell.field)}<span class="mr-3 inline-block"
                                                ><span class="text-sm text-quiet">{cell.field}</span>
                                                {cell.from} →
                                                <strong class={cell.leap ? 'text-trouble' : ''}>{cell.to}</strong
                                                >{#if cell.leap}<span class="text-sm text-trouble">
                                                        ten times as much or little?</span
                                                    >{/if}</span
                                            >{/each}
                                    </td>
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                    {#if preview.changed > 30}<p class="mt-1 text-sm text-quiet">
                            and {counted(preview.changed - 30, 'more', 'more')}
                        </p>{/if}
                {/if}
            </section>
            <WrongRows {incoming} />
        </div>
    </div>
    <div
        class="sticky bottom-0 mt-6 flex flex-wrap items-center justify-between gap-4 border-t border-hair bg-paper py-3"
    >
        {#if incoming.busy && incoming.errand.state}<ErrandLine errand={incoming.errand} doing={incoming.busy} stops />
        {:else}<p>
                {#if preview.fields[PINNED]}One entry in the history and one release for what is pinned, taken back as
                    one.{:else}One entry in the history, taken back as one.{/if} Nobody else’s column is touched.
            </p>{/if}
        <span class="flex flex-wrap items-center gap-x-4 gap-y-2">
            {#if preview.wrongCount > 0}
                <label
                    ><span class="unseen">Which rows are taken</span><select
                        class="field"
                        disabled={incoming.isTaking}
                        value={incoming.good ? 'good' : 'all'}
                        onchange={(event) => {
                            incoming.good = event.currentTarget.value === 'good';
                            void incoming.look();
                        }}
                    >
                        <option value="good">the good rows</option><option value="all">all or nothing</option>
                    </select></label
                >
            {/if}
            <label class="flex items-baseline gap-1.5 text-sm"
                ><input
                    type="checkbox"
                    disabled={incoming.isTaking}
                    checked={incoming.leaps}
                    onchange={(event) => {
                        incoming.leaps = event.currentTarget.checked;
                        void incoming.look();
                    }}
                />prices ten times as high or low are meant so</label
            >
            <button
                class="button button-next"
                disabled={incoming.busy !== '' || preview.changed === 0 || (preview.wrongCount > 0 && !incoming.good)}
                onclick={() => void incoming.take()}
                >Take over {number(preview.changed)}{preview.wrongCount > 0 && incoming.good
                    ? `, leave ${number(preview.wrongCount)}`
                    : ''}</button
            >
        </span>
    </div>
{/if}
