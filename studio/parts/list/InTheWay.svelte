<script lang="ts">
    import { subjects } from '../../lib/pages';
    import type { LayoutAnswer, RemainingRow } from '../../lib/types';
    import type { LayoutDeeds } from './layout.svelte';

    interface Props {
        deeds: LayoutDeeds;
        answer: LayoutAnswer;
        kind: string;
    }

    /** Pages that would stay with another template: what holds them, and what of it is taken out with the deed. */
    let { deeds, answer, kind }: Props = $props();
    const why = (row: RemainingRow): string =>
        deeds.deed === 'keepOff'
            ? `stay with it${row.why === 'pinned' ? ', because they are pinned to it' : ''}`
            : {
                  pinned: `would stay with “${row.name}”, pinned to it`,
                  rule: `would stay with “${row.name}”, whose rule is closer or comes first`,
                  keptOff: `would stay with “${row.name}”, because this template keeps them off`,
                  season: `stay with “${row.name}” for now, because this template’s season is not now`,
              }[row.why];
    const frees = $derived(deeds.deed === 'rule' || deeds.deed === 'name');
</script>

{#each answer.rest as row (`${row.template} ${row.why}`)}
    <p class="mt-1 text-quiet">{subjects(kind, row.count)} {why(row)}.</p>
    {#if frees && row.why === 'pinned'}
        <label class="ml-4 flex items-baseline gap-2"
            ><input type="checkbox" checked={false} onchange={() => deeds.free(row, true)} />take these pins out with it</label
        >
    {/if}
    {#each frees ? row.rules : [] as rule (rule.words)}
        <label class="ml-4 flex items-baseline gap-2"
            ><input
                type="checkbox"
                checked={false}
                onchange={() => deeds.takeOut({ ...rule, template: row.template, name: row.name }, true)}
            /><span
                >take “{rule.words}” out of “{row.name}”
                <span class="text-quiet">({subjects(kind, rule.count)})</span></span
            ></label
        >
    {/each}
{/each}
{#if deeds.frees.length > 0 || deeds.without.length > 0}
    <p class="mt-2">Taken out with it:</p>
    {#each deeds.frees as row (row.template)}
        <label class="ml-4 flex items-baseline gap-2"
            ><input type="checkbox" checked={true} onchange={() => deeds.free(row, false)} />{subjects(kind, row.count)} pinned
            to “{row.name}”</label
        >
    {/each}
    {#each deeds.without as rule (`${rule.template} ${rule.words}`)}
        <label class="ml-4 flex items-baseline gap-2"
            ><input type="checkbox" checked={true} onchange={() => deeds.takeOut(rule, false)} />“{rule.words}” of “{rule.name}”</label
        >
    {/each}
{/if}
