<script lang="ts">
    import { tick, untrack } from 'svelte';
    import { counted } from '../../../lib/words';
    import type { Setting } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import { counts } from './effects';
    import How from './how/How.svelte';
    import { panel } from './how/panel.svelte';
    import { propertiesOf } from './how/styles';
    import Nothing from './Nothing.svelte';
    import SettingRow from './SettingRow.svelte';
    import { others, sharedSettings } from './shared';

    let { table }: { table: Table } = $props();
    const node = $derived(table.selection.node);
    const definition = $derived(node && table.kinds.of(node.kind));
    let panelOf = $state<HTMLElement | null>(null);
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
        return sharedSettings(table, definition?.settings ?? []).filter(
            (one) => one.question === question && one.name !== 'called' && node !== null && counts(table, node, one),
        );
    }

    const title = $derived.by(() => {
        const count = table.selection.besides.length + 1;
        if (!node || !definition || count === 1) return node ? table.about.nameOfNode(node) : '';
        const alike = others(table).every((one) => one.kind === node.kind);
        return alike ? `${definition.name}, ${counted(count, 'of them', 'of them')}` : counted(count, 'block');
    });
    /** How many settings of a question stand in view before the rest folds. */
    const MOST = 5;
    /** What is said and shown never folds; how it is done may. */
    const CONTENT = ['text', 'rich-text', 'html', 'picture', 'link', 'links', 'rule', 'products', 'card'];
    const id = $derived([node?.id, ...table.selection.besides].join(' '));
    /** Those that had not been set when one came here, beyond the first: a row stays where it stands. */
    const behind = $derived.by(() => {
        void id;
        return untrack(() =>
            (['what', 'when'] as const).flatMap((question) => {
                const settings = settingsOf(question);
                return settings.length <= MOST
                    ? []
                    : settings
                          .slice(MOST - 1)
                          .filter((one) => !CONTENT.includes(one.type) && node?.[question]?.[one.name] === undefined)
                          .map((one) => one.name);
            }),
        );
    });
    const asked = $derived(sections.filter((one) => one.question === 'how' || settingsOf(one.question).length > 0));

    async function goTo(question: string): Promise<void> {
        if (question !== 'how') panel.unfold(question);
        await tick();
        const place = panelOf?.querySelector<HTMLElement>(`[data-question="${question}"]`);
        place?.scrollIntoView({ block: 'start', behavior: 'instant' });
        place?.querySelector<HTMLElement>('.question')?.focus({ preventScroll: true });
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
    <section aria-label="Settings of {definition.name}" bind:this={panelOf} {@attach typing}>
        <div class="sticky top-0 z-10 border-b border-dashed border-hair bg-paper px-4 pt-1.5 pb-1">
            <div class="flex items-baseline justify-between gap-2">
                <h2 class="min-w-0 truncate text-lg">{title}</h2>
                {#if panel.query === null}
                    <button class="word shrink-0 text-sm" onclick={() => (panel.query = '')}>find a setting…</button>
                {/if}
            </div>
            {#if table.selection.besides.length > 0}
                <p class="text-sm text-quiet">What is set here is set on all of them.</p>
            {/if}
            <p class="flex gap-x-3 text-sm whitespace-nowrap" role="group" aria-label="To the question">
                {#each asked as section (section.question)}
                    <button
                        class="min-h-6 text-quiet underline decoration-dotted underline-offset-4 hover:text-ink"
                        onclick={() => void goTo(section.question)}>{section.words}</button
                    >
                {/each}
            </p>
        </div>
        {#if panel.query !== null}
            <div class="flex items-center gap-2 px-4 pt-2">
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
            {@const later = found.filter((one) => behind.includes(one.name))}
            {@const more = `${definition.kind} ${section.question} more`}
            {@const seeking = (panel.query ?? '') !== ''}
            {#if section.question === 'how'}
                <div class="scroll-mt-16 border-b border-dashed border-hair px-4 py-2" data-question="how">
                    <How {table} {node} {settings} />
                </div>
            {:else if settings.length > 0 && (!seeking || found.length > 0)}
                {@const open = seeking || panel.isOpen(section.question, true)}
                <div
                    class="scroll-mt-16 border-b border-dashed border-hair px-4 py-2 last-of-type:border-0"
                    data-question={section.question}
                >
                    <h3 class="font-sans text-base font-semibold">
                        <button
                            class="question flex w-full items-baseline gap-1.5 text-left"
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
                        {#each found.filter((one) => seeking || !later.includes(one)) as setting (`${node.id}.${setting.name}`)}<SettingRow
                                {table}
                                {node}
                                {setting}
                            />{/each}
                        {#if later.length > 0 && !seeking}
                            <button
                                class="mt-1.5 flex min-h-6 w-full items-baseline gap-1.5 text-left text-sm text-quiet hover:text-ink"
                                aria-expanded={panel.isOpen(more, false)}
                                onclick={() => panel.toggle(more, false)}
                            >
                                <span class="w-3 shrink-0 text-xs" aria-hidden="true"
                                    >{panel.isOpen(more, false) ? '▾' : '▸'}</span
                                ><span class="truncate"
                                    >more: {later.map((one) => one.label.toLowerCase()).join(', ')}</span
                                >
                            </button>
                            {#if panel.isOpen(more, false)}
                                {#each later as setting (`${node.id}.${setting.name}`)}<SettingRow
                                        {table}
                                        {node}
                                        {setting}
                                    />{/each}
                            {/if}
                        {/if}
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
