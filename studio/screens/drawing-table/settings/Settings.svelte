<script lang="ts">
    import { counted } from '../../../lib/words';
    import type { Question } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import { departures, rows } from '../tree';
    import Proportions from './Proportions.svelte';
    import SettingRow from './SettingRow.svelte';
    import StyleRow from './StyleRow.svelte';

    let { table }: { table: Table } = $props();
    const node = $derived(table.node);
    const definition = $derived(node && table.kinds.of(node.kind));
    const all = $derived(rows(table.draft.tree).slice(1));
    const position = $derived(all.findIndex((row) => row.node.id === table.selected) + 1);
    const own = $derived(node ? departures(node) : 0);
    const sections: { question: Question; words: string }[] = [
        { question: 'what', words: 'What it shows' },
        { question: 'how', words: 'How it looks' },
        { question: 'when', words: 'When it appears' },
    ];

    function allBack(): void {
        if (!node) return;
        void table.send(
            Object.entries(node.how ?? {}).flatMap(([width, layer]) =>
                Object.keys(layer).map((setting) => ({
                    edit: 'set' as const,
                    id: node.id,
                    question: 'how' as const,
                    width: width as typeof table.widthName,
                    setting,
                    value: null,
                })),
            ),
        );
    }
</script>

{#if node && definition}
    <section aria-label="Settings of {definition.name}">
        <div class="flex items-baseline justify-between px-4 pt-2.5">
            <h2 class="min-w-0 truncate text-lg">{table.nameOfNode(node)}</h2>
            {#if position > 0}<span class="text-sm text-quiet">part {position} of {all.length}</span>{/if}
        </div>
        {#each sections as section (section.question)}
            {@const settings = definition.settings.filter(
                (setting) => setting.question === section.question && setting.name !== 'called' && table.counts(node, setting),
            )}
            {#if settings.length > 0}
                <div class="mt-2.5 border-t border-dashed border-hair px-4 pt-2.5">
                    <h3 class="font-sans text-base font-semibold">
                        {section.words}
                        {#if section.question === 'how'}
                            {#if table.widthName !== 'desktop'}<span class="font-normal">on the {table.widthName}</span>{/if}
                            {#if own > 0}
                                <span class="own ml-1 rounded px-1.5 text-xs font-normal">
                                    {counted(own, 'departure')} · <button class="word" onclick={allBack}>back</button>
                                </span>
                            {/if}
                        {/if}
                    </h3>
                    {#if section.question === 'how' && table.kinds.role(node.kind) === 'band' && (node.children?.length ?? 0) > 1}<Proportions
                            {table}
                            band={node}
                        />{/if}
                    {#each settings as setting (`${node.id}.${setting.name}`)}
                        {#if section.question === 'how'}
                            <StyleRow {table} {node} {setting} />
                        {:else}
                            <SettingRow {table} {node} {setting} />
                        {/if}
                    {/each}
                </div>
            {/if}
        {/each}
        <div class="h-6"></div>
    </section>
{:else}
    <section class="px-4 pt-3 text-quiet" aria-label="Settings">
        <h2 class="text-lg text-ink">Nothing is selected</h2>
        <p class="mt-2">Click a block on the page or in the outline to change what it shows, how it looks and when it appears.</p>
        {#if table.isCard}
            <p class="mt-2">
                To change the card itself: <button class="word" onclick={() => table.select(table.draft.tree.id)}>its distances, ground and link</button>.
            </p>
        {:else if table.isPage}
            <p class="mt-2">
                To change the page itself: <button class="word" onclick={() => table.select(table.draft.tree.id)}>its background, header and footer</button>.
            </p>
        {/if}
        {#if table.isEmpty && table.mayEdit}
            <div class="mt-3 border-t border-dashed border-hair pt-2">
                <p>The {table.isCard ? 'card' : 'page'} is empty. Begin with a block from the shelf, or with a start:</p>
                <ul class="mt-1">
                    {#each table.now.data.starts as start (start.name)}
                        <li><button class="word min-h-6" title={start.words} onclick={() => void table.begin(start)}>{start.title}</button></li>
                    {/each}
                </ul>
            </div>
        {/if}
        <p class="mt-2">To put something new on the page, open the <button class="word" onclick={() => (table.row = 'shelf')}>shelf</button> below.</p>
    </section>
{/if}
