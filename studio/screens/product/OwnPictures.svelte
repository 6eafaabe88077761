<script lang="ts">
    import { untrack } from 'svelte';
    import { post } from '../../lib/http';
    import { inTurn } from '../../lib/inTurn';
    import { notices } from '../../lib/notices.svelte';
    import PictureField from '../../parts/PictureField.svelte';
    import type { Picture } from '../pictures/types';

    let { product, given, shown: pictures, may }: { product: number; given: number[]; shown: Picture[]; may: boolean } = $props();
    let ids = $state.raw(untrack(() => given));
    let known = $state.raw(untrack(() => Object.fromEntries(pictures.map((one) => [one.id, one]))));

    const turn = inTurn();

    function arrange(change: (now: number[]) => number[], words: string): Promise<void> {
        return turn(() => store(change(ids), words));
    }

    async function store(next: number[], words: string): Promise<void> {
        const before = ids;
        if (next.join() === before.join()) return;
        try {
            const answer = await post<{ pictures: number[]; shown: Picture[] }>(`/studio/products/${product}/pictures`, { ids: next, before });
            take(answer);
            notices.say(words, { words: 'Take this back', do: () => void arrange(() => before, 'The pictures are as they were.') });
        } catch (error) {
            const body = (error as { body?: { pictures?: number[]; shown?: Picture[] } }).body;
            if (body?.pictures && body.shown) take({ pictures: body.pictures, shown: body.shown });
            notices.trouble(error);
        }
    }

    function take(answer: { pictures: number[]; shown: Picture[] }): void {
        ids = answer.pictures;
        known = { ...known, ...Object.fromEntries(answer.shown.map((one) => [one.id, one])) };
    }

    function move(id: number, by: number): void {
        void arrange((now) => {
            const next = now.filter((one) => one !== id);
            next.splice(Math.max(0, now.indexOf(id) + by), 0, id);
            return now.includes(id) ? next : now;
        }, 'The pictures stand in another order.');
    }
</script>

<section aria-labelledby="pictures-title">
    <h2 id="pictures-title" class="text-lg">Pictures</h2>
    <ol class="mt-2 flex flex-wrap gap-3">
        {#each ids as id, index (id)}
            {@const picture = known[id]}
            <li class="w-32" data-picture={id}>
                <img class="aspect-square w-full rounded border border-hair bg-sheet object-contain" src={picture?.small ?? ''} alt={picture?.alt ?? ''} />
                <p class="mt-1 truncate text-xs {picture?.alt ? '' : 'text-trouble'}">{picture?.alt || 'no words yet'}</p>
                {#if may}
                    <p class="flex gap-2 text-sm">
                        <button class="word min-h-6 min-w-6" disabled={index === 0} aria-label="Picture {index + 1} earlier" onclick={() => move(id, -1)}
                            >←</button
                        >
                        <button
                            class="word min-h-6 min-w-6"
                            disabled={index === ids.length - 1}
                            aria-label="Picture {index + 1} later"
                            onclick={() => move(id, 1)}>→</button
                        >
                        <button
                            class="word min-h-6"
                            aria-label="Take picture {index + 1} off"
                            onclick={() => arrange((now) => now.filter((one) => one !== id), 'The picture is off the product.')}>out</button
                        >
                    </p>
                {/if}
            </li>
        {:else}
            <li class="text-quiet">It has no picture yet. Its page shows a stand-in.</li>
        {/each}
    </ol>
    {#if may}
        <div class="mt-2 max-w-72">
            <label class="unseen" for="add-picture">Another picture</label>
            <PictureField
                id="add-picture"
                value={null}
                disabled={false}
                change={(id) => arrange((now) => (now.includes(id) ? now : [...now, id]), 'The picture is on the product now.')}
            />
        </div>
    {/if}
</section>
