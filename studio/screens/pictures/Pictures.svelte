<script lang="ts">
    import { counted } from '../../lib/words';
    import { untrack } from 'svelte';
    import { get, post, upload } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import { saveSeen } from '../../lib/sameTime';
    import type { PicturePage, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import FilesList from './FilesList.svelte';
    import PictureSheet from './PictureSheet.svelte';
    import type { Picture } from './types';

    let { screen }: { screen: Screen<PicturePage> } = $props();
    let pictures = $state.raw(untrack(() => screen.data.pictures));
    let more = $state(untrack(() => screen.data.more));
    let total = $state(untrack(() => screen.data.total));
    let query = $state('');
    let bare = $state(false);
    let chosen = $state.raw<Picture | null>(null);
    let busy = $state(0);
    let over = $state(false);
    let troubles = $state.raw<string[]>([]);
    let page = 1;
    const may = $derived(screen.may.edit);

    async function load(wanted: number): Promise<void> {
        try {
            const answer = await get<PicturePage>(`/studio/pictures/rows?q=${encodeURIComponent(query)}&page=${wanted}${bare ? '&bare=1' : ''}`);
            pictures = wanted === 1 ? answer.pictures : [...pictures, ...answer.pictures];
            ({ more, total } = answer);
            page = wanted;
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function take(files: Iterable<File>): Promise<void> {
        const all = [...files];
        busy += all.length;
        troubles = [];
        for (const file of all) {
            try {
                const { picture } = await upload<{ picture: Picture }>('/studio/pictures', 'picture', file);
                pictures = [picture, ...pictures];
                total++;
                chosen = picture;
            } catch (error) {
                troubles = [...troubles, error instanceof TypeError ? `${file.name} did not reach the server. Try it again.` : (error as Error).message];
            }
            busy--;
        }
    }

    function drop(event: DragEvent): void {
        event.preventDefault();
        over = false;
        if (may && event.dataTransfer) void take(event.dataTransfer.files);
    }

    function paste(event: ClipboardEvent): void {
        const files = [...(event.clipboardData?.files ?? [])];
        if (may && files.length > 0) {
            event.preventDefault();
            void take(files);
        }
    }

    function changed(picture: Picture): void {
        pictures = pictures.map((one) => (one.id === picture.id ? picture : one));
        if (chosen?.id === picture.id) chosen = picture;
    }

    async function describe(picture: Picture, alt: string, focusX: number, focusY: number): Promise<void> {
        try {
            await saveSeen<{ picture: Picture }>({
                address: `/studio/pictures/${picture.id}`,
                values: { alt, focusX, focusY },
                seen: { alt: picture.alt, focusX: picture.focusX, focusY: picture.focusY },
                saved: (answer) => changed(answer.picture),
                theirs: (values) => changed({ ...picture, ...values } as Picture),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function put(picture: Picture, product: number, on: boolean): Promise<void> {
        try {
            changed((await post<{ picture: Picture }>(`/studio/pictures/${picture.id}/products`, { product, on })).picture);
            notices.say(on ? 'It is on the product now.' : 'It is off the product.', { words: 'Take this back', do: () => void put(picture, product, !on) });
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<svelte:window onpaste={paste} />

<Frame {screen} here="Pictures">
    <h1 class="text-2xl">Pictures</h1>
    <p class="mt-1 text-quiet">{counted(total, 'picture')}{query !== '' || bare ? ' found' : ' in the shop'}</p>
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
                onchange={(event) => take(event.currentTarget.files ?? [])}
            />
            {#if busy > 0}<span role="status">{counted(busy, 'picture is', 'pictures are')} on the way…</span>
            {:else}Drop pictures here, paste one, or <span class="word">choose them</span>. JPEG, PNG, WebP or AVIF, up to 15 MB each.{/if}
        </label>
    {/if}
    {#if troubles.length > 0}
        <ul class="mt-3 text-trouble" role="alert">
            {#each troubles as trouble, index (index)}<li>{trouble}</li>{/each}
        </ul>
    {/if}
    <div class="mt-5 flex flex-wrap items-center gap-4">
        <input class="field w-64" type="search" placeholder="Find by words…" aria-label="Find a picture" bind:value={query} oninput={() => load(1)} />
        <label class="flex gap-2"
            ><input type="checkbox" bind:checked={bare} onchange={() => load(1)} /> only those without words for those who cannot see</label
        >
    </div>
    <div class="mt-4 grid gap-8 {chosen ? 'md:grid-cols-[minmax(0,1fr)_300px]' : ''}">
        <ul class="grid grid-cols-[repeat(auto-fill,minmax(120px,1fr))] content-start gap-3">
            {#each pictures as picture (picture.id)}
                <li>
                    <button
                        class="block w-full rounded-lg border-2 p-1 text-left {chosen?.id === picture.id
                            ? 'border-ink'
                            : 'border-transparent hover:border-hair'}"
                        aria-pressed={chosen?.id === picture.id}
                        onclick={() => (chosen = chosen?.id === picture.id ? null : picture)}
                        data-picture={picture.id}
                    >
                        <img
                            class="aspect-square w-full rounded bg-sheet object-contain"
                            src={picture.small}
                            alt={picture.alt || 'Without words'}
                            loading="lazy"
                        />
                        <span class="mt-1 block truncate text-xs {picture.alt === '' ? 'text-trouble' : ''}">{picture.alt || 'no words yet'}</span>
                        <span class="block text-xs text-quiet">{picture.products === 0 ? 'on no product' : `on ${counted(picture.products, 'product')}`}</span>
                    </button>
                </li>
            {:else}
                <li class="col-span-full py-4 text-quiet">No picture is described like that.</li>
            {/each}
        </ul>
        {#if chosen}
            {#key chosen.id}<PictureSheet picture={chosen} {may} {describe} {put} />{/key}
        {/if}
    </div>
    {#if more}<button class="button mt-4" onclick={() => load(page + 1)}>More pictures</button>{/if}
    <FilesList {may} />
</Frame>
