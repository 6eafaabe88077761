<script lang="ts">
    import { get } from '../../../lib/http';
    import type { Setting, Source } from '../../../lib/types';
    import type { Table } from '../table.svelte';

    interface Props {
        table: Table;
        setting: Setting;
        source: Source | null;
        choose: (next: Source | null) => void;
    }

    let { table, setting, source, choose }: Props = $props();
    const sources = $derived(table.data.sources.filter((one) => setting.takes.includes(one.gives)));
    const chosen = $derived(source && sources.find((one) => one.name === source.source && (one.of ?? undefined) === source.of));
    let missing = $state.raw<{ missing: number; of: number } | null>(null);
    /** What is asked about: it changes with the source and with where the template appears. */
    const asking = $derived(source ? `lacking=${source.source}&of=${source.of ?? ''}` : '');
    const reach = $derived(JSON.stringify(table.draft.reach));

    $effect(() => {
        void reach;
        missing = null;
        if (asking !== '') void count(asking);
    });

    async function count(query: string): Promise<void> {
        try {
            const answer = await get<{ missing: number; of: number }>(`${table.base}/missing?${query}`);
            if (query === asking) missing = answer;
        } catch {
            // The count is a help; without it the setting works all the same.
        }
    }

    function see(): void {
        if (!source || !chosen) return;
        table.lacking = { source: source.source, of: source.of ?? null, words: chosen.words.replace(/^the \S+’s /, '') };
        table.row = 'samples';
    }

    function take(key: string): void {
        const one = sources.find((candidate) => keyOf(candidate) === key);
        choose(
            one
                ? { source: one.name, ...(one.of === null ? {} : { of: one.of }), ...(source?.otherwise === undefined ? {} : { otherwise: source.otherwise }) }
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
        missing on {missing.missing} of {missing.of}: <button type="button" class="word" onclick={see}>see them</button>
    </p>
{/if}
