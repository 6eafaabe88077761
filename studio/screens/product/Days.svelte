<script lang="ts">
    import { wall } from '../../lib/fields';
    import type { Ledger } from '../../lib/ledger.svelte';

    interface Props {
        ledger: Ledger;
        at: string;
        zone: string;
        may: boolean;
    }

    /** The days on which a product comes into the shop and goes. */
    let { ledger, at, zone, may }: Props = $props();
    const days = [
        { field: 'shownFrom', label: 'From', help: 'Hidden until then; on that day it is shown by itself.' },
        { field: 'shownUntil', label: 'Until', help: 'Hidden by itself after that.' },
    ];
    let open = $state(false);
    const shown = $derived(
        open || days.some((day) => ledger.value(at, day.field) !== null && ledger.value(at, day.field) !== undefined),
    );

    function set(field: string, typed: string): void {
        const stored = ledger.stands[at]?.[field];
        ledger.set(at, field, typed === wall(stored, zone) ? stored : typed === '' ? null : typed);
    }
</script>

{#if shown}
    {#each days as day (day.field)}
        {@const wrong = ledger.wrong[`${at}/${day.field}`]}
        <div class="grid items-start gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]">
            <label class="pt-1" for="{at}-{day.field}">{day.label}</label>
            <div>
                <input
                    id="{at}-{day.field}"
                    class="field w-52 {wrong ? 'border-trouble' : ''}"
                    type="datetime-local"
                    disabled={!may}
                    aria-invalid={wrong ? 'true' : undefined}
                    aria-describedby="{at}-{day.field}-help"
                    value={wall(ledger.value(at, day.field), zone)}
                    oninput={(event) => set(day.field, event.currentTarget.value)}
                />
                <p id="{at}-{day.field}-help" class="text-sm {wrong ? 'text-trouble' : 'text-quiet'}">
                    {wrong?.message ?? day.help}
                </p>
            </div>
        </div>
    {/each}
{:else if may}
    <p class="grid gap-x-4 sm:grid-cols-[150px_minmax(0,1fr)]">
        <span></span><button class="word justify-self-start" onclick={() => (open = true)}>On certain days only</button>
    </p>
{/if}
