<script lang="ts">
    import { counted } from '../../lib/words';
    import { untrack } from 'svelte';
    import type { PicturePage, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import FilesList from './FilesList.svelte';
    import { Pictures } from './pictures.svelte';
    import PictureSheet from './PictureSheet.svelte';

    let { screen }: { screen: Screen<PicturePage> } = $props();
    const pictures = new Pictures(untrack(() => screen.data));
    let over = $state(false);
    const may = $derived(screen.may.edit);

    function drop(event: DragEvent): void {
        event.preventDefault();
        over = false;
        if (may && event.dataTransfer) void pictures.take(event.dataTransfer.files);
    }

    function paste(event: ClipboardEvent): void {
        const files = [...(event.clipboardData?.files ?? [])];
        if (may && files.length > 0) {
            event.preventDefault();
            void pictures.take(files);
        }
    }
</script>

<svelte:window onpaste={paste} />

<Frame {screen} here="Catalogue" place="Pictures and files">
    <h1 class="text-2xl">Pictures</h1>
    <p class="mt-1 text-quiet">
        {counted(pictures.total, 'picture')}{pictures.query !== '' || pictures.bare ? ' found' : ' in the shop'}
    </p>
    {#if pictures.waiting > 0}
        <p class="mt-1" role="status">
            {counted(pictures.waiting, 'picture waits', 'pictures wait')} for finer sizes; until then they are shown as large
            as they are kept.
            {#if pictures.inHand}They are being made.
            {:else if may}<button class="word" onclick={() => void pictures.makeSizes()}>Make them now</button>{/if}
        </p>
    {/if}
    {#if may}
        <label
            class="mt-4 block cursor-pointer rounded-lg border border-dashed px-5 py-4 text-center focus-within:outline-2 {over
                ? 'border-ink bg-sheet'
                : 'border-edge'}"
            ondragover={(event) => (event.preventDefault(), (over = true))}
            ondragleave={() => (over = false)}
            ondrop={drop}
        >
            <input
                class="unseen"
                type="file"
                multiple
                accept="image/jpeg,image/png,image/webp,image/avif"
                onchange={(event) => void pictures.take(event.currentTarget.files ?? [])}
            />
            {#if pictures.busy > 0}<span role="status"
                    >{counted(pictures.busy, 'picture is', 'pictures are')} on the way…</span
                >
            {:else}Drop pictures here, paste one, or <span class="word">choose them</span>. JPEG, PNG, WebP or AVIF, up
                to 15 MB each.{/if}
        </label>
    {/if}
    {#if pictures.troubles.length > 0}
        <ul class="mt-3 text-trouble" role="alert">
            {#each pictures.troubles as trouble, index (index)}<li>{trouble}</li>{/each}
        </ul>
    {/if}
    <div class="mt-5 flex flex-wrap items-center gap-4">
        <input
            class="field w-64"
            type="search"
            placeholder="Find by words…"
            aria-label="Find a picture"
            bind:value={pictures.query}
            oninput={() => void pictures.load()}
        />
        <label class="flex gap-2"
            ><input type="checkbox" bind:checked={pictures.bare} onchange={() => void pictures.load()} /> only those without
            words for those who cannot see</label
        >
    </div>
    <div class="mt-4 grid gap-8 {pictures.chosen ? 'md:grid-cols-[minmax(0,1fr)_300px]' : ''}">
        <ul class="grid grid-cols-[repeat(auto-fill,minmax(120px,1fr))] content-start gap-3">
            {#each pictures.list as picture (picture.id)}
                <li>
                    <button
                        class="block w-full rounded-lg border-2 p-1 text-left {pictures.chosen?.id === picture.id
                            ? 'border-ink'
                            : 'border-transparent hover:border-hair'}"
                        aria-pressed={pictures.chosen?.id === picture.id}
                        onclick={() => (pictures.chosen = pictures.chosen?.id === picture.id ? null : picture)}
                        data-picture={picture.id}
                    >
                        <img
                            class="aspect-square w-full rounded bg-sheet object-contain"
                            src={picture.small}
                            alt={picture.alt || 'Without words'}
                            loading="lazy"
                        />
                        <span class="mt-1 block truncate text-xs {picture.alt === '' ? 'text-trouble' : ''}"
                            >{picture.alt || 'no words yet'}</span
                        >
                        <span class="block text-xs text-quiet"
                            >{picture.products === 0
                                ? 'on no product'
                                : `on ${counted(picture.products, 'product')}`}</span
                        >
                    </button>
                </li>
            {:else}
                <li class="col-span-full py-4 text-quiet">No picture is described like that.</li>
            {/each}
        </ul>
        {#if pictures.chosen}
            {#key pictures.chosen.id}<PictureSheet picture={pictures.chosen} {pictures} {may} />{/key}
        {/if}
    </div>
    {#if pictures.more}<button class="button mt-4" onclick={() => void pictures.next()}>More pictures</button>{/if}
    <FilesList {may} />
</Frame>
