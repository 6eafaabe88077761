<script lang="ts">
    import { tick } from 'svelte';
    import type { LinkLine } from '../../../../lib/types';
    import type { FieldProps } from './props';

    let { table, setting, id, value, set }: FieldProps = $props();
    const kept = $derived(Array.isArray(value) ? (value as LinkLine[]) : []);
    /** What is being written and cannot be kept yet. */
    let written = $state<{ at: number; part: 'words' | 'link'; value: string } | null>(null);
    const most = $derived(setting.max ?? 60);
    let list: HTMLElement | undefined = $state();

    function good(link: string): boolean {
        return link === '' || /^(\/(?!\/)|https?:\/\/|mailto:|tel:)\S*$/.test(link);
    }

    function change(at: number, part: 'words' | 'link', next: string): void {
        if (part === 'link' && !good(next.trim())) {
            written = { at, part, value: next };
            return;
        }
        written = null;
        const clean = part === 'link' ? next.trim() : next;
        if (kept[at]?.[part] === clean) return;
        set(kept.map((line, number) => (number === at ? { ...line, [part]: clean } : line)));
    }

    async function add(): Promise<void> {
        set([...kept, { words: '', link: '', under: false }]);
        await tick();
        list?.querySelector<HTMLInputElement>(`li:last-child input`)?.focus();
    }

    function move(at: number, by: number): void {
        const next = [...kept];
        const [line] = next.splice(at, 1);
        if (line) next.splice(at + by, 0, line);
        set(next);
    }
</script>

<div {id} role="group" aria-label={setting.label}>
    <ol class="grid gap-2" bind:this={list}>
        {#each kept as line, at (at)}
            <li class="grid gap-1 border-l border-hair pl-2" class:ml-4={line.under}>
                <input
                    class="field w-full"
                    maxlength="60"
                    placeholder="Words"
                    aria-label="Words of link {at + 1}"
                    disabled={!table.mayEdit}
                    value={line.words}
                    onchange={(event) => change(at, 'words', event.currentTarget.value)}
                />
                <input
                    class="field w-full"
                    maxlength="500"
                    placeholder="/all, https://…, mailto:…"
                    aria-label="Address of link {at + 1}"
                    aria-invalid={written?.at === at}
                    disabled={!table.mayEdit}
                    value={written?.at === at ? written.value : line.link}
                    onchange={(event) => change(at, 'link', event.currentTarget.value)}
                />
                {#if written?.at === at}
                    <p class="text-xs text-trouble" role="alert">
                        An address begins with / for a page of the shop, or with https://, mailto: or tel:. The one
                        before was kept.
                    </p>
                {/if}
                {#if table.mayEdit}
                    <p class="flex flex-wrap gap-x-3 text-xs">
                        <button
                            type="button"
                            class="word"
                            disabled={at === 0}
                            onclick={() => move(at, -1)}
                            aria-label="Move link {at + 1} up">up</button
                        >
                        <button
                            type="button"
                            class="word"
                            disabled={at === kept.length - 1}
                            onclick={() => move(at, 1)}
                            aria-label="Move link {at + 1} down">down</button
                        >
                        {#if at > 0}
                            <button
                                type="button"
                                class="word"
                                onclick={() =>
                                    set(
                                        kept.map((one, number) =>
                                            number === at ? { ...one, under: !one.under } : one,
                                        ),
                                    )}>{line.under ? 'not beneath the one above' : 'beneath the one above'}</button
                            >
                        {/if}
                        <button
                            type="button"
                            class="word"
                            onclick={() => set(kept.filter((_, number) => number !== at))}
                            aria-label="Take link {at + 1} out">take out</button
                        >
                    </p>
                {/if}
            </li>
        {/each}
    </ol>
    {#if kept.length === 0}<p class="text-xs text-quiet">No links yet.</p>{/if}
    {#if table.mayEdit}
        <button type="button" class="word mt-2" disabled={kept.length >= most} onclick={() => void add()}
            >Add a link</button
        >
        {#if kept.length >= most}<p class="text-xs text-quiet">
                These are {most}, which is as many as a list takes.
            </p>{/if}
    {/if}
</div>
