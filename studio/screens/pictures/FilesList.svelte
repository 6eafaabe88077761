<script lang="ts">
    import { counted } from '../../lib/words';
    import { onMount } from 'svelte';
    import { get, post, remove, upload } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import type { FilePage, FilePlace, ShopFile } from '../../lib/types';

    let { may }: { may: boolean } = $props();
    let files = $state.raw<ShopFile[]>([]);
    let more = $state(false);
    let total = $state(0);
    let query = $state('');
    let use = $state('');
    let busy = $state(0);
    let places = $state.raw<Record<number, FilePlace[]>>({});
    let page = 1;
    const uses = { film: 'film', captions: 'captions', download: 'download' };

    onMount(() => void load(1));

    async function load(wanted: number): Promise<void> {
        try {
            const answer = await get<FilePage>(`/studio/files?use=${use}&q=${encodeURIComponent(query)}&page=${wanted}`);
            files = wanted === 1 ? answer.files : [...files, ...answer.files];
            ({ more, total } = answer);
            page = wanted;
        } catch (error) {
            notices.trouble(error);
        }
    }

    /** What a file is for shows in what it is; the server judges it by what it holds. */
    function useOf(file: File): keyof typeof uses {
        return file.type.startsWith('video/') ? 'film' : file.name.toLowerCase().endsWith('.vtt') ? 'captions' : 'download';
    }

    async function take(chosen: Iterable<File>): Promise<void> {
        for (const one of chosen) {
            busy++;
            try {
                const { file } = await upload<{ file: ShopFile }>('/studio/files', 'file', one, { use: useOf(one) });
                files = [file, ...files];
                total++;
            } catch (error) {
                notices.trouble(error);
            }
            busy--;
        }
    }

    async function where(file: ShopFile): Promise<void> {
        try {
            places = { ...places, [file.id]: (await get<{ places: FilePlace[] }>(`/studio/files/${file.id}/uses`)).places };
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function back(file: ShopFile): Promise<void> {
        try {
            await post(`/studio/files/${file.id}/back`);
            await load(1);
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function letGo(file: ShopFile): Promise<void> {
        try {
            await remove(`/studio/files/${file.id}`);
            files = files.filter((one) => one.id !== file.id);
            total--;
            notices.say(`${file.name} is deleted.`, { words: 'Take this back', do: () => void back(file) });
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<section class="mt-12" aria-labelledby="files-title">
    <h2 id="files-title" class="text-lg">Films and files</h2>
    <div class="mt-2 flex flex-wrap items-center gap-4">
        <input class="field w-56" type="search" placeholder="Find by name…" aria-label="Find a film or file" bind:value={query} oninput={() => load(1)} />
        <label
            >Show <select class="field" bind:value={use} onchange={() => load(1)}>
                <option value="">all</option>
                <option value="film">films</option>
                <option value="captions">captions</option>
                <option value="download">downloads</option>
            </select></label
        >
        <span class="text-sm text-quiet">{counted(total, 'file')}</span>
        {#if may}
            <label class="word ml-auto cursor-pointer focus-within:outline-2"
                >{busy > 0 ? 'On the way…' : 'Take some in from this computer…'}<input
                    class="unseen"
                    type="file"
                    multiple
                    disabled={busy > 0}
                    onchange={(event) => take([...(event.currentTarget.files ?? [])])}
                /></label
            >
        {/if}
    </div>
    <ul class="mt-2">
        {#each files as file (file.id)}
            <li class="border-b border-dashed border-hair py-1.5" data-file={file.name}>
                <p class="flex items-baseline gap-4">
                    <a class="word min-w-0 truncate" href={file.address} target="_blank" rel="noopener">{file.name}</a>
                    <span class="flex-1 text-sm text-quiet"
                        >{uses[file.use]}, {file.size}{file.width > 0 ? `, ${file.width} × ${file.height}` : ''}{file.captionsName
                            ? `, captions: ${file.captionsName}`
                            : ''}</span
                    >
                    <button class="word min-h-6 text-sm" onclick={() => where(file)}>where is it used?<span class="unseen"> {file.name}</span></button>
                    {#if may}<button class="word min-h-6 text-sm" onclick={() => letGo(file)}>delete<span class="unseen"> {file.name}</span></button>{/if}
                </p>
                {#if places[file.id]}
                    <p class="text-sm text-quiet" role="status">
                        {#each places[file.id] ?? [] as place, index (index)}
                            {index > 0 ? ', ' : 'Used by '}{#if place.address}<a class="word" href={place.address}>{place.words}</a>{:else}{place.words}{/if}
                        {:else}
                            Used nowhere.
                        {/each}
                    </p>
                {/if}
            </li>
        {:else}
            <li class="py-2 text-quiet">
                {query === '' && use === ''
                    ? 'There are none yet. Take in a film, its captions (WebVTT), or files that customers can download.'
                    : 'None is called that.'}
            </li>
        {/each}
    </ul>
    {#if more}<button class="button mt-3" onclick={() => load(page + 1)}>More files</button>{/if}
</section>
