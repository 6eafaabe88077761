<script lang="ts">
    import { untrack } from 'svelte';
    import { get } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import type { Ladder, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import LadderView from '../../parts/LadderView.svelte';

    let { screen }: { screen: Screen<{ ladder: Ladder }> } = $props();
    let ladder = $state.raw(untrack(() => screen.data.ladder));
    let at = $state('');
    const page = $derived(ladder.page);

    async function look(): Promise<void> {
        try {
            ladder = await get<Ladder>(`/studio/ladder/${ladder.pageKind}/${page.id}${at ? `?at=${at}` : ''}`);
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<Frame {screen} here="Who gets what">
    <h1 class="text-2xl">Why does {page.title} look like this?</h1>
    <LadderView {ladder} mayPublish={screen.may.publish} changed={look} />
    <div class="mt-5 flex flex-wrap items-center gap-4">
        <a class="button" href={page.address}>See the page</a>
        <a class="button" href="/studio/templates/{ladder.rungs[0]?.template}?sample={page.id}">Open “{ladder.rungs[0]?.name}” with {page.title}</a>
        <label class="text-quiet">As on <input class="field ml-1" type="date" bind:value={at} onchange={look} /></label>
    </div>
</Frame>
