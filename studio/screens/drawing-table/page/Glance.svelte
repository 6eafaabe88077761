<script lang="ts">
    import { untrack } from 'svelte';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
    const which = untrack(() => table.glance);
    const words = which === 'live' ? 'As it is live' : 'Before the last change';
    const address = untrack(
        () =>
            `${table.page.base}/page/${table.sample?.id}${which === 'live' ? '' : `?before=${table.draft.revision}${table.cards.open ? `&card=${table.cards.open.data.template.id}` : ''}`}`,
    );
    let there = $state(false);

    /** It stands where the page stands. */
    function loaded(event: Event): void {
        const glanced = (event.currentTarget as HTMLIFrameElement).contentWindow;
        glanced?.scrollTo({ top: table.canvas.window?.scrollY ?? 0, behavior: 'instant' });
        there = true;
    }
</script>

<iframe
    title={words}
    src={address}
    class="absolute inset-0 h-full w-full border-0 bg-white {there ? '' : 'invisible'}"
    onload={loaded}
></iframe>
<p class="float pointer-events-none absolute top-3 left-1/2 -translate-x-1/2 px-3 py-1" role="status">{words}</p>
