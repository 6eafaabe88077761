<script lang="ts">
    import { untrack } from 'svelte';
    import { counted, either } from '../../lib/words';
    import type { FoundData, Screen } from '../../lib/types';
    import { FieldDeeds } from './fields.svelte';
    import FieldPanel from './FieldPanel.svelte';
    import { type LayoutDeed, LayoutDeeds } from './layout.svelte';
    import LayoutPanel from './LayoutPanel.svelte';
    import type { FoundList } from './list.svelte';

    /** What the selection is, and what can be done with it. */
    let { screen, list }: { screen: Screen<FoundData>; list: FoundList } = $props();
    const layout = untrack(() => new LayoutDeeds(list));
    const facts = untrack(() =>
        (screen.data.terms?.facts ?? []).filter((one) =>
            ['text', 'choice', 'list', 'number', 'date', 'yes-no'].includes(one.kind),
        ),
    );
    const fields = untrack(() => new FieldDeeds(list, facts));
    const { said } = $derived(layout);
    const state = $derived(list.selecting.state);
    const isEvery = $derived(
        list.clause.conditions.length === 0 &&
            list.filter.q === '' &&
            list.filter.template === 0 &&
            list.filter.step === '',
    );

    // A page that a rule nearly takes is shown with that rule at hand.
    $effect(() => {
        const template = Number(new URLSearchParams(location.search).get('rule'));
        untrack(() => {
            if (template > 0 && screen.may.publish && list.clause.conditions.length > 0) {
                layout.open('rule', true);
                layout.choose(template);
            }
        });
    });

    let sentence = '';
    $effect(() => {
        const { address } = list;
        untrack(() => {
            if (sentence !== '' && sentence !== address) layout.sentenceTurned();
            sentence = address;
        });
    });

    let seen = -1;

    $effect(() => {
        const { revision } = state;
        untrack(() => {
            if (revision === seen) {
                void layout.say();
                return;
            }
            seen = revision;
            fields.changed();
            void layout.turned();
        });
    });

    function open(deed: LayoutDeed, ofSentence = false): void {
        if (fields.busy === '') fields.leave();
        layout.open(deed, ofSentence);
    }
</script>

{#if screen.may.publish && (list.clause.conditions.length > 0 || isEvery)}
    <p class="mt-1">
        <button class="word" onclick={() => open('rule', true)}
            >{isEvery ? `one template for every ${list.words.one}…` : 'make this sentence a rule of…'}</button
        >
    </p>
{/if}
{#if state.count > 0}
    <div class="mt-2 rounded-lg border border-hair bg-sheet px-4 py-3">
        <p role="status">
            {#if said?.words}They are exactly: <strong>{said.words}</strong>.
            {:else if said && list.isProducts}<span class="text-quiet"
                    >No short rule gives exactly these. A rule can name them one by one.</span
                >{/if}
            {#if said && said.hidden > 0}<span class="text-quiet"
                    >{counted(said.hidden, 'hidden one', 'hidden ones')} among them {either(said.hidden, 'has', 'have')} no
                    page.</span
                >{/if}
        </p>
        <div class="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-2">
            {#if screen.may.publish}
                {#if said?.words}<button class="button button-next" onclick={() => open('rule')}
                        >Make it a rule of…</button
                    >{/if}
                <button class="word" onclick={() => open('pin')}>show with…</button>
                <button class="word" onclick={() => open('keepOff')}>keep off…</button>
                <button class="word" onclick={() => open('unpin')}>unpin…</button>
            {/if}
            {#if screen.may.edit && list.isProducts}
                <button
                    class="word"
                    onclick={() => {
                        layout.leave();
                        fields.open();
                    }}>prices, stock, tags, facts…</button
                >
            {/if}
        </div>
    </div>
{/if}
<LayoutPanel {list} deeds={layout} templates={screen.data.templates} />
{#if state.count > 0 || fields.done}<FieldPanel {list} deeds={fields} {facts} />{/if}
