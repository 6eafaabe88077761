<script lang="ts">
    import { untrack } from 'svelte';
    import { notices } from '../../lib/notices.svelte';
    import { bringRows } from '../../lib/rowsToBring';
    import { counted } from '../../lib/words';
    import type { Screen, VariantSheetData } from '../../lib/types';
    import SaveBox from '../../parts/catalogue/SaveBox.svelte';
    import { pasted, shown, typed, type Column } from '../../parts/catalogue/variantCells';
    import Frame from '../../parts/Frame.svelte';
    import { asked } from '../../parts/list/address';
    import { Sheet } from './sheet.svelte';

    let { screen }: { screen: Screen<VariantSheetData> } = $props();
    const sheet = untrack(() => new Sheet(screen.data, screen.user.id));
    const { ledger } = sheet;
    const may = $derived(screen.may.edit);
    const { money, zone, filter, sentence } = untrack(() => screen.data);
    const writing = { digits: money.digits, zone };
    const columns: Column[] = [
        { field: 'sku', label: 'Stock number', width: 'w-30', kind: 'text' },
        { field: 'price', label: `Price, ${money.currency}`, width: 'w-22', kind: 'money' },
        { field: 'salePrice', label: 'Sale price', width: 'w-22', kind: 'money' },
        { field: 'stock', label: 'Stock', width: 'w-26', kind: 'count', placeholder: 'not counted' },
        { field: 'contents', label: 'Contents', width: 'w-24', kind: 'text', placeholder: '30 ml' },
        { field: 'barcode', label: 'Bar code', width: 'w-38', kind: 'text' },
    ];
    const which = $derived(
        [filter.q ? `“${filter.q}”` : '', sentence, filter.selected ? 'those that are selected' : '']
            .filter((one) => one !== '')
            .join(', '),
    );
    const called = (line: { title: string; called: string }): string =>
        line.called === '' ? line.title : `${line.title}, ${line.called}`;
    const wrongs = $derived(
        Object.entries(ledger.wrong).map(([path, wrong]) => {
            const line = sheet.known[path.split('/')[1] ?? ''];
            return { path, words: line ? `${called(line)}: ${wrong.message}` : wrong.message };
        }),
    );

    function paste(event: ClipboardEvent, row: number, column: number): void {
        const copied = event.clipboardData?.getData('text/plain') ?? '';
        const done = pasted(ledger, copied, sheet.keys, columns, { row, column }, writing);
        if (done === null) return;
        event.preventDefault();
        const left = done.elsewhere.length - 1;
        if (left > 0)
            notices.warn(
                `${counted(done.taken, 'row was', 'rows were')} put where their stock numbers stand; ${counted(left, 'other is', 'others are')} not on this page.`,
                { words: 'Bring those by In and out', do: () => bringRows(done.elsewhere) },
            );
    }
</script>

<Frame {screen} here="Catalogue" place="Products" wide>
    <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 md:grid-cols-[minmax(0,1fr)_240px]">
        <div class="min-w-0">
            <p><a class="word" href="/studio/catalogue?{asked(filter)}">All products</a></p>
            <h1 class="mt-2 text-2xl">Prices and stock</h1>
            <p class="mt-1 text-quiet">
                {which === '' ? '' : `${which}: `}{counted(sheet.total, 'product')}. What a spreadsheet copies can be
                pasted into any field, with stock numbers in any order; it is saved together.
            </p>
            {#if sheet.lines.length === 0}
                <p class="mt-4">None of these products has a variant.</p>
            {:else}
                <div class="relative mt-3 overflow-x-auto">
                    <table class="w-full border-collapse text-left" aria-label="Prices and stock">
                        <thead class="text-quiet">
                            <tr class="border-b border-hair">
                                <th class="py-2 pr-3 font-normal" scope="col">Variant</th>
                                {#each columns as column (column.field)}<th class="py-2 pr-2 font-normal" scope="col"
                                        >{column.label}</th
                                    >{/each}
                            </tr>
                        </thead>
                        <tbody>
                            {#each sheet.lines as line, row (line.id)}
                                {@const key = `variant/${line.id}`}
                                <tr class="border-b border-dashed border-hair" data-variant={key}>
                                    <th class="max-w-60 py-1 pr-3 font-normal" scope="row">
                                        {#if sheet.lines[row - 1]?.product !== line.product}<a
                                                class="hover:underline"
                                                href="/studio/products/{line.product}">{line.title}</a
                                            >{#if line.called !== ''}<br />{/if}{/if}<span class="text-quiet"
                                            >{line.called}</span
                                        >
                                    </th>
                                    {#each columns as column, at (column.field)}
                                        {@const wrong = ledger.wrong[`${key}/${column.field}`]}
                                        <td class="py-1 pr-2 align-bottom">
                                            <input
                                                class="field {column.width} {wrong
                                                    ? 'border-trouble'
                                                    : ''} {ledger.isTouched(key, column.field)
                                                    ? 'font-semibold'
                                                    : ''} {column.kind === 'text' ? '' : 'figures'}"
                                                aria-label="{column.label} of {called(line)}"
                                                aria-invalid={wrong ? 'true' : undefined}
                                                title={wrong?.message}
                                                placeholder={column.placeholder}
                                                disabled={!may}
                                                value={shown(ledger, key, column, writing)}
                                                oninput={(event) =>
                                                    typed(ledger, key, column, event.currentTarget.value, writing)}
                                                onpaste={(event) => paste(event, row, at)}
                                            />
                                        </td>
                                    {/each}
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                </div>
                {#each wrongs as one (one.path)}<p class="mt-1 text-sm text-trouble" role="alert">{one.words}</p>{/each}
                <p class="mt-3 flex items-baseline gap-5">
                    <button
                        class="word"
                        disabled={sheet.from === 0}
                        onclick={() => void sheet.turn(Math.max(0, sheet.from - sheet.atOnce))}>Before</button
                    >
                    <span class="text-quiet" role="status"
                        >products {sheet.from + 1} to {Math.min(sheet.total, sheet.from + sheet.atOnce)} of {sheet.total}</span
                    >
                    <button
                        class="word"
                        disabled={sheet.from + sheet.atOnce >= sheet.total}
                        onclick={() => void sheet.turn(sheet.from + sheet.atOnce)}>Next</button
                    >
                </p>
            {/if}
        </div>
        <aside
            class="self-start border-hair max-md:border-t max-md:pt-4 md:sticky md:top-4 md:border-l md:pl-6"
            aria-label="Saving"
        >
            <SaveBox {ledger} {may} />
        </aside>
    </div>
</Frame>
