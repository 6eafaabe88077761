<script lang="ts">
    import { get } from '../lib/http';
    import type { NamePage } from '../lib/types';
    import NamePicker from './NamePicker.svelte';

    let { may, values, change }: { may: boolean; values: number[]; change: (next: number[]) => void } = $props();
    let open = $state(false);
    let names = $state.raw<Record<string, string>>({});

    $effect(() => {
        const wanted = values.filter((id) => names[id] === undefined);
        if (wanted.length > 0) void learn(wanted);
    });

    async function learn(ids: number[]): Promise<void> {
        try {
            const answer = await get<NamePage>(`/studio/names/product?ids=${ids.join(',')}`);
            const found = Object.fromEntries(answer.names.map((one) => [one.id, one.name]));
            names = { ...names, ...Object.fromEntries(ids.map((id) => [id, found[id] ?? 'something deleted'])) };
        } catch {
            // Their numbers stand there until the names can be asked for again.
        }
    }

    function move(index: number, by: number): void {
        const next = [...values];
        const [one] = next.splice(index, 1);
        if (one !== undefined) next.splice(index + by, 0, one);
        change(next);
    }
</script>

<ol class="pt-1">
    {#each values as id, index (id)}
        <li class="flex items-baseline gap-2">
            <span class="min-w-0 flex-1 truncate">{names[id] ?? id}</span>
            {#if may}
                <button type="button" class="word min-h-6 min-w-6" disabled={index === 0} aria-label="{names[id] ?? id} up" onclick={() => move(index, -1)}
                    >↑</button
                >
                <button
                    type="button"
                    class="word min-h-6 min-w-6"
                    aria-label="Without {names[id] ?? id}"
                    onclick={() => change(values.filter((one) => one !== id))}>out</button
                >
            {/if}
        </li>
    {/each}
</ol>
{#if may}
    <button type="button" class="button mt-1 w-full" aria-expanded={open} onclick={() => (open = !open)}>{open ? 'Done' : 'Pick products…'}</button>
    {#if open}<NamePicker things="product" {names} {values} set={change} />{/if}
{/if}
