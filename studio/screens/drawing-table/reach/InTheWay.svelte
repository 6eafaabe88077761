<script lang="ts">
    import { Deeds } from '../../../lib/deeds.svelte';
    import { notices } from '../../../lib/notices.svelte';
    import type { InTheWay } from '../../../lib/types';
    import { counted } from '../../../lib/words';
    import WhatItWouldDo from '../../../parts/WhatItWouldDo.svelte';
    import type { Table } from '../table.svelte';
    import type { Reaching } from './reach.svelte';

    /** Which template has the pages that this one covers, and the one click that helps. */
    let { table, state, way, mayPublish }: { table: Table; state: Reaching; way: InTheWay; mayPublish: boolean } =
        $props();
    const deeds = new Deeds(() => {
        notices.say(`“${table.data.template.name}” stands before “${way.name}” in the list of templates.`);
        void state.look(table.draft.reach);
    });

    function before(): void {
        void deeds.ask({
            words: `“${table.data.template.name}” before “${way.name}” in the list of templates`,
            address: '/studio/templates/order',
            body: { move: table.data.template.id, before: way.template },
        });
    }
</script>

<div class="mt-3 rounded-lg border border-dashed border-edge px-4 py-3" data-in-the-way>
    <p>
        <a class="font-name text-lg hover:underline" href="/studio/templates/{way.template}?view=reach">{way.name}</a>
        stands in the way: it
        {way.why}, on {counted(way.count, 'page')}.
    </p>
    {#if way.do === 'earlier' && mayPublish}
        <button class="word" onclick={before}>Put this one before it in the list of templates…</button>
    {:else if way.do === 'goes-first' && table.mayEdit}
        <button class="word" onclick={() => void state.change(() => ({ goesFirst: true }))}
            >Let this one go first</button
        >
    {:else if way.do === 'pins'}
        <a class="word" href="/studio/why/{table.data.template.pageKind}/{encodeURIComponent(way.page)}">See the pin</a>
    {:else}
        <a class="word" href="/studio/templates/{way.template}?view=reach">Change its rule</a>
    {/if}
    {#if deeds.asked}
        <div class="mt-3"><WhatItWouldDo {deeds} words={deeds.asked.deed.words} impact={deeds.asked.impact} /></div>
    {/if}
</div>
