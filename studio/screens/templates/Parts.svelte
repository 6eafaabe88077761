<script lang="ts">
    import { when } from '../../lib/words';
    import Inline from '../../parts/Inline.svelte';
    import type { Templates } from './templates.svelte';
    import type { PartRow } from './types';

    let { templates, may }: { templates: Templates; may: boolean } = $props();
    let renaming = $state<number | null>(null);

    function rename(part: PartRow, name: string): void {
        renaming = null;
        void templates.renamePart(part, name);
    }
</script>

<section class="mt-10" aria-labelledby="kept-parts">
    <h2 id="kept-parts" class="text-lg">Kept parts</h2>
    {#if templates.parts.length === 0}
        <p class="text-quiet">
            None yet. On the drawing table, select a band or a block and choose “Keep it for other pages…”.
        </p>
    {:else}
        <p class="text-sm text-quiet">
            Bands and blocks kept for many pages. Where one is shared, it changes everywhere once it is published.
        </p>
        <table class="stacks mt-2 w-full border-collapse text-left">
            <thead class="text-quiet">
                <tr class="border-b border-hair">
                    <th class="py-2 pr-4 font-normal" scope="col">Part</th>
                    <th class="py-2 pr-4 font-normal" scope="col">State</th>
                    <th class="py-2 pr-4 font-normal" scope="col">Shared by</th>
                    <th class="py-2 pr-4 font-normal" scope="col">Changed</th>
                    <th class="py-2 font-normal" scope="col"><span class="unseen">Do</span></th>
                </tr>
            </thead>
            <tbody>
                {#each templates.shownParts as part (part.id)}
                    <tr class="border-b border-hair align-baseline" data-part={part.name}>
                        <td class="py-3 pr-4">
                            {#if renaming === part.id}
                                <Inline
                                    label="New name"
                                    value={part.name}
                                    max={80}
                                    done={(text) => rename(part, text)}
                                    leave={() => (renaming = null)}
                                />
                            {:else}
                                <a class="font-name text-lg hover:underline" href="/studio/templates/{part.id}"
                                    >{part.name}</a
                                >
                            {/if}
                        </td>
                        <td class="py-3 pr-4">{part.unpublished ? 'live · changes not published' : 'live'}</td>
                        <td class="py-3 pr-4">
                            {#each part.places as place, index (place.id)}{index > 0 ? ', ' : ''}<a
                                    class="word"
                                    href="/studio/templates/{place.id}">{place.name}</a
                                >{place.live ? '' : ' (draft)'}{:else}<span class="text-quiet">no template</span>{/each}
                        </td>
                        <td class="py-3 pr-4 text-quiet">{when(part.changedAt)}</td>
                        <td class="py-3 text-right whitespace-nowrap">
                            {#if may}
                                <button class="word" onclick={() => (renaming = part.id)}
                                    >rename<span class="unseen"> {part.name}</span></button
                                >
                                {#if part.places.length === 0}
                                    <button class="word ml-3" onclick={() => void templates.letGo(part)}
                                        >let go<span class="unseen"> of {part.name}</span></button
                                    >
                                {/if}
                            {/if}
                        </td>
                    </tr>
                {:else}
                    <tr><td colspan="5" class="py-3 text-quiet">No part is called that.</td></tr>
                {/each}
            </tbody>
        </table>
    {/if}
</section>
