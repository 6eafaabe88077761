<script lang="ts">
    import { when } from '../../lib/words';
    import { untrack } from 'svelte';
    import type { ReleaseRow } from '../../lib/types';
    import Moves from '../../parts/Moves.svelte';
    import Turns from '../../parts/Turns.svelte';
    import type { Releases } from './releases.svelte';

    let { release, releases, mayPublish }: { release: ReleaseRow; releases: Releases; mayPublish: boolean } = $props();
    let due = $state(untrack(() => release.dueWall ?? ''));
    let changing = $state(false);

    function move(): void {
        void releases.move(
            release,
            due,
            () => (changing = false),
            (theirs) => (due = theirs),
        );
    }
</script>

<section class="mt-6 rounded-lg border border-dashed border-edge p-4" aria-label="Waits for its time">
    <h2 class="text-lg">{release.words}, on {release.due ? when(release.due) : ''}</h2>
    <p class="text-quiet">
        Waits · {release.author}{#if release.note}
            · {release.note}{/if} · worked out anew when its time comes
    </p>
    <Moves impact={release.impact} group="/studio/releases/{release.id}/group?" />
    <Turns turns={release.impact.turns ?? []} />
    {#if mayPublish}
        <div class="mt-3 flex flex-wrap items-center gap-3">
            {#if changing}
                <label>At <input class="field ml-1" type="datetime-local" bind:value={due} /></label>
                <button class="button button-next" onclick={move}>Then instead</button>
            {/if}
            <button class="button" onclick={() => (changing = !changing)}
                >{changing ? 'Leave the time' : 'Another time…'}</button
            >
            <button class="button" onclick={() => void releases.callOff(release)}>Call it off</button>
        </div>
    {/if}
</section>
