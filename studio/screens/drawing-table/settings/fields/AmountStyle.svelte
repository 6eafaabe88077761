<script lang="ts">
    import { unitWords } from '../../tree/measures';
    import NumberBox from './NumberBox.svelte';
    import type { StyleProps } from './props';

    let { table, setting, id, value, placeholder, choose, slide, settle }: StyleProps = $props();
</script>

<NumberBox {id} {setting} {value} {placeholder} disabled={!table.mayEdit} {choose} {slide} {settle} />
<span class="text-xs text-quiet">{unitWords(setting.unit)}</span>
