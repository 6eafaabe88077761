<script lang="ts">
    import { untrack } from 'svelte';
    import type { Ledger } from '../../lib/ledger.svelte';
    import Entries from './Entries.svelte';
    import { EntryHistory } from './history.svelte';

    let { thing, id, may, ledger }: { thing: string; id: number; may: boolean; ledger: Ledger } = $props();
    const history = untrack(() => new EntryHistory(thing, id));

    $effect(() => {
        void ledger.stands;
        untrack(() => void history.load());
    });
</script>

<h2 class="text-lg">History</h2>
{#if history.entries.length === 0}<p class="mt-1 text-quiet">Nothing was changed yet.</p>{/if}
<Entries {history} {may} takeBack={(entry) => ledger.takeBack(entry)} narrow />
