<script lang="ts">
    import { ToggleGroup } from 'bits-ui';
    import Marks from './Marks.svelte';
    import Pick, { type Choice } from '../../../../parts/Pick.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, choose }: StyleProps = $props();
    const options = $derived(setting.options ?? []);
    const now = $derived(typeof value === 'string' ? value : '');
    const ofColumns = $derived(options.some((one) => one.value === 'stretch'));
    const DRAWN = ['start', 'center', 'end', 'justify', 'row', 'column', 'column-reverse'];
    const drawn = $derived(ofColumns || options.every((one) => DRAWN.includes(one.value.replace('flex-', ''))));
    const property = $derived(setting.name.replace(/^.*\.|:.*$/g, ''));
    const fonts = $derived<Record<string, string>>({
        names: table.data.house['font-names'] ?? '',
        words: table.data.house['font-words'] ?? '',
        third: table.data.house['font-third'] ?? '',
    });
</script>

{#if drawn}
    <ToggleGroup.Root
        {id}
        type="single"
        value={now}
        onValueChange={(next) => choose(next === '' ? null : next)}
        disabled={!table.mayEdit}
        aria-label={setting.label}
        class="flex overflow-hidden rounded-md border border-edge"
    >
        {#each options as one (one.value)}
            <ToggleGroup.Item
                value={one.value}
                aria-label={one.words}
                title={one.words}
                class="flex h-7.5 w-9 items-center justify-center bg-sheet data-[state=on]:bg-ink data-[state=on]:text-paper"
            >
                <Marks of={ofColumns ? `columns ${one.value.replace('flex-', '')}` : one.value} />
            </ToggleGroup.Item>
        {/each}
    </ToggleGroup.Root>
{:else}
    <Pick
        {id}
        label={setting.label}
        value={now}
        choices={[{ value: '', words: 'as usual' }, ...options]}
        disabled={!table.mayEdit}
        choose={(next) => choose(next === '' ? null : next)}
    >
        {#snippet specimen(one: Choice)}
            {#if one.value === ''}
                <span class="text-quiet">{one.words}</span>
            {:else if property === 'weight'}
                <span style:font-weight={one.value}>{one.words}</span>
            {:else if property === 'font'}
                <span style:font-family={fonts[one.value]}
                    >{(fonts[one.value] ?? '').split(',')[0]?.replace(/'/g, '')}
                    <span class="font-sans text-xs text-quiet">{one.words}</span></span
                >
            {:else if property === 'case'}
                <span style:text-transform={one.value}>{one.words}</span>
            {:else if property === 'slant'}
                <span style:font-style={one.value}>{one.words}</span>
            {:else if property === 'decoration'}
                <span style:text-decoration-line={one.value}>{one.words}</span>
            {:else if property.startsWith('lineKind')}
                <span class="inline-flex items-center gap-2"
                    ><span class="w-8 border-t-2" style:border-top-style={one.value}></span>{one.words}</span
                >
            {:else}
                {one.words}
            {/if}
        {/snippet}
    </Pick>
{/if}
