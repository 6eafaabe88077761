<script lang="ts">
    import type { StyleProps } from './props';

    let { table, setting, id, value, role, choose, slide, settle }: StyleProps = $props();
    const hex = $derived(hexOf(typeof value === 'string' ? value : role));

    function hexOf(name: string): string {
        return name.startsWith('#') ? name : (table.data.house[`colour-${name}`] ?? '#888888');
    }
</script>

<input
    type="color"
    class="h-7.5 w-8 shrink-0 rounded border border-edge"
    aria-label="{setting.label}, a colour of its own"
    value={hex}
    disabled={!table.mayEdit}
    oninput={(event) => slide(event.currentTarget.value)}
    onchange={settle}
/>
<select
    {id}
    class="field w-full min-w-0"
    value={typeof value === 'string' ? (value.startsWith('#') ? 'own' : value) : ''}
    disabled={!table.mayEdit}
    onchange={(event) => choose(event.currentTarget.value === '' ? null : event.currentTarget.value === 'own' ? hex : event.currentTarget.value)}
>
    <option value="">{role ? `${role} (house)` : 'none (house)'}</option>
    {#each setting.roles ?? [] as one (one)}<option value={one}>{one}</option>{/each}
    <option value="own">its own {hex}</option>
</select>
