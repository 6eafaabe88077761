<script lang="ts">
    import { untrack } from 'svelte';
    import { get, post } from '../../lib/http';
    import { inTurn } from '../../lib/inTurn';
    import { notices } from '../../lib/notices.svelte';
    import type { Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import type { Change, Fact } from '../facts/types';
    import FactRow from './FactRow.svelte';
    import OwnPictures from './OwnPictures.svelte';
    import type { ProductData } from './types';

    let { screen }: { screen: Screen<ProductData> } = $props();
    const { product, template, facts, contents, shownPictures } = untrack(() => screen.data);
    let values = $state.raw(untrack(() => screen.data.values));
    let pictures = $state.raw(shownPictures);
    let wrong = $state.raw<Record<number, string>>({});
    const may = $derived(screen.may.edit);
    const groups = [...new Set(facts.map((fact) => fact.group))];

    /** What is stored, as far as this window knows; `values` is what was last filled in. */
    let stored = untrack(() => screen.data.values);
    const turn = inTurn();

    function fill(fact: Fact, written: string[], words = `${fact.name} is ${written.length === 0 ? 'empty' : 'filled in'}.`): Promise<void> {
        values = { ...values, [fact.id]: written };
        return turn(() => store(fact, written, words));
    }

    async function store(fact: Fact, written: string[], words: string): Promise<void> {
        const before = stored[fact.id] ?? [];
        wrong = { ...wrong, [fact.id]: '' };
        if (JSON.stringify(before) === JSON.stringify(written)) return;
        try {
            await post('/studio/facts/values', { changes: [{ product: product.id, fact: fact.id, written, before }] });
            stored = { ...stored, [fact.id]: written };
            if (fact.kind === 'picture') await learn(written);
            notices.say(words, { words: 'Take this back', do: () => void fill(fact, before, `${fact.name} is as it was.`) });
        } catch (error) {
            const body = (error as { body?: { wrong?: { message: string }[]; crossed?: Change[] } }).body;
            const crossed = body?.crossed?.[0];
            if (crossed) {
                stored = { ...stored, [fact.id]: crossed.written };
                values = { ...values, [fact.id]: crossed.written };
            }
            if (body?.wrong?.[0]) wrong = { ...wrong, [fact.id]: body.wrong[0].message };
            notices.trouble(error);
        }
    }

    async function learn(ids: string[]): Promise<void> {
        const answer = await get<{ pictures: typeof pictures }>(`/studio/pictures/rows?ids=${ids.join(',')}`);
        pictures = [...pictures, ...answer.pictures];
    }
</script>

<Frame {screen} here="Facts">
    <p><a class="word" href="/studio/facts">All products and their facts</a></p>
    <h1 class="mt-2 text-2xl">{product.title}</h1>
    <p class="mt-1 text-quiet">
        {[product.category, product.brand, product.published ? null : 'hidden from customers'].filter((one) => one !== null).join(' · ')}
    </p>
    <p class="mt-2">
        Its page is laid out by “{template.name}”.
        <a class="word" href="/studio/templates/{template.id}?sample={product.id}">Open it with this product</a> ·
        <a class="word" href="/studio/why/product/{product.slug}">why this one?</a> ·
        <a class="word" href="/p/{product.slug}">see it in the shop</a>
    </p>
    <div class="mt-7"><OwnPictures product={product.id} given={screen.data.pictures} shown={shownPictures} {may} /></div>
    <section class="mt-8" aria-labelledby="facts-title">
        <h2 id="facts-title" class="text-lg">Facts</h2>
        {#if facts.length === 0}
            <p class="text-quiet">The shop has no facts yet. <a class="word" href="/studio/facts">Define the first one</a>; then it can be filled in here.</p>
        {/if}
        {#each groups as group (group)}
            {#if group !== ''}<h3 class="mt-4 font-sans font-semibold">{group}</h3>{/if}
            {#each facts.filter((fact) => fact.group === group) as fact (fact.id)}
                <FactRow
                    product={product.id}
                    {fact}
                    values={values[fact.id] ?? []}
                    content={contents[fact.id] ?? null}
                    {pictures}
                    {may}
                    wrong={wrong[fact.id] ?? ''}
                    fill={(written) => fill(fact, written)}
                />
            {/each}
        {/each}
    </section>
</Frame>
