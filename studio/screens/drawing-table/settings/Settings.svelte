<script lang="ts">
    import type { Setting } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import { counts } from './effects';
    import How from './how/How.svelte';
    import { panel } from './how/panel.svelte';
    import { propertiesOf } from './how/styles';
    import Nothing from './Nothing.svelte';
    import SettingRow from './SettingRow.svelte';

    let { table }: { table: Table } = $props();
    const node = $derived(table.selection.node);
    const definition = $derived(node && table.kinds.of(node.kind));
    const sections = [
        { question: 'what', words: 'What it shows' },
        { question: 'how', words: 'How it looks' },
        { question: 'when', words: 'When it appears' },
    ] as const;

    /** What is typed speaks of the page as it was when one began to type. */
    function typing(section: HTMLElement): () => void {
        const begins = (event: Event): void => {
            if (
                event.target instanceof Element &&
                event.target.matches(
                    'textarea, [contenteditable], input:not([type=checkbox], [type=radio], [type=range])',
                )
            )
                table.edits.begins();
        };
        const ends = (): void => table.edits.ends();
        section.addEventListener('input', begins, true);
        section.addEventListener('focusout', ends);
        return () => {
            section.removeEventListener('input', begins, true);
            section.removeEventListener('focusout', ends);
            ends();
        };
    }

    /** What is looked for is no setting of the block, and no style of its pieces. */
    const nothingFound = $derived(
        node !== null &&
            definition !== null &&
            definition !== undefined &&
            (panel.query ?? '').trim() !== '' &&
            !definition.settings.some(
                (one) => one.name !== 'called' && counts(table, node, one) && panel.finds(one.label),
            ) &&
            !definition.pieces.some((piece) =>
                propertiesOf(table, piece).some((one) => panel.finds(one.label, piece.label)),
            ),
    );

    $effect(() => {
        void table.selection.id;
        panel.leave();
        return () => table.canvas.letGo();
    });

    function settingsOf(question: string): Setting[] {
        return (definition?.settings ?? []).filter(
            (one) => one.question === question && one.name !== 'called' && node !== null && counts(table, node, one),
        );
    }

    /** What a folded section holds, in a few words. */
    function summary(question: string): string {
        if (!node) return '';
        const values = Object.entries((question === 'what' ? node.what : node.when) ?? {}).filter(
            ([name]) => name !== 'called',
        );
        if (question === 'when') return values.length === 0 ? 'always' : `${values.length} set`;
        const words = values.map(([, value]) => value).find((value) => typeof value === 'string' && value.length > 2);
        return typeof words === 'string'
            ? `“${words
                  .replace(/<[^>]*>/g, ' ')
                  .trim()
                  .slice(0, 28)}”`
            : '';
    }
</script>

{#if node && definition}
    <section aria-label="Settings of {definition.name}" {@attach typing}>
        <div class="flex items-baseline justify-between gap-2 px-4 pt-2">
            <h2 class="min-w-0 truncate text-lg">{table.about.nameOfNode(node)}</h2>
            {#if panel.query === null}
                <button class="word shrink-0 text-sm" onclick={() => (panel.query = '')}>find a setting…</button>
            {/if}
        </div>
        {#if panel.query !== null}
            <div class="flex items-center gap-2 px-4 pt-1">
                <!-- svelte-ignore a11y_autofocus -->
                <input
                    class="field h-7 min-w-0 flex-1 text-sm"
                    type="search"
                    autofocus
                    placeholder="weight, shadow, room …"
                    aria-label="Find a setting"
                    bind:value={panel.query}
                    onkeydown={(event) => event.key === 'Escape' && (event.stopPropagation(), (panel.query = null))}
                />
                <button class="word text-sm" onclick={() => (panel.query = null)}>all settings</button>
            </div>
        {/if}
        {#each sections as section (section.question)}
            {@const settings = settingsOf(section.question)}
            {@const found = settings.filter((one) => panel.finds(one.label))}
            {@const seeking = (panel.query ?? '') !== ''}
            {#if section.question === 'how'}
                <div class="mt-2 border-t border-dashed border-hair px-4 pt-2"><How {table} {node} {settings} /></div>
            {:else if settings.length > 0 && (!seeking || found.length > 0)}
                {@const open = seeking || panel.isOpen(section.question, true)}
                <div class="mt-2 border-t border-dashed border-hair px-4 pt-2">
                    <h3 class="font-sans text-base font-semibold">
                        <button
                            class="flex w-full items-baseline gap-1.5 text-left"
                            aria-expanded={open}
                            onclick={() => panel.toggle(section.question, true)}
                        >
                            {section.words}
                            {#if !open}<span class="ml-auto min-w-0 truncate text-xs font-normal text-quiet"
                                    >{summary(section.question)}</span
                                >{/if}
                            <span class="text-xs {open ? 'ml-auto' : ''}" aria-hidden="true">{open ? '▾' : '▸'}</span>
                        </button>
                    </h3>
                    {#if open}
                        {#each found as setting (`${node.id}.${setting.name}`)}<SettingRow
                                {table}
                                {node}
                                {setting}
                            />{/each}
                    {/if}
                </div>
            {/if}
        {/each}
        {#if nothingFound}<p class="px-4 pt-3 text-quiet" role="status">
                {definition.name} has no setting called “{panel.query}”. Try another word: size, room, ground, corner …
            </p>{/if}
        <div class="h-6"></div>
    </section>
{:else}
    <Nothing {table} />
{/if}
