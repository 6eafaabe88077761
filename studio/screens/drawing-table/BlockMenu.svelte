<script lang="ts">
    import CommandMenu from './CommandMenu.svelte';
    import { blockCommands } from './commands';
    import type { Table } from './table.svelte';

    let { table }: { table: Table } = $props();
</script>

<CommandMenu
    {table}
    commands={blockCommands}
    label="What can be done with {table.nameOf(table.selected ?? '')}"
    look="rounded-r-full px-2 py-0.5 hover:underline"
>
    {#snippet trigger()}do…{/snippet}
</CommandMenu>
