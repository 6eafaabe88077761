<script lang="ts">
    import { text } from '../../lib/fields';
    import type { Ledger } from '../../lib/ledger.svelte';

    interface Props {
        ledger: Ledger;
        at: string;
        field: string;
        label: string;
        may: boolean;
        /** Several lines. */
        long?: boolean;
        most?: number;
        help?: string;
        changed?: (value: string) => void;
    }

    let { ledger, at, field, label, may, long = false, most = 200, help = '', changed }: Props = $props();
    const id = $derived(`${at}-${field}`.replace('/', '-'));
    const wrong = $derived(ledger.wrong[`${at}/${field}`]);
    const value = $derived(text(ledger.value(at, field)));

    function typed(next: string): void {
        ledger.set(at, field, next);
        changed?.(next);
    }
</script>

<div class="grid items-start gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]">
    <label class="pt-1" for={id}>{label}</label>
    <div class="min-w-0">
        {#if long}
            <textarea
                {id}
                class="field w-full {wrong ? 'border-trouble' : ''}"
                rows="3"
                maxlength={most}
                disabled={!may}
                aria-invalid={wrong ? 'true' : undefined}
                aria-describedby={wrong ? `${id}-wrong` : undefined}
                {value}
                oninput={(event) => typed(event.currentTarget.value)}></textarea>
        {:else}
            <input
                {id}
                class="field w-full {wrong ? 'border-trouble' : ''}"
                maxlength={most}
                disabled={!may}
                aria-invalid={wrong ? 'true' : undefined}
                aria-describedby={wrong ? `${id}-wrong` : undefined}
                {value}
                oninput={(event) => typed(event.currentTarget.value)}
            />
        {/if}
        {#if wrong}
            <p id="{id}-wrong" class="text-sm text-trouble">{wrong.message}</p>
            {#if wrong.code === 'catalogue.address-name-leads'}
                <button class="word text-sm" onclick={() => void ledger.save(true)}
                    >Save and take it all the same</button
                >
            {/if}
        {:else if help !== ''}<p class="text-sm text-quiet">{help}</p>{/if}
    </div>
</div>
