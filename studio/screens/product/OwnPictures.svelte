<script lang="ts">
    import PictureField from '../../parts/PictureField.svelte';
    import PictureRow from '../../parts/PictureRow.svelte';
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
    <PictureRow
        {ids}
        {known}
        {may}
        none="It has no picture yet. Its page shows a stand-in."
        {move}
        out={(id) => void product.arrange((now) => now.filter((one) => one !== id), 'The picture is off the product.')}
    />
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
