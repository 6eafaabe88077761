<script lang="ts">
    let { name }: { name: string } = $props();
    let width = $state(0);
    const room = 1000;
</script>

<span class="block h-36 overflow-hidden rounded bg-room" bind:clientWidth={width} aria-hidden="true">
    {#if name === 'blank'}
        <svg class="h-full w-full" viewBox="0 0 120 84" fill="none" stroke="currentColor" stroke-width="1.2">
            <rect x="10" y="10" width="100" height="64" rx="2" stroke-dasharray="3 3" />
            <path d="M60 36v12M54 42h12" />
        </svg>
    {:else if width > 0}
        <iframe
            class="pointer-events-none origin-top-left border-0 bg-white"
            style:width="{room}px"
            style:height="{(144 * room) / width}px"
            style:transform="scale({width / room})"
            src="/studio/starts/{name}"
            title="The start {name} with a product of the shop"
            tabindex="-1"
            loading="lazy"
        ></iframe>
    {/if}
</span>
