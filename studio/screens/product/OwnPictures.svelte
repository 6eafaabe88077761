<script lang="ts">
    import PictureField from '../../parts/PictureField.svelte';
    import type { Product } from './product.svelte';

    let { product, may }: { product: Product; may: boolean } = $props();
    const ids = $derived(product.pictures);
    const known = $derived(product.known);

    function move(id: number, by: number): void {
        void product.arrange((now) => {
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
                <img
                    class="aspect-square w-full rounded border border-hair bg-sheet object-contain"
                    src={picture?.small ?? ''}
                    alt={picture?.alt ?? ''}
                />
                <p class="mt-1 truncate text-xs {picture?.alt ? '' : 'text-trouble'}">
                    {picture?.alt || 'no words yet'}
                </p>
                {#if may}
                    <p class="flex gap-2 text-sm">
                        <button
                            class="word min-h-6 min-w-6"
                            disabled={index === 0}
                            aria-label="Picture {index + 1} earlier"
                            onclick={() => move(id, -1)}>←</button
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
                            onclick={() =>
                                void product.arrange(
                                    (now) => now.filter((one) => one !== id),
                                    'The picture is off the product.',
                                )}>out</button
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
            <PictureField
                id="add-picture"
                value={null}
                disabled={false}
                change={(id) =>
                    void product.arrange(
                        (now) => (now.includes(id) ? now : [...now, id]),
                        'The picture is on the product now.',
                    )}
            />
        </div>
    {/if}
</section>
