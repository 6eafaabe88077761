<script lang="ts">
    interface Side {
        words: string;
        address: string;
    }

    let { before, after, height = 420 }: { before: Side; after: Side; height?: number } = $props();
    let room = $state(0);
    const WIDTH = 1280;
    const scale = $derived(room > 0 ? room / WIDTH : 0.35);
</script>

<div class="grid grid-cols-2 gap-4">
    {#each [before, after] as side, index (index)}
        <figure class="min-w-0">
            <figcaption class="pb-1.5 text-sm">{side.words}</figcaption>
            <div
                class="overflow-hidden rounded-md border border-hair bg-white"
                style:height="{height}px"
                bind:clientWidth={room}
            >
                <iframe
                    title={side.words}
                    src={side.address}
                    loading="lazy"
                    class="origin-top-left border-0"
                    style:width="{WIDTH}px"
                    style:height="{height / scale}px"
                    style:transform="scale({scale})"
                ></iframe>
            </div>
        </figure>
    {/each}
</div>
