<script lang="ts">
    import { Popover } from 'bits-ui';
    import type { Snippet } from 'svelte';
    import type { Condition, Names } from '../../lib/types';
    import { type Choice, found, key, sameChoice, withPlain } from './choices';
    import type { Terms } from './terms';

    import NamePicker from '../NamePicker.svelte';
    import Values from './Values.svelte';

    interface Props {
        terms: Terms;
        condition: Condition | null;
        names: Names;
        words: Snippet;
        /** The fields to choose from; all when not given. */
        only?: string[] | undefined;
        change: (condition: Condition | null) => void;
    }

    let { terms, condition, names, words, only, change }: Props = $props();
    let open = $state(false);
    let list = $state<HTMLSelectElement | null>(null);
    let chosen = $state<Condition>({ field: 'category', comparison: 'isIn', values: [] });
    let sought = $state('');
    const choices: Choice[] = $derived(
        withPlain(
            terms.data.fields
                .filter((field) => !only || only.includes(field.name))
                .flatMap((field) =>
                    field.name === 'fact'
                        ? terms.data.facts.flatMap((fact) =>
                              field.comparisons
                                  .filter((comparison) => fact.comparisons.includes(comparison.name))
                                  .map((comparison) => ({
                                      ...comparison,
                                      field: 'fact',
                                      of: fact.id,
                                      words: `${fact.name} ${comparison.words}`,
                                  })),
                          )
                        : field.comparisons.map((comparison) => ({ ...comparison, field: field.name })),
                ),
        ),
    );
    const offered = $derived(found(choices, sought));
    const choice = $derived(sameChoice(choices, chosen));
    const fact = $derived(terms.data.facts.find((one) => one.id === chosen.of) ?? null);
    const takes = $derived(choice?.takes ?? 'nothing');
    const complete = $derived(
        takes === 'nothing' ||
            (chosen.values.length > 0 && chosen.values.every((value) => value !== '' && !Number.isNaN(value))),
    );

    function begin(next: boolean): void {
        open = next;
        sought = '';
        if (next)
            chosen = condition
                ? { ...condition, values: [...condition.values] }
                : { field: 'category', comparison: 'isIn', values: [] };
    }

    function compare(wanted: string): void {
        const next = choices.find((one) => key(one) === wanted);
        if (!next) return;
        const keep = next.takes === takes && next.things === choice?.things && next.of === chosen.of;
        chosen = {
            field: next.field,
            ...(next.of === undefined ? {} : { of: next.of }),
            comparison: next.name,
            values: next.values ?? (keep ? chosen.values : []),
        };
    }

    /** What is found first is chosen, so that a word and its value are enough. */
    function seek(words: string): void {
        sought = words;
        const first = found(choices, words)[0];
        if (words.trim() !== '' && first) compare(key(first));
    }

    function done(): void {
        open = false;
        change({ ...chosen, values: takes === 'nothing' ? [] : [...chosen.values] });
    }
</script>

{#if terms.mayEdit}
    <Popover.Root bind:open={() => open, begin}>
        <Popover.Trigger class="word">{@render words()}</Popover.Trigger>
        <Popover.Portal>
            <Popover.Content
                class="float z-50 w-84 p-4"
                sideOffset={6}
                align="start"
                role="dialog"
                aria-label="Condition"
            >
                <form
                    onsubmit={(event) => {
                        event.preventDefault();
                        if (complete) done();
                    }}
                >
                    <label class="block">
                        <span class="unseen">Find a condition</span>
                        <input
                            class="field w-full"
                            placeholder="find a condition: picture, sale, brand…"
                            value={sought}
                            oninput={(event) => seek(event.currentTarget.value)}
                            onkeydown={(event) => {
                                if (event.key !== 'Enter' || sought === '' || (complete && offered.length > 0)) return;
                                event.preventDefault();
                                list?.focus();
                            }}
                        />
                    </label>
                    <label class="mt-2 block">
                        <span class="unseen">What is looked at</span>
                        <select
                            class="field w-full"
                            bind:this={list}
                            size={sought === '' ? 1 : Math.min(8, Math.max(2, offered.length))}
                            value={choice ? key(choice) : ''}
                            onchange={(event) => compare(event.currentTarget.value)}
                        >
                            {#each offered as one (key(one))}<option value={key(one)}>{one.words}</option>{/each}
                        </select>
                    </label>
                    {#if offered.length === 0}<p class="mt-1 text-sm text-quiet" role="status">
                            No condition looks at that. A fact of your own can: define it under Catalogue › Facts.
                        </p>{/if}
                    {#if takes === 'names'}
                        <NamePicker
                            things={choice?.things ?? chosen.field}
                            names={names[choice?.things ?? chosen.field] ?? {}}
                            values={chosen.values as number[]}
                            set={(values) => (chosen.values = values)}
                        />
                    {:else if takes !== 'nothing' && !choice?.values}
                        <Values
                            {takes}
                            {fact}
                            currency={terms.data.currency}
                            values={chosen.values}
                            choices={fact?.kind === 'yes-no' ? ['yes', 'no'] : []}
                            set={(values) => (chosen.values = values)}
                        />
                    {/if}
                    <div class="mt-3 flex items-center gap-3">
                        <button class="button button-next" disabled={!complete}
                            >{complete ? 'Done' : takes === 'names' ? 'Choose at least one' : 'Fill it in'}</button
                        >
                        {#if condition}<button
                                type="button"
                                class="button"
                                onclick={() => ((open = false), change(null))}>Take out</button
                            >{/if}
                    </div>
                </form>
            </Popover.Content>
        </Popover.Portal>
    </Popover.Root>
{:else}
    {@render words()}
{/if}
