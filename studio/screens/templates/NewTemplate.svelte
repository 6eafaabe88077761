<script lang="ts">
    import { untrack } from 'svelte';
    import { answer } from '../../lib/focus';
    import { kindsOfPages, pageWords, thingsFor } from '../../lib/pages';
    import NamePicker from '../../parts/NamePicker.svelte';
    import PictureField from '../../parts/PictureField.svelte';
    import StartDrawing from './StartDrawing.svelte';
    import { CARDS, type Templates } from './templates.svelte';
    import type { Start, TemplateRow } from './types';

    let {
        templates,
        starts,
        copyOf,
        close,
    }: { templates: Templates; starts: Record<string, Start[]>; copyOf: TemplateRow | null; close: () => void } =
        $props();
    let name = $state(untrack(() => (copyOf ? `${copyOf.name}, copy` : '')));
    let pageKind = $state<string>(untrack(() => templates.kind) || (kindsOfPages[0] ?? ''));
    const offered = $derived(starts[pageKind] ?? []);
    let chosen = $state('');
    const start = $derived(offered.some((one) => one.name === chosen) ? chosen : (offered[0]?.name ?? ''));
    /** Whose pages it is for; by kind of page. */
    let where = $state<number[]>([]);
    let picture = $state<number | null>(null);
    const things = $derived(thingsFor(pageKind));
    const pictured = $derived(offered.find((one) => one.name === start)?.picture === true);
    let wrong = $state('');
    let busy = $state(false);

    function forWhat(kind: string): string {
        if (kind === CARDS) return 'cards: a product in a list';
        const words = pageWords(kind);
        return words.single ? `the ${words.page}` : words.called;
    }

    async function make(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        busy = true;
        wrong = await templates.make(
            copyOf
                ? { name, copyOf: copyOf.id }
                : {
                      name,
                      start,
                      pageKind,
                      ...(things === null || where.length === 0 ? {} : { where }),
                      ...(pictured && picture !== null ? { picture } : {}),
                  },
        );
        busy = wrong === '';
    }
</script>

<form
    class="mt-6 rounded-xl border border-hair bg-sheet p-6"
    onsubmit={make}
    aria-label="New template"
    {@attach answer}
>
    <label class="block font-semibold" for="new-name">What is it called?</label>
    <input
        id="new-name"
        class="field mt-1 w-80"
        bind:value={name}
        maxlength="80"
        placeholder="Bottled inks"
        data-first
    />
    {#if copyOf}
        <p class="mt-3 text-quiet">It begins as a copy of “{copyOf.name}” and appears nowhere until you say where.</p>
    {:else}
        <fieldset class="mt-5">
            <legend class="font-semibold">What is it for?</legend>
            <div class="mt-1 flex flex-wrap gap-x-6">
                {#each [...kindsOfPages, CARDS] as kind (kind)}
                    <label class="flex gap-2 py-0.5"
                        ><input
                            type="radio"
                            name="page-kind"
                            value={kind}
                            bind:group={pageKind}
                            onchange={() => (where = [])}
                        />{forWhat(kind)}</label
                    >
                {/each}
            </div>
        </fieldset>
        <fieldset class="mt-5">
            <legend class="font-semibold">What does it begin with?</legend>
            <div class="mt-2 flex flex-wrap gap-4">
                {#each offered as one (`${pageKind} ${one.name}`)}
                    <label
                        class="w-56 rounded-lg border border-hair p-3 has-checked:border-ink has-checked:ring-1 has-checked:ring-ink has-focus-visible:outline-2"
                    >
                        <input
                            class="unseen"
                            type="radio"
                            name="start"
                            value={one.name}
                            checked={one.name === start}
                            onchange={() => (chosen = one.name)}
                        />
                        <StartDrawing {pageKind} name={one.name} />
                        <span class="mt-2 block font-semibold">{one.title}</span>
                        <span class="block text-sm text-quiet">{one.words}</span>
                    </label>
                {/each}
            </div>
        </fieldset>
        <div class="mt-5 flex flex-wrap gap-x-12 gap-y-5">
            {#if things}
                <fieldset class="w-80">
                    <legend class="font-semibold">Where does it appear?</legend>
                    <p class="text-quiet">
                        {pageKind === 'product'
                            ? 'On the products in these, with all beneath them.'
                            : 'On the pages of these.'}
                        You can leave it open, and say it more closely later.
                    </p>
                    {#key things}<NamePicker {things} names={{}} values={where} set={(next) => (where = next)} />{/key}
                </fieldset>
            {/if}
            {#if pictured}
                <fieldset class="w-72">
                    <legend class="font-semibold">Which picture?</legend>
                    <p class="mb-2 text-quiet">
                        {picture === null
                            ? 'As it is, each page shows its own.'
                            : 'All its pages show the one that you chose.'}
                    </p>
                    <PictureField
                        id="new-picture"
                        value={picture}
                        disabled={busy}
                        change={(next) => (picture = next)}
                    />
                </fieldset>
            {/if}
        </div>
    {/if}
    {#if wrong}<p class="mt-4 text-trouble" role="alert">{wrong}</p>{/if}
    <div class="mt-5 flex items-center gap-3">
        <button
            class="button button-next"
            disabled={busy || name.trim() === ''}
            aria-describedby={name.trim() === '' ? 'no-name' : undefined}>{copyOf ? 'Make the copy' : 'Make it'}</button
        >
        <button type="button" class="button" onclick={close}>Not now</button>
        {#if name.trim() === ''}<span id="no-name">Give it a name first, so that you find it again.</span>{/if}
        <span class="text-quiet"
            >{pageKind === CARDS && !copyOf
                ? 'It stands nowhere until a list of products chooses it.'
                : 'Nothing changes in the shop until you publish.'}</span
        >
    </div>
</form>
