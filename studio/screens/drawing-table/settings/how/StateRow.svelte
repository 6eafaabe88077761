<script lang="ts">
    import type { Piece, PieceStateName, TreeNode } from '../../../../lib/types';
    import { groundOf, hexOf } from '../../../../lib/colours';
    import type { Table } from '../../table.svelte';
    import { panel } from './panel.svelte';
    import { ownOf, read } from './styles';

    let { table, node, piece, element }: { table: Table; node: TreeNode; piece: Piece; element: HTMLElement | null } =
        $props();
    const now = $derived(panel.stateOf(node.id, piece.name));

    const ALIKE = [
        'color',
        'backgroundColor',
        'backgroundImage',
        'borderTopWidth',
        'borderTopStyle',
        'borderTopColor',
        'borderRadius',
        'boxShadow',
        'fontFamily',
        'fontWeight',
        'textTransform',
        'opacity',
        'textDecorationLine',
    ] as const;

    /** A small living likeness: as the piece is on the page, with what the state sets. */
    function likeness(state: PieceStateName): Record<string, string> {
        void table.canvas.settled;
        const style = element?.ownerDocument.defaultView?.getComputedStyle(element);
        const alike: Record<string, string> = {};
        for (const name of ALIKE) alike[name] = style?.[name] ?? '';
        for (const [property, name] of [
            ['colour', 'color'],
            ['ground', 'backgroundColor'],
            ['lineColour', 'borderTopColor'],
            ['weight', 'fontWeight'],
        ] as const) {
            const { value } = read(table, node, piece.name, property, state);
            if (typeof value === 'string') alike[name] = paint(value);
        }
        const rise = read(table, node, piece.name, 'rise', state).value;
        if (typeof rise === 'number') alike.translate = `0 ${-rise / 2}px`;
        const shadow = read(table, node, piece.name, 'shadow', state).value;
        if (typeof shadow === 'string')
            alike.boxShadow =
                table.data.house[shadow] ??
                shadow.replace(/^(-?\d+) (-?\d+) (\d+) (-?\d+) .*$/, '$1px $2px $3px $4px rgb(0 0 0 / 18%)');
        return alike;
    }

    /** The specimens stand on what is behind the piece on the page. */
    const behind = $derived.by((): Record<string, string> => {
        void table.canvas.settled;
        return { backgroundColor: element?.parentElement ? hexOf(groundOf(element.parentElement)) : '' };
    });

    function paint(value: string): string {
        const [role = '', share] = value.split('/');
        const base = value.startsWith('#') ? value : (table.data.house[`colour-${role}`] ?? value);
        return share === undefined
            ? base.replace('none', 'transparent')
            : `color-mix(in srgb, ${base} ${share}%, transparent)`;
    }

    function dress(
        element: HTMLElement,
        alike: Record<string, string>,
    ): { update: (next: Record<string, string>) => void } {
        const update = (next: Record<string, string>): void => void Object.assign(element.style, next);
        update(alike);
        return { update };
    }
</script>

{#if piece.states.length > 1}
    <div class="mt-2 flex flex-wrap gap-x-2 gap-y-1" role="group" aria-label="States of {piece.label.toLowerCase()}">
        {#each piece.states as state (state)}
            {@const own = ownOf(node, piece.name, state)}
            <button
                class="group text-center text-xs {state === now ? 'font-semibold' : 'text-quiet'}"
                aria-pressed={state === now}
                onclick={() => panel.look(node.id, piece.name, state)}
            >
                <span
                    class="block rounded-md border p-1 {state === now
                        ? 'border-ink'
                        : 'border-transparent group-hover:border-hair'}"
                    use:dress={behind}
                >
                    <span
                        class="flex h-6.5 w-13.5 items-center justify-center overflow-hidden text-xs {state ===
                        'focused'
                            ? 'outline-focus outline-2 outline-offset-1'
                            : ''}"
                        aria-hidden="true"
                        use:dress={likeness(state)}>Abc</span
                    >
                </span>
                {state}{own > 0 && state !== 'usual' ? ` · ${own}` : ''}
            </button>
        {/each}
    </div>
{/if}
