<script lang="ts">
    import { Dialog } from 'bits-ui';
    import { post, remove } from '../../../lib/http';
    import { notices } from '../../../lib/notices.svelte';
    import type { Table } from '../table.svelte';
    import type { KeptPart } from '../types';

    let { table }: { table: Table } = $props();
    const open = $derived(table.open === 'keep');
    let name = $state('');
    let wrong = $state('');

    async function keep(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        try {
            const { parts } = await post<{ parts: KeptPart[] }>('/studio/parts', { name, node: table.node });
            table.parts = parts;
            table.open = null;
            notices.say(`“${name}” stands on the shelf under Kept now, for every page.`);
            name = wrong = '';
        } catch (error) {
            wrong = error instanceof Error ? error.message : String(error);
        }
    }

    async function back(part: KeptPart): Promise<void> {
        try {
            ({ parts: table.parts } = await post<{ parts: KeptPart[] }>(`/studio/parts/${part.id}/back`));
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function letGo(part: KeptPart): Promise<void> {
        try {
            ({ parts: table.parts } = await remove<{ parts: KeptPart[] }>(`/studio/parts/${part.id}`));
            notices.say(`“${part.name}” is off the shelf. Copies of it stay where they are.`, { words: 'Take this back', do: () => void back(part) });
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<Dialog.Root bind:open={() => open, (next) => !next && (table.open = null)}>
    <Dialog.Portal>
        <Dialog.Overlay class="fixed inset-0 z-40 bg-[#181410]/30" />
        <Dialog.Content class="float fixed top-24 left-1/2 z-50 max-h-[70vh] w-[28rem] max-w-[92vw] -translate-x-1/2 overflow-y-auto p-6">
            <Dialog.Title class="font-name text-xl">Keep {table.nameOf(table.selected ?? '') || 'it'} for other pages</Dialog.Title>
            <Dialog.Description class="text-quiet"
                >It is kept as it is, with its style. Placed elsewhere as shared it changes everywhere at once; placed as a copy it goes its own way.</Dialog.Description
            >
            <form class="mt-4 flex items-end gap-3" onsubmit={keep}>
                <label class="flex-1">What is it called? <input class="field block w-full" maxlength="80" bind:value={name} /></label>
                <button class="button button-next">Keep it</button>
            </form>
            {#if wrong}<p class="mt-2 text-trouble" role="alert">{wrong}</p>{/if}
            {#if table.parts.length > 0}
                <h3 class="mt-5 font-sans font-semibold">Kept already</h3>
                <ul>
                    {#each table.parts as part (part.id)}
                        <li class="flex justify-between gap-4 border-b border-dashed border-hair py-1">
                            <span class="min-w-0 truncate"
                                >{part.name}
                                <span class="text-quiet">{part.bands ? 'band' : table.kinds.of(part.kind).name.toLowerCase()}</span></span
                            >
                            <button class="word shrink-0" onclick={() => letGo(part)}>let go<span class="unseen"> of {part.name}</span></button>
                        </li>
                    {/each}
                </ul>
            {/if}
        </Dialog.Content>
    </Dialog.Portal>
</Dialog.Root>
