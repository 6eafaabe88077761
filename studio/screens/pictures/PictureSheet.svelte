<script lang="ts">
    import NamePicker from '../../parts/NamePicker.svelte';
    import type { Pictures } from './pictures.svelte';
    import type { Picture } from './types';

    let { picture, pictures, may }: { picture: Picture; pictures: Pictures; may: boolean } = $props();
    let picking = $state(false);
    // What is kept in the end, mine or somebody else's, stands in the field.
    let alt = $derived(picture.alt);
    const uses = $derived(pictures.uses);
    const places = [0, 1, 2, 3, 4];
    const describe = (words: string, x: number, y: number): void => void pictures.describe(picture, words, x, y);

    $effect(() => {
        void picture.products;
        void pictures.askUses(picture);
    });
</script>

<section aria-label="The chosen picture" class="md:sticky md:top-6 md:self-start">
    <div class="relative">
        <img class="w-full rounded-lg bg-sheet" src={picture.small} alt={picture.alt} />
        {#if may}
            <div
                class="absolute inset-0 grid grid-cols-5 grid-rows-5"
                role="group"
                aria-label="What matters most in it"
            >
                {#each places as y (y)}
                    {#each places as x (x)}
                        <button
                            class="group grid place-items-center focus-visible:outline-2"
                            aria-label="Column {x + 1}, row {y + 1}"
                            aria-pressed={picture.focusX === x && picture.focusY === y}
                            onclick={() => describe(alt, x, y)}
                        >
                            <span
                                class="size-4 rounded-full border-2 {picture.focusX === x && picture.focusY === y
                                    ? 'border-[#1b2233] bg-[#fffdf8]'
                                    : 'border-transparent group-hover:border-[#1b2233]/50'}"
                            ></span>
                        </button>
                    {/each}
                {/each}
            </div>
        {/if}
    </div>
    <p class="mt-1 text-xs text-quiet">
        {picture.width} × {picture.height} pixels{picture.state === 'new'
            ? ' · its sizes are being made'
            : picture.state === 'broken'
              ? ' · it cannot be read'
              : ''}
        {#if may}· click what must stay in view when it is cut{/if}
    </p>
    <label class="mt-3 block"
        >Said to those who cannot see it
        <textarea
            class="field block w-full"
            rows="3"
            maxlength="300"
            disabled={!may}
            placeholder="A bottle of teal ink on white paper"
            bind:value={alt}
            onchange={() => describe(alt, picture.focusX, picture.focusY)}></textarea></label
    >
    <h2 class="mt-4 font-semibold">Where it is used</h2>
    {#if uses}
        <ul>
            {#each uses.products as product (product.id)}<li>
                    <a class="word" href="/p/{product.slug}">{product.title}</a>
                </li>{/each}
            {#each uses.templates as template (template.id)}
                <li>
                    <a class="word" href="/studio/templates/{template.id}">{template.name}</a>
                    <span class="text-quiet">template</span>
                </li>
            {/each}
            {#if uses.products.length + uses.templates.length === 0}<li class="text-quiet">Nowhere yet.</li>{/if}
        </ul>
        {#if may}
            <button class="button mt-2" aria-expanded={picking} onclick={() => (picking = !picking)}
                >{picking ? 'Done' : 'Put it on products…'}</button
            >
            {#if picking}
                <NamePicker
                    things="product"
                    names={Object.fromEntries(uses.products.map((product) => [product.id, product.title]))}
                    values={uses.products.map((product) => product.id)}
                    set={(ids) => void pictures.putOn(picture, ids)}
                />
            {/if}
        {/if}
    {/if}
</section>
