<script lang="ts">
    import { answer } from '../../lib/focus';
    import { movesOf, pageWords } from '../../lib/pages';
    import { counted } from '../../lib/words';
    import type { Specimen } from '../../lib/types';
    import type { House } from './house.svelte';

    let { house, specimens }: { house: House; specimens: Specimen[] } = $props();
    let note = $state('');
    const pages = $derived(specimens.filter((one) => ['product', 'category'].includes(one.name)));
    const inUse = $derived(house.state.kept.find((one) => one.inUse));
</script>

{#if house.impact}
    <section
        class="border-b border-hair bg-sheet px-6 py-4"
        aria-label="What publishing would do"
        data-publish-house
        {@attach answer}
    >
        <h2 class="text-lg">
            {inUse && inUse.id !== house.id
                ? `Put “${house.state.style.name}” into use instead of “${inUse.name}”`
                : `Publish ${counted(house.state.changed.length, 'decision')}`}
        </h2>
        <p role="status">
            Every page gets a new look:
            {house.impact.kinds
                .filter((kind) => kind.look > 0)
                .map(
                    (kind) =>
                        `${kind.look} ${kind.look === 1 ? pageWords(kind.pageKind).page : pageWords(kind.pageKind).pages}`,
                )
                .join(', ')}. {movesOf(house.impact)}.
        </p>
        <div class="mt-3 grid gap-4 min-[900px]:grid-cols-2">
            {#each pages as one (one.name)}
                <div class="grid grid-cols-2 gap-2">
                    {#each [{ words: 'before', address: one.address }, { words: 'after', address: `${one.address}?house=${house.id}` }] as side (side.words)}
                        <figure>
                            <figcaption class="text-xs text-quiet">{side.words} · {one.words}</figcaption>
                            <div class="h-44 overflow-hidden rounded border border-hair">
                                <iframe
                                    title="{one.words}, {side.words}"
                                    src={side.address}
                                    class="h-[720px] w-[1000px] origin-top-left scale-[0.26] border-0 bg-white"
                                ></iframe>
                            </div>
                        </figure>
                    {/each}
                </div>
            {/each}
        </div>
        <div class="mt-3 flex flex-wrap items-end gap-3">
            <label class="min-w-60 flex-1"
                ><span class="text-sm text-quiet">A note, for whoever looks back at it</span><input
                    class="field w-full"
                    maxlength="300"
                    bind:value={note}
                /></label
            >
            <button
                class="button button-next"
                disabled={house.busy}
                onclick={() => void house.publish(note).then(() => (note = ''))}>Publish</button
            >
            <button class="button" onclick={() => (house.impact = null)}>Not now</button>
        </div>
    </section>
{/if}
