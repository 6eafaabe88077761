<script lang="ts">
    import { numbers } from '../../lib/fields';
    import type { Ledger } from '../../lib/ledger.svelte';
    import NamePicker from '../NamePicker.svelte';

    interface Props {
        ledger: Ledger;
        at: string;
        field: string;
        label: string;
        things: string;
        may: boolean;
        several?: boolean;
        /** The one of them that counts as the main one. */
        main?: string;
    }

    let { ledger, at, field, label, things, may, several = false, main }: Props = $props();
    let open = $state(false);
    const values = $derived(numbers(ledger.value(at, field)));
    const first = $derived(main ? numbers(ledger.value(at, main))[0] : undefined);
    const wrong = $derived(ledger.wrong[`${at}/${field}`] ?? (main ? ledger.wrong[`${at}/${main}`] : undefined));
    const names = $derived(ledger.names[things] ?? {});
    const called = (id: number): string => names[id] ?? '…';

    $effect(() => void ledger.learn(things, values));

    function set(next: number[]): void {
        if (several) {
            const sorted = [...next].sort((one, other) => one - other);
            ledger.set(at, field, sorted);
            if (main && (first === undefined || !sorted.includes(first))) ledger.set(at, main, next[0] ?? null);
        } else {
            ledger.set(at, field, next.at(-1) ?? null);
            open = false;
        }
    }
</script>

<div class="grid items-start gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]" role="group" aria-label={label}>
    <span class="pt-1">{label}</span>
    <div class="min-w-0">
        <ul class="flex flex-wrap gap-x-4 gap-y-1 pt-1">
            {#each values as id (id)}
                <li class="flex items-baseline gap-2">
                    <span>{called(id)}</span>
                    {#if main && values.length > 1}
                        {#if first === id}<span class="text-sm text-quiet">the main one</span>
                        {:else if may}<button
                                type="button"
                                class="word min-h-6 text-sm"
                                onclick={() => ledger.set(at, main, id)}
                                >make it the main one<span class="unseen">: {called(id)}</span></button
                            >{/if}
                    {/if}
                    {#if may}<button
                            type="button"
                            class="word min-h-6 text-sm"
                            onclick={() => set(values.filter((one) => one !== id))}
                            >out<span class="unseen">: {called(id)}</span></button
                        >{/if}
                </li>
            {:else}
                <li class="text-quiet">none</li>
            {/each}
        </ul>
        {#if may}
            <button type="button" class="word mt-1 text-sm" aria-expanded={open} onclick={() => (open = !open)}
                >{open ? 'done' : several ? 'add' : values.length > 0 ? 'another' : 'choose'}<span class="unseen">
                    {label.toLowerCase()}</span
                ></button
            >
            {#if open}<NamePicker {things} {names} {values} {set} />{/if}
        {/if}
        {#if wrong}<p class="text-sm text-trouble">{wrong.message}</p>{/if}
    </div>
</div>
