<script lang="ts">
    import NamePicker from './NamePicker.svelte';
    import { NameChoice } from './names.svelte';

    let { may, values, change }: { may: boolean; values: number[]; change: (next: number[]) => void } = $props();
    let open = $state(false);
    const choice = new NameChoice('product');
    const names = $derived(choice.known);

    $effect(() => void choice.learn(values));

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
                <input
                    class="field figures h-6.5 w-14"
                    type="number"
                    min="1"
                    max={values.length}
                    aria-label="Place of {names[id] ?? id}"
                    value={index + 1}
                    onchange={(event) => move(index, Math.max(0, Math.min(values.length - 1, Number(event.currentTarget.value) - 1)) - index)}
                />
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
