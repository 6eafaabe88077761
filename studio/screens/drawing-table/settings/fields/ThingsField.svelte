<script lang="ts">
    import FilesField from '../../../../parts/FilesField.svelte';
    import PicturesField from '../../../../parts/PicturesField.svelte';
    import ProductsField from '../../../../parts/ProductsField.svelte';
    import type { FieldProps } from './props';
    import ThingChoice from './ThingChoice.svelte';

    let { table, setting, id, value, set }: FieldProps = $props();
    const numbers = $derived(typeof value === 'number' ? [value] : Array.isArray(value) ? (value as number[]) : []);
    /** What is picked by name, and not from a list that is there already. */
    const MANY: Record<string, string> = {
        product: 'products',
        category: 'categories',
        collection: 'collections',
        brand: 'brands',
    };
    const things = $derived(setting.type === 'products' ? 'product' : (setting.things ?? ''));
    const several = $derived(setting.type === 'numbers' || setting.type === 'products');
</script>

{#if setting.things === 'film' || setting.things === 'file'}
    <FilesField
        label={setting.label}
        use={setting.things === 'film' ? 'film' : 'download'}
        values={numbers}
        most={several ? (setting.max ?? 1) : 1}
        may={table.mayEdit}
        change={(next) => set(several ? next : (next[0] ?? null))}
        described={() => table.canvas.window?.location.reload()}
    />
{:else if things === 'picture'}
    <PicturesField
        {id}
        label={setting.label}
        values={numbers}
        most={setting.max ?? 1}
        may={table.mayEdit}
        change={(next) => set(next)}
    />
{:else if MANY[things]}
    <ProductsField
        may={table.mayEdit}
        values={numbers}
        {things}
        many={several ? MANY[things] : `a ${things}`}
        change={(next) => set(several ? next.slice(0, setting.max ?? next.length) : (next.at(-1) ?? null))}
    />
{:else}
    <ThingChoice {table} {id} {setting} value={numbers[0] ?? null} change={(next) => set(next)} />
{/if}
