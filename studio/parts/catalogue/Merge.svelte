<script lang="ts">
    import { Merging } from '../../lib/merging.svelte';
    import { untrack } from 'svelte';
    import NamePicker from '../NamePicker.svelte';
    import { NameChoice } from '../names.svelte';

    interface Props {
        thing: string;
        id: number;
        name: string;
        /** What it can be merged into, where that is a short list. */
        among?: { id: number; name: string }[];
        done: (into: number) => void;
    }

    /** Makes one of two of a kind. */
    let { thing, id, name, among, done }: Props = $props();
    const called = $derived(thing === 'option-value' ? 'value' : thing);
    const merging = untrack(() => new Merging(`/studio/catalogue/${thing}/${id}/merge`, done));
    const choice = untrack(() => new NameChoice(thing));
    let open = $state(false);

    $effect(() => {
        if (merging.into !== null && !among) void choice.learn([merging.into]);
    });

    function chosen(values: number[]): void {
        void merging.choose(values.filter((one) => one !== id).at(-1) ?? null);
    }

    function nameOf(into: number): string {
        return among?.find((one) => one.id === into)?.name ?? choice.known[into] ?? '';
    }

    function close(): void {
        open = false;
        void merging.choose(null);
    }
</script>

{#if !open}
    {#if among}
        <button class="word text-sm" onclick={() => (open = true)}>merge<span class="unseen"> {name}</span>…</button>
    {:else}
        <p><button class="word mt-2" onclick={() => (open = true)}>Merge it into another {called}…</button></p>
    {/if}
{:else}
    <div
        class="mt-3 max-w-xl rounded-lg border border-dashed border-edge p-4"
        role="group"
        aria-label="Merge “{name}” into another {called}"
    >
        {#if merging.into === null || merging.sentence === null}
            <p>
                {#if thing === 'option' || thing === 'option-value'}
                    Into which? Variants that have “{name}” have the other one then, and rules that name it mean the
                    other.{thing === 'option' ? ' Values of the same name become one.' : ''}
                {:else}
                    Into which? What stands in “{name}” stands in the other one then, and old addresses and rules that
                    name it mean the other.
                {/if}
            </p>
            {#if among}
                <select
                    class="field mt-2"
                    aria-label="Merge {name} into"
                    value={merging.into ?? id}
                    onchange={(event) => chosen([Number(event.currentTarget.value)])}
                >
                    <option value={id}>choose a value</option>
                    {#each among as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
                </select>
            {:else}
                <NamePicker
                    things={thing}
                    names={choice.known}
                    values={merging.into === null ? [] : [merging.into]}
                    set={chosen}
                />
            {/if}
            <p class="mt-2"><button class="word" onclick={close}>Leave them two</button></p>
        {:else}
            <p role="status">“{name}” becomes part of “{nameOf(merging.into)}”. {merging.sentence}</p>
            <p class="mt-2 flex gap-4">
                <button class="button" disabled={merging.busy} onclick={() => void merging.go()}
                    >{merging.busy ? 'Merging…' : 'Merge them'}</button
                >
                <button class="button" onclick={close}>Leave them two</button>
            </p>
            <p class="mt-1 text-sm text-quiet">It can be taken back in the history.</p>
        {/if}
    </div>
{/if}
