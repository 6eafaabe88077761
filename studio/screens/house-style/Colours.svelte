<script lang="ts">
    import type { House } from './house.svelte';
    import { judged } from './pairs';

    let { house }: { house: House } = $props();
    const colours = $derived(house.tokens.filter((one) => one.group === 'colours'));
    let open = $state('');

    function colour(role: string): string {
        return house.value(`colour-${role}`);
    }

    function type(name: string, label: string, text: string): void {
        const hex = /^#?([0-9a-f]{6})$/i.exec(text.trim())?.[1];
        if (hex) house.set({ [name]: `#${hex.toLowerCase()}` }, label);
    }
</script>

<ul>
    {#each colours as token (token.name)}
        {@const role = token.name.slice(7)}
        {@const pairs = judged(role, colour)}
        {@const worst = pairs[0]}
        {@const isOpen = open === token.name}
        <li class="border-b border-dashed border-hair last:border-0 {isOpen ? '-mx-2 rounded bg-sheet px-2' : ''}">
            <div class="flex min-h-11 items-center gap-3">
                <input
                    type="color"
                    class="size-7 shrink-0 cursor-pointer rounded border border-edge p-0"
                    aria-label="Colour: {token.label}"
                    value={house.value(token.name)}
                    disabled={!house.mayEdit}
                    oninput={(event) => house.set({ [token.name]: event.currentTarget.value }, `colour ${token.label}`)}
                />
                <button
                    class="flex min-w-0 flex-1 items-baseline gap-3 text-left"
                    aria-expanded={isOpen}
                    onclick={() => (open = isOpen ? '' : token.name)}
                >
                    <span class="w-16 shrink-0 {house.own(token.name) ? 'font-semibold' : ''}">{token.label}</span>
                    <span class="min-w-0 flex-1 text-xs text-quiet">{token.use}</span>
                    {#if worst}<span
                            class="figures text-xs {worst.reaches < worst.wants
                                ? 'font-semibold text-trouble'
                                : 'text-quiet'}"
                            title="Contrast {worst.reaches.toFixed(1)} {worst.for}; at least {worst.wants} is needed"
                            >{worst.reaches < worst.wants ? 'hard to read' : 'reads well'}
                            {worst.reaches.toFixed(1)}<span class="unseen"> contrast, {worst.for}</span></span
                        >{/if}
                </button>
            </div>
            {#if isOpen}
                <div class="pb-3 pl-10 text-sm">
                    <label class="flex items-center gap-2"
                        ><span class="text-quiet">as #rrggbb</span>
                        <input
                            class="field figures w-28"
                            value={house.value(token.name)}
                            disabled={!house.mayEdit}
                            onchange={(event) => type(token.name, `colour ${token.label}`, event.currentTarget.value)}
                        /></label
                    >
                    <ul class="mt-1">
                        {#each pairs as pair (`${pair.of} ${pair.on}`)}
                            <li class="figures {pair.reaches < pair.wants ? 'text-trouble' : 'text-quiet'}">
                                {pair.for}: {pair.reaches.toFixed(1)}{pair.reaches < pair.wants
                                    ? `, wants ${pair.wants}`
                                    : ', fine'}
                            </li>
                        {/each}
                    </ul>
                    {#if house.own(token.name) && house.mayEdit}<button
                            class="word mt-1"
                            onclick={() => house.set({ [token.name]: null }, `colour ${token.label}`)}
                            >back to the usual</button
                        >{/if}
                </div>
            {/if}
        </li>
    {/each}
</ul>
