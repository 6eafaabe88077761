<script lang="ts">
    import { counted } from '../../lib/words';
    import { notices } from '../../lib/notices.svelte';
    import { MOST_VARIANTS, type ProductForm } from './form.svelte';
    import type { ThingOption } from '../../lib/types';
    import { OptionChoice, type ValueRow } from './options.svelte';

    let { form, may }: { form: ProductForm; may: boolean } = $props();
    const choice = new OptionChoice();
    let open = $state(false);

    function toggle(): void {
        open = !open;
        if (open) void choice.found.load();
    }

    function add(value: ValueRow): void {
        const option = choice.option(value);
        const known = form.options.find((one) => one.id === option.id) ?? option;
        const would = form.wouldMake(known, value.id).length;
        const go = (): void => {
            const made = form.addValue(option, { id: value.id, label: choice.label(value), swatch: value.swatch });
            notices.say(`${value.name}: ${counted(made, 'variant')}. Nothing is saved yet.`);
        };
        if (would + form.variants.length > MOST_VARIANTS)
            notices.warn(
                `That would make ${counted(would, 'variant')}; a product can have ${MOST_VARIANTS} at most. Nothing was made.`,
            );
        else if (would > 30)
            notices.ask(
                `That makes ${counted(would, 'variant')}.`,
                { words: 'Make them', do: go },
                { words: 'Leave it', do: () => undefined },
            );
        else go();
    }

    function out(option: ThingOption, value: { id: number; label: string }): void {
        const dropped = form.dropValue(option, value.id);
        notices.say(
            `${option.name} ${value.label} is not offered any more: ${counted(dropped, 'variant')} dropped. Nothing is saved yet.`,
        );
    }
</script>

{#each form.options as option (option.id)}
    <p class="py-1">
        <span class="inline-block w-[150px] pr-4">{option.name}</span>
        {#each option.values.filter((value) => form.offered(option).includes(value.id)) as value (value.id)}
            <span class="mr-4 whitespace-nowrap"
                >{#if value.swatch}<span
                        class="mr-1 inline-block size-3 rounded-full border border-edge align-[-1px]"
                        style:background={value.swatch}
                    ></span>{/if}{value.label}{#if may}
                    <button
                        class="word min-h-6 text-sm"
                        aria-label="Offer {option.name} {value.label} no more"
                        onclick={() => out(option, value)}>out</button
                    >{/if}</span
            >
        {/each}
    </p>
{/each}
{#if may}
    <button class="word" aria-expanded={open} onclick={toggle}
        >{open ? 'Done' : form.options.length === 0 ? 'Offer it in options: colours, sizes…' : 'Add a value'}</button
    >
    {#if open}
        <div class="mt-2 max-w-96">
            <input
                class="field w-full"
                type="search"
                placeholder="Find a value, as “Colour teal”…"
                aria-label="Find a value of an option"
                bind:value={choice.found.query}
                oninput={() => void choice.found.load()}
            />
            <ul class="mt-2 max-h-56 overflow-y-auto">
                {#each choice.found.rows as value (value.id)}
                    {@const known = form.options.find((one) => one.id === value.option)}
                    {@const there = known ? form.offered(known).includes(value.id) : false}
                    <li class="flex justify-between gap-3 py-0.5">
                        <span>{value.name}</span>
                        {#if there}<span class="text-quiet">is offered</span>{:else}<button
                                class="word"
                                onclick={() => add(value)}>add<span class="unseen"> {value.name}</span></button
                            >{/if}
                    </li>
                {:else}
                    <li class="text-quiet">
                        No value is called that. New ones are made under <a
                            class="word"
                            href="/studio/catalogue/options">Options</a
                        >.
                    </li>
                {/each}
            </ul>
            {#if choice.found.more}<button class="word" onclick={() => void choice.found.next()}>More</button>{/if}
        </div>
    {/if}
{/if}
