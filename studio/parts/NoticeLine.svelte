<script lang="ts">
    import { notices } from '../lib/notices.svelte';
</script>

<div aria-live="polite" class="pointer-events-none fixed inset-x-0 bottom-5 z-50 flex justify-center">
    {#if notices.current}
        {@const notice = notices.current}
        <div class="float pointer-events-auto flex max-w-2xl items-center gap-4 px-4 py-2.5">
            <p class={notice.trouble ? 'text-trouble' : ''}>{notice.words}</p>
            {#each notice.actions as action (action.words)}
                <button
                    class="word shrink-0"
                    onclick={() => {
                        notices.clear();
                        action.do();
                    }}>{action.words}</button
                >
            {/each}
            <button class="shrink-0 text-quiet" onclick={() => notices.clear()}>Close</button>
        </div>
    {/if}
</div>
