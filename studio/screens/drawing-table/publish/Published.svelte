<script lang="ts">
    import { heading } from '../../../lib/focus';
    import { willMove } from '../../../lib/pages';
    import { counted, when } from '../../../lib/words';
    import { untrack } from 'svelte';
    import type { ReleaseRow } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import type { Publishing } from './publish.svelte';
    import Turns from '../../../parts/Turns.svelte';

    let { table, state, release }: { table: Table; state: Publishing; release: ReleaseRow } = $props();
    // What stands in the bar above is of before the release.
    untrack(() => table.drawn.forEach((one) => void one.sending.news()));
    const changed = $derived(release.look?.changed ?? []);
    const same = $derived(release.look?.same ?? []);
</script>

{#if release.state === 'waiting' && release.due}
    <h2 class="text-2xl" {@attach heading}>It waits until {when(release.due)}</h2>
    <p class="mt-1 text-quiet" role="status">
        {willMove(release.impact)} will move and {release.impact.look} get a new look then, as things stand. Nothing changes
        before.
    </p>
{:else}
    <h2 class="text-2xl" {@attach heading}>“{state.name}” {state.name.includes('”, “') ? 'are' : 'is'} live</h2>
    <p class="mt-1 text-quiet" role="status">
        {willMove(release.impact)} moved, {release.impact.look} got a new look, {counted(
            release.impact.stays,
            'stays as it was',
            'stay as they were',
        )}.
    </p>
    {#if changed.length > 0}
        <div class="mt-5 grid grid-cols-2 gap-8">
            <section>
                <h3 class="font-sans text-base font-semibold">Changed; see for yourself</h3>
                <ul class="mt-1 flex flex-col gap-1">
                    {#each changed as page (page.id)}<li>
                            <a class="word" href={page.address}>{page.title}</a>
                        </li>{/each}
                </ul>
            </section>
            {#if same.length > 0}
                <section>
                    <h3 class="font-sans text-base font-semibold">Near by, and as before</h3>
                    <ul class="mt-1 flex flex-col gap-1">
                        {#each same as page (page.id)}<li>
                                <a class="word" href={page.address}>{page.title}</a>
                            </li>{/each}
                    </ul>
                </section>
            {/if}
        </div>
    {/if}
{/if}
<Turns turns={release.impact.turns ?? []} />
<div class="mt-7 flex flex-wrap items-center gap-3">
    {#if release.state === 'done'}<a class="button button-next" href={changed[0]?.address ?? '/'}>Open the shop</a>{/if}
    <a class="button" href={table.base}>Back to the page</a>
    <button class="button" disabled={state.busy} onclick={() => state.takeBack(release)}
        >{release.state === 'waiting' ? 'Call it off' : 'Bring the shop back to how it was'}</button
    >
</div>
