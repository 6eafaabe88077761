<script lang="ts">
    import CommandMenu from '../deeds/CommandMenu.svelte';
    import { pageCommands } from '../deeds/commands';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
    const shownElsewhere = [
        'Undo',
        'Do again',
        'Publish…',
        'The page',
        'Where it appears',
        'See the page before the last change, while held',
        'See the page as it is live, while held',
    ];
    const commands = $derived(
        pageCommands.filter(
            (command) => !shownElsewhere.includes(command.words) && (command.everywhere || table.view === 'page'),
        ),
    );
</script>

<CommandMenu {table} {commands} look="button">
    {#snippet trigger()}More…{/snippet}
</CommandMenu>
