<script lang="ts">
    import { untrack } from 'svelte';
    import type { Setting, Source, TreeNode, Value } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import { overruledBy } from './effects';
    import Differs from './Differs.svelte';
    import { FIELDS } from './fields/fields';
    import type { FieldProps } from './fields/props';
    import { differing } from './shared';
    import SourceChoice from './SourceChoice.svelte';

    let { table, node, setting }: { table: Table; node: TreeNode; setting: Setting } = $props();
    // A row is made for one setting of one block: what it sends goes there, also when another block is selected by
    // then.
    const own = untrack(() => node.id);
    const value = $derived(table.values.of(node, setting));
    const source = $derived(
        typeof value === 'object' && value !== null && 'source' in value ? (value as Source) : null,
    );
    const entry = $derived(FIELDS[setting.type]);
    const id = $derived(`s-${node.id}-${setting.name}`);
    const overruled = $derived(overruledBy(table, node, setting));
    const differ = $derived(differing(table, node, (one) => table.values.of(one, setting)));
    const given: FieldProps = $derived({ table, node, setting, id, value, source, set, setOtherwise });

    function inWords(of: Value): string {
        if (typeof of === 'boolean') return of ? 'on' : 'off';
        if (typeof of === 'object' && of !== null && 'source' in of) return `from the ${table.about.words.one}`;
        const words = setting.options?.find((one) => one.value === of)?.words;
        return (
            words ??
            (typeof of === 'string'
                ? `“${of.replace(/<[^>]*>/g, ' ').trim()}”`
                : of === null
                  ? 'not set'
                  : typeof of === 'number'
                    ? String(of)
                    : 'set')
        );
    }

    function set(next: Value, gesture?: string): void {
        void table.values.set(own, setting.question, setting.name, next, gesture);
    }

    function setSource(next: Source | null): void {
        if (next) set(next);
        else
            set(
                ['string', 'number'].includes(typeof setting.default)
                    ? setting.default
                    : setting.type === 'picture'
                      ? null
                      : '',
            );
    }

    function setOtherwise(next: string | number, gesture?: string): void {
        if (source)
            set(
                {
                    source: source.source,
                    ...(source.of === undefined ? {} : { of: source.of }),
                    ...(next === '' ? {} : { otherwise: next }),
                },
                gesture,
            );
    }
</script>

<div class="mt-2 grid grid-cols-[96px_minmax(0,1fr)] items-start gap-x-2 gap-y-1">
    {#if entry.labelled && entry.field}
        <entry.field {...given} />
    {:else}
        <label class="pt-1.5 text-quiet" for={id}>{setting.label}</label>
        <div class={entry.wide ? 'col-span-2 min-w-0' : 'min-w-0'}>
            {#if setting.sourced}<SourceChoice {table} {setting} {source} choose={setSource} />{/if}
            {#if entry.field}<entry.field {...given} />{/if}
        </div>
    {/if}
    <Differs values={differ} {inWords} label={setting.label} mayEdit={table.mayEdit} all={() => set(value)} />
    {#if overruled !== ''}<span></span><span class="text-xs text-trouble" data-overruled={setting.name}
            >no effect: {overruled}</span
        >{/if}
</div>
