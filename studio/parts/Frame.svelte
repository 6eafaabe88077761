<script lang="ts">
    import type { Snippet } from 'svelte';
    import type { Screen } from '../lib/types';
    import NoticeLine from './NoticeLine.svelte';

    let { screen, here, children }: { screen: Screen<unknown>; here: string; children: Snippet } = $props();
    const token = document.querySelector<HTMLMetaElement>('meta[name="csrf-token"]')?.content ?? '';
    const places = [
        { name: 'Today', address: '/studio/today' },
        { name: 'Templates', address: '/studio/templates' },
        { name: 'Who gets what', address: '/studio/who' },
        { name: 'Facts', address: '/studio/facts' },
        { name: 'Pictures', address: '/studio/pictures' },
        { name: 'Releases', address: '/studio/releases' },
        { name: 'Reviews', address: '/studio/reviews' },
        { name: 'Words', address: '/studio/words' },
    ];
</script>

<header class="flex min-h-13 flex-wrap items-center gap-x-7 border-b border-hair px-6">
    <p class="font-name text-lg">Vestibra</p>
    <nav aria-label="Studio" class="flex gap-5">
        {#each places as place (place.address)}
            <a
                href={place.address}
                aria-current={place.name === here ? 'page' : undefined}
                class="py-3 {place.name === here ? '-mb-px border-b-2 border-ink font-semibold' : 'text-quiet hover:text-ink'}">{place.name}</a
            >
        {/each}
    </nav>
    <div class="ml-auto flex items-center gap-5">
        <a class="word" href="/">{screen.shop}, the shop</a>
        <span class="text-quiet">{screen.user.name}</span>
        <form method="post" action="/studio/sign-out">
            <input type="hidden" name="_token" value={token} />
            <button class="text-quiet hover:text-ink">Sign out</button>
        </form>
    </div>
</header>
<main class="mx-auto max-w-5xl px-6 py-9">
    {@render children()}
</main>
<NoticeLine />
