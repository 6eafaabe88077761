<script lang="ts">
    import type { Setting, Source, TreeNode, Value, WidthName } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import PictureField from './PictureField.svelte';
    import TextField from './TextField.svelte';

    let { table, node, setting }: { table: Table; node: TreeNode; setting: Setting } = $props();
    const id = $derived(`s-${node.id}-${setting.name}`);
    const value = $derived(table.valueOf(node, setting));
    const source = $derived(typeof value === 'object' && value !== null && 'source' in value ? (value as Source) : null);
    const sources = $derived(table.data.sources.filter((one) => one.picture === (setting.type === 'picture')));
    const widths: WidthName[] = ['desktop', 'tablet', 'phone'];

    function set(next: Value, gesture?: string): void {
        void table.set(node.id, setting.question, setting.name, next, gesture);
    }

    function setSource(name: string): void {
        if (name === '') set(setting.type === 'picture' ? null : typeof setting.default === 'string' ? setting.default : '');
        else set({ source: name, ...(source?.otherwise === undefined ? {} : { otherwise: source.otherwise }) });
    }

    function toggleWidth(width: WidthName, on: boolean): void {
        const now = Array.isArray(value) ? (value as string[]) : [...widths];
        const next = widths.filter((one) => (one === width ? on : now.includes(one)));
        set(next.length === 3 ? null : next);
    }
</script>

<div class="mt-2 grid grid-cols-[92px_minmax(0,1fr)] items-start gap-x-2 gap-y-1">
    {#if setting.type === 'widths'}
        <span class="pt-1 text-quiet">{setting.label}</span>
        <div class="flex flex-wrap gap-x-3 pt-1" role="group" aria-label="{setting.label} these widths">
            {#each widths as width (width)}
                <label
                    ><input
                        type="checkbox"
                        checked={Array.isArray(value) && (value as string[]).includes(width)}
                        disabled={!table.mayEdit}
                        onchange={(event) => toggleWidth(width, event.currentTarget.checked)}
                    />
                    {width}</label
                >
            {/each}
        </div>
    {:else if setting.type === 'toggle'}
        <label class="col-span-2 flex items-center gap-2">
            <input type="checkbox" checked={value === true} disabled={!table.mayEdit} onchange={(event) => set(event.currentTarget.checked)} />
            {setting.label}
        </label>
    {:else}
        <label class="pt-1.5 text-quiet" for={id}>{setting.label}</label>
        <div class="min-w-0">
            {#if setting.sourced}
                <select
                    class="field mb-1 w-full"
                    aria-label="Where {setting.label.toLowerCase()} comes from"
                    disabled={!table.mayEdit}
                    value={source?.source ?? ''}
                    onchange={(event) => setSource(event.currentTarget.value)}
                >
                    <option value="">{setting.type === 'picture' ? 'chosen here' : 'typed in'}</option>
                    {#each sources as one (one.name)}<option value={one.name}>the product’s {one.words}</option>{/each}
                </select>
            {/if}
            {#if setting.type === 'choice'}
                <select {id} class="field w-full" value={String(value ?? '')} disabled={!table.mayEdit} onchange={(event) => set(event.currentTarget.value)}>
                    {#each setting.options ?? [] as option (option.value)}<option value={option.value}>{option.words}</option>{/each}
                </select>
            {:else if setting.type === 'picture'}
                {#if !source}<PictureField {id} value={typeof value === 'number' ? value : null} disabled={!table.mayEdit} change={(next) => set(next)} />{/if}
            {:else if source}
                <span class="text-xs text-quiet">otherwise</span>
                <TextField
                    {id}
                    {setting}
                    value={String(source.otherwise ?? '')}
                    disabled={!table.mayEdit}
                    change={(next, gesture) => set({ source: source.source, ...(next === '' ? {} : { otherwise: next }) }, gesture)}
                />
            {:else}
                <TextField {id} {setting} value={String(value ?? '')} disabled={!table.mayEdit} change={set} />
            {/if}
        </div>
    {/if}
</div>
