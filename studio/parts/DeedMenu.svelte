<script lang="ts">
    import { DropdownMenu } from 'bits-ui';

    interface Deed {
        words: string;
        do: () => void;
    }

    /** What can be done with one row of a list. */
    let { name, deeds, keepFocus = false }: { name: string; deeds: Deed[]; keepFocus?: boolean } = $props();
</script>

<DropdownMenu.Root>
    <DropdownMenu.Trigger class="word min-h-6">Do…<span class="unseen"> with {name}</span></DropdownMenu.Trigger>
    <DropdownMenu.Portal>
        <DropdownMenu.Content class="float z-50 min-w-52 py-1.5" align="end" sideOffset={4} onCloseAutoFocus={(event) => keepFocus && event.preventDefault()}>
            {#each deeds as deed (deed.words)}
                <DropdownMenu.Item class="cursor-default px-3 py-1.5 data-highlighted:bg-room" onSelect={deed.do}>{deed.words}</DropdownMenu.Item>
            {/each}
        </DropdownMenu.Content>
    </DropdownMenu.Portal>
</DropdownMenu.Root>
