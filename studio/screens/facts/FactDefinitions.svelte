<script lang="ts">
    import { answer } from '../../lib/focus';
    import { counted } from '../../lib/words';
    import type { Facts } from './facts.svelte';
    import { KINDS, type Fact, type Kind } from '../../parts/facts/types';
    import type { FactUses } from '../../lib/types';

    import DeedMenu from '../../parts/DeedMenu.svelte';

    let { facts, may }: { facts: Facts; may: boolean } = $props();
    const blank = { name: '', kind: 'text' as Kind, unit: '', decimals: 0, choices: '', group: '' };
    /** The fact that is being changed; 0 for a new one. */
    let editing = $state<number | null>(null);
    let given = $state({ ...blank });
    /** The fact as it was when one began to change it. */
    let seen: Record<string, unknown> | null = null;
    let deleting = $state.raw<{ fact: Fact; uses: FactUses } | null>(null);
    let wrong = $state('');

    function begin(fact: Fact | null): void {
        editing = fact?.id ?? 0;
        seen = fact ? { name: fact.name, unit: fact.unit, choices: fact.choices, group: fact.group } : null;
        given = fact ? { ...fact, choices: fact.choices.join('\n') } : { ...blank };
        wrong = '';
    }

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const body = { ...given, choices: given.choices.split('\n').filter((one) => one.trim() !== '') };
        try {
            await facts.define(
                editing ?? 0,
                body,
                seen ?? {},
                () => (editing = null),
                (values) =>
                    (given = {
                        ...given,
                        ...values,
                        ...(Array.isArray(values.choices) ? { choices: values.choices.join('\n') } : {}),
                    }),
            );
        } catch (error) {
            wrong = error instanceof Error ? error.message : String(error);
        }
    }

    function deedsOf(fact: Fact, index: number): { words: string; do: () => void }[] {
        return [
            { words: 'Change', can: true, do: () => begin(fact) },
            { words: 'Further up', can: index > 0, do: () => void facts.move(index, -1) },
            { words: 'Further down', can: index < facts.list.length - 1, do: () => void facts.move(index, 1) },
            { words: 'Delete…', can: true, do: () => void ask(fact) },
        ].filter((deed) => deed.can);
    }

    async function ask(fact: Fact): Promise<void> {
        const uses = await facts.uses(fact);
        if (uses) deleting = { fact, uses };
    }

    async function destroy(fact: Fact): Promise<void> {
        if (await facts.delete(fact)) deleting = null;
    }
</script>

<ul class="mt-5 grid gap-x-10 md:grid-cols-2">
    {#each facts.list as fact, index (fact.id)}
        <li class="flex flex-wrap items-baseline gap-3 border-b border-dashed border-hair py-1.5" data-fact={fact.name}>
            <span class="min-w-0 flex-1 truncate"
                >{fact.name}
                <span class="text-sm text-quiet"
                    >{KINDS[fact.kind]}{fact.unit ? `, ${fact.unit}` : ''}{fact.group ? ` · ${fact.group}` : ''} · on {counted(
                        fact.filled,
                        'product',
                    )}</span
                ></span
            >
            {#if may}<DeedMenu name={fact.name} deeds={deedsOf(fact, index)} />
            {/if}
            {#if deleting?.fact.id === fact.id}
                {@const { uses } = deleting}
                <section
                    class="w-full rounded-lg border border-dashed border-edge p-4"
                    aria-label="Deleting {fact.name}"
                    {@attach answer}
                >
                    <p>
                        “{fact.name}” is filled in on {counted(uses.products, 'product')}{uses.templates.length === 0
                            ? ' and used in no template.'
                            : ' and used in:'}
                    </p>
                    <ul>
                        {#each uses.templates as template (template.id)}
                            <li>
                                <a class="word" href="/studio/templates/{template.id}">{template.name}</a>
                                <span class="text-quiet"
                                    >{template.live ? 'live' : 'draft'} · {[
                                        template.page ? 'on the page' : '',
                                        template.rule ? 'in its rule, which then never holds' : '',
                                    ]
                                        .filter((one) => one !== '')
                                        .join(' and ')}</span
                                >
                            </li>
                        {/each}
                    </ul>
                    <p class="mt-2">What is filled in goes with it, and cannot be brought back.</p>
                    <p class="mt-2 flex gap-3">
                        <button class="button" onclick={() => destroy(fact)}>Delete “{fact.name}”</button>
                        <button class="button" onclick={() => (deleting = null)}>Keep it</button>
                    </p>
                </section>
            {/if}
        </li>
    {/each}
</ul>
{#if may}
    {#if editing === null}
        <button class="button mt-4" onclick={() => begin(null)}>Define a fact…</button>
    {:else}
        <form
            class="mt-4 rounded-lg border border-hair bg-sheet p-4"
            onsubmit={save}
            aria-label={editing === 0 ? 'A new fact' : 'Changing a fact'}
            {@attach answer}
        >
            <div class="flex flex-wrap gap-x-5 gap-y-2">
                <label>Name <input class="field block w-56" maxlength="80" bind:value={given.name} /></label>
                <label
                    >Takes <select class="field block" bind:value={given.kind} disabled={editing !== 0}>
                        {#each Object.entries(KINDS) as [kind, words] (kind)}<option value={kind}>{words}</option
                            >{/each}
                    </select></label
                >
                {#if given.kind === 'number'}
                    <label
                        >Unit <input
                            class="field block w-24"
                            maxlength="20"
                            placeholder="mm"
                            bind:value={given.unit}
                        /></label
                    >
                    <label
                        >Decimals <input
                            class="field figures block w-20"
                            type="number"
                            min="0"
                            max="6"
                            disabled={editing !== 0}
                            bind:value={given.decimals}
                        /></label
                    >
                {/if}
                <label
                    >Group <input
                        class="field block w-40"
                        maxlength="60"
                        placeholder="none"
                        bind:value={given.group}
                    /></label
                >
            </div>
            {#if given.kind === 'choice'}
                <label class="mt-2 block"
                    >What can be chosen, one a line <textarea
                        class="field block w-72"
                        rows="4"
                        bind:value={given.choices}></textarea></label
                >
            {/if}
            {#if wrong}<p class="mt-2 text-trouble" role="alert">{wrong}</p>{/if}
            <p class="mt-3 flex gap-3">
                <button class="button button-next">{editing === 0 ? 'Define it' : 'Save'}</button>
                <button type="button" class="button" onclick={() => (editing = null)}>Not now</button>
            </p>
        </form>
    {/if}
{/if}
