<script lang="ts">
    import PictureField from '../../../../parts/PictureField.svelte';
    import type { FieldProps } from './props';

    let { table, setting, id, value, source, set, setOtherwise }: FieldProps = $props();
</script>

{#if source}
    {#if table.mayEdit}
        <PictureField
            id="{id}-own"
            value={null}
            words="One of your own instead…"
            disabled={false}
            change={(next) => set(next)}
        />
    {/if}
    <label class="text-xs text-quiet" for={id}>otherwise</label>
    <PictureField
        {id}
        value={typeof source.otherwise === 'number' ? source.otherwise : null}
        disabled={!table.mayEdit}
        change={(next) => setOtherwise(next)}
    />
    {#if typeof source.otherwise === 'number' && table.mayEdit}
        <button type="button" class="word mt-1 text-xs" onclick={() => setOtherwise('')}>without one</button>
    {/if}
{:else}
    <PictureField
        {id}
        value={typeof value === 'number' ? value : null}
        disabled={!table.mayEdit}
        change={(next) => set(next)}
    />
    {#if typeof value === 'number' && setting.default === null && table.mayEdit}
        <button type="button" class="word mt-1 text-xs" onclick={() => set(null)}>without one</button>
    {/if}
{/if}
