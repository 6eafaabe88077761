<script lang="ts">
    import { Select } from 'bits-ui';
    import type { Snippet } from 'svelte';

    export interface Choice {
        value: string;
        words: string;
    }

    interface Props {
        id?: string;
        label: string;
        value: string;
        choices: Choice[];
        disabled?: boolean;
        look?: string;
        choose: (value: string) => void;
        specimen?: Snippet<[Choice]>;
        shown?: Snippet;
    }

    let { id, label, value, choices, disabled = false, look = 'w-full', choose, specimen, shown }: Props = $props();
    const now = $derived(choices.find((one) => one.value === value));
</script>

<Select.Root
    type="single"
    {value}
    onValueChange={choose}
    items={choices.map((one) => ({ value: one.value, label: one.words }))}
    {disabled}
>
    <Select.Trigger
        {id}
        class="field flex items-center justify-between gap-1 text-left {look}"
        aria-label={id ? undefined : label}
    >
        <span class="min-w-0 truncate">
            {#if shown}{@render shown()}{:else if now && specimen}{@render specimen(now)}{:else}{now?.words ?? ''}{/if}
        </span>
        <span class="text-xs text-quiet" aria-hidden="true">▾</span>
    </Select.Trigger>
    <Select.Portal>
        <Select.Content class="float z-50 max-h-80 min-w-40 overflow-y-auto py-1" sideOffset={4}>
            {#each choices as one (one.value)}
                <Select.Item
                    value={one.value}
                    label={one.words}
                    class="cursor-default px-3 py-1.5 data-highlighted:bg-room data-selected:font-semibold"
                >
                    {#if specimen}{@render specimen(one)}{:else}{one.words}{/if}
                </Select.Item>
            {/each}
        </Select.Content>
    </Select.Portal>
</Select.Root>
