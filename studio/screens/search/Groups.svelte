<script lang="ts">
    import type { Searching } from './search.svelte';

    let { searching, may }: { searching: Searching; may: boolean } = $props();
    let written = $state('');
    const words = (text: string): string[] => text.split(',').map((one) => one.trim());
    const usable = $derived(words(written).filter((one) => one !== '').length > 1);

    async function add(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        if (await searching.keep(words(written).filter((one) => one !== ''))) written = '';
    }
</script>

<section class="mt-10" aria-labelledby="same-words">
    <h2 id="same-words" class="text-xl">Words that mean the same</h2>
    <p class="mt-1 text-quiet">
        Whoever looks for one of them finds all of them: other names, other spellings, one and many.
    </p>
    <ul class="mt-3">
        {#each searching.groups as group (group.id)}
            <li class="flex flex-wrap items-center gap-3 border-b border-dashed border-hair py-2">
                <input
                    class="field min-w-0 flex-1"
                    aria-label="Words that mean the same as {group.words[0]}"
                    disabled={!may}
                    value={group.words.join(', ')}
                    onchange={(event) =>
                        void searching.keep(
                            words(event.currentTarget.value).filter((one) => one !== ''),
                            group.id,
                        )}
                />
                {#if may}<button class="word" onclick={() => void searching.takeOut(group.id)}>Take out</button>{/if}
            </li>
        {:else}
            <li class="py-2 text-quiet">None yet. Write the words below, with a comma between: jotter, notebook.</li>
        {/each}
    </ul>
    {#if may}
        <form class="mt-3 flex flex-wrap items-center gap-3" onsubmit={(event) => void add(event)}>
            <label class="sr-only" for="new-words">New words that mean the same</label>
            <input
                id="new-words"
                class="field min-w-0 flex-1"
                maxlength="600"
                bind:value={written}
                placeholder="jotter, notebook, exercise book"
            />
            <button class="button" disabled={!usable}>Keep them</button>
        </form>
    {/if}
</section>
