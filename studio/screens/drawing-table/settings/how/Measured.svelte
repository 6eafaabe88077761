<script lang="ts">
    import { ToggleGroup } from 'bits-ui';
    import type { Edit, Piece, PieceStateName, TreeNode, Value } from '../../../../lib/types';
    import { lengthOf, limited, stepOf, valueOf } from '../../tree/measures';
    import type { Table } from '../../table.svelte';
    import NumberBox from '../fields/NumberBox.svelte';
    import { CORNERS, keyOf, read, seen, settingOf, SIDES } from './styles';
    import { others } from '../shared';

    interface Props {
        table: Table;
        node: TreeNode;
        piece: Piece;
        moment: PieceStateName;
        element: HTMLElement | null;
    }

    let { table, node, piece, moment, element }: Props = $props();
    type Part = (typeof SIDES)[number] | (typeof CORNERS)[number];
    const MODES = ['all', 'pairs', 'each'] as const;
    const own = $derived(MODES.find((one) => one === modeOf()) ?? 'all');
    let chosen = $state<(typeof MODES)[number] | null>(null);
    const mode = $derived(chosen ?? own);
    /** What a drag or a run of typing sets is one step. */
    let gesture = '';

    const spots: {
        property: 'padding' | 'margin' | 'corner' | 'line';
        part: Part;
        left: number;
        top: number;
        along: 'x' | 'y';
        words: string;
    }[] = [
        { property: 'padding', part: 'Left', left: 96, top: 10, along: 'x', words: 'Room inside on the left' },
        { property: 'padding', part: 'Right', left: 244, top: 10, along: 'x', words: 'Room inside on the right' },
        { property: 'padding', part: 'Above', left: 36, top: 47, along: 'y', words: 'Room inside above' },
        { property: 'padding', part: 'Below', left: 36, top: 107, along: 'y', words: 'Room inside below' },
        { property: 'margin', part: 'Above', left: 36, top: 22, along: 'y', words: 'Room outside above' },
        { property: 'margin', part: 'Below', left: 294, top: 131, along: 'y', words: 'Room outside below' },
        { property: 'margin', part: 'Left', left: 36, top: 77, along: 'x', words: 'Room outside on the left' },
        { property: 'margin', part: 'Right', left: 294, top: 77, along: 'x', words: 'Room outside on the right' },
        { property: 'corner', part: 'AboveRight', left: 294, top: 30, along: 'x', words: 'Corner above right' },
        { property: 'corner', part: 'AboveLeft', left: 118, top: 52, along: 'x', words: 'Corner above left' },
        { property: 'corner', part: 'BelowLeft', left: 118, top: 102, along: 'x', words: 'Corner below left' },
        { property: 'corner', part: 'BelowRight', left: 232, top: 102, along: 'x', words: 'Corner below right' },
    ];
    const shown = $derived(
        spots.filter(
            (spot) =>
                spot.property === 'padding' ||
                ['margin Above', 'margin Below', 'corner AboveRight'].includes(`${spot.property} ${spot.part}`) ||
                mode === 'each',
        ),
    );

    function onPage(property: string): string {
        void table.canvas.settled;
        return seen(element, property);
    }

    /** As finely as its values differ. */
    function modeOf(): (typeof MODES)[number] {
        const has = (part: string): boolean =>
            Object.values(node.how ?? {}).some((layer) => keyOf(piece.name, part, moment) in layer);
        const sides = SIDES.map((side) => read(table, node, piece.name, `padding${side}`, moment).value);
        if (CORNERS.some((corner) => has(`corner${corner}`))) return 'each';
        if (!SIDES.some((side) => has(`padding${side}`))) return 'all';
        return sides[0] === sides[2] && sides[1] === sides[3] ? 'pairs' : 'each';
    }

    /** The settings that one number stands for: all, its pair or itself. Room outside is always each. */
    function meant(property: string, part: Part): string[] {
        if (property === 'margin' || mode === 'each') return [property + part];
        if (mode === 'all' || property === 'corner') return [property];
        return (['Above', 'Below'].includes(part) ? ['Above', 'Below'] : ['Right', 'Left']).map(
            (one) => property + one,
        );
    }

    function set(property: string, part: Part, value: Value): void {
        const names = meant(property, part);
        const parts = property === 'corner' ? CORNERS : SIDES;
        const also =
            names[0] === property
                ? parts.map((one) => property + one).filter((name) => read(table, node, piece.name, name, moment).own)
                : [];
        const edits = (name: string, to: Value): Edit[] =>
            [node, ...others(table)].map((one) => ({
                edit: 'set',
                id: one.id,
                question: 'how',
                width: table.widthName,
                setting: keyOf(piece.name, name, moment),
                value: to,
            }));
        gesture ||= `measure-${node.id}-${property}-${Date.now()}`;
        if (names.length === 1 && also.length === 0)
            void table.values.set(node.id, 'how', keyOf(piece.name, names[0] ?? property, moment), value, gesture);
        else
            void table.edits.send(
                [...names.flatMap((name) => edits(name, value)), ...also.flatMap((name) => edits(name, null))],
                gesture,
            );
    }

    function drag(event: PointerEvent, property: string, part: Part, along: 'x' | 'y'): void {
        const grip = event.currentTarget as HTMLElement;
        const base = table.data.styles.find((one) => one.name === property);
        const from =
            lengthOf(read(table, node, piece.name, property + part, moment).value) ??
            lengthOf(Number.parseFloat(seen(element, property + part)) || 0);
        if (!base || !from || !table.mayEdit) return;
        event.preventDefault();
        grip.setPointerCapture(event.pointerId);
        const start = along === 'x' ? event.clientX : event.clientY;
        grip.onpointermove = (move) => {
            const way = Math.round(((along === 'x' ? move.clientX : move.clientY) - start) / 2);
            const next = limited(
                { number: from.number + way * stepOf(from.unit), unit: from.unit },
                settingOf(base, property),
            );
            set(property, part, valueOf(next));
        };
        grip.onpointerup = grip.onpointercancel = () => {
            grip.onpointermove = null;
            gesture = '';
        };
    }

    function backTo(): void {
        const names = ['padding', 'margin', 'corner'].flatMap((property) => [
            property,
            ...SIDES.map((side) => property + side),
            ...CORNERS.map((corner) => property + corner),
        ]);
        const own = names
            .map((name) => keyOf(piece.name, name, moment))
            .filter((key) => key in (node.how?.[table.widthName] ?? {}));
        void table.edits.send(
            [node, ...others(table)].flatMap((one) =>
                own.map((setting) => ({
                    edit: 'set' as const,
                    id: one.id,
                    question: 'how' as const,
                    width: table.widthName,
                    setting,
                    value: null,
                })),
            ),
        );
    }

    const differs = $derived(
        Object.keys(node.how?.[table.widthName] ?? {}).some((key) =>
            new RegExp(
                `^${piece.name === '' ? '' : `${piece.name}\\.`}(padding|margin|corner)[A-Za-z]*${moment === 'usual' ? '' : `:${moment}`}$`,
            ).test(key),
        ),
    );
