<script lang="ts">
    let { name }: { name: string } = $props();
</script>

<svg class="w-full rounded bg-room" viewBox="0 0 120 84" fill="none" stroke="currentColor" stroke-width="1.2" aria-hidden="true">
    {#if name === 'gallery-and-buy'}
        <path d="M10 10h40" />
        <rect x="10" y="16" width="56" height="40" rx="2" />
        <rect x="10" y="60" width="10" height="8" rx="1" /><rect x="23" y="60" width="10" height="8" rx="1" />
        <path d="M74 20h36" stroke-width="3" /><path d="M74 28h16M74 36h36M74 40h30" />
        <rect x="74" y="46" width="36" height="8" rx="1.5" fill="currentColor" />
        <path d="M10 76h14M30 76h14" />
    {:else if name === 'story'}
        <rect x="10" y="8" width="100" height="26" rx="2" />
        <path d="M10 44h50" stroke-width="3" /><path d="M10 52h54M10 57h54M10 62h54M10 67h40" />
        <path d="M76 46h20M76 53h34" /><rect x="76" y="59" width="34" height="8" rx="1.5" fill="currentColor" />
        <path d="M10 76h100" stroke-dasharray="2 3" />
    {:else}
        <rect x="10" y="10" width="100" height="64" rx="2" stroke-dasharray="3 3" />
        <path d="M60 36v12M54 42h12" />
    {/if}
</svg>
