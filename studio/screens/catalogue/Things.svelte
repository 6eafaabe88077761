<script lang="ts">
    import { answer } from '../../lib/focus';
    import { untrack } from 'svelte';
    import { counted } from '../../lib/words';
    import type { Screen, ThingPage, ThingRow } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import { Things } from './things.svelte';
    import { words } from './words';

    let { screen }: { screen: Screen<ThingPage> } = $props();
    const things = new Things(untrack(() => screen.data));
    const { thing, found } = things;
    const said = words[thing] ?? { many: '', place: '', holds: '', about: '' };
    const tree = thing === 'category';
    const ordered = tree || thing === 'option';
    let dragged = $state.raw<ThingRow | null>(null);
    let over = $state.raw<{ row: ThingRow; where: 'before' | 'after' | 'into' } | null>(null);

    function where(event: DragEvent): 'before' | 'after' | 'into' {
        const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
        const part = (event.clientY - box.top) / box.height;
        return part < 0.3 ? 'before' : part > 0.7 ? 'after' : tree ? 'into' : 'after';
    }

    function drop(): void {
        if (dragged && over) void things.put(dragged, over.row, over.where);
        dragged = over = null;
    }

    /** Into the neighbour above, or out beside what it stands in: the keyboard's way through the tree. */
    function inwards(row: ThingRow): void {
        const beside = things.beside(row);
        const above = beside[beside.indexOf(row) - 1];
        if (above) void things.put(row, above, 'into');
    }

    function outwards(row: ThingRow): void {
        const parent = found.rows.find((one) => one.id === row.parent);
        if (parent) void things.put(row, parent, 'after');
    }
</script>

<Frame {screen} here="Catalogue" place={said.place}>
    <div class="flex items-baseline justify-between gap-6">
        <h1 class="text-2xl">{said.place}</h1>
        {#if screen.may.edit}<a class="button button-next" href="/studio/catalogue/{thing}/new"
                >Make {thing === 'option' ? 'an' : 'a'} {thing}</a
            >{/if}
    </div>
    <p class="mt-1 text-quiet">{said.about}</p>
    <label class="mt-4 block"
        ><span class="unseen">Find a {thing}</span><input
            class="field w-64"
            type="search"
            placeholder="Find a {thing}…"
            bind:value={found.query}
            oninput={() => void found.load()}
        /></label
    >
    {#if things.asked}
        {@const asked = things.asked}
        <div class="mt-4 rounded-lg border border-dashed border-edge p-4" role="alert" data-announced {@attach answer}>
            <p>{asked.words}: {asked.sentence}</p>
            <p class="mt-2 flex gap-4">
                <button class="button button-next" onclick={() => void things.save(asked.changes)}>Save it</button>
                <button class="button" onclick={() => (things.asked = null)}>Leave it</button>
            </p>
        </div>
    {/if}
    <p class="mt-3 text-quiet" role="status">{counted(found.total, thing, said.many)}</p>
    <ul class="mt-2 border-t border-hair">
        {#each found.rows as row (row.id)}
            {@const beside = ordered ? things.beside(row) : []}
            <li
                class="group relative flex items-center gap-3 border-b border-dashed border-hair py-1.5 {dragged === row
                    ? 'opacity-50'
                    : ''} {over?.row === row
                    ? over.where === 'into'
                        ? 'bg-glow'
                        : over.where === 'before'
                          ? 'border-t-2 border-t-ink'
                          : 'border-b-2 border-b-ink'
                    : ''}"
                style:padding-left="{found.query === '' ? (row.depth - 1) * 26 : 0}px"
                data-thing={row.id}
                draggable={screen.may.edit && ordered && found.query === ''}
                ondragstart={() => (dragged = row)}
                ondragover={(event) => {
                    if (!dragged) return;
                    event.preventDefault();
                    over = { row, where: where(event) };
                }}
                ondrop={(event) => {
                    event.preventDefault();
                    drop();
                }}
                ondragend={() => (dragged = over = null)}
            >
                {#if thing !== 'option'}
                    {#if row.picture}<img
                            src={row.picture}
                            alt=""
                            width="30"
                            height="30"
                            class="rounded border border-hair"
                            loading="lazy"
                        />
                    {:else}<span class="unpictured size-7.5 rounded border border-hair" aria-hidden="true"></span>{/if}
                {/if}
                <a class="min-w-0 truncate hover:underline" href="/studio/catalogue/{thing}/{row.id}">{row.name}</a>
                {#if row.byRule}<span class="text-sm text-quiet">by rule</span>{/if}
                <span class="ml-auto shrink-0 text-sm text-quiet"
                    >{row.byRule ? '' : counted(row.count, said.holds)}</span
                >
                {#if screen.may.edit && ordered && found.query === ''}
                    <span
                        class="shrink-0 text-sm whitespace-nowrap opacity-0 group-focus-within:opacity-100 group-hover:opacity-100"
                    >
                        <button
                            class="word min-h-6 min-w-6"
                            disabled={beside[0] === row}
                            aria-label="{row.name} up"
                            onclick={() => things.move(row, -1)}>↑</button
                        >
                        <button
                            class="word min-h-6 min-w-6"
                            disabled={beside.at(-1) === row}
                            aria-label="{row.name} down"
                            onclick={() => things.move(row, 1)}>↓</button
                        >
                        {#if tree}
                            <button
                                class="word min-h-6 min-w-6"
                                disabled={row.parent === null}
                                aria-label="{row.name} out beside what it stands in"
                                onclick={() => outwards(row)}>←</button
                            >
                            <button
                                class="word min-h-6 min-w-6"
                                disabled={beside[0] === row}
                                aria-label="{row.name} into the one above"
                                onclick={() => inwards(row)}>→</button
                            >
                        {/if}
                    </span>
                {/if}
            </li>
        {:else}
            <li class="py-3 text-quiet">
                {found.query === ''
                    ? `There are no ${said.many} yet. Make the first one.`
                    : `No ${thing} is called that.`}
            </li>
        {/each}
    </ul>
    {#if found.more}<button class="word mt-3" onclick={() => void found.next()}>More</button>{/if}
</Frame>
