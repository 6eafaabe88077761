<script lang="ts">
    import { Popover, Slider } from 'bits-ui';
    import { groundsOf, hexOf, laidOver, parseColour, readOn, type Ground, type Rgba } from '../../../../lib/colours';
    import type { StyleProps } from './props';

    let { table, setting, id, value, placeholder, element, choose, slide, settle }: StyleProps = $props();
    const text = $derived(typeof value === 'string' ? value : '');
    const role = $derived(text.startsWith('#') || text === 'none' ? '' : (text.split('/')[0] ?? ''));
    const opacity = $derived(opacityOf(text));
    const shown = $derived(paint(text) ?? parseColour(placeholder));
    const property = $derived(setting.name.replace(/^.*\.|:.*$/g, ''));
    const beside = $derived(property === 'colour' ? 'on its ground' : property === 'ground' ? 'to its words' : '');
    let typed = $state<string | null>(null);

    function opacityOf(one: string): number {
        if (one.startsWith('#'))
            return one.length === 9 ? Math.round((Number.parseInt(one.slice(7), 16) / 255) * 100) : 100;
        return Number(one.split('/')[1] ?? 100);
    }

    function paint(one: string): Rgba | null {
        if (one === '' || one === 'none') return null;
        const base = parseColour(
            one.startsWith('#') ? one : (table.data.house[`colour-${one.split('/')[0] ?? ''}`] ?? ''),
        );
        return base && { ...base, a: opacityOf(one) / 100 };
    }

    /** What words stand on, with a colour: what is behind them, or itself where it is a ground. */
    function groundWith(one: Rgba | null): Ground | null {
        if (!element || !one || beside === '') return null;
        return property === 'colour' ? groundsOf(element) : laidOver(one, groundsOf(element.parentElement ?? element));
    }

    /** How well words can be read with a colour; null where that is not known. */
    function readable(one: Rgba | null): number | null {
        const ground = groundWith(one);
        const words =
            property === 'colour'
                ? one
                : parseColour(element?.ownerDocument.defaultView?.getComputedStyle(element).color ?? '');
        return ground && words && readOn(words, ground);
    }

    function withOpacity(share: number): void {
        const base = text.startsWith('#') ? text.slice(0, 7) : role !== '' ? role : shown ? hexOf(shown) : 'ink';
        if (base.startsWith('#'))
            slide(
                share >= 100
                    ? base
                    : base +
                          Math.round((share / 100) * 255)
                              .toString(16)
                              .padStart(2, '0'),
            );
        else slide(share >= 100 ? base : `${base}/${Math.max(1, share)}`);
    }

    function type(entered: string): void {
        typed = entered;
        const hex = /^#?([0-9a-f]{6}(?:[0-9a-f]{2})?)$/i.exec(entered.trim())?.[1];
        if (hex) slide(`#${hex.toLowerCase()}`);
    }

    const words = $derived(
        text === '' ? '' : text === 'none' ? 'none' : text.startsWith('#') ? text.slice(0, 7) : said(role),
    );
    const ratio = $derived(readable(shown));
    const pictured = $derived(groundWith(shown) === 'picture');

    function said(name: string): string {
        return { accent: 'main', 'on-accent': 'on main' }[name] ?? name;
    }
</script>

{#snippet patch(colour: Rgba | null)}
    <span
        class="inline-block size-4.5 shrink-0 rounded border border-edge {colour
            ? ''
            : 'bg-[linear-gradient(135deg,transparent_46%,var(--trouble)_46%_54%,transparent_54%)]'}"
        style:background-color={colour ? `rgb(${colour.r} ${colour.g} ${colour.b} / ${colour.a})` : undefined}
    ></span>
{/snippet}

