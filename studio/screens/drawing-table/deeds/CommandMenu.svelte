<script lang="ts">
    import { DropdownMenu } from 'bits-ui';
    import type { Snippet } from 'svelte';
    import type { Command } from './commands';
    import type { Table } from '../table.svelte';

    interface Props {
        table: Table;
        commands: Command[];
        label?: string;
        trigger: Snippet;
        look: string;
    }

    let { table, commands, label, trigger, look }: Props = $props();
    const possible = $derived(commands.filter((command) => command.can(table)));
</script>

<DropdownMenu.Root>
    <DropdownMenu.Trigger class={look} aria-label={label}>{@render trigger()}</DropdownMenu.Trigger>
    <DropdownMenu.Portal>
        <DropdownMenu.Content
            class="float z-50 min-w-60 py-1.5"
            align="end"
            sideOffset={4}
            onCloseAutoFocus={(event) => table.naming !== null && event.preventDefault()}
        >
            {#each possible as command (command.words)}
                <DropdownMenu.Item
                    class="flex cursor-default justify-between gap-6 px-3 py-1.5 data-highlighted:bg-room"
                    onSelect={() => command.do(table)}
                >
                    {command.words}<span class="text-quiet">{command.keys ?? ''}</span>
                </DropdownMenu.Item>
            {/each}
        </DropdownMenu.Content>
    </DropdownMenu.Portal>
</DropdownMenu.Root>
