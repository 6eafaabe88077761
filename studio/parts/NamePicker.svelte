<script lang="ts">
    import { untrack } from 'svelte';
    import { NameChoice } from './names.svelte';

    interface Props {
        things: string;
        names: Record<string, string>;
        values: number[];
        set: (values: number[]) => void;
    }

    let { things, names, values, set }: Props = $props();
    const choice = $derived(new NameChoice(things));
    const found = $derived(choice.found);
    const what = $derived(things.replace('-', ' '));

    $effect(() => {
        void found.query;
        untrack(() => void found.load());
    });

    function toggle(id: number, on: boolean): void {
        set(on ? [...values, id] : values.filter((one) => one !== id));
    }
</script>

<input
    class="field mt-2 w-full"
    type="search"
    placeholder="Find…"
    aria-label="Find a {what}"
    bind:value={found.query}
/>
<div
    class="mt-2 max-h-56 overflow-y-auto"
    role="group"
    aria-label="Which {what}"
    aria-busy={found.waiting ? 'true' : undefined}
>
    {#each values.filter((id) => !found.rows.some((name) => name.id === id)) as id (id)}
        <label class="flex gap-2 py-0.75">
            <input type="checkbox" checked onchange={() => toggle(id, false)} />
            {names[id] ?? choice.known[id] ?? 'something deleted'}
        </label>
    {/each}
    {#each found.rows as name (name.id)}
        <label class="flex gap-2 py-0.75" style:padding-left="{found.query === '' ? (name.depth - 1) * 16 : 0}px">
            <input
                type="checkbox"
                checked={values.includes(name.id)}
                onchange={(event) => toggle(name.id, event.currentTarget.checked)}
            />
            {name.name}
        </label>
    {:else}
        <p class="py-2 text-quiet">Nothing is called that.</p>
    {/each}
    {#if found.more}<button type="button" class="word py-1" onclick={() => void found.next()}>More</button>{/if}
</div>
