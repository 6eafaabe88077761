<script lang="ts">
    import { counted } from '../../lib/words';
    import { onMount } from 'svelte';
    import { ShopFiles } from './files.svelte';

    let { may }: { may: boolean } = $props();
    const files = new ShopFiles();
    const uses = { film: 'film', captions: 'captions', download: 'download' };

    onMount(() => void files.load());
</script>

<section class="mt-12" aria-labelledby="files-title">
    <h2 id="files-title" class="text-lg">Films and files</h2>
    <div class="mt-2 flex flex-wrap items-center gap-4">
        <input
            class="field w-56"
            type="search"
            placeholder="Find by name…"
            aria-label="Find a film or file"
            bind:value={files.query}
            oninput={() => void files.load()}
        />
        <label
            >Show <select class="field" bind:value={files.use} onchange={() => void files.load()}>
                <option value="">all</option>
                <option value="film">films</option>
                <option value="captions">captions</option>
                <option value="download">downloads</option>
            </select></label
        >
        <span class="text-sm text-quiet">{counted(files.total, 'file')}</span>
        {#if may}
            <label class="word ml-auto cursor-pointer focus-within:outline-2"
                >{files.busy > 0 ? 'On the way…' : 'Take some in from this computer…'}<input
                    class="unseen"
                    type="file"
                    multiple
                    disabled={files.busy > 0}
                    onchange={(event) => void files.take([...(event.currentTarget.files ?? [])])}
                /></label
            >
        {/if}
    </div>
    <ul class="mt-2">
        {#each files.list as file (file.id)}
            <li class="border-b border-dashed border-hair py-1.5" data-file={file.name}>
                <p class="flex items-baseline gap-4">
                    <a class="word min-w-0 truncate" href={file.address} target="_blank" rel="noopener">{file.name}</a>
                    <span class="flex-1 text-sm text-quiet"
                        >{uses[file.use]}, {file.size}{file.width > 0
                            ? `, ${file.width} × ${file.height}`
                            : ''}{file.captionsName ? `, captions: ${file.captionsName}` : ''}</span
                    >
                    <button class="word min-h-6 text-sm" onclick={() => void files.where(file)}
                        >where is it used?<span class="unseen"> {file.name}</span></button
                    >
                    {#if may}<button class="word min-h-6 text-sm" onclick={() => void files.letGo(file)}
                            >delete<span class="unseen"> {file.name}</span></button
                        >{/if}
                </p>
                {#if files.places[file.id]}
                    <p class="text-sm text-quiet" role="status">
                        {#each files.places[file.id] ?? [] as place, index (index)}
                            {index > 0 ? ', ' : 'Used by '}{#if place.address}<a class="word" href={place.address}
                                    >{place.words}</a
                                >{:else}{place.words}{/if}
                        {:else}
                            Used nowhere.
                        {/each}
                    </p>
                {/if}
            </li>
        {:else}
            <li class="py-2 text-quiet">
                {files.query === '' && files.use === ''
                    ? 'There are none yet. Take in a film, its captions (WebVTT), or files that customers can download.'
                    : 'None is called that.'}
            </li>
        {/each}
    </ul>
    {#if files.more}<button class="button mt-3" onclick={() => void files.next()}>More files</button>{/if}
</section>
