<script lang="ts">
    import { pagesOf, willMove } from '../../lib/pages';
    import { counted, listed, number, when } from '../../lib/words';
    import { untrack } from 'svelte';
    import type { Screen, TodayData } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import MatterSteps from '../../parts/MatterSteps.svelte';
    import { Today } from './today.svelte';
    import WalkForm from './WalkForm.svelte';

    let { screen }: { screen: Screen<TodayData> } = $props();
    const today = new Today(untrack(() => screen.data));
    const { live, waiting, latest } = untrack(() => screen.data);
    const most = Math.max(1, ...live.byTemplate.map((one) => one.count));
</script>

<Frame {screen} here="Today">
    <h1 class="text-2xl">Today in {screen.shop}</h1>
    <div class="mt-6 grid grid-cols-1 gap-x-12 gap-y-9 md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <section aria-labelledby="attention">
            <h2 id="attention" class="text-lg">Needs attention</h2>
            {#if today.attention.length === 0 && !today.looking}
                <p class="mt-2 text-quiet">Nothing. Every page has its template, and every rule names what is there.</p>
            {/if}
            <ul class="mt-2">
                {#each today.attention as matter, index (index)}
                    <li class="border-b border-dashed border-hair py-2.5" data-matter={matter.what}>
                        <p>{matter.words}</p>
                        <p class="flex gap-4">
                            {#if matter.what === 'job-died'}
                                <button class="word" onclick={() => void today.retry(matter)}
                                    >{matter.step.words}</button
                                >
                            {:else}
                                <MatterSteps
                                    {matter}
                                    mayPublish={screen.may.publish}
                                    again={() => void today.lookAgain()}
                                />
                            {/if}
                            {#if matter.step.settle !== undefined && screen.may.edit}
                                <button class="text-quiet hover:text-ink" onclick={() => void today.settle(matter)}
                                    >seen to</button
                                >
                            {/if}
                        </p>
                    </li>
                {/each}
            </ul>
            {#if today.looking}<p class="mt-2 text-quiet" role="status">Looking through the rules…</p>{/if}
        </section>
        <section aria-labelledby="live">
            <h2 id="live" class="text-lg">Live</h2>
            <p class="text-quiet">
                {listed(live.pages.map((of) => pagesOf(of.pageKind, of.count)))} through {counted(
                    live.templates,
                    'template',
                )}
            </p>
            <ul class="mt-2">
                {#each live.byTemplate as one (one.id)}
                    <li class="py-1">
                        <span class="flex justify-between gap-4"
                            ><a class="word truncate" href="/studio/templates/{one.id}">{one.name}</a><span
                                class="figures">{number(one.count)}</span
                            ></span
                        >
                        <span
                            class="mt-1 block h-1 rounded bg-live"
                            style:width="{(100 * one.count) / most}%"
                            aria-hidden="true"
                        ></span>
                    </li>
                {/each}
            </ul>
            {#if live.drafts > 0}
                <p class="mt-3">
                    <a class="word" href="/studio/templates"
                        >{counted(live.drafts, 'template has', 'templates have')} work that is not published</a
                    >
                </p>
            {/if}
            {#if live.words > 0}
                <p class="mt-3">
                    <a class="word" href="/studio/words"
                        >{counted(live.words, 'message is', 'messages are')} changed and not published</a
                    >
                </p>
            {/if}
        </section>
        <section aria-labelledby="waiting">
            <h2 id="waiting" class="text-lg">Waits for its time</h2>
            {#each live.ahead as one (one.id)}
                <p class="mt-2" data-ahead>
                    <a class="word" href="/studio/templates/{one.id}?view=reach">{one.name}</a><span
                        class="block text-quiet"
                        >live; will be shown on {pagesOf(one.pageKind, one.count)} {one.season}</span
                    >
                </p>
            {/each}
            {#each waiting as release (release.id)}
                <p class="mt-2">
                    {release.words}<span class="block text-quiet"
                        >{release.due ? when(release.due) : ''} · {willMove(release.impact)} will move ·
                        <a class="word" href="/studio/releases">change or call off</a></span
                    >
                </p>
            {:else}
                {#if live.ahead.length === 0}
                    <p class="mt-2 text-quiet">
                        Nothing. Publish at a time, or give a template a season, and it is listed here.
                    </p>
                {/if}
            {/each}
            {#if latest}
                <h3 class="mt-5 font-sans text-base font-semibold">The latest release</h3>
                <p>
                    {latest.words}<span class="block text-quiet"
                        >{when(latest.at)}, {latest.author} ·
                        <a class="word" href="/studio/releases">all releases</a></span
                    >
                </p>
            {/if}
        </section>
        <WalkForm {today} templates={screen.data.templates} />
    </div>
</Frame>
