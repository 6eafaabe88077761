<script lang="ts">
    import type { House } from './house.svelte';

    let { house }: { house: House } = $props();
    let kind = $state('sans');
    let file = $state<HTMLInputElement | null>(null);
    const own = $derived(house.fonts.filter((one) => one.key.startsWith('own-')));
</script>

<div class="mt-3 text-sm" role="group" aria-label="Letters of your own">
    <p class="text-quiet">Letters of your own (WOFF2, up to 400 kB) are sent to customers as they are.</p>
    <div class="mt-1 flex items-center gap-3">
        <label class="flex items-center gap-1"
            >they are
            <select class="field" bind:value={kind}>
                <option value="sans">without serifs</option>
                <option value="serif">with serifs</option>
            </select></label
        >
        <button class="word" disabled={house.busy} onclick={() => file?.click()}>bring a file…</button>
    </div>
    <input
        type="file"
        class="hidden"
        accept=".woff2,font/woff2"
        aria-label="A file of letters"
        bind:this={file}
        onchange={(event) => {
            const chosen = event.currentTarget.files?.[0];
            event.currentTarget.value = '';
            if (chosen) void house.bringLetters(chosen, kind);
        }}
    />
    {#each own as font (font.key)}
        <p class="mt-1 flex gap-3">
            {font.name} <span class="text-quiet">{font.kilobytes} kB</span>
            <button class="word ml-auto" onclick={() => void house.letGoOfLetters(font)}
                >let go<span class="unseen"> of {font.name}</span></button
            >
        </p>
    {/each}
</div>
