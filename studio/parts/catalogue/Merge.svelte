<script lang="ts">
    import { Merging } from '../../lib/merging.svelte';
    import { untrack } from 'svelte';
    import NamePicker from '../NamePicker.svelte';
    import { NameChoice } from '../names.svelte';

    interface Props {
        thing: string;
        id: number;
        name: string;
        done: (into: number) => void;
    }

    /** Makes one of two categories, collections, brands or tags. */
    let { thing, id, name, done }: Props = $props();
    const merging = untrack(() => new Merging(`/studio/catalogue/${thing}/${id}/merge`, done));
    const choice = untrack(() => new NameChoice(thing));
    let open = $state(false);

    $effect(() => {
        if (merging.into !== null) void choice.learn([merging.into]);
    });

    function chosen(values: number[]): void {
        void merging.choose(values.filter((one) => one !== id).at(-1) ?? null);
    }

    function close(): void {
        open = false;
        void merging.choose(null);
    }
</script>

{#if !open}
    <p><button class="word mt-2" onclick={() => (open = true)}>Merge it into another {thing}…</button></p>
{:else}
    <div class="mt-3 max-w-xl rounded-lg border border-dashed border-edge p-4" role="group" aria-label="Merge “{name}” into another {thing}">
        {#if merging.into === null || merging.sentence === null}
            <p>Into which? What stands in “{name}” stands in the other one then, and old addresses and rules that name it mean the other.</p>
            <NamePicker things={thing} names={choice.known} values={merging.into === null ? [] : [merging.into]} set={chosen} />
            <p class="mt-2"><button class="word" onclick={close}>Leave them two</button></p>
        {:else}
            <p role="status">“{name}” becomes part of “{choice.known[merging.into] ?? ''}”. {merging.sentence}</p>
            <p class="mt-2 flex gap-4">
                <button class="button" disabled={merging.busy} onclick={() => void merging.go()}>{merging.busy ? 'Merging…' : 'Merge them'}</button>
                <button class="button" onclick={close}>Leave them two</button>
            </p>
            <p class="mt-1 text-sm text-quiet">It can be taken back in the history.</p>
        {/if}
    </div>
{/if}
