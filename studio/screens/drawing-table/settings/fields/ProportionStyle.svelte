<script lang="ts">
    import Pick, { type Choice } from '../../../../parts/Pick.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, choose }: StyleProps = $props();
    const now = $derived(typeof value === 'string' ? value : '');
    const known = $derived([{ value: '', words: 'as usual' }, ...(setting.options ?? [])]);
    const choices = $derived(
        known.some((one) => one.value === now) ? known : [...known, { value: now, words: now.replace('/', ' : ') }],
    );

    function size(proportion: string): { width: number; height: number } {
        const [across = 1, down = 1] = proportion.split('/').map(Number);
        return across > down
            ? { width: 18, height: (18 * down) / across }
            : { width: (18 * across) / down, height: 18 };
    }
</script>

<Pick
    {id}
    label={setting.label}
    value={now}
    {choices}
    disabled={!table.mayEdit}
    choose={(next) => choose(next === '' ? null : next)}
>
    {#snippet specimen(one: Choice)}
        <span class="inline-flex items-center gap-2">
            {#if one.value.includes('/')}<span
                    class="border border-current"
                    style:width="{size(one.value).width}px"
                    style:height="{size(one.value).height}px"
                ></span>{/if}{one.words}
        </span>
    {/snippet}
</Pick>
