<script lang="ts">
    import Thumbnail from '../../parts/Thumbnail.svelte';

    let { name, pageKind = 'product' }: { name: string; pageKind?: string } = $props();
</script>

{#if name === 'blank'}
    <span class="block h-36 overflow-hidden rounded bg-room" aria-hidden="true">
        <svg class="h-full w-full" viewBox="0 0 120 84" fill="none" stroke="currentColor" stroke-width="1.2">
            <rect x="10" y="10" width="100" height="64" rx="2" stroke-dasharray="3 3" />
            <path d="M60 36v12M54 42h12" />
        </svg>
    </span>
{:else}
    <Thumbnail
        address="/studio/starts/{pageKind}/{name}?still=1"
        words="The start {name} with a page of the shop"
        height={144}
    />
{/if}
