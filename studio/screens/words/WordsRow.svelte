<script lang="ts">
    import { formsOf, nameOfForm, patternOf } from './forms';
    import type { WordsRow } from '../../lib/types';
    import type { Words } from './words.svelte';

    let { row, words, mayEdit }: { row: WordsRow; words: Words; mayEdit: boolean } = $props();
    const forms = $derived(formsOf(row.draft));
    const wrong = $derived(words.wrong[row.key]);
    const id = $derived(`words-${row.key.replace('.', '-')}`);

    function keepForm(name: string, typed: string): void {
        if (!forms) return;
        void words.keep(
            row,
            patternOf({
                ...forms,
                forms: forms.forms.map((form) => (form.name === name ? { name, words: typed } : form)),
            }),
        );
    }

    function keys(event: KeyboardEvent & { currentTarget: HTMLInputElement }, before: string): void {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') {
            event.currentTarget.value = before;
            event.currentTarget.blur();
        }
    }
</script>

<li class="border-b border-dashed border-hair py-2.5" data-words-of={row.key}>
    {#if forms}
        <div class="flex flex-wrap gap-4">
            {#each forms.forms as form (form.name)}
                <label class="min-w-60 flex-1">
                    <span class="text-sm text-quiet">{nameOfForm(form.name)}</span>
                    <input
                        class="field w-full"
                        value={form.words}
                        maxlength="200"
                        disabled={!mayEdit}
                        aria-describedby="{id}-said"
                        aria-invalid={wrong ? true : undefined}
                        onchange={(event) => keepForm(form.name, event.currentTarget.value)}
                        onkeydown={(event) => keys(event, form.words)}
                    />
                </label>
            {/each}
        </div>
    {:else}
        <input
            class="field w-full"
            aria-label={row.came}
            value={row.draft}
            maxlength="300"
            disabled={!mayEdit}
            aria-describedby="{id}-said"
            aria-invalid={wrong ? true : undefined}
            onchange={(event) => void words.keep(row, event.currentTarget.value)}
            onkeydown={(event) => keys(event, row.draft)}
        />
    {/if}
    <p id="{id}-said" class="mt-1 flex flex-wrap gap-x-4 text-sm text-quiet">
        {#if wrong}<span class="text-trouble" role="alert">{wrong}</span>{/if}
        {#if row.takes.length > 0}<span
                >Reads: <em class="text-ink">{row.reads}</em>{forms ? ' (# is the number)' : ''}</span
            >{/if}
        {#if row.changed}<span class="text-ink">Customers still read: <em>{row.live}</em></span>{/if}
        {#if row.own !== null}
            <span>Came as: <em>{row.came}</em></span>
            {#if mayEdit}<button class="word" onclick={() => void words.keep(row, null)}>As it came</button>{/if}
        {/if}
    </p>
</li>
