<script lang="ts">
    import type { Setting, TreeNode, Value } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import { FIELDS } from './fields/fields';

    let { table, node, setting }: { table: Table; node: TreeNode; setting: Setting } = $props();
    const id = $derived(`s-${node.id}-${setting.name}`);
    const style = $derived(table.styleOf(node, setting.name));
    const own = $derived(style.from === table.widthName);
    const house = $derived(setting.houseToken ? (table.data.house[setting.houseToken] ?? '') : '');
    const role = $derived(setting.houseToken?.startsWith('colour-') ? setting.houseToken.slice(7) : '');
    const note = $derived(own ? (house && setting.type === 'amount' ? `own, house style ${house}` : 'own') : style.from ? `from ${style.from}` : 'house style');
    const Field = $derived(FIELDS[setting.type].style);
    let gesture = '';
    let chosenAt = 0;

    function set(value: Value, sameGesture = false): void {
        if (!sameGesture) gesture = '';
        void table.set(node.id, 'how', setting.name, value, gesture === '' ? undefined : gesture);
    }

    function slide(value: Value): void {
        gesture ||= `slide-${id}-${Date.now()}`;
        set(value, true);
    }

    /** Letters typed into a list choose several times on the way; together they are one step. */
    function choose(value: Value): void {
        const now = Date.now();
        if (now - chosenAt > 800) gesture = `choose-${id}-${now}`;
        chosenAt = now;
        set(value, true);
    }
</script>

<div class="mt-2 grid grid-cols-[92px_minmax(0,1fr)] items-center gap-x-2">
    <label class="text-quiet" for={id}>{setting.label}</label>
    <div class="flex min-w-0 items-center gap-2 rounded-md {own ? 'own' : ''}">
        {#if Field}<Field {table} {setting} {id} value={style.value} {house} {role} {choose} {slide} settle={() => (gesture = '')} />{/if}
    </div>
    <span></span>
    <span class="text-xs text-quiet">
        {note}
        {#if own && table.mayEdit}
            · <button class="word" onclick={() => set(null)}>back<span class="unseen"> to the house style: {setting.label}</span></button>
        {/if}
    </span>
</div>
