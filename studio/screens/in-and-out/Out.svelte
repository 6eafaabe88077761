<script lang="ts">
    import { untrack } from 'svelte';
    import { inBrowser } from '../../lib/storage';
    import { notices } from '../../lib/notices.svelte';
    import { counted } from '../../lib/words';
    import type { InAndOutData } from '../../lib/types';
    import { MOST_ROWS, asWorkbook } from './workbook';

    /** Products as a file: which ones, which columns, of which kind. */
    let { data }: { data: InAndOutData } = $props();
    /** Variants from which on a file takes longer than a moment. */
    const MANY = 5_000;
    const NUMBERS = ['price', 'sale price', 'stock'];
    let which = $state('all');
    const KEPT = 'columns-out';
    const chosen = untrack(() => inBrowser.get(KEPT)?.split('|') ?? data.usual);
    let off = $state.raw<string[]>(untrack(() => data.columns.filter((one) => !chosen.includes(one))));
    let busy = $state('');
    const columns = $derived(data.columns.filter((one) => !off.includes(one)));
    const address = $derived(
        `/studio/in-and-out/products.csv?columns=${encodeURIComponent(columns.join('|'))}${which === 'selected' ? '&selected=1' : ''}`,
    );

    function set(name: string, on: boolean): void {
        off = on ? off.filter((one) => one !== name) : [...off, name];
        inBrowser.set(KEPT, columns.join('|'));
    }

    /** The server makes it as a whole before it sends the first of it: meanwhile it is said what is waited for. */
    async function take(
        what: string,
        name: string,
        from: string,
        as = (answer: Response) => answer.blob(),
    ): Promise<void> {
        if (busy !== '') return;
        busy = what;
        try {
            const answer = await fetch(from);
            if (!answer.ok) throw new Error('The file could not be made. Try again in a moment.');
            const link = document.createElement('a');
            link.href = URL.createObjectURL(await as(answer));
            link.download = name;
            link.click();
            URL.revokeObjectURL(link.href);
        } catch (error) {
            notices.trouble(error);
        }
        busy = '';
    }

    function workbook(): void {
        if (data.variants > MOST_ROWS && which === 'all')
            return notices.warn('That is more than a workbook made in a browser holds. Take it as CSV.');
        void take('the workbook', 'products.xlsx', address, async (answer) => asWorkbook(await answer.text(), NUMBERS));
    }
</script>

<section aria-label="Out" class="mt-10">
    <h2 class="text-xl">Out</h2>
    <p class="mt-1 text-lg leading-9">
        The variants of
        <label
            ><span class="unseen">Which products</span><select class="field text-base" bind:value={which}>
                <option value="all">all products ({counted(data.variants, 'variant')})</option>
                <option value="selected" disabled={data.selected === 0}
                    >what is selected ({counted(data.selected, 'product')})</option
                >
            </select></label
        >, a row each, with stock number, address name and title, and:
    </p>
    <fieldset class="mt-1 flex flex-wrap gap-x-5 gap-y-1">
        <legend class="unseen">Columns</legend>
        {#each data.columns as name (name)}
            <label class="flex items-baseline gap-1.5"
                ><input
                    type="checkbox"
                    checked={!off.includes(name)}
                    onchange={(event) => set(name, event.currentTarget.checked)}
                />{name}</label
            >
        {/each}
    </fieldset>
    <p class="mt-3 flex items-center gap-4">
        <button class="button" disabled={busy !== ''} onclick={() => void take('the file', 'products.csv', address)}
            >As CSV</button
        >
        <button class="button" disabled={busy !== ''} onclick={workbook}>As a workbook</button>
        <span class="text-sm text-quiet"
            >Options, step and old addresses are for reading; the template comes back in only where you say so.</span
        >
    </p>
    <p class="mt-5">
        Everything at once: <a class="word" href="/studio/in-and-out/shop.zip" download="shop.zip"
            >the whole catalogue as a folder of readable files, zipped</a
        >
        ·
        <a class="word" href="/studio/in-and-out/products.jsonld" download="products.jsonld"
            >what customers see of the products, as JSON-LD</a
        >{#if data.variants > MANY}. In a shop as large as this your browser shows them only after a while.{/if}
    </p>
    <p class="mt-3 flex items-center gap-3 text-quiet" role="status">
        {#if busy !== ''}<progress aria-label="Making {busy}"></progress> Making {busy}…{/if}
    </p>
</section>
