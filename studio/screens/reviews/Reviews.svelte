<script lang="ts">
    import { when } from '../../lib/words';
    import { untrack } from 'svelte';
    import type { Review, ReviewPage, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import { Reviews } from './reviews.svelte';

    let { screen }: { screen: Screen<ReviewPage> } = $props();
    const reviews = new Reviews(untrack(() => screen.data));
    const kinds: { state: Review['state']; words: string; empty: string }[] = [
        {
            state: 'waiting',
            words: 'Waiting to be read',
            empty: 'Nothing waits. What customers write in the shop comes here first.',
        },
        { state: 'read', words: 'In the shop', empty: 'No review is in the shop yet.' },
        { state: 'refused', words: 'Refused', empty: 'None was refused.' },
    ];
</script>

<Frame {screen} here="Catalogue" place="Reviews">
    <h1 class="text-2xl">Reviews</h1>
    <p class="mt-1 text-quiet">What customers write stands in the shop only after you have read it.</p>
    <p class="mt-5 flex flex-wrap gap-5" role="group" aria-label="Which reviews">
        {#each kinds as kind (kind.state)}
            <button
                class={reviews.shown === kind.state ? 'font-semibold' : 'word'}
                aria-pressed={reviews.shown === kind.state}
                onclick={() => void reviews.load(kind.state)}>{kind.words}</button
            >
        {/each}
    </p>
    <ul class="mt-3">
        {#each reviews.rows as review (review.id)}
            <li class="border-b border-dashed border-hair py-3" data-review={review.id}>
                <p>
                    <span class="figures">{review.stars} of 5</span> for
                    <a class="word" href="/p/{review.slug}">{review.product}</a>
                    <span class="text-quiet">by {review.author}, {when(review.writtenAt)}</span>
                </p>
                {#if review.words !== ''}<p class="mt-1 max-w-2xl break-words whitespace-pre-line">
                        {review.words}
                    </p>{/if}
                {#if screen.may.edit}
                    <p class="mt-1.5 flex gap-4">
                        {#if review.state !== 'read'}<button
                                class="word"
                                onclick={() => void reviews.decide(review, 'read')}>Show it in the shop</button
                            >{/if}
                        {#if review.state !== 'refused'}<button
                                class="word"
                                onclick={() => void reviews.decide(review, 'refused')}
                                >{review.state === 'read' ? 'Take it out' : 'Refuse it'}</button
                            >{/if}
                    </p>
                {/if}
            </li>
        {:else}
            <li class="py-3 text-quiet">{kinds.find((kind) => kind.state === reviews.shown)?.empty}</li>
        {/each}
    </ul>
    {#if reviews.more}<button class="word mt-3" onclick={() => void reviews.next()}>More</button>{/if}
</Frame>
