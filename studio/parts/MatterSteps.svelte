<script lang="ts">
    import type { Matter } from '../lib/types';
    import { tidy } from './tidying';

    interface Props {
        matter: Matter;
        mayPublish: boolean;
        /** Looks at what there is once more, when something was done. */
        again: () => unknown;
    }

    /** What leads on from something that wants a look. */
    let { matter, mayPublish, again }: Props = $props();
    const { step } = $derived(matter);
</script>

{#if step.tidy && mayPublish}
    {@const ask = step.tidy}
    <button class="word" onclick={() => void tidy(ask, again)}>Take it out</button>
{/if}
<a class="word" href={step.address}>{step.words}</a>
