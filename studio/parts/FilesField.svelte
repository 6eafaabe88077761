<script lang="ts">
    import { untrack } from 'svelte';
    import type { ShopFile } from '../lib/types';
    import { FileChoice } from './files.svelte';
    import PictureField from './PictureField.svelte';

    interface Props {
        label: string;
        use: 'download' | 'film';
        values: number[];
        most: number;
        may: boolean;
        change: (next: number[]) => void;
        /** After a film's captions or picture were changed. */
        described?: () => void;
    }

    let { label, use, values, most, may, change, described }: Props = $props();
    const choice = new FileChoice(untrack(() => use));
    const found = choice.found;
    const known = $derived(choice.known);
    let open = $state(false);
    const accept = $derived(
        use === 'film'
            ? 'video/mp4,video/webm'
            : '.pdf,.txt,.csv,.epub,.zip,.docx,.xlsx,.odt,.ods,image/jpeg,image/png,image/webp',
    );
    const words = $derived(use === 'film' ? 'film' : 'file');
    const describe = (film: ShopFile, captions: number | null, poster: number | null): void =>
        void choice.describe(film, captions, poster, described);

    $effect(() => void choice.learn(values));

    async function take(files: Iterable<File>): Promise<void> {
        const taken = (await choice.take(files)).map((file) => file.id);
        if (taken.length > 0) change(most === 1 ? taken.slice(-1) : [...values, ...taken].slice(0, most));
    }

    function choose(id: number): void {
        change(
            most === 1
                ? [id]
                : values.includes(id)
                  ? values.filter((one) => one !== id)
                  : [...values, id].slice(0, most),
        );
    }

    function toggle(): void {
        open = !open;
        if (open && found.rows.length === 0) void found.load();
    }

    function caption(film: ShopFile, one: File | undefined): void {
        if (one) void choice.caption(film, one, described);
    }
</script>

<div role="group" aria-label={label}>
    <ul>
        {#each values as id (id)}
            {@const file = known[id]}
            <li>
                <span class="flex items-baseline gap-2">
                    {#if file}<a class="word min-w-0 flex-1 truncate" href={file.address} target="_blank" rel="noopener"
                            >{file.name}</a
                        >
                        <span class="shrink-0 text-xs text-quiet">{file.size}</span>
                    {:else}<span class="min-w-0 flex-1 truncate">something deleted</span>{/if}
                    {#if may}
                        <button
                            type="button"
                            class="word min-h-6 min-w-6"
                            aria-label="Without {file?.name ?? id}"
                            onclick={() => change(values.filter((one) => one !== id))}>out</button
                        >
                    {/if}
                </span>
                {#if file && use === 'film'}
                    <span class="block text-xs text-quiet">
                        {file.captionsName === null ? 'no captions' : `captions: ${file.captionsName}`}
                        {#if may}
                            · <label class="word cursor-pointer focus-within:outline-2"
                                >{file.captionsName === null ? 'take some in…' : 'others…'}<input
                                    class="unseen"
                                    type="file"
                                    accept=".vtt,text/vtt"
                                    onchange={(event) => caption(file, event.currentTarget.files?.[0])}
                                /></label
                            >
                            {#if file.captions !== null}
                                · <button type="button" class="word" onclick={() => describe(file, null, file.poster)}
                                    >without</button
                                >{/if}
                        {/if}
                    </span>
                    <label class="block text-xs text-quiet" for="poster-{id}">Picture until it plays</label>
                    <PictureField
                        id="poster-{id}"
                        value={file.poster}
                        disabled={!may}
                        change={(picture) => describe(file, file.captions, picture)}
                    />
                {/if}
            </li>
        {/each}
    </ul>
    {#if may}
        <button type="button" class="button mt-1 w-full" aria-expanded={open} onclick={toggle}
            >{open ? 'Done' : `Choose a ${words}…`}</button
        >
        {#if open}
            <input
                class="field mt-1 w-full"
                type="search"
                placeholder="Find by name…"
                aria-label="Find a {words}"
                bind:value={found.query}
                oninput={() => void found.load()}
            />
            <ul class="mt-1 max-h-40 overflow-y-auto">
                {#each found.rows as file (file.id)}
                    <li>
                        <button
                            type="button"
                            class="flex min-h-6 w-full justify-between gap-2 text-left hover:underline"
                            aria-pressed={values.includes(file.id)}
                            onclick={() => choose(file.id)}
                            ><span class="min-w-0 truncate {values.includes(file.id) ? 'font-semibold' : ''}"
                                >{file.name}</span
                            >
                            <span class="shrink-0 text-xs text-quiet"
                                >{values.includes(file.id) ? 'chosen' : file.size}</span
                            ></button
                        >
                    </li>
                {:else}
                    <li class="text-quiet">
                        {found.query === '' ? `There is no ${words} yet. Take one in below.` : 'None is called that.'}
                    </li>
                {/each}
            </ul>
            {#if found.more}<button type="button" class="word mt-1" onclick={() => void found.next()}>More</button>{/if}
            <label class="word mt-1 inline-block cursor-pointer focus-within:outline-2"
                >{choice.busy ? 'On the way…' : `Take a ${words} in from this computer…`}<input
                    class="unseen"
                    type="file"
                    {accept}
                    multiple={most > 1}
                    disabled={choice.busy}
                    onchange={(event) => take([...(event.currentTarget.files ?? [])])}
                /></label
            >
        {/if}
    {/if}
</div>
