<script lang="ts">
    import { notices } from '../lib/notices.svelte';

    /** In a line of its own, rather than over the lower edge of the screen. */
    let { inline = false }: { inline?: boolean } = $props();
    const all = $derived([...notices.asking, ...(notices.current ? [notices.current] : [])]);
</script>

<div
    aria-live="polite"
    class={inline ? 'min-w-0' : 'pointer-events-none fixed inset-x-0 bottom-5 z-50 flex flex-col items-center gap-2'}
>
    {#each all as notice (notice)}
        <div
            class={inline
                ? 'flex min-w-0 flex-wrap items-baseline gap-x-4'
                : 'float pointer-events-auto flex max-w-2xl items-center gap-4 px-4 py-2.5'}
        >
            <p class={notice.trouble ? 'text-trouble' : ''}>{notice.words}</p>
            {#each notice.actions as action (action.words)}
                <button class="word shrink-0" onclick={() => notices.answer(notice, action)}>{action.words}</button>
            {/each}
            {#if !notice.asks}<button class="shrink-0 text-quiet" onclick={() => notices.clear()}>Close</button>{/if}
        </div>
    {/each}
</div>
