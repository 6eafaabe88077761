<script lang="ts">
    import type { Value } from '../../../lib/types';

    /** Of several blocks that are set together: what each says, and one click that makes the first count for all. */
    interface Props {
        values: Value[];
        inWords: (value: Value) => string;
        label: string;
        mayEdit: boolean;
        all: () => void;
    }

    let { values, inWords, label, mayEdit, all }: Props = $props();
    const words = $derived(values.map(inWords));
</script>

{#if values.length > 0}
    <span></span>
    <span class="min-w-0 text-xs text-quiet" data-differs={label}
        ><span class="line-clamp-1" title={words.join(', ')}>differs: {words.join(', ')}</span>
        {#if mayEdit}<button class="word" onclick={all}>the first for all<span class="unseen">: {label}</span></button
            >{/if}</span
    >
{/if}
