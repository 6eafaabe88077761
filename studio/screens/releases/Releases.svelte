<script lang="ts">
    import { pages, when } from '../../lib/words';
    import { untrack } from 'svelte';
    import { answer } from '../../lib/focus';
    import type { ReleaseRow, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import Moves from '../../parts/Moves.svelte';
    import { Releases } from './releases.svelte';
    import Waiting from './Waiting.svelte';

    let { screen }: { screen: Screen<{ page: number; pages: number; waiting: ReleaseRow[]; releases: ReleaseRow[] }> } =
        $props();
    const releases = new Releases(untrack(() => screen.data));
    const asked = $derived(releases.asked);
    const busy = $derived(releases.busy);
    const states = { done: '', waiting: 'waits', 'called-off': 'called off', failed: 'was not made' };
</script>

<Frame {screen} here="Releases">
    <h1 class="text-2xl">Releases</h1>
    <p class="mt-1 text-quiet">
        Everything that has changed what customers see. Each one can be brought back to how it was before.
    </p>
    {#each releases.waiting as release (release.id)}
        <Waiting {release} {releases} mayPublish={screen.may.publish} />
    {/each}
    {#if releases.made.length === 0 && releases.waiting.length === 0}
        <p class="mt-8">
            Nothing has been published yet. <a class="word" href="/studio/templates">Open a template</a> and publish it; it
            will be listed here.
        </p>
    {/if}
    <ol class="mt-6">
        {#each releases.made as release (release.id)}
            <li class="flex gap-6 border-b border-hair py-5" data-release={release.id}>
                <span class="figures w-8 font-name text-lg text-quiet">{release.id}</span>
                <div class="min-w-0 flex-1">
                    <h2 class="text-lg">
                        {release.bringsBack ? `Release ${release.bringsBack} taken back: ` : ''}{release.words}
                    </h2>
                    <p class="text-quiet">
                        {when(release.at)}, {release.author}{#if release.note}
                            · {release.note}{/if}{#if states[release.state]}
                            · {states[release.state]}{/if}
                    </p>
                    {#if release.trouble}<p class="text-trouble">{release.trouble}</p>{/if}
                    {#if release.state === 'done'}<Moves impact={release.impact} compact />{/if}
                    {#if release.later.length > 0}
                        <p class="mt-2 text-sm text-quiet">
                            Release {release.later.join(', ')} touched the same since; taking this one back sets it to how
                            it was before both.
                        </p>
                    {/if}
                    {#if asked?.id === release.id}
                        <div
                            class="float mt-3 p-4"
                            role="group"
                            aria-label="What taking it back would do"
                            {@attach answer}
                        >
                            <p>
                                Now this would move {pages(asked.impact.moved)} and give {pages(asked.impact.look)} a new
                                look. Drafts are left alone.
                            </p>
                            <Moves impact={asked.impact} compact />
                            <div class="mt-3 flex gap-3">
                                <button
                                    class="button button-next"
                                    disabled={busy}
                                    onclick={() => void releases.bringBack(release)}>Take it back</button
                                >
                                <button class="button" onclick={() => (releases.asked = null)}>Not now</button>
                            </div>
                        </div>
                    {/if}
                </div>
                {#if screen.may.publish && release.state === 'done' && asked?.id !== release.id}
                    <div>
                        <button class="button" disabled={busy} onclick={() => void releases.ask(release)}
                            >Take back…<span class="unseen"> release {release.id}</span></button
                        >
                    </div>
                {/if}
            </li>
        {/each}
    </ol>
    {#if screen.data.pages > 1}
        <nav class="mt-6 flex gap-4" aria-label="Pages">
            {#if screen.data.page > 1}<a class="word" href="?page={screen.data.page - 1}">Newer</a>{/if}
            {#if screen.data.page < screen.data.pages}<a class="word" href="?page={screen.data.page + 1}">Older</a>{/if}
        </nav>
    {/if}
</Frame>
