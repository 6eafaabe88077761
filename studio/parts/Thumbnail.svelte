<script lang="ts">
    let { address, words, height }: { address: string; words: string; height: number } = $props();
    let width = $state(0);
    const room = 1000;
</script>

<!-- The real page, as small as a stamp; it is fetched when it comes into view. -->
<span
    class="relative block min-w-24 overflow-hidden rounded border border-hair bg-room"
    style:height="{height}px"
    bind:clientWidth={width}
    aria-hidden="true"
>
    {#if width > 0}
        <iframe
            class="pointer-events-none absolute top-0 left-0 origin-top-left border-0 bg-white"
            style:width="{room}px"
            style:height="{(height * room) / width}px"
            style:transform="scale({width / room})"
            src={address}
            title={words}
            tabindex="-1"
            loading="lazy"
        ></iframe>
    {/if}
</span>
