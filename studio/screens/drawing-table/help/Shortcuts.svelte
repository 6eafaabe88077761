<script lang="ts">
    import { Dialog } from 'bits-ui';
    import { blockCommands, pageCommands } from '../deeds/commands';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
    const open = $derived(table.open === 'shortcuts');
    const groups = [
        { words: 'With what is selected', commands: blockCommands.filter((command) => command.keys) },
        { words: 'With the page', commands: pageCommands.filter((command) => command.keys) },
    ];
    const more = [
        { words: 'Select one more', keys: 'Ctrl click' },
        { words: 'Type in place', keys: 'Double click, or Enter in the outline' },
        { words: 'Flip through the samples', keys: '← → in the sample row' },
        { words: 'Through the outline', keys: '↑ ↓ Home End' },
    ];
</script>

<Dialog.Root bind:open={() => open, (next) => !next && (table.open = null)}>
    <Dialog.Portal>
        <Dialog.Overlay class="fixed inset-0 z-40 bg-[#181410]/30" />
        <Dialog.Content
            class="float fixed top-12 left-1/2 z-50 max-h-[84vh] w-[34rem] max-w-[92vw] -translate-x-1/2 overflow-y-auto p-6"
        >
            <Dialog.Title class="font-name text-xl">Shortcuts</Dialog.Title>
            <Dialog.Description class="text-quiet"
                >Everything here can be done with the mouse too; on a Mac, Ctrl is Cmd.</Dialog.Description
            >
            {#each groups as group (group.words)}
                <h3 class="mt-4 font-sans font-semibold">{group.words}</h3>
                <dl>
                    {#each group.commands as command (command.words)}
                        <div class="flex justify-between gap-6 border-b border-dashed border-hair py-1">
                            <dt>{command.words}</dt>
                            <dd class="text-quiet">{command.keys}</dd>
                        </div>
                    {/each}
                </dl>
            {/each}
            <h3 class="mt-4 font-sans font-semibold">With hands on both</h3>
            <dl>
                {#each more as one (one.words)}
                    <div class="flex justify-between gap-6 border-b border-dashed border-hair py-1">
                        <dt>{one.words}</dt>
                        <dd class="text-quiet">{one.keys}</dd>
                    </div>
                {/each}
            </dl>
            <Dialog.Close class="button mt-5">Close</Dialog.Close>
        </Dialog.Content>
    </Dialog.Portal>
</Dialog.Root>
