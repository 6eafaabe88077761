<script lang="ts">
    import { untrack } from 'svelte';
    import type { Condition, Days, Setting, Source, TreeNode, Value, WidthName } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import ConditionsField from './ConditionsField.svelte';
    import DaysField from './DaysField.svelte';
    import PictureField from '../../../parts/PictureField.svelte';
    import ProductsField from '../../../parts/ProductsField.svelte';
    import FilesField from '../../../parts/FilesField.svelte';
    import NumberedField from './NumberedField.svelte';
    import HtmlField from '../../../parts/rich/HtmlField.svelte';
    import RichField from '../../../parts/rich/RichField.svelte';
    import SourceChoice from './SourceChoice.svelte';
    import TextField from './TextField.svelte';

    let { table, node, setting }: { table: Table; node: TreeNode; setting: Setting } = $props();
    // A row is made for one setting of one block: what it sends goes there, also when another block is selected by then.
    const own = untrack(() => node.id);
    const id = $derived(`s-${node.id}-${setting.name}`);
    const value = $derived(table.valueOf(node, setting));
    const source = $derived(typeof value === 'object' && value !== null && 'source' in value ? (value as Source) : null);
    const widths: WidthName[] = ['desktop', 'tablet', 'phone'];

    function set(next: Value, gesture?: string): void {
        void table.set(own, setting.question, setting.name, next, gesture);
    }

    function setSource(next: Source | null): void {
        if (next) set(next);
        else set(['string', 'number'].includes(typeof setting.default) ? setting.default : setting.type === 'picture' ? null : '');
    }

    function setAmount(typed: number): void {
        const next = Math.max(setting.min ?? 0, Math.min(setting.max ?? 0, typed));
        if (source) setOtherwise(next);
        else set(next);
    }

    function setOtherwise(next: string | number, gesture?: string): void {
        if (source) set({ source: source.source, ...(source.of === undefined ? {} : { of: source.of }), ...(next === '' ? {} : { otherwise: next }) }, gesture);
    }

    function toggleOption(option: string, wanted: boolean): void {
        const now = Array.isArray(value) ? (value as string[]) : [];
        set(wanted ? [...now, option] : now.filter((one) => one !== option));
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
        <div class={setting.type === 'html' ? 'col-span-2 min-w-0' : 'min-w-0'}>
            {#if setting.sourced}<SourceChoice {table} {setting} {source} choose={setSource} />{/if}
            {#if setting.type === 'choice'}
                <select {id} class="field w-full" value={String(value ?? '')} disabled={!table.mayEdit} onchange={(event) => set(event.currentTarget.value)}>
                    {#each setting.options ?? [] as option (option.value)}<option value={option.value}>{option.words}</option>{/each}
                </select>
            {:else if setting.type === 'picture'}
                {#if source}
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
                    <PictureField {id} value={typeof value === 'number' ? value : null} disabled={!table.mayEdit} change={(next) => set(next)} />
                {/if}
            {:else if setting.type === 'several'}
                <div role="group" aria-label={setting.label} class="pt-1">
                    {#each setting.options ?? [] as option (option.value)}
                        <label class="flex gap-2">
                            <input
                                type="checkbox"
                                checked={Array.isArray(value) && (value as string[]).includes(option.value)}
                                disabled={!table.mayEdit}
                                onchange={(event) => toggleOption(option.value, event.currentTarget.checked)}
                            />
                            {option.words}
                        </label>
                    {/each}
                </div>
            {:else if setting.things === 'film' || setting.things === 'file'}
                <FilesField
                    label={setting.label}
                    use={setting.things === 'film' ? 'film' : 'download'}
                    values={typeof value === 'number' ? [value] : Array.isArray(value) ? (value as number[]) : []}
                    most={setting.max ?? 1}
                    may={table.mayEdit}
                    change={(next) => set(setting.type === 'numbers' ? next : (next[0] ?? null))}
                    described={() => table.canvas.window?.location.reload()}
                />
            {:else if setting.things === 'product'}
                <ProductsField may={table.mayEdit} values={typeof value === 'number' ? [value] : []} change={(next) => set(next.at(-1) ?? null)} />
            {:else if setting.type === 'numbered'}
                <NumberedField {table} {id} {setting} value={typeof value === 'number' ? value : null} change={(next) => set(next)} />
            {:else if setting.type === 'products'}
                <ProductsField may={table.mayEdit} values={Array.isArray(value) ? (value as number[]) : []} change={(next) => set(next)} />
            {:else if setting.type === 'conditions'}
                <ConditionsField {table} {node} conditions={Array.isArray(value) ? (value as Condition[]) : []} change={(next) => set(next)} />
            {:else if setting.type === 'days'}
                <DaysField label={setting.label} days={(value ?? {}) as Days} disabled={!table.mayEdit} change={(next) => set(next)} />
            {:else if setting.type === 'day'}
                {#if source}<label class="text-xs text-quiet" for={id}>otherwise</label>{/if}
                <input
                    {id}
                    type="date"
                    class="field w-full"
                    value={String((source ? source.otherwise : value) ?? '')}
                    disabled={!table.mayEdit}
                    onchange={(event) => (source ? setOtherwise(event.currentTarget.value) : set(event.currentTarget.value))}
                />
            {:else if setting.type === 'amount'}
                {#if source}<label class="block text-xs text-quiet" for={id}>otherwise</label>{/if}
                <input
                    {id}
                    type="number"
                    class="field figures w-18"
                    min={setting.min}
                    max={setting.max}
                    value={Number((source ? (source.otherwise ?? setting.default) : value) ?? 0)}
                    disabled={!table.mayEdit}
                    onchange={(event) => setAmount(Math.round(Number(event.currentTarget.value)))}
                />
                <span class="text-xs text-quiet">{setting.unit}</span>
            {:else if source && setting.type === 'rich-text'}
                <label class="text-xs text-quiet" for={id}>otherwise</label>
                {#key `${id} otherwise`}
                    <RichField {id} label="{setting.label}, otherwise" editable={table.mayEdit} value={String(source.otherwise ?? '')} change={setOtherwise} />
                {/key}
            {:else if source}
                <label class="text-xs text-quiet" for={id}>otherwise</label>
                <TextField {id} {setting} value={String(source.otherwise ?? '')} disabled={!table.mayEdit} change={setOtherwise} />
            {:else if setting.type === 'html'}
                {#key id}
                    <HtmlField {id} label={setting.label} editable={table.mayEdit} value={String(value ?? '')} change={set} />
                {/key}
            {:else if setting.type === 'rich-text'}
                {#key id}
                    <RichField
                        {id}
                        label={setting.label}
                        editable={table.mayEdit}
                        values={table.data.sources.filter((one) => one.gives === 'words')}
                        value={String(value ?? '')}
                        change={set}
                    />
                {/key}
            {:else}
                <TextField {id} {setting} value={String(value ?? '')} disabled={!table.mayEdit} change={set} />
            {/if}
        </div>
    {/if}
</div>
