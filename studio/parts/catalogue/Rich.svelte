<script lang="ts">
    import { text } from '../../lib/fields';
    import type { Ledger } from '../../lib/ledger.svelte';
    import RichField from '../rich/RichField.svelte';

    interface Props {
        ledger: Ledger;
        at: string;
        field: string;
        label: string;
        may: boolean;
    }

    /** Rich text of a thing of the catalogue. */
    let { ledger, at, field, label, may }: Props = $props();
    const id = $derived(`${at}-${field}`.replace('/', '-'));
    const wrong = $derived(ledger.wrong[`${at}/${field}`]);
</script>

<div class="grid items-start gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]">
    <label class="pt-1" for={id}>{label}</label>
    <div class="min-w-0">
        <RichField
            {id}
            {label}
            editable={may}
            value={text(ledger.value(at, field))}
            change={(next) => ledger.set(at, field, next)}
        />
        {#if wrong}<p class="text-sm text-trouble">{wrong.message}</p>{/if}
    </div>
</div>
