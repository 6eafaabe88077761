<script lang="ts">
    import { get } from '../lib/http';
    import { notices } from '../lib/notices.svelte';
    import type { NamePage } from '../lib/types';

    interface Props {
        things: string;
        names: Record<string, string>;
        values: number[];
        set: (values: number[]) => void;
    }

    let { things, names, values, set }: Props = $props();
    let query = $state('');
    let found = $state.raw<NamePage['names']>([]);
    let known = $state.raw<Record<string, string>>({});
    let more = $state(false);
    let page = 1;
    let asked = 0;
    const what = $derived(things.replace('-', ' '));

    $effect(() => {
        void load(things, query, 1);
    });

    async function load(of: string, words: string, wanted: number): Promise<void> {
        const mine = ++asked;
        try {
            const answer = await get<NamePage>(`/studio/names/${of}?q=${encodeURIComponent(words)}&page=${wanted}`);
            if (mine !== asked) return;
            found = wanted === 1 ? answer.names : [...found, ...answer.names];
            known = { ...known, ...Object.fromEntries(answer.names.map((name) => [name.id, name.name])) };
            more = answer.more;
            page = wanted;
        } catch (error) {
            notices.trouble(error);
        }
    }

    function toggle(id: number, on: boolean): void {
        set(on ? [...values, id] : values.filter((one) => one !== id));
    }
</script>

<input class="field mt-2 w-full" type="search" placeholder="Find…" aria-label="Find a {what}" bind:value={query} />
<div class="mt-2 max-h-56 overflow-y-auto" role="group" aria-label="Which {what}">
    {#each values.filter((id) => !found.some((name) => name.id === id)) as id (id)}
        <label class="flex gap-2 py-0.75">
            <input type="checkbox" checked onchange={() => toggle(id, false)} />
            {names[id] ?? known[id] ?? 'something deleted'}
        </label>
    {/each}
    {#each found as name (name.id)}
        <label class="flex gap-2 py-0.75" style:padding-left="{query === '' ? (name.depth - 1) * 16 : 0}px">
            <input type="checkbox" checked={values.includes(name.id)} onchange={(event) => toggle(name.id, event.currentTarget.checked)} />
            {name.name}
        </label>
    {:else}
        <p class="py-2 text-quiet">Nothing is called that.</p>
    {/each}
    {#if more}<button type="button" class="word py-1" onclick={() => load(things, query, page + 1)}>More</button>{/if}
</div>
