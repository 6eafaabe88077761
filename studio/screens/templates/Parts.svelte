<script lang="ts">
    import { when } from '../../lib/words';
    import { untrack } from 'svelte';
    import { post, remove } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import { saveSeen } from '../../lib/sameTime';
    import Inline from '../../parts/Inline.svelte';
    import type { PartRow } from './types';

    let { parts: given, may, query }: { parts: PartRow[]; may: boolean; query: string } = $props();
    let parts = $state.raw(untrack(() => given));
    let renaming = $state<number | null>(null);
    const shown = $derived(parts.filter((part) => part.name.toLowerCase().includes(query.trim().toLowerCase())));

    async function rename(part: PartRow, name: string): Promise<void> {
        renaming = null;
        if (name.trim() === '' || name === part.name) return;
        try {
            const called = (name: unknown): void => void (parts = parts.map((one) => (one.id === part.id ? { ...one, name: String(name) } : one)));
            await saveSeen<{ name: string }>({
                address: `/studio/templates/${part.id}`,
                values: { name },
                seen: { name: part.name },
                saved: (answer) => called(answer.name),
                theirs: (values) => called(values.name),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function back(part: PartRow): Promise<void> {
        try {
            ({ overview: parts } = await post<{ overview: PartRow[] }>(`/studio/parts/${part.id}/back`));
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function letGo(part: PartRow): Promise<void> {
        try {
            await remove(`/studio/parts/${part.id}`);
            parts = parts.filter((one) => one.id !== part.id);
            notices.say(`“${part.name}” is off the shelf. Copies of it stay where they are.`, { words: 'Take this back', do: () => void back(part) });
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<section class="mt-10" aria-labelledby="kept-parts">
    <h2 id="kept-parts" class="text-lg">Kept parts</h2>
    {#if parts.length === 0}
        <p class="text-quiet">None yet. On the drawing table, select a band or a block and choose “Keep it for other pages…”.</p>
    {:else}
        <p class="text-sm text-quiet">Bands and blocks kept for many pages. Where one is shared, it changes everywhere once it is published.</p>
        <table class="mt-2 w-full border-collapse text-left">
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
                {#each shown as part (part.id)}
                    <tr class="border-b border-hair align-baseline" data-part={part.name}>
                        <td class="py-3 pr-4">
                            {#if renaming === part.id}
                                <Inline label="New name" value={part.name} max={80} done={(text) => rename(part, text)} leave={() => (renaming = null)} />
                            {:else}
                                <a class="font-name text-lg hover:underline" href="/studio/templates/{part.id}">{part.name}</a>
                            {/if}
                        </td>
                        <td class="py-3 pr-4">{part.unpublished ? 'live · changes not published' : 'live'}</td>
                        <td class="py-3 pr-4">
                            {#each part.places as place, index (place.id)}{index > 0 ? ', ' : ''}<a class="word" href="/studio/templates/{place.id}"
                                    >{place.name}</a
                                >{place.live ? '' : ' (draft)'}{:else}<span class="text-quiet">no template</span>{/each}
                        </td>
                        <td class="py-3 pr-4 text-quiet">{when(part.changedAt)}</td>
                        <td class="py-3 text-right whitespace-nowrap">
                            {#if may}
                                <button class="word" onclick={() => (renaming = part.id)}>rename<span class="unseen"> {part.name}</span></button>
                                {#if part.places.length === 0}
                                    <button class="word ml-3" onclick={() => letGo(part)}>let go<span class="unseen"> of {part.name}</span></button>
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
