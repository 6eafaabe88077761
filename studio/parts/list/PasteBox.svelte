<script lang="ts">
    import { Popover } from 'bits-ui';
    import { counted } from '../../lib/words';
    import type { PastedAnswer } from '../../lib/types';
    import type { FoundList } from './list.svelte';

    /** Selects what is pasted: stock numbers, bar codes or addresses. */
    let { list }: { list: FoundList } = $props();
    let open = $state(false);
    let text = $state('');
    let answer = $state.raw<PastedAnswer | null>(null);
    let waiting = $state(false);

    async function find(): Promise<void> {
        waiting = true;
        answer = await list.selecting.paste(text);
        waiting = false;
        if (answer?.unknownCount === 0) open = false;
    }
</script>

<Popover.Root bind:open onOpenChange={(now) => now && ([text, answer] = ['', null])}>
    <Popover.Trigger class="word">paste a list…</Popover.Trigger>
    <Popover.Portal>
        <Popover.Content class="float z-50 w-96 p-3" sideOffset={6} role="dialog" aria-label="Select what is pasted">
            <form
                onsubmit={(event) => {
                    event.preventDefault();
                    void find();
                }}
            >
                <label class="block"
                    >{list.isProducts ? 'Stock numbers, bar codes or addresses' : 'Addresses'}, one a line or with
                    commas between them<textarea class="field mt-1 h-36 w-full font-mono text-sm" bind:value={text}
                    ></textarea>
                </label>
                <button class="button mt-2" disabled={waiting || text.trim() === ''}
                    >{waiting ? 'Looking…' : 'Select them'}</button
                >
            </form>
            {#if answer}
                <p class="mt-2" role="status">
                    {counted(answer.found, list.words.one, list.words.many)} found and selected.
                    {#if answer.unknownCount > 0}
                        {counted(answer.unknownCount, 'of them is', 'of them are')} not known:
                        <span class="text-trouble">{answer.unknown.join(', ')}</span>{answer.unknownCount >
                        answer.unknown.length
                            ? ' and more'
                            : ''}.
                    {/if}
                </p>
            {/if}
        </Popover.Content>
    </Popover.Portal>
</Popover.Root>
