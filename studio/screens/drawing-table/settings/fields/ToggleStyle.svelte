<script lang="ts">
    import Pick from '../../../../parts/Pick.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, choose }: StyleProps = $props();
    const choices = [
        { value: '', words: 'as usual' },
        { value: 'true', words: 'yes' },
        { value: 'false', words: 'no' },
    ];
</script>

<Pick
    {id}
    label={setting.label}
    value={value === null ? '' : String(value)}
    {choices}
    disabled={!table.mayEdit}
    choose={(next) => choose(next === '' ? null : next === 'true')}
/>
