<script lang="ts">
    import { DropdownMenu } from 'bits-ui';

    interface Deed {
        words: string;
        do: () => void;
    }

    /**
     * What can be done with one row of a list. A deed begins once the menu is closed and its button has the cursor
     * again.
     */
    let { name, deeds }: { name: string; deeds: Deed[] } = $props();
    let chosen: Deed | null = null;

    function begin(): void {
        const deed = chosen;
        chosen = null;
        if (deed) setTimeout(() => deed.do());
    }
</script>

<DropdownMenu.Root>
    <DropdownMenu.Trigger class="word min-h-6">Do…<span class="unseen"> with {name}</span></DropdownMenu.Trigger>
    <DropdownMenu.Portal>
        <DropdownMenu.Content class="float z-50 min-w-52 py-1.5" align="end" sideOffset={4} onCloseAutoFocus={begin}>
            {#each deeds as deed (deed.words)}
                <DropdownMenu.Item
                    class="cursor-default px-3 py-1.5 data-highlighted:bg-room"
                    onSelect={() => (chosen = deed)}>{deed.words}</DropdownMenu.Item
                >
            {/each}
        </DropdownMenu.Content>
    </DropdownMenu.Portal>
</DropdownMenu.Root>
