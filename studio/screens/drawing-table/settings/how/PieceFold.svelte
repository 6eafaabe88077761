<script lang="ts">
    import { untrack } from 'svelte';
    import { counted } from '../../../../lib/words';
    import type { Piece, StyleProperty, TreeNode } from '../../../../lib/types';
    import { giveFinish, keptFinish, takeFinish } from '../../deeds/takenStyles';
    import type { Table } from '../../table.svelte';
    import StyleRow from '../StyleRow.svelte';
    import { sharedProperties } from '../shared';
    import Measured from './Measured.svelte';
    import { panel } from './panel.svelte';
    import StateRow from './StateRow.svelte';
    import { elementsOf, idle, keyOf, ownOf, read, settingOf } from './styles';

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
        sharedProperties(table, piece).filter((one) =>
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
    /** Of words, the letters come first; of boxes, and of the block itself, their room. */
    const letters = $derived(piece.name !== '' && !piece.groups.includes('size'));
    const hasBox = $derived(piece.groups.includes('box'));

    /** What was set when one came here: a row stays where it stands while one works on it. */
    const came = $derived([node.id, ...table.selection.besides, moment, table.widthName].join(' '));
    const set = $derived.by(() => {
        void came;
        return untrack(() =>
            all.filter((one) => read(table, node, piece.name, one.name, moment).value !== null).map((one) => one.name),
        );
    });
    const isSet = (one: StyleProperty): boolean => set.includes(one.name);
    const first = $derived(rows.filter(isSet));
    const often = $derived(rows.filter((one) => !isSet(one) && (seeking || one.common)));
    const rest = $derived(rows.filter((one) => !isSet(one) && !seeking && !one.common));
    const drawing = $derived(
        !hasBox || seeking ? 'none' : !letters || set.some((one) => drawn.test(one)) ? 'first' : 'among the rest',
    );
    const more = $derived(`${name} more`);
    const groups = $derived([...new Set(rest.map((one) => one.group))]);
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
                        {#if own > 0}<button class="word" onclick={() => (takeFinish(table, node, piece), (taken += 1))}
                                >take its finish<span class="unseen"> from {piece.label.toLowerCase()}</span> to give to others</button
                            >{/if}
                        {#if finish && table.mayEdit}<button
                                class="word max-w-56 truncate"
                                title="The finish, all style values, of {finish.from}"
                                onclick={() => void giveFinish(table, [node.id], piece)}
                                >give it the finish of {finish.from}</button
                            >{/if}
                    </p>
                {/if}
                {#if !seeking}<StateRow {table} {node} {piece} {element} />{/if}
                {#each first as property (property.name)}{@render row(property)}{/each}
                {#if drawing === 'first'}<Measured {table} {node} {piece} {moment} {element} />{/if}
                {#each often as property (property.name)}{@render row(property)}{/each}
                {#if rest.length > 0}
                    <button
                        class="mt-1.5 flex min-h-6 w-full items-baseline gap-1.5 text-left text-sm text-quiet hover:text-ink"
                        aria-expanded={panel.isOpen(more, false)}
                        onclick={() => panel.toggle(more, false)}
                    >
                        <span class="w-3 text-xs" aria-hidden="true">{panel.isOpen(more, false) ? '▾' : '▸'}</span>more
                        about {piece.label.toLowerCase()}: {counted(
                            rest.filter((one) => !perSide.test(one.name)).length,
                            'setting',
                        )}
                    </button>
                    {#if panel.isOpen(more, false)}
                        {#if drawing === 'among the rest'}<Measured {table} {node} {piece} {moment} {element} />{/if}
                        {#each groups as group (group)}
                            <p class="mt-2 text-xs text-quiet">{table.data.styleGroups[group]}</p>
                            {#each rest.filter((one) => one.group === group) as property (property.name)}{@render row(
                                    property,
                                )}{/each}
                        {/each}
                    {/if}
                {/if}
            </div>
        {/if}
    </div>
{/if}
