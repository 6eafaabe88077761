<script lang="ts">
    import { PictureChoice } from './pictures.svelte';

    let {
        id,
        value,
        disabled,
        words = 'Choose a picture…',
        change,
    }: {
        id: string;
        value: number | null;
        disabled: boolean;
        words?: string;
        change: (value: number) => void;
    } = $props();
    const choice = new PictureChoice();
    const found = choice.found;
    let open = $state(false);

    async function take(file: File | undefined): Promise<void> {
        const picture = file ? await choice.take(file) : null;
        if (picture) change(picture.id);
    }

    function toggle(): void {
        open = !open;
        if (open && found.rows.length === 0) void found.load();
    }
</script>

<button {id} type="button" class="button w-full" {disabled} aria-expanded={open} onclick={toggle}
    >{value === null ? words : 'Choose another…'}</button
>
{#if open}
    <input
        class="field mt-1 w-full"
        type="search"
        placeholder="Find by words…"
        aria-label="Find a picture"
        bind:value={found.query}
        oninput={() => void found.load()}
    />
    <ul class="mt-1 grid max-h-56 grid-cols-3 gap-1 overflow-y-auto">
        {#each found.rows as picture (picture.id)}
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
    {#if found.more}<button type="button" class="word mt-1" onclick={() => void found.next()}>More</button>{/if}
{/if}
