<script lang="ts">
    import { numbers } from '../../lib/fields';
    import type { Ledger } from '../../lib/ledger.svelte';
    import PictureField from '../PictureField.svelte';
    import { PictureChoice } from '../pictures.svelte';

    let { ledger, at, field, label, may }: { ledger: Ledger; at: string; field: string; label: string; may: boolean } =
        $props();
    const choice = new PictureChoice();
    const id = $derived(numbers(ledger.value(at, field))[0] ?? null);
    const shown = $derived(id === null ? undefined : choice.known[id]);
    const wrong = $derived(ledger.wrong[`${at}/${field}`]);

    $effect(() => {
        if (id !== null) void choice.learn([id]);
    });
</script>

<div class="grid items-start gap-x-4 py-2 sm:grid-cols-[150px_minmax(0,1fr)]">
    <label class="pt-1" for="{field}-of-it">{label}</label>
    <div class="max-w-80 min-w-0">
        {#if shown}
            <p class="flex items-center gap-3 pb-1">
                <img class="h-16 rounded border border-hair" src={shown.small} alt={shown.alt} />
                {#if may}<button class="word" onclick={() => ledger.set(at, field, null)}>without a picture</button
                    >{/if}
            </p>
        {/if}
        <PictureField id="{field}-of-it" value={id} disabled={!may} change={(next) => ledger.set(at, field, next)} />
        {#if wrong}<p class="text-sm text-trouble">{wrong.message}</p>{/if}
    </div>
</div>
