<script lang="ts">
    import { DropdownMenu } from 'bits-ui';
    import type { Snippet } from 'svelte';
    import { PURPOSES, type Command } from './commands';
    import type { Table } from '../table.svelte';

    interface Props {
        table: Table;
        commands: Command[];
        label?: string;
        trigger: Snippet;
        look: string;
        /** Beside what it belongs to, so that all of it has room in the window. */
        side?: 'bottom' | 'right';
    }

    let { table, commands, label, trigger, look, side = 'bottom' }: Props = $props();
    const possible = $derived(
        PURPOSES.map((purpose) => ({
            purpose,
            commands: commands.filter((command) => command.purpose === purpose && command.can(table)),
        })).filter((group) => group.commands.length > 0),
    );
</script>

<DropdownMenu.Root>
    <DropdownMenu.Trigger class={look} aria-label={label}>{@render trigger()}</DropdownMenu.Trigger>
    <DropdownMenu.Portal>
        <DropdownMenu.Content
            class="float z-50 max-h-[calc(100vh-1rem)] min-w-60 overflow-y-auto py-1.5"
            {side}
            align={side === 'bottom' ? 'end' : 'start'}
            sideOffset={4}
            collisionPadding={8}
            onCloseAutoFocus={(event) => table.naming !== null && event.preventDefault()}
        >
            {#each possible as group, at (group.purpose)}
                <DropdownMenu.Group class={at > 0 ? 'mt-1 border-t border-hair pt-1' : ''}>
                    <DropdownMenu.GroupHeading class="px-3 pt-0.5 text-xs text-quiet"
                        >{group.purpose}</DropdownMenu.GroupHeading
                    >
                    {#each group.commands as command (command.words)}
                        <DropdownMenu.Item
                            class="flex min-h-6 cursor-default items-center justify-between gap-6 px-3 py-0.5 data-highlighted:bg-room"
                            onSelect={() => command.do(table)}
                        >
                            {command.words}<span class="text-quiet">{command.keys ?? ''}</span>
                        </DropdownMenu.Item>
                    {/each}
                </DropdownMenu.Group>
            {/each}
        </DropdownMenu.Content>
    </DropdownMenu.Portal>
</DropdownMenu.Root>
