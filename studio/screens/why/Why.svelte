<script lang="ts">
    import { untrack } from 'svelte';
    import type { Ladder, Screen } from '../../lib/types';
    import { canBeNamed, pageWords, standsOnPages } from '../../lib/pages';
    import Frame from '../../parts/Frame.svelte';
    import PageOfItsOwn from '../../parts/PageOfItsOwn.svelte';
    import LadderView from '../../parts/LadderView.svelte';
    import { Why } from '../../parts/why.svelte';

    let { screen }: { screen: Screen<{ ladder: Ladder }> } = $props();
    const why = new Why(untrack(() => screen.data.ladder));
    const ladder = $derived(why.ladder ?? screen.data.ladder);
    const page = $derived(ladder.page);
    const look = (): void => void why.look(ladder.pageKind, page.id);
</script>

<Frame {screen} here="Who gets what">
    <h1 class="text-2xl">
        {standsOnPages(ladder.pageKind)
            ? `Why does ${page.title} have this ${ladder.pageKind}?`
            : `Why does ${page.title} look like this?`}
    </h1>
    <LadderView {ladder} mayPublish={screen.may.publish} changed={look} />
    <div class="mt-5 flex flex-wrap items-center gap-4">
        <a class="button" href={page.address}>See the page</a>
        {#if ladder.rungs[0]?.template}<a
                class="button"
                href="/studio/templates/{ladder.rungs[0].template}?sample={page.id}"
                >Open “{ladder.rungs[0].name}” with {page.title}</a
            >{/if}
        {#if screen.may.edit && canBeNamed(ladder.pageKind)}<PageOfItsOwn
                pageKind={ladder.pageKind}
                subject={page.id}
                one={pageWords(ladder.pageKind).one}
            />{/if}
        <label class="text-quiet"
            >As on <input class="field ml-1" type="date" bind:value={why.at} onchange={look} /></label
        >
    </div>
</Frame>
