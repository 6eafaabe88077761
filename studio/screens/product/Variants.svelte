<script lang="ts">
    import { numbers, text } from '../../lib/fields';
    import { pasted, shown, typed, type Column } from '../../parts/catalogue/variantCells';
    import { notices } from '../../lib/notices.svelte';
    import { bringRows } from '../../lib/rowsToBring';
    import { counted } from '../../lib/words';
    import type { ProductForm } from './form.svelte';

    /** The variants as a sheet: typed in, or pasted as a spreadsheet copies it. */
    let { form, may }: { form: ProductForm; may: boolean } = $props();
    let days = $state(false);
    const ledger = $derived(form.ledger);
    const { digits, currency } = $derived(form.data.money);

    const columns: Column[] = $derived([
        { field: 'sku', label: 'Stock number', width: 'w-30', kind: 'text' },
        { field: 'price', label: `Price, ${currency}`, width: 'w-20', kind: 'money' },
        { field: 'salePrice', label: 'Sale price', width: 'w-20', kind: 'money' },
        ...(days
            ? ([
                  { field: 'saleFrom', label: 'Sale from', width: 'w-44', kind: 'moment' },
                  { field: 'saleUntil', label: 'Sale until', width: 'w-44', kind: 'moment' },
              ] as Column[])
            : []),
        ...(days || form.variants.some((key) => text(ledger.value(key, 'contents')) !== '')
            ? ([{ field: 'contents', label: 'Contents', width: 'w-24', kind: 'text' }] as Column[])
            : []),
        { field: 'stock', label: 'Stock', width: 'w-26', kind: 'count' },
        { field: 'barcode', label: 'Bar code', width: 'w-38', kind: 'text' },
    ]);

    const writing = $derived({ digits, zone: form.data.zone });

    function paste(event: ClipboardEvent, row: number, column: number): void {
        const copied = event.clipboardData?.getData('text/plain') ?? '';
        const done = pasted(ledger, copied, form.variants, columns, { row, column }, writing);
        if (done === null) return;
        event.preventDefault();
        const left = done.elsewhere.length - 1;
        if (left > 0)
            notices.warn(
                `${counted(done.taken, 'row was', 'rows were')} put where their stock numbers stand; ${counted(left, 'other is', 'others are')} of another product.`,
                { words: 'Bring those by In and out', do: () => bringRows(done.elsewhere) },
            );
    }

    const wrongs = $derived(
        form.variants.flatMap((key) =>
            ['values', ...columns.map((column) => column.field), 'product', 'picture']
                .filter((field) => ledger.wrong[`${key}/${field}`])
                .map((field) => ({ key, field, message: ledger.wrong[`${key}/${field}`]?.message ?? '' })),
        ),
    );
</script>

<p class="text-quiet">
    {counted(form.variants.length, 'variant')}. What a spreadsheet copies can be pasted into the sheet.
</p>
<div class="relative mt-2 overflow-x-auto">
    <table class="w-full border-collapse text-left" aria-label="Variants">
        <thead class="text-quiet">
            <tr class="border-b border-hair">
                <th class="py-2 pr-3 font-normal" scope="col">Variant</th>
                {#each columns as column (column.field)}<th class="py-2 pr-2 font-normal" scope="col">{column.label}</th
                    >{/each}
                {#if form.pictures.length > 0}<th class="py-2 pr-2 font-normal" scope="col">Picture</th>{/if}
                <th class="py-2 pr-2 font-normal" scope="col">For sale</th>
                {#if may}<th class="py-2 font-normal" scope="col"><span class="unseen">Place and dropping</span></th
                    >{/if}
            </tr>
        </thead>
        <tbody>
            {#each form.variants as key, row (key)}
                <tr class="border-b border-dashed border-hair" data-variant={key}>
                    <th class="max-w-44 py-1 pr-3 font-normal" scope="row">{form.called(key)}</th>
                    {#each columns as column, at (column.field)}
                        {@const wrong = ledger.wrong[`${key}/${column.field}`]}
                        <td class="py-1 pr-2">
                            <input
                                class="field {column.width} {wrong ? 'border-trouble' : ''} {column.kind === 'text'
                                    ? ''
                                    : 'figures'}"
                                type={column.kind === 'moment' ? 'datetime-local' : 'text'}
                                inputmode={column.kind === 'money'
                                    ? 'decimal'
                                    : column.kind === 'count'
                                      ? 'numeric'
                                      : undefined}
                                aria-label="{column.label} of {form.called(key)}"
                                aria-invalid={wrong ? 'true' : undefined}
                                title={wrong?.message}
                                placeholder={column.field === 'stock'
                                    ? 'not counted'
                                    : column.field === 'contents'
                                      ? '30 ml'
                                      : undefined}
                                disabled={!may}
                                value={shown(ledger, key, column, writing)}
                                oninput={(event) => typed(ledger, key, column, event.currentTarget.value, writing)}
                                onpaste={(event) => paste(event, row, at)}
                            />
                        </td>
                    {/each}
                    {#if form.pictures.length > 0}
                        {@const chosen = numbers(ledger.value(key, 'picture'))[0]}
                        <td class="py-1 pr-2">
                            <select
                                class="field w-16"
                                aria-label="Picture of {form.called(key)}"
                                disabled={!may}
                                value={String(chosen ?? '')}
                                onchange={(event) =>
                                    ledger.set(key, 'picture', Number(event.currentTarget.value) || null)}
                            >
                                <option value="">–</option>
                                {#each form.pictures as picture, place (picture)}<option value={String(picture)}
                                        >{place + 1}</option
                                    >{/each}
                                {#if chosen !== undefined && !form.pictures.includes(chosen)}<option
                                        value={String(chosen)}>another</option
                                    >{/if}
                            </select>
                        </td>
                    {/if}
                    <td class="py-1 pr-2"
                        ><input
                            type="checkbox"
                            aria-label="{form.called(key)} is for sale"
                            disabled={!may}
                            checked={ledger.value(key, 'published') === true}
                            onchange={(event) => ledger.set(key, 'published', event.currentTarget.checked)}
                        /></td
                    >
                    {#if may}
                        <td class="py-1 text-sm whitespace-nowrap">
                            <button
                                class="word min-h-6 min-w-6"
                                disabled={row === 0}
                                aria-label="{form.called(key)} up"
                                onclick={() => form.move(key, -1)}>↑</button
                            >
                            <button
                                class="word min-h-6 min-w-6"
                                disabled={row === form.variants.length - 1}
                                aria-label="{form.called(key)} down"
                                onclick={() => form.move(key, 1)}>↓</button
                            >
                            <button
                                class="word min-h-6"
                                aria-label="Drop {form.called(key)}"
                                onclick={() => ledger.drop(key)}>drop</button
                            >
                        </td>
                    {/if}
                </tr>
            {:else}
                <tr><td class="py-2 text-quiet" colspan="8">Without a variant it cannot be bought. Add one.</td></tr>
            {/each}
        </tbody>
    </table>
</div>
{#each wrongs as one (`${one.key}/${one.field}`)}<p class="mt-1 text-sm text-trouble" role="alert">
        {form.called(one.key)}: {one.message}
    </p>{/each}
<p class="mt-2 flex flex-wrap gap-5">
    {#if may && form.options.length === 0}<button class="word" onclick={() => form.addVariant()}>Add a variant</button
        >{/if}
    <button class="word" aria-pressed={days} onclick={() => (days = !days)}
        >{days ? 'Without days of the sale and contents' : 'Days of the sale, contents'}</button
    >
</p>
