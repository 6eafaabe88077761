<script lang="ts">
    import type { Errand } from '../lib/errand.svelte';
    import { notices } from '../lib/notices.svelte';

    /** How far something is that the server goes on with, and a way to stop it where it can be. */
    let { errand, doing, stops = false }: { errand: Errand; doing: string; stops?: boolean } = $props();
    const progress = $derived(errand.state?.progress);
</script>

<p class="my-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-quiet" role="status">
    {doing}
    {#if errand.state}
        {#if progress && progress.what === 'made' && progress.all > 0}<progress
                aria-label={doing}
                max={progress.all}
                value={progress.done}
            ></progress>{:else}<progress aria-label={doing}></progress>{/if}
        {errand.words}
        {#if errand.isStopping}stopping…{:else if stops}<button
                class="word"
                onclick={() => void errand.stop().catch((error: unknown) => notices.trouble(error))}>stop here</button
            >{/if}
        <span class="text-sm">You can go on elsewhere meanwhile: it is shown here when you come back.</span>
    {/if}
</p>
