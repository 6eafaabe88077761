<script lang="ts">
    import { counted } from '../../lib/words';
    import { untrack } from 'svelte';
    import type { FactPage, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import RichField from '../../parts/rich/RichField.svelte';
    import FactDefinitions from './FactDefinitions.svelte';
    import { Facts } from './facts.svelte';
    import { pasted, shown, typed } from '../../parts/facts/sheet';
    import { THINGS, type Fact, type Row } from '../../parts/facts/types';

    let { screen }: { screen: Screen<FactPage & { facts: Fact[]; query: string }> } = $props();
    const facts = new Facts(untrack(() => screen.data));
    let group = $state('');
    /** The rich text that is being written. */
    let writing = $state.raw<{ row: Row; fact: Fact; html: string } | null>(null);
    const may = $derived(screen.may.edit);
    const groups = $derived([...new Set(facts.list.map((fact) => fact.group).filter((one) => one !== ''))]);
    const columns = $derived(facts.list.filter((fact) => group === '' || fact.group === group));

    function fill(row: Row, fact: Fact, text: string): void {
        const change = {
            product: row.id,
            fact: fact.id,
            written: typed(fact, text),
            before: row.values[fact.id] ?? [],
        };
        void facts.fill(
            [change],
            `${fact.name} of ${row.title} is ${change.written.length === 0 ? 'empty' : 'filled in'}.`,
        );
    }

    function keep(row: Row, fact: Fact): void {
        const html = writing?.html ?? '';
        writing = null;
        fill(row, fact, plain(html).trim() === '' ? '' : html);
    }

    function plain(html: string): string {
        return new DOMParser().parseFromString(html, 'text/html').body.textContent ?? '';
    }

    function paste(event: ClipboardEvent, row: number, column: number): void {
        const text = event.clipboardData?.getData('text/plain') ?? '';
        if (!/[\t\n]/.test(text.trim())) return;
        event.preventDefault();
        const changes = pasted(text, facts.rows, columns, row, column);
        void facts.fill(changes, `${counted(changes.length, 'field was', 'fields were')} pasted.`);
    }
</script>

<Frame {screen} here="Catalogue" place="Facts">
    <h1 class="text-2xl">Facts</h1>
    <p class="mt-1 max-w-2xl text-quiet">
        What you know about each product: the nib, the care, the paper’s weight. Templates show them where you say, and
        rules can ask for them.
    </p>
    <FactDefinitions {facts} {may} />
    <section class="mt-10" aria-labelledby="sheet-title">
        <div class="flex flex-wrap items-end gap-x-6 gap-y-2">
            <h2 id="sheet-title" class="text-lg">Filled in</h2>
            <input
                class="field w-56"
                type="search"
                placeholder="Find a product…"
                aria-label="Find a product"
                bind:value={facts.query}
                oninput={() => void facts.load()}
            />
            {#if groups.length > 0}
                <label
                    >Facts of <select class="field" bind:value={group}>
                        <option value="">all groups</option>
                        {#each groups as one (one)}<option value={one}>{one}</option>{/each}
                    </select></label
                >
            {/if}
            <span class="text-sm text-quiet"
                >{counted(facts.total, 'product')} · rows and columns of a spreadsheet can be pasted into any field</span
            >
        </div>
        {#if facts.list.length === 0}
            <p class="mt-4 text-quiet">
                There are no facts yet. Define the first one above; then it can be filled in here.
            </p>
        {:else}
            <div class="relative mt-3 overflow-x-auto rounded-lg border border-hair bg-sheet">
                <table class="border-collapse text-sm">
                    <thead>
                        <tr>
                            <th
                                scope="col"
                                class="sticky left-0 z-10 min-w-52 bg-sheet px-3 py-2 text-left font-semibold"
                                >Product</th
                            >
                            {#each columns as fact (fact.id)}
                                <th scope="col" class="min-w-36 px-2 py-2 text-left font-semibold"
                                    >{fact.name}{#if fact.unit}<span class="font-normal text-quiet">, {fact.unit}</span
                                        >{/if}</th
                                >
                            {/each}
                        </tr>
                    </thead>
                    <tbody>
                        {#each facts.rows as row, down (row.id)}
                            <tr class="border-t border-hair" data-product={row.id}>
                                <th
                                    scope="row"
                                    class="sticky left-0 z-10 max-w-60 truncate bg-sheet px-3 py-1 text-left font-normal"
                                    title={row.title}
                                    ><a
                                        class="block min-h-6 truncate leading-6 hover:underline"
                                        href="/studio/products/{row.id}">{row.title}</a
                                    ></th
                                >
                                {#each columns as fact, right (fact.id)}
                                    {@const value = shown(fact, row.values[fact.id] ?? [])}
                                    {@const trouble = facts.wrong[`${row.id} ${fact.id}`]}
                                    <td class="px-1 py-0.5">
                                        {#if fact.kind === 'rich-text'}
                                            <button
                                                class="field block w-full max-w-48 truncate text-left"
                                                aria-label="{fact.name} of {row.title}"
                                                onclick={() => (writing = { row, fact, html: value })}
                                                >{plain(value) || '–'}</button
                                            >
                                        {:else if THINGS.includes(fact.kind)}
                                            <a
                                                class="word block px-2 py-1"
                                                href="/studio/products/{row.id}"
                                                aria-label="{fact.name} of {row.title}: {value || 'none'}"
                                                >{value || '–'}</a
                                            >
                                        {:else if fact.kind === 'choice' || fact.kind === 'yes-no'}
                                            <select
                                                class="field w-full"
                                                aria-label="{fact.name} of {row.title}"
                                                disabled={!may}
                                                {value}
                                                onchange={(event) => fill(row, fact, event.currentTarget.value)}
                                                onpaste={(event) => paste(event, down, right)}
                                            >
                                                <option value="">–</option>
                                                {#each fact.kind === 'yes-no' ? ['yes', 'no'] : fact.choices as choice (choice)}<option
                                                        value={choice}>{choice}</option
                                                    >{/each}
                                            </select>
                                        {:else}
                                            <input
                                                class="field w-full {trouble ? 'border-trouble' : ''}"
                                                aria-label="{fact.name} of {row.title}"
                                                aria-invalid={trouble ? 'true' : undefined}
                                                title={trouble ??
                                                    (fact.kind === 'list'
                                                        ? 'Several, separated by semicolons'
                                                        : undefined)}
                                                type={fact.kind === 'date' ? 'date' : 'text'}
                                                inputmode={fact.kind === 'number' ? 'decimal' : undefined}
                                                disabled={!may}
                                                {value}
                                                onchange={(event) => fill(row, fact, event.currentTarget.value)}
                                                onpaste={(event) => paste(event, down, right)}
                                            />
                                        {/if}
                                    </td>
                                {/each}
                            </tr>
                        {:else}
                            <tr
                                ><td class="px-3 py-4 text-quiet" colspan={columns.length + 1}
                                    >No product is called that. Try fewer words.</td
                                ></tr
                            >
                        {/each}
                    </tbody>
                </table>
            </div>
            {#if writing}
                {@const { row, fact } = writing}
                <section
                    class="float fixed right-6 bottom-6 z-40 w-120 max-w-[calc(100vw-3rem)] p-4"
                    aria-label="{fact.name} of {row.title}"
                >
                    <h3 class="mb-2 font-semibold">{fact.name} of {row.title}</h3>
                    {#key `${row.id} ${fact.id}`}
                        <RichField
                            id="writing"
                            label={fact.name}
                            editable={may}
                            value={writing.html}
                            change={(html) => (writing = writing && { ...writing, html })}
                        />
                    {/key}
                    <p class="mt-3 flex gap-3">
                        {#if may}<button class="button button-next" onclick={() => keep(row, fact)}>Save</button>{/if}
                        <button class="button" onclick={() => (writing = null)}>{may ? 'Not now' : 'Close'}</button>
                    </p>
                </section>
            {/if}
            {#if facts.more}<button class="button mt-3" onclick={() => void facts.next()}>More products</button>{/if}
        {/if}
    </section>
</Frame>
