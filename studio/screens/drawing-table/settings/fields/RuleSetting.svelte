<script lang="ts">
    import type { Reach } from '../../../../lib/types';
    import { ProductTerms } from '../../../../parts/rules/productTerms.svelte';
    import RuleField from '../../../../parts/rules/RuleField.svelte';
    import type { FieldProps } from './props';

    let { table, value, set }: FieldProps = $props();
    const EMPTY: Reach = { format: 2, show: [], keepOff: [], season: {}, goesFirst: false };
    const rule = $derived((value ?? EMPTY) as Reach);
    const everything = $derived(rule.show.length === 0 && rule.keepOff.length === 0);
    const terms = new ProductTerms();

    $effect(() => void terms.learn());

    /** What only leaves out, leaves out of everything. */
    function change(next: Reach): void {
        if (next.show.length === 0 && next.keepOff.length === 0) set(null);
        else set({ ...next, show: next.show.length === 0 ? [[]] : next.show });
    }
</script>

<div class="pt-1" data-rule-setting>
    {#if everything}<p>every product of the shop</p>{/if}
    {#if terms.known}<RuleField
            terms={{ mayEdit: table.mayEdit, data: terms.known }}
            {rule}
            small
            counted={!everything}
            set={change}
        />
    {:else}<p class="text-quiet">Looking…</p>{/if}
</div>
