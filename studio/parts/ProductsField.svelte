<script lang="ts">
    import { untrack } from 'svelte';
    import NamePicker from './NamePicker.svelte';
    import { NameChoice } from './names.svelte';

    interface Props {
        may: boolean;
        values: number[];
        /** What they are: products, categories, … */
        things?: string;
        /** Of them in plain words. */
        many?: string;
        change: (next: number[]) => void;
    }

    let { may, values, things = 'product', many = 'products', change }: Props = $props();
    let open = $state(false);
    const choice = untrack(() => new NameChoice(things));
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
                    onchange={(event) =>
                        move(
                            index,
                            Math.max(0, Math.min(values.length - 1, Number(event.currentTarget.value) - 1)) - index,
                        )}
                />
                <button
                    type="button"
                    class="word min-h-6 min-w-6"
                    disabled={index === 0}
                    aria-label="{names[id] ?? id} up"
                    onclick={() => move(index, -1)}>↑</button
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
    <button type="button" class="button mt-1 w-full" aria-expanded={open} onclick={() => (open = !open)}
        >{open ? 'Done' : `Pick ${many}…`}</button
    >
    {#if open}<NamePicker {things} {names} {values} set={change} />{/if}
{/if}
