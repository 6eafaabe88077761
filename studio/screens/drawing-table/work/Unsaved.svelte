<script lang="ts">
    import { counted, either } from '../../../lib/words';
    import { notices } from '../../../lib/notices.svelte';
    import { editWords } from './conflicts';
    import { editsOf, type Kept } from './outbox';
    import type { Table } from '../table.svelte';

    let { table }: { table: Table } = $props();
    const kept = $derived(table.sending.kept);
    const conflicts = $derived(kept.filter((one) => one.why === 'conflict'));
    const refused = $derived(kept.filter((one) => one.why === 'refused'));
    const others = $derived(kept.filter((one) => one.why === 'other-author'));
    const reasons = $derived([...new Set(refused.map((one) => one.words))].join(' '));

    function words(one: Kept): string {
        return editsOf(one)
            .map((edit) => editWords(table, edit, one.why))
            .join(' ');
    }

    /** As words for a person, with the blocks in the form that can be pasted. */
    async function copy(list: Kept[]): Promise<void> {
        const blocks = list.flatMap(editsOf).flatMap((edit) => ('node' in edit ? [edit.node] : []));
        const text =
            blocks.length > 0 ? JSON.stringify({ vestibra: 'blocks', format: 1, blocks }) : list.map(words).join('\n');
        try {
            await navigator.clipboard.writeText(text);
            notices.say(blocks.length > 0 ? 'Copied. It can be pasted into any template.' : 'Copied, as words.');
        } catch {
            notices.warn('The browser did not let it be copied. It is still kept here.');
        }
    }
</script>

{#if kept.length > 0}
    <section
        class="max-h-40 overflow-y-auto border-b border-hair bg-glow px-4 py-1.5"
        aria-label="Not saved"
        data-unsaved
    >
        {#each conflicts as one (one.key)}
            <p class="flex flex-wrap items-baseline gap-x-3 py-0.5">
                <span>{one.words} {words(one)}</span>
                <button class="word" onclick={() => void table.sending.again([one])}>Use mine</button>
                <button class="word" onclick={() => table.sending.letGo([one])}>Keep theirs</button>
            </p>
        {/each}
        {#if refused.length > 0}
            <p class="flex flex-wrap items-baseline gap-x-3 py-0.5">
                <span>
                    <strong class="font-semibold"
                        >{counted(refused.length, 'change is', 'changes are')} not saved:</strong
                    >
                    {refused.map(words).join('; ')}. {reasons} Kept in this browser.
                </span>
                <button class="word" onclick={() => void table.sending.again(refused)}>Send again</button>
                <button class="word" onclick={() => void copy(refused)}>Copy</button>
                <button class="word" onclick={() => table.sending.letGo(refused)}
                    >Give up on {either(refused.length, 'it', 'them')}</button
                >
            </p>
        {/if}
        {#if others.length > 0}
            <p class="flex flex-wrap items-baseline gap-x-3 py-0.5">
                <span>
                    <strong class="font-semibold"
                        >{counted(others.length, 'change is', 'changes are')} not saved:</strong
                    >
                    {others.map(words).join('; ')}. Made in this browser by {[
                        ...new Set(others.map((one) => one.author.name)),
                    ].join(', ')}, and kept until they sign in here again.
                </span>
                <button class="word" onclick={() => void table.sending.again(others)}>Take over as mine</button>
                <button class="word" onclick={() => void copy(others)}>Copy</button>
                <button class="word" onclick={() => table.sending.letGo(others)}
                    >Give up on {either(others.length, 'it', 'them')}</button
                >
            </p>
        {/if}
    </section>
{/if}
