<script lang="ts">
    import { Dialog } from 'bits-ui';
    import { blockCommands, insertCommands, pageCommands, type Command } from '../deeds/commands';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
    let query = $state('');
    let at = $state(0);
    let list = $state<HTMLElement | null>(null);
    const all = $derived(
        [...blockCommands, ...pageCommands, ...insertCommands(table)].filter((command) => command.can(table)),
    );
    const found = $derived([...matching(true), ...matching(false)]);
    const open = $derived(table.open === 'palette');

    $effect(() => {
        list?.querySelector(`[data-at="${at}"]`)?.scrollIntoView({ block: 'nearest' });
    });

    /** Commands of which each typed word begins a word; and those that merely contain it. */
    function matching(begins: boolean): Command[] {
        return all.filter((command) => {
            const text = command.words.toLowerCase();
            const starts = words(query).every((word) => ` ${text}`.includes(` ${word}`));
            return begins ? starts : !starts && words(query).every((word) => text.includes(word));
        });
    }

    function words(text: string): string[] {
        return text.toLowerCase().split(/\s+/).filter(Boolean);
    }

    function run(command: Command | undefined): void {
        if (!command) return;
        close();
        command.do(table);
    }

    function close(): void {
        table.open = null;
        query = '';
        at = 0;
    }

    function onkeydown(event: KeyboardEvent): void {
        const next = { ArrowDown: at + 1, ArrowUp: at - 1 }[event.key];
        if (next !== undefined) {
            event.preventDefault();
            at = Math.max(0, Math.min(found.length - 1, next));
        } else if (event.key === 'Enter') {
            event.preventDefault();
            run(found[at]);
        }
    }
</script>

<Dialog.Root bind:open={() => open, (next) => !next && close()}>
    <Dialog.Portal>
        <Dialog.Overlay class="fixed inset-0 z-40 bg-[#181410]/30" />
        <Dialog.Content class="float fixed top-24 left-1/2 z-50 w-[30rem] max-w-[92vw] -translate-x-1/2 p-3">
            <Dialog.Title class="unseen">What to do</Dialog.Title>
            <input
                class="field w-full"
                role="combobox"
                aria-label="Find something to do"
                aria-expanded="true"
                aria-controls="things-to-do"
                aria-activedescendant="thing-{at}"
                placeholder={table.selection.id
                    ? `What to do with ${table.about.nameOf(table.selection.id)}, or the page…`
                    : 'What to do…'}
                bind:value={query}
                oninput={() => (at = 0)}
                {onkeydown}
            />
            <div
                id="things-to-do"
                role="listbox"
                aria-label="Things to do"
                tabindex="-1"
                class="mt-2 max-h-80 overflow-y-auto"
                bind:this={list}
            >
                {#each found as command, index (command.words)}
                    <div
                        id="thing-{index}"
                        data-at={index}
                        role="option"
                        tabindex="-1"
                        aria-selected={index === at}
                        class="flex cursor-default justify-between gap-6 rounded px-3 py-1.5 {index === at
                            ? 'bg-ink text-paper'
                            : ''}"
                        onclick={() => run(command)}
                        onkeydown={(event) => event.key === 'Enter' && run(command)}
                        onpointermove={() => (at = index)}
                    >
                        <span>{command.words}</span><span class={index === at ? '' : 'text-quiet'}
                            >{command.keys ?? ''}</span
                        >
                    </div>
                {:else}
                    <p class="px-3 py-2 text-quiet">Nothing is called that. Try “move”, “put in” or “width”.</p>
                {/each}
            </div>
        </Dialog.Content>
    </Dialog.Portal>
</Dialog.Root>
