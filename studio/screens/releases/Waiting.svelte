<script lang="ts">
    import { when } from '../../lib/words';
    import { untrack } from 'svelte';
    import { post } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import { saveSeen } from '../../lib/sameTime';
    import type { ReleaseRow } from '../../lib/types';
    import Moves from '../../parts/Moves.svelte';
    import Turns from '../drawing-table/publish/Turns.svelte';

    let { release, mayPublish, changed }: { release: ReleaseRow; mayPublish: boolean; changed: (release: ReleaseRow) => void } = $props();
    let due = $state(untrack(() => release.dueWall ?? ''));
    let changing = $state(false);

    async function move(): Promise<void> {
        try {
            await saveSeen<ReleaseRow>({
                address: `/studio/releases/${release.id}`,
                values: { due },
                seen: { due: release.dueWall },
                saved: (answer) => (changed(answer), (changing = false)),
                theirs: (values) => (due = String(values.due)),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function callOff(): Promise<void> {
        try {
            changed(await post<ReleaseRow>(`/studio/releases/${release.id}/call-off`));
            notices.say('Called off. Nothing will change.');
        } catch (error) {
            notices.trouble(error);
        }
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
            <button class="button" onclick={() => (changing = !changing)}>{changing ? 'Leave the time' : 'Another time…'}</button>
            <button class="button" onclick={callOff}>Call it off</button>
        </div>
    {/if}
</section>
