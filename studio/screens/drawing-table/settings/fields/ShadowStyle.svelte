<script lang="ts">
    import type { Setting } from '../../../../lib/types';
    import ColourStyle from './ColourStyle.svelte';
    import NumberBox from './NumberBox.svelte';
    import Pick, { type Choice } from '../../../../parts/Pick.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, element, choose, slide, settle }: StyleProps = $props();
    const parts = ['right', 'down', 'blur', 'spread'] as const;
    const own = $derived(typeof value === 'string' ? /^(-?\d+) (-?\d+) (\d+) (-?\d+) (\S+)$/.exec(value) : null);
    const choices = $derived([
        { value: '', words: 'as usual' },
        ...(setting.options ?? []),
        { value: 'own', words: 'its own' },
    ]);

    function part(at: number): Setting {
        return { ...setting, type: 'amount', min: at === 2 ? 0 : -200, max: 200, unit: 'px', label: parts[at] ?? '' };
    }

    function withPart(at: number, next: string | number): string {
        return [1, 2, 3, 4, 5].map((one) => (one === at + 1 ? next : (own?.[one] ?? 0))).join(' ');
    }
</script>

<div class="min-w-0 flex-1">
    <Pick
        {id}
        label={setting.label}
        value={own ? 'own' : typeof value === 'string' ? value : ''}
        {choices}
        disabled={!table.mayEdit}
        choose={(next) => choose(next === '' ? null : next === 'own' ? '0 8 24 0 ink/14' : next)}
    >
        {#snippet specimen(one: Choice)}
            <span class="inline-flex items-center gap-2 {one.value === '' ? 'text-quiet' : ''}">
                {#if one.value !== ''}<span
                        class="size-4 rounded bg-sheet"
                        style:box-shadow={one.value === 'own'
                            ? '0 8px 24px rgb(0 0 0 / 20%)'
                            : (table.data.house[one.value] ?? 'none')}
                    ></span>{/if}{one.words}
            </span>
        {/snippet}
    </Pick>
    {#if own}
        <div class="mt-1 flex gap-1">
            {#each parts as name, at (name)}
                <span class="min-w-0 flex-1 text-center text-xs text-quiet">
                    <NumberBox
                        label="Shadow {name}"
                        setting={part(at)}
                        value={Number(own[at + 1])}
                        placeholder=""
                        disabled={!table.mayEdit}
                        look="w-full px-1 text-center"
                        choose={() => undefined}
                        slide={(next) => slide(withPart(at, Number(next)))}
                        {settle}
                    />{name}
                </span>
            {/each}
        </div>
        <div class="mt-1">
            <ColourStyle
                {table}
                setting={{ ...setting, name: 'shadowColour', label: 'Shadow’s colour' }}
                id="{id}-colour"
                value={own[5] ?? null}
                placeholder=""
                {element}
                choose={(next) => choose(withPart(4, String(next)))}
                slide={(next) => slide(withPart(4, String(next)))}
                {settle}
            />
        </div>
    {/if}
</div>
