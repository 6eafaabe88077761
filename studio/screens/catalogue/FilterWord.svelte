<script lang="ts">
    import { Popover } from 'bits-ui';
    import NamePicker from '../../parts/NamePicker.svelte';
    import { NameChoice } from '../../parts/names.svelte';
    import type { Products } from './products.svelte';

    /** A word of the sentence that is clicked to be changed. */
    let { products, field, any }: { products: Products; field: 'category' | 'brand' | 'tag'; any: string } = $props();
    let open = $state(false);
    const value = $derived(products.filter[field]);
    const choice = $derived(new NameChoice(field));

    async function set(ids: number[]): Promise<void> {
        const id = ids.at(-1) ?? 0;
        open = false;
        if (id !== 0) await choice.learn([id]);
        void products.find({ [field]: id }, choice.known[id] ?? '');
    }
</script>

<Popover.Root bind:open>
    <Popover.Trigger class="word">{value === 0 ? any : products.names[field]}</Popover.Trigger>
    <Popover.Portal>
        <Popover.Content class="float z-50 w-72 p-3" sideOffset={6} role="dialog" aria-label="Which {field}">
            <NamePicker
                things={field}
                names={{ [value]: products.names[field] ?? '' }}
                values={value === 0 ? [] : [value]}
                set={(ids) => void set(ids)}
            />
            {#if value !== 0}<button class="word mt-2" onclick={() => void set([])}>{any}</button>{/if}
        </Popover.Content>
    </Popover.Portal>
</Popover.Root>
