<script lang="ts">
    import { untrack } from 'svelte';
    import { takeBackEntry } from '../../lib/ledger.svelte';
    import type { EntryPage, Screen } from '../../lib/types';
    import Entries from '../../parts/catalogue/Entries.svelte';
    import { EntryHistory } from '../../parts/catalogue/history.svelte';
    import Frame from '../../parts/Frame.svelte';

    let { screen }: { screen: Screen<EntryPage> } = $props();
    const history = untrack(() => new EntryHistory('', 0, screen.data));
</script>

<Frame {screen} here="Catalogue" place="History">
    <h1 class="text-2xl">History</h1>
    <p class="mt-1 text-quiet">
        Everything that was saved in the catalogue, the newest first. Each can be taken back as one.
    </p>
    {#if history.entries.length === 0}<p class="mt-4">
            Nothing was changed yet. What you save in the catalogue is kept here.
        </p>{/if}
    <div class="max-w-3xl"><Entries {history} may={screen.may.edit} takeBack={takeBackEntry} /></div>
</Frame>
