<script lang="ts" module>
    import { aFewAtATime } from '../lib/aFewAtATime';

    /** Each is a whole page: so many are fetched and drawn at once, on all of the screen. */
    const turn = aFewAtATime(2);
</script>

<script lang="ts">
    let { address, words, height }: { address: string; words: string; height: number } = $props();
    let width = $state(0);
    let near = $state(false);
    let begun = $state(false);
    let done: (() => void) | undefined;
    const room = 1000;

    function watch(place: Element): () => void {
        const watching = new IntersectionObserver(
            ([seen]) => {
                near = seen?.isIntersecting ?? false;
            },
            { rootMargin: '80px' },
        );
        watching.observe(place);
        return () => {
            watching.disconnect();
        };
    }

    // What has left the screen before its turn has come waits no longer.
    $effect(() => {
        if (!near || begun) return;
        done = turn(() => (begun = true));
        return () => {
            if (!begun) done?.();
        };
    });
    $effect(() => () => done?.());
</script>

<!-- The real page, as small as a stamp: nothing in it runs; it is fetched when it comes into view. -->
<span
    class="relative block min-w-24 overflow-hidden rounded border border-hair bg-room"
    style:height="{height}px"
    bind:clientWidth={width}
    aria-hidden="true"
    {@attach watch}
>
    {#if begun && width > 0}
        <iframe
            class="pointer-events-none absolute top-0 left-0 origin-top-left border-0 bg-white"
            style:width="{room}px"
            style:height="{(height * room) / width}px"
            style:transform="scale({width / room})"
            src={address}
            title={words}
            tabindex="-1"
            sandbox="allow-same-origin"
            onload={() => done?.()}
        ></iframe>
    {/if}
</span>
