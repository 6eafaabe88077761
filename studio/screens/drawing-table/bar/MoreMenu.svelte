<script lang="ts">
    import CommandMenu from '../deeds/CommandMenu.svelte';
    import { pageCommands } from '../deeds/commands';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
    const commands = $derived(
        pageCommands.filter((command) => command.everywhere || (table.view === 'page' && !table.looksOnly)),
    );
</script>

<CommandMenu {table} {commands} look="button">
    {#snippet trigger()}More…{/snippet}
</CommandMenu>
