<script lang="ts">
    import CommandMenu from './CommandMenu.svelte';
    import { blockCommands } from './commands';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
</script>

<CommandMenu
    {table}
    commands={blockCommands}
    label="What can be done with {table.about.nameOf(table.selection.id ?? '')}"
    side="right"
    look="shrink-0 px-2 underline decoration-dotted underline-offset-2 hover:decoration-solid"
>
    {#snippet trigger()}do…{/snippet}
</CommandMenu>