</script>

<div
    class="relative mt-2 h-[150px] w-[312px] text-quiet"
    role="group"
    aria-label="Distances and corners of {piece.label.toLowerCase()}"
>
    <svg
        class="absolute inset-0 h-full w-full"
        viewBox="0 0 312 150"
        aria-hidden="true"
        fill="none"
        stroke="currentColor"
    >
        <rect x="78" y="38" width="196" height="80" rx="8" fill="var(--room)" stroke="var(--edge)" />
        <path d="M98 38V118M254 38V118M78 55H274M78 101H274" stroke-dasharray="2 3" stroke="var(--edge)" />
        <path
            d="M78 28H274M78 24v8M98 24v8M254 24v8M274 24v8M68 12V118M64 12h8M64 38h8M64 55h8M64 101h8M64 118h8"
            stroke="var(--ink)"
        />
        <path d="M268 43L278 38H308" stroke="var(--ink)" />
        <path d="M78 143H274M68 12H82" stroke-dasharray="4 3" />
        <path d="M274 118v25M270 143h8" stroke="var(--ink)" />
    </svg>
    <span class="absolute top-[69px] left-[128px] text-xs">{differs ? '' : 'as the house style'}</span>
    {#each shown as spot (`${spot.property}${spot.part}`)}
        {@const base = table.data.styles.find((one) => one.name === spot.property)}
        {@const reading = read(table, node, piece.name, spot.property + spot.part, moment)}
        {#if base}
            <span
                class="absolute flex -translate-x-1/2 -translate-y-1/2 items-center"
                style:left="{spot.left}px"
                style:top="{spot.top}px"
            >
                <!-- svelte-ignore a11y_no_static_element_interactions -->
                <span
                    class="flex h-6 w-3 touch-none items-center justify-center {spot.along === 'x'
                        ? 'cursor-ew-resize'
                        : 'cursor-ns-resize'}"
                    title="{spot.words}: drag"
                    onpointerdown={(event) => drag(event, spot.property, spot.part, spot.along)}
                    >{spot.property === 'corner' ? 'r' : spot.along === 'x' ? '↔' : '↕'}</span
                >
                <NumberBox
                    label={spot.words}
                    setting={settingOf(base, spot.property)}
                    value={reading.value}
                    placeholder={onPage(spot.property + spot.part)}
                    disabled={!table.mayEdit}
                    look="h-6 min-h-6 w-9 border-transparent bg-transparent px-0.5 text-center text-ink hover:border-edge focus:bg-sheet {reading.own
                        ? 'own'
                        : ''}"
                    choose={(value) => set(spot.property, spot.part, value)}
                    slide={(value) => set(spot.property, spot.part, value)}
                    settle={() => (gesture = '')}
                />
            </span>
        {/if}
    {/each}
</div>
<div class="mt-1 flex items-center gap-3 text-xs">
    <ToggleGroup.Root
        type="single"
        value={mode}
        onValueChange={(next) => next !== '' && (chosen = MODES.find((one) => one === next) ?? null)}
        aria-label="A number is for"
        class="flex gap-2"
    >
        {#each MODES as one (one)}
            <ToggleGroup.Item
                value={one}
                class="min-h-6 rounded px-1 text-quiet data-[state=on]:font-semibold data-[state=on]:text-ink"
                >{{ all: 'all sides at once', pairs: 'in pairs', each: 'each side' }[one]}</ToggleGroup.Item
            >
        {/each}
    </ToggleGroup.Root>
    {#if differs && table.mayEdit}<button class="word ml-auto" onclick={backTo}
            >back<span class="unseen"> to the house style: distances and corners</span></button
        >{/if}
</div>
