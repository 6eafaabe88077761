<script lang="ts">
    import { when } from '../../lib/words';
    import { untrack } from 'svelte';
    import { get, post } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';
    import type { Review, ReviewPage, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';

    let { screen }: { screen: Screen<ReviewPage> } = $props();
    let rows = $state.raw(untrack(() => screen.data.rows));
    let more = $state(untrack(() => screen.data.more));
    let shown = $state<Review['state']>('waiting');
    let page = 1;
    const kinds: { state: Review['state']; words: string; empty: string }[] = [
        { state: 'waiting', words: 'Waiting to be read', empty: 'Nothing waits. What customers write in the shop comes here first.' },
        { state: 'read', words: 'In the shop', empty: 'No review is in the shop yet.' },
        { state: 'refused', words: 'Refused', empty: 'None was refused.' },
    ];

    async function load(state: Review['state'], wanted: number): Promise<void> {
        try {
            const answer = await get<ReviewPage>(`/studio/reviews/rows?state=${state}&page=${wanted}`);
            rows = wanted === 1 ? answer.rows : [...rows, ...answer.rows];
            ({ more } = answer);
            shown = state;
            page = wanted;
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function decide(review: Review, state: Review['state']): Promise<void> {
        try {
            await post(`/studio/reviews/${review.id}`, { state, seen: { state: review.state } });
            rows = rows.filter((one) => one.id !== review.id);
            notices.say(state === 'read' ? 'It stands in the shop now.' : state === 'refused' ? 'It is kept here and not shown.' : 'It waits again.', {
                words: 'Undo',
                do: () => void undo(review),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    async function undo(review: Review): Promise<void> {
        await post(`/studio/reviews/${review.id}`, { state: review.state });
        await load(shown, 1);
    }
</script>

<Frame {screen} here="Reviews">
    <h1 class="text-2xl">Reviews</h1>
    <p class="mt-1 text-quiet">What customers write stands in the shop only after you have read it.</p>
    <p class="mt-5 flex flex-wrap gap-5" role="group" aria-label="Which reviews">
        {#each kinds as kind (kind.state)}
            <button class={shown === kind.state ? 'font-semibold' : 'word'} aria-pressed={shown === kind.state} onclick={() => load(kind.state, 1)}
                >{kind.words}</button
            >
        {/each}
    </p>
    <ul class="mt-3">
        {#each rows as review (review.id)}
            <li class="border-b border-dashed border-hair py-3" data-review={review.id}>
                <p>
                    <span class="figures">{review.stars} of 5</span> for <a class="word" href="/p/{review.slug}">{review.product}</a>
                    <span class="text-quiet">by {review.author}, {when(review.writtenAt)}</span>
                </p>
                {#if review.words !== ''}<p class="mt-1 max-w-2xl break-words whitespace-pre-line">{review.words}</p>{/if}
                {#if screen.may.edit}
                    <p class="mt-1.5 flex gap-4">
                        {#if review.state !== 'read'}<button class="word" onclick={() => decide(review, 'read')}>Show it in the shop</button>{/if}
                        {#if review.state !== 'refused'}<button class="word" onclick={() => decide(review, 'refused')}
                                >{review.state === 'read' ? 'Take it out' : 'Refuse it'}</button
                            >{/if}
                    </p>
                {/if}
            </li>
        {:else}
            <li class="py-3 text-quiet">{kinds.find((kind) => kind.state === shown)?.empty}</li>
        {/each}
    </ul>
    {#if more}<button class="word mt-3" onclick={() => load(shown, page + 1)}>More</button>{/if}
</Frame>
