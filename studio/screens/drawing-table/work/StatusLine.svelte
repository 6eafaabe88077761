<script lang="ts">
    import { counted } from '../../../lib/words';
    import NoticeLine from '../../../parts/NoticeLine.svelte';
    import type { Table } from '../table.svelte';

    /**
     * The lowest line: what has just happened, who else is here, and whether everything is stored. Nothing of it lies
     * over anything.
     */
    let { table }: { table: Table } = $props();
    const here = $derived(table.keeps ? 'kept here, ' : '');
    const saved = $derived(
        {
            saved: 'Everything is saved',
            saving: 'Saving…',
            waiting: `No connection; ${here}trying again…`,
            failing: `The server fails; ${here}trying again…`,
            'signed-out': `Your sign-in has run out${table.keeps ? '; kept here' : ''}`,
            kept: `${counted(table.sending.kept.length, 'change is', 'changes are')} not saved`,
        }[table.saving],
    );
</script>

<footer class="flex min-h-7 items-baseline gap-x-5 border-t border-hair px-4 py-0.5 text-sm" data-status>
    <div class="min-w-0 flex-1"><NoticeLine inline /></div>
    {#if table.sending.others.length > 0}<span class="shrink-0 text-quiet">with {table.sending.others.join(', ')}</span
        >{/if}
    <span class="shrink-0 {['saved', 'saving'].includes(table.saving) ? 'text-quiet' : 'text-trouble'}" role="status"
        >{saved}</span
    >
    {#if !table.keeps}<span class="shrink-0 text-trouble" role="status" data-keeps-nothing
            >{table.saving === 'saved'
                ? 'This browser keeps nothing: your work is sent at once'
                : 'This browser keeps nothing: leave this window open until it is sent'}</span
        >{/if}
    {#if table.saving === 'signed-out'}<a class="word shrink-0" href="/studio/sign-in" target="_blank" rel="noopener"
            >Sign in again</a
        >{/if}
</footer>
