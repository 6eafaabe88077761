<script lang="ts">
    import { get, upload } from '../lib/http';
    import { notices } from '../lib/notices.svelte';
    import type { Picture, PicturePage } from '../lib/types';

    let { id, value, disabled, change }: { id: string; value: number | null; disabled: boolean; change: (value: number) => void } = $props();
    let open = $state(false);
    let query = $state('');
    let pictures = $state.raw<Picture[]>([]);
    let more = $state(false);
    let page = 1;

    async function load(wanted: number): Promise<void> {
        try {
            const answer = await get<PicturePage>(`/studio/pictures/rows?q=${encodeURIComponent(query)}&page=${wanted}`);
            pictures = wanted === 1 ? answer.pictures : [...pictures, ...answer.pictures];
            more = answer.more;
            page = wanted;
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function take(file: File | undefined): Promise<void> {
        if (!file) return;
        try {
            const { picture } = await upload<{ picture: Picture }>('/studio/pictures', 'picture', file);
            pictures = [picture, ...pictures];
            change(picture.id);
        } catch (error) {
            notices.trouble(error);
        }
    }

    function toggle(): void {
        open = !open;
        if (open && pictures.length === 0) void load(1);
    }
</script>

<button {id} type="button" class="button w-full" {disabled} aria-expanded={open} onclick={toggle}
    >{value === null ? 'Choose a picture…' : 'Choose another…'}</button
>
{#if open}
    <input class="field mt-1 w-full" type="search" placeholder="Find by words…" aria-label="Find a picture" bind:value={query} oninput={() => load(1)} />
    <ul class="mt-1 grid max-h-56 grid-cols-3 gap-1 overflow-y-auto">
        {#each pictures as picture (picture.id)}
            <li>
                <button
                    type="button"
                    title={picture.alt}
                    aria-pressed={picture.id === value}
                    class="border-2 {picture.id === value ? 'border-ink' : 'border-transparent'} rounded"
                    onclick={() => change(picture.id)}
                >
                    <img src={picture.small} alt={picture.alt} class="rounded" loading="lazy" />
                </button>
            </li>
        {:else}
            <li class="col-span-3 text-quiet">No picture is described like that.</li>
        {/each}
    </ul>
    <label class="word mt-1 inline-block cursor-pointer focus-within:outline-2"
        >Take one in from this computer…<input
            class="unseen"
            type="file"
            accept="image/jpeg,image/png,image/webp,image/avif"
            onchange={(event) => take(event.currentTarget.files?.[0])}
        /></label
    >
    {#if more}<button type="button" class="word mt-1" onclick={() => load(page + 1)}>More</button>{/if}
{/if}
