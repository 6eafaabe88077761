<script lang="ts">
    import PictureField from '../../../../parts/PictureField.svelte';
    import type { StyleProps } from './props';

    let { table, id, value, choose }: StyleProps = $props();
</script>

<div class="min-w-0 flex-1">
    <PictureField {id} value={typeof value === 'number' ? value : null} disabled={!table.mayEdit} change={choose} />
</div>
