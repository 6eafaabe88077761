<script lang="ts">
    import { Popover } from 'bits-ui';
    import { COLUMNS, type ColumnName } from './columns';
    import type { FoundList } from './list.svelte';

    /** Which columns the list has, in this browser. */
    let { list }: { list: FoundList } = $props();
    const offered = $derived(COLUMNS.filter((one) => list.isProducts || !one.products));

    function set(name: ColumnName, on: boolean): void {
        list.choose(COLUMNS.map((one) => one.name).filter((one) => (one === name ? on : list.columns.includes(one))));
    }
</script>

<Popover.Root>
    <Popover.Trigger class="word text-sm text-quiet">columns…</Popover.Trigger>
    <Popover.Portal>
        <Popover.Content
            class="float z-50 w-52 p-3"
            align="end"
            sideOffset={6}
            role="dialog"
            aria-label="Which columns"
        >
            {#each offered as one (one.name)}
                <label class="flex gap-2 py-0.75"
                    ><input
                        type="checkbox"
                        checked={list.columns.includes(one.name)}
                        onchange={(event) => set(one.name, event.currentTarget.checked)}
                    />{one.words}</label
                >
            {/each}
        </Popover.Content>
    </Popover.Portal>
</Popover.Root>
