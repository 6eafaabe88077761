<script lang="ts">
    import { counted } from '../../../../lib/words';
    import type { Piece, StyleGroupName, StyleProperty, TreeNode } from '../../../../lib/types';
    import { giveFinish, keptFinish, takeFinish } from '../../deeds/takenStyles';
    import type { Table } from '../../table.svelte';
    import StyleRow from '../StyleRow.svelte';
    import Measured from './Measured.svelte';
    import { panel } from './panel.svelte';
    import StateRow from './StateRow.svelte';
    import { elementsOf, idle, keyOf, ownOf, propertiesOf, read, settingOf } from './styles';

    let { table, node, piece, usually }: { table: Table; node: TreeNode; piece: Piece; usually: boolean } = $props();
    let taken = $state(0);
    const finish = $derived.by(() => {
        void taken;
        void table.draft;
        return keptFinish();
    });
    const name = $derived(`${node.kind} ${piece.name}`);
    const seeking = $derived((panel.query ?? '').trim() !== '');
    const moment = $derived(panel.stateOf(node.id, piece.name));
    const own = $derived(ownOf(node, piece.name));
    const element = $derived.by(() => {
        void table.canvas.settled;
        return elementsOf(table.canvas.element(node.id), piece.selectors.usual ?? '')[0] ?? null;
    });
    /** What the drawing shows has no rows of its own. */
    const drawn = /^(padding|margin|corner)/;
    const perSide = /^(lineColour|lineKind|line)(Above|Right|Below|Left)$/;
    const all = $derived(
        propertiesOf(table, piece).filter((one) =>
            table.kinds
                .of(node.kind)
                .settings.every(
                    (setting) => piece.name !== '' || setting.question !== 'how' || setting.name !== one.name,
                ),
        ),
    );
    const rows = $derived(
        all.filter(
            (one) =>
                (seeking ? panel.finds(one.label, piece.label) : !drawn.test(one.name)) &&
                (moment === 'usual' || one.group !== 'place'),
        ),
    );
    const open = $derived(seeking ? rows.length > 0 : panel.isOpen(name, usually));
    const groups = $derived([...new Set(rows.map((one) => one.group))]);
    /** Of words, the letters come first; of boxes, their room. */
    const letters = $derived(!piece.groups.includes('size'));
    const hasBox = $derived(piece.groups.includes('box'));

    /** Those that are set often, and those that are set. */
    const nearest = $derived(
        rows.filter((one) => seeking || one.common || read(table, node, piece.name, one.name, moment).own),
    );
    const near = (group: StyleGroupName): StyleProperty[] => nearest.filter((one) => one.group === group);
    const far = (group: StyleGroupName): StyleProperty[] =>
        rows.filter((one) => one.group === group && !nearest.includes(one));
</script>

{#snippet row(property: StyleProperty)}
    {@const key = keyOf(piece.name, property.name, moment)}
    <StyleRow
        {table}
        {node}
        setting={settingOf(property, key)}
        piece={piece.name}
        property={property.name}
        state={moment}
        {element}
        idle={idle(table, node, piece, property, moment)}
    />
{/snippet}

{#if !seeking || rows.length > 0}
    <div class="mt-1.5" role="group" aria-label="{piece.label}, how it looks">
        <button
            class="flex min-h-7 w-full items-baseline gap-1.5 text-left font-semibold"
            aria-expanded={open}
            disabled={seeking}
            onclick={() => panel.toggle(name, usually)}
        >
            <span class="w-3 text-xs" aria-hidden="true">{open ? '▾' : '▸'}</span>{piece.label}
            <span class="ml-auto text-xs font-normal {own > 0 ? 'own rounded px-1' : 'text-quiet'}"
                >{own > 0 ? counted(own, 'differs', 'differ') : element ? '' : 'not on this page'}</span
            >
        </button>
        {#if open}
            <div class="pb-2 pl-0.5">
                {#if !seeking && (own > 0 || finish)}
                    <p class="flex flex-wrap gap-x-3 text-xs text-quiet">
                        finish:
                        {#if own > 0}<button class="word" onclick={() => (takeFinish(table, node, piece), (taken += 1))}
                                >take it<span class="unseen"> from {piece.label.toLowerCase()}</span></button
                            >{/if}
                        {#if finish && table.mayEdit}<button
                                class="word max-w-56 truncate"
                                title="The finish of {finish.from}"
                                onclick={() => void giveFinish(table, [node.id], piece)}
                                >give it that of {finish.from}</button
                            >{/if}
                    </p>
                {/if}
                {#if !seeking}<StateRow {table} {node} {piece} {element} />{/if}
                {#if hasBox && !letters && !seeking}<Measured {table} {node} {piece} {moment} {element} />{/if}
                {#each groups as group (group)}
                    {#if letters && group === 'box' && !seeking}<Measured
                            {table}
                            {node}
                            {piece}
                            {moment}
                            {element}
                        />{/if}
                    {#each near(group) as property (property.name)}{@render row(property)}{/each}
                {/each}
                {#if !seeking}
                    {#each groups as group (group)}
                        {@const rest = far(group)}
                        {@const fold = `${name} ${group} more`}
                        {#if rest.length > 0}
                            <button
                                class="mt-1.5 flex min-h-6 w-full items-baseline gap-1.5 text-left text-sm text-quiet hover:text-ink"
                                aria-expanded={panel.isOpen(fold, false)}
                                onclick={() => panel.toggle(fold, false)}
                            >
                                <span class="w-3 text-xs" aria-hidden="true"
                                    >{panel.isOpen(fold, false) ? '▾' : '▸'}</span
                                >{table.data.styleGroups[group]}: {near(group).length > 0
                                    ? 'more'
                                    : counted(rest.filter((one) => !perSide.test(one.name)).length, 'setting')}
                            </button>
                            {#if panel.isOpen(fold, false)}{#each rest as property (property.name)}{@render row(
                                        property,
                                    )}{/each}{/if}
                        {/if}
                    {/each}
                {/if}
            </div>
        {/if}
    </div>
{/if}
