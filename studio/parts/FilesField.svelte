<script lang="ts">
    import { get, upload } from '../lib/http';
    import PictureField from './PictureField.svelte';
    import { notices } from '../lib/notices.svelte';
    import { saveSeen } from '../lib/sameTime';
    import type { FilePage, ShopFile } from '../lib/types';

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
    let known = $state.raw<Record<number, ShopFile>>({});
    let found = $state.raw<ShopFile[]>([]);
    let open = $state(false);
    let query = $state('');
    let more = $state(false);
    let busy = $state(false);
    let page = 1;
    const accept = $derived(use === 'film' ? 'video/mp4,video/webm' : '.pdf,.txt,.csv,.epub,.zip,.docx,.xlsx,.odt,.ods,image/jpeg,image/png,image/webp');
    const words = $derived(use === 'film' ? 'film' : 'file');

    $effect(() => {
        const wanted = values.filter((id) => known[id] === undefined);
        if (wanted.length > 0) void learn(wanted);
    });

    async function learn(ids: number[]): Promise<void> {
        try {
            note((await get<Pick<FilePage, 'files'>>(`/studio/files?ids=${ids.join(',')}`)).files);
        } catch {
            // Their numbers stand there until the names can be asked for again.
        }
    }

    function note(files: ShopFile[]): void {
        known = { ...known, ...Object.fromEntries(files.map((file) => [file.id, file])) };
    }

    async function load(wanted: number): Promise<void> {
        try {
            const answer = await get<FilePage>(`/studio/files?use=${use}&q=${encodeURIComponent(query)}&page=${wanted}`);
            found = wanted === 1 ? answer.files : [...found, ...answer.files];
            more = answer.more;
            page = wanted;
            note(answer.files);
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function take(files: Iterable<File>): Promise<void> {
        busy = true;
        let next = values;
        for (const one of files) {
            try {
                const { file } = await upload<{ file: ShopFile }>('/studio/files', 'file', one, { use });
                note([file]);
                found = [file, ...found];
                next = most === 1 ? [file.id] : [...next, file.id].slice(0, most);
            } catch (error) {
                notices.trouble(error);
            }
        }
        busy = false;
        if (next !== values) change(next);
    }

    function choose(id: number): void {
        change(most === 1 ? [id] : values.includes(id) ? values.filter((one) => one !== id) : [...values, id].slice(0, most));
    }

    function toggle(): void {
        open = !open;
        if (open && found.length === 0) void load(1);
    }

    /** Captions or a picture for a film; null takes them away. */
    async function describe(film: ShopFile, captions: number | null, poster: number | null): Promise<void> {
        try {
            await saveSeen<{ file: ShopFile }>({
                address: `/studio/files/${film.id}`,
                values: { captions, poster },
                seen: { captions: film.captions, poster: film.poster },
                saved: (answer) => (note([answer.file]), described?.()),
                theirs: (values) => note([{ ...film, ...values } as ShopFile]),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function caption(film: ShopFile, one: File | undefined): Promise<void> {
        if (!one) return;
        try {
            const { file } = await upload<{ file: ShopFile }>('/studio/files', 'file', one, { use: 'captions' });
            await describe(film, file.id, film.poster);
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<div role="group" aria-label={label}>
    <ul>
        {#each values as id (id)}
            {@const file = known[id]}
            <li>
                <span class="flex items-baseline gap-2">
                    {#if file}<a class="word min-w-0 flex-1 truncate" href={file.address} target="_blank" rel="noopener">{file.name}</a>
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
                                · <button type="button" class="word" onclick={() => describe(file, null, file.poster)}>without</button>{/if}
                        {/if}
                    </span>
                    <label class="block text-xs text-quiet" for="poster-{id}">Picture until it plays</label>
                    <PictureField id="poster-{id}" value={file.poster} disabled={!may} change={(picture) => describe(file, file.captions, picture)} />
                {/if}
            </li>
        {/each}
    </ul>
    {#if may}
        <button type="button" class="button mt-1 w-full" aria-expanded={open} onclick={toggle}>{open ? 'Done' : `Choose a ${words}…`}</button>
        {#if open}
            <input class="field mt-1 w-full" type="search" placeholder="Find by name…" aria-label="Find a {words}" bind:value={query} oninput={() => load(1)} />
            <ul class="mt-1 max-h-40 overflow-y-auto">
                {#each found as file (file.id)}
                    <li>
                        <button
                            type="button"
                            class="flex min-h-6 w-full justify-between gap-2 text-left hover:underline"
                            aria-pressed={values.includes(file.id)}
                            onclick={() => choose(file.id)}
                            ><span class="min-w-0 truncate {values.includes(file.id) ? 'font-semibold' : ''}">{file.name}</span>
                            <span class="shrink-0 text-xs text-quiet">{values.includes(file.id) ? 'chosen' : file.size}</span></button
                        >
                    </li>
                {:else}
                    <li class="text-quiet">{query === '' ? `There is no ${words} yet. Take one in below.` : 'None is called that.'}</li>
                {/each}
            </ul>
            {#if more}<button type="button" class="word mt-1" onclick={() => load(page + 1)}>More</button>{/if}
            <label class="word mt-1 inline-block cursor-pointer focus-within:outline-2"
                >{busy ? 'On the way…' : `Take a ${words} in from this computer…`}<input
                    class="unseen"
                    type="file"
                    {accept}
                    multiple={most > 1}
                    disabled={busy}
                    onchange={(event) => take([...(event.currentTarget.files ?? [])])}
                /></label
            >
        {/if}
    {/if}
</div>
