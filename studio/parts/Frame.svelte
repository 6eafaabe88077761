<script lang="ts">
    import type { Snippet } from 'svelte';
    import type { Screen } from '../lib/types';
    import NoticeLine from './NoticeLine.svelte';

    interface Props {
        screen: Screen<unknown>;
        here: string;
        /** Where in the catalogue. */
        place?: string;
        wide?: boolean;
        /** The window is the screen's room; nothing of it scrolls but what is in it. */
        whole?: boolean;
        children: Snippet;
    }

    let { screen, here, place = '', wide = false, whole = false, children }: Props = $props();
    const token = document.querySelector<HTMLMetaElement>('meta[name="csrf-token"]')?.content ?? '';
    const places = [
        { name: 'Today', address: '/studio/today' },
        { name: 'Templates', address: '/studio/templates' },
        { name: 'Who gets what', address: '/studio/who' },
        { name: 'House style', address: '/studio/house-style' },
        { name: 'Catalogue', address: '/studio/catalogue' },
        { name: 'Releases', address: '/studio/releases' },
        { name: 'Words', address: '/studio/words' },
    ];
    /** In a narrow window the places fold away. */
    let open = $state(false);
    const catalogue = $derived([
        { name: 'Products', address: '/studio/catalogue' },
        { name: 'Categories', address: '/studio/catalogue/category' },
        { name: 'Collections', address: '/studio/catalogue/collection' },
        { name: 'Brands', address: '/studio/catalogue/brand' },
        { name: 'Tags', address: '/studio/catalogue/tag' },
        { name: 'Options', address: '/studio/catalogue/option' },
        { name: 'Facts', address: '/studio/facts' },
        { name: 'Pictures and files', address: '/studio/pictures' },
        { name: 'Reviews', address: '/studio/reviews' },
        { name: 'Search', address: '/studio/search' },
        { name: 'Newsletter', address: '/studio/news' },
        { name: 'Money and measures', address: '/studio/catalogue/money' },
        ...(screen.may.publish ? [{ name: 'In and out', address: '/studio/in-and-out' }] : []),
        { name: 'History', address: '/studio/catalogue/history' },
    ]);
</script>

<header class="flex min-h-13 flex-wrap items-center gap-x-4 border-b border-hair px-4 sm:gap-x-7 sm:px-6">
    <p class="font-name text-lg">Vestibra</p>
    <button
        class="min-h-11 font-semibold sm:hidden"
        aria-expanded={open}
        aria-controls="places"
        onclick={() => (open = !open)}
        >{place === '' ? here : `${here}: ${place}`} <span aria-hidden="true">{open ? '▴' : '▾'}</span></button
    >
    <nav
        id="places"
        aria-label="Studio"
        class="flex-wrap gap-x-5 max-sm:order-last max-sm:grid max-sm:w-full max-sm:grid-cols-2 sm:flex {open
            ? ''
            : 'max-sm:hidden'}"
    >
        {#each places as place (place.address)}
            <a
                href={place.address}
                aria-current={place.name === here ? 'page' : undefined}
                class="py-3 {place.name === here
                    ? '-mb-px border-b-2 border-ink font-semibold'
                    : 'text-quiet hover:text-ink'}">{place.name}</a
            >
        {/each}
    </nav>
    <div class="ml-auto flex items-center gap-3 sm:gap-5">
        <a class="word py-0.5" href="/"><span class="max-sm:hidden">{screen.shop}, </span>the shop</a>
        <span class="text-quiet max-sm:hidden">{screen.user.name}</span>
        <form method="post" action="/studio/sign-out">
            <input type="hidden" name="_token" value={token} />
            <button class="min-h-6 text-quiet hover:text-ink">Sign out</button>
        </form>
    </div>
</header>
{#if here === 'Catalogue'}
    <nav
        aria-label="Catalogue"
        class="flex-wrap gap-x-5 border-b border-dashed border-hair px-4 max-sm:grid max-sm:grid-cols-2 sm:flex sm:px-6 {open
            ? ''
            : 'max-sm:hidden'}"
    >
        {#each catalogue as one (one.address)}
            <a
                href={one.address}
                aria-current={one.name === place ? 'page' : undefined}
                class="py-2 max-sm:py-3 {one.name === place ? 'font-semibold' : 'text-quiet hover:text-ink'}"
                >{one.name}</a
            >
        {/each}
    </nav>
{/if}
<main
    class={whole
        ? 'flex min-h-0 flex-col sm:h-[calc(100vh-53px)]'
        : `mx-auto ${wide ? 'max-w-7xl' : 'max-w-5xl'} px-4 py-6 sm:px-6 sm:py-9`}
>
    {@render children()}
</main>
<NoticeLine />
