<script lang="ts">
    import type { PieceStateName, Setting, TreeNode, Value } from '../../../lib/types';
    import { lengthOf, limited, stepOf, valueOf } from '../tree/measures';
    import type { Table } from '../table.svelte';
    import { easedFrom } from './effects';
    import Differs from './Differs.svelte';
    import { FIELDS } from './fields/fields';
    import { panel } from './how/panel.svelte';
    import { read, seen } from './how/styles';
    import { differing } from './shared';

    interface Props {
        table: Table;
        node: TreeNode;
        setting: Setting;
        /** Of a piece's style; a setting of the block itself has none. */
        piece?: string;
        property?: string;
        state?: PieceStateName;
        element?: HTMLElement | null;
        idle?: string;
    }

    let {
        table,
        node,
        setting,
        piece,
        property = setting.name,
        state = 'usual',
        element = null,
        idle = '',
    }: Props = $props();
    const id = $derived(`s-${node.id}-${setting.name.replace(/[.:]/g, '-')}`);
    const reading = $derived(piece === undefined ? plain() : read(table, node, piece, property, state));
    const house = $derived(setting.houseToken ? (table.data.house[setting.houseToken] ?? '') : '');
    const placeholder = $derived(
        piece === undefined ? house.replace('px', '') : (void table.canvas.settled, seen(element, property)),
    );
    const eased = $derived(piece === undefined ? easedFrom(table, node, setting.name) : null);
    const Field = $derived(FIELDS[setting.type].style);
    const drags = $derived(['amount', 'measure'].includes(setting.type) && table.mayEdit);
    const last = $derived(panel.last[property]);
    let gesture = '';
    let chosenAt = 0;

    function plain(): { value: Value; own: boolean; from: string } {
        const style = table.values.style(node, setting.name);
        const own = style.from === table.widthName;
        return { value: style.value, own, from: own || style.from === null ? '' : `from the ${style.from}` };
    }

    const differ = $derived(
        differing(table, node, (one) =>
            piece === undefined
                ? table.values.style(one, setting.name).value
                : read(table, one, piece, property, state).value,
        ),
    );
    const saidOf = (of: Value): string => (of === null ? 'as the house style' : inWords(of));

    /** A value as its field would say it. */
    function inWords(of: Value): string {
        if (typeof of === 'boolean') return of ? 'on' : 'off';
        const words = [...(setting.options ?? []), ...(setting.words ?? [])].find((one) => one.value === of)?.words;
        return words ?? (typeof of === 'number' && setting.unit ? `${of} ${setting.unit}` : String(of));
    }

    function set(value: Value, sameGesture = false): void {
        if (!sameGesture) gesture = '';
        panel.remember(property, value);
        void table.values.set(node.id, 'how', setting.name, value, gesture === '' ? undefined : gesture);
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

    /** Along its label a number is dragged. */
    function press(event: PointerEvent): void {
        const label = event.currentTarget as HTMLElement;
        const from = lengthOf(reading.value) ?? lengthOf(Number.parseFloat(placeholder) || 0);
        if (!drags || !from || event.button !== 0) return;
        label.setPointerCapture(event.pointerId);
        const start = event.clientX;
        label.onpointermove = (move) => {
            const way = Math.round((move.clientX - start) / 2);
            const next = limited(
                { number: from.number + way * stepOf(from.unit), unit: setting.units ? from.unit : 'px' },
                setting,
            );
            if (way !== 0) slide(setting.units ? valueOf(next) : Math.round(next.number));
        };
        label.onpointerup = label.onpointercancel = () => {
            label.onpointermove = null;
            gesture = '';
        };
    }
</script>

<div class="mt-1.5 grid grid-cols-[96px_minmax(0,1fr)] items-center gap-x-2" data-style={setting.name}>
    <label
        class="leading-tight text-quiet {drags ? 'cursor-ew-resize touch-none select-none' : ''}"
        for={id}
        title={drags ? `${setting.label}: drag to change` : setting.label}
        onpointerdown={press}>{setting.label}</label
    >
    <div class="flex min-w-0 flex-wrap items-center gap-1.5 rounded-md {reading.own ? 'own' : ''}">
        {#if Field}<Field
                {table}
                {setting}
                {id}
                value={reading.value}
                {placeholder}
                {element}
                {choose}
                {slide}
                settle={() => (gesture = '')}
            />{/if}
        {#if reading.own && table.mayEdit}
            <button class="word ml-auto shrink-0 text-xs" onclick={() => set(null)}
                >back<span class="unseen"> to the house style: {setting.label}</span></button
            >
        {:else if reading.value === null && last !== undefined && setting.type !== 'picture' && table.mayEdit}
            <button
                class="ml-auto shrink-0 truncate text-xs text-quiet underline decoration-dotted underline-offset-4 hover:text-ink"
                title="The value that was set last"
                onclick={() => set(last)}>{inWords(last)}<span class="unseen"> again: {setting.label}</span></button
            >
        {/if}
    </div>
    <Differs
        values={differ}
        inWords={saidOf}
        label={setting.label}
        mayEdit={table.mayEdit}
        all={() => set(reading.value)}
    />
    {#if reading.from !== ''}<span></span><span class="text-xs text-quiet"
            >{reading.from}{eased === null ? '' : `, where it is ${eased}; more do not fit here`}</span
        >{/if}
    {#if idle !== '' && (reading.own || setting.unless)}<span></span><span class="text-xs text-trouble"
            >no effect: {idle}</span
        >{/if}
</div>
