<script lang="ts">
    import { get } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import type { Ladder } from '../../lib/types';
    import LadderView from '../../parts/LadderView.svelte';
    import type { Table } from './table.svelte';

    let { table, mayPublish }: { table: Table; mayPublish: boolean } = $props();
    let ladder = $state.raw<Ladder | null>(null);
    let at = $state('');
    const sample = $derived(table.sample);

    $effect(() => {
        if (sample) void look(sample.id, at);
    });

    async function look(id: number, day: string): Promise<void> {
        try {
            ladder = await get<Ladder>(`/studio/ladder/${table.data.template.pageKind}/${id}${day ? `?at=${day}` : ''}`);
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<div class="min-h-0 overflow-y-auto">
    <div class="mx-auto max-w-3xl px-8 py-8">
        <h2 class="text-2xl">Why does {sample?.title ?? `this ${table.words.one}`} look like this?</h2>
        {#if ladder && sample}
            <LadderView {ladder} {mayPublish} changed={() => look(sample.id, at)} />
        {:else}
            <p class="text-quiet">Asking every template…</p>
        {/if}
        <div class="mt-5 flex items-center gap-4">
            <button class="button" onclick={() => (table.view = 'page')}>Back to the page</button>
            <label class="text-quiet">As on <input class="field ml-1" type="date" bind:value={at} /></label>
        </div>
    </div>
</div>