<Popover.Root onOpenChange={(open) => !open && settle()}>
    <Popover.Trigger {id} class="field flex w-full min-w-0 items-center gap-2 text-left" disabled={!table.mayEdit}>
        {@render patch(shown && shown.a > 0 ? shown : null)}
        <span class="min-w-0 flex-1 truncate {text === '' ? 'text-quiet' : ''}"
            >{words === '' ? 'as usual' : words}{opacity < 100 && text !== '' ? ` ${opacity} %` : ''}</span
        >
        {#if ratio !== null}<span
                class="figures shrink-0 text-xs {ratio < 4.5 ? 'font-semibold text-trouble' : 'text-quiet'}"
                title="Contrast {ratio.toFixed(1)} {beside}; words need at least 4.5"
                >{ratio < 4.5 ? 'hard to read' : 'reads well'}
                {ratio.toFixed(1)}<span class="unseen"> contrast {beside}</span></span
            >{:else if pictured}<span class="shrink-0 text-xs text-quiet" title="Over a picture: not computed"
                >over a picture</span
            >{/if}
    </Popover.Trigger>
    <Popover.Portal>
        <Popover.Content class="float z-50 w-72 p-3" sideOffset={4} align="end" aria-label="{setting.label}: a colour">
            <p class="text-xs text-quiet">Colours of the house style</p>
            <div class="mt-1 grid grid-cols-2 gap-x-2" role="group" aria-label="Colours of the house style">
                {#each ['none', ...(setting.roles ?? [])] as one (one)}
                    {@const colour = paint(one)}
                    {@const reads = readable(colour)}
                    <button
                        class="flex min-h-7 items-center gap-2 rounded px-1 text-left hover:bg-room {one ===
                        (role || text)
                            ? 'bg-room font-semibold'
                            : ''}"
                        aria-pressed={one === (role || text)}
                        onclick={() => choose(one)}
                    >
                        {@render patch(colour)}
                        <span class="flex-1 truncate">{said(one)}</span>
                        {#if reads !== null}<span class="figures text-xs {reads < 4.5 ? 'text-trouble' : 'text-quiet'}"
                                >{reads.toFixed(1)}</span
                            >{/if}
                    </button>
                {/each}
            </div>
            <p class="mt-2 border-t border-dashed border-hair pt-2 text-xs text-quiet">Any colour, with its opacity</p>
            <div class="mt-1 flex items-center gap-2">
                <input
                    type="color"
                    class="h-7.5 w-9 shrink-0 rounded border border-edge"
                    aria-label="{setting.label}, a colour of its own"
                    value={shown ? hexOf(shown) : '#888888'}
                    oninput={(event) => slide(event.currentTarget.value)}
                    onchange={settle}
                />
                <input
                    class="field figures w-24"
                    aria-label="{setting.label} as #rrggbb"
                    placeholder="#rrggbb"
                    value={typed ?? (shown ? hexOf(shown) : '')}
                    oninput={(event) => type(event.currentTarget.value)}
                    onblur={() => ((typed = null), settle())}
                />
                <span class="figures ml-auto text-xs text-quiet">{opacity} %</span>
            </div>
            <Slider.Root
                type="single"
                value={opacity}
                onValueChange={(next: number) => next !== opacity && withOpacity(next)}
                onValueCommit={settle}
                min={1}
                max={100}
                class="relative mt-2 flex h-6 w-full touch-none items-center"
            >
                <span class="h-1 w-full rounded bg-hair"></span>
                <Slider.Thumb
                    index={0}
                    class="block size-4 rounded-full border border-ink bg-sheet"
                    aria-label="Opacity in per cent"
                />
            </Slider.Root>
            {#if pictured}<p class="mt-1 text-xs text-quiet">
                    Over a picture: how well words are read there is not computed. Look at it, or give it a tint.
                </p>{/if}
            {#if ratio !== null && ratio < 4.5}<p class="mt-1 text-xs text-trouble">
                    {ratio.toFixed(1)} : 1 {beside}. Words of this size want 4.5.
                </p>{/if}
        </Popover.Content>
    </Popover.Portal>
</Popover.Root>
