<script lang="ts">
    import { Dialog } from 'bits-ui';
    import { untrack } from 'svelte';
    import type { Table } from '../table.svelte';
    import { Keeping } from './keeping.svelte';

    let { table }: { table: Table } = $props();
    const open = $derived(table.open === 'keep');
    const state = untrack(() => new Keeping(table));

    function keep(event: SubmitEvent): void {
        event.preventDefault();
        void state.keep();
    }
</script>

<Dialog.Root bind:open={() => open, (next) => !next && (table.open = null)}>
    <Dialog.Portal>
        <Dialog.Overlay class="fixed inset-0 z-40 bg-[#181410]/30" />
        <Dialog.Content
            class="float fixed top-24 left-1/2 z-50 max-h-[70vh] w-[28rem] max-w-[92vw] -translate-x-1/2 overflow-y-auto p-6"
        >
            <Dialog.Title class="font-name text-xl"
                >Keep {table.about.nameOf(table.selection.id ?? '') || 'it'} for other pages</Dialog.Title
            >
            <Dialog.Description class="text-quiet"
                >It is kept as it is, with its style. Placed elsewhere as shared it changes everywhere at once; placed
                as a copy it goes its own way.</Dialog.Description
            >
            <form class="mt-4 flex items-end gap-3" onsubmit={keep}>
                <label class="flex-1"
                    >What is it called? <input
                        class="field block w-full"
                        maxlength="80"
                        bind:value={state.name}
                    /></label
                >
                <button
                    class="button button-next"
                    disabled={state.name.trim() === ''}
                    title={state.name.trim() === '' ? 'Give it a name first' : undefined}>Keep it</button
                >
            </form>
            {#if state.wrong}<p class="mt-2 text-trouble" role="alert">{state.wrong}</p>{/if}
            {#if table.parts.length > 0}
                <h3 class="mt-5 font-sans font-semibold">Kept already</h3>
                <ul>
                    {#each table.parts as part (part.id)}
                        <li class="flex justify-between gap-4 border-b border-dashed border-hair py-1">
                            <span class="min-w-0 truncate"
                                >{part.name}
                                <span class="text-quiet"
                                    >{part.bands ? 'band' : table.kinds.of(part.kind).name.toLowerCase()}</span
                                ></span
                            >
                            <button class="word shrink-0" onclick={() => state.letGo(part)}
                                >let go<span class="unseen"> of {part.name}</span></button
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
        </Dialog.Content>
    </Dialog.Portal>
</Dialog.Root>
