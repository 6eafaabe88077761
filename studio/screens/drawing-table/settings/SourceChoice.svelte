<script lang="ts">
    import { untrack } from 'svelte';
    import type { Setting, Source } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import { Missing } from './missing.svelte';

    interface Props {
        table: Table;
        setting: Setting;
        source: Source | null;
        choose: (next: Source | null) => void;
    }

    let { table, setting, source, choose }: Props = $props();
    const sources = $derived(table.now.data.sources.filter((one) => setting.takes.includes(one.gives)));
    const chosen = $derived(
        source && sources.find((one) => one.name === source.source && (one.of ?? undefined) === source.of),
    );
    const state = new Missing();
    const missing = $derived(state.count);
    /** What the count is of: it changes with the source and with where the template appears. */
    const asking = $derived(JSON.stringify([source, table.draft.reach]));

    $effect(() => {
        void asking;
        untrack(() => void state.ask(table.base, source));
    });

    function see(): void {
        if (!source || !chosen) return;
        table.lacking = {
            source: source.source,
            of: source.of ?? null,
            words: chosen.words.replace(/^the \S+’s /, ''),
        };
        table.row.show('samples');
    }

    function take(key: string): void {
        const one = sources.find((candidate) => keyOf(candidate) === key);
        choose(
            one
                ? {
                      source: one.name,
                      ...(one.of === null ? {} : { of: one.of }),
                      ...(source?.otherwise === undefined ? {} : { otherwise: source.otherwise }),
                  }
                : null,
        );
    }

    function keyOf(one: { name: string; of: number | null }): string {
        return `${one.name} ${one.of ?? ''}`;
    }
</script>

<select
    class="field mb-1 w-full"
    aria-label="Where {setting.label.toLowerCase()} comes from"
    disabled={!table.mayEdit}
    value={chosen ? keyOf(chosen) : ''}
    onchange={(event) => take(event.currentTarget.value)}
>
    <option value="">{setting.type === 'picture' ? 'chosen here' : 'typed in'}</option>
    {#each sources as one (keyOf(one))}<option value={keyOf(one)}>{one.words}</option>{/each}
</select>
{#if missing && missing.missing > 0}
    <p class="mb-1 text-xs text-quiet" data-missing>
        missing on {missing.missing} of {missing.of}{#if !table.cards.open}: <button
                type="button"
                class="word"
                onclick={see}>see them</button
            >{/if}
    </p>
{/if}
