<script lang="ts">
    import { counted, when } from '../../lib/words';
    import type { EntryHistory } from './history.svelte';

    interface Props {
        history: EntryHistory;
        may: boolean;
        takeBack: (entry: number) => Promise<void>;
        narrow?: boolean;
    }

    let { history, may, takeBack, narrow = false }: Props = $props();

    async function back(entry: number): Promise<void> {
        await takeBack(entry);
        await history.load();
    }
</script>

<ol class="mt-2">
    {#each history.entries as entry (entry.id)}
        <li class="border-b border-dashed border-hair py-2 {entry.takenBack ? 'text-quiet' : ''}" data-entry={entry.id}>
            <p class={narrow ? 'text-sm' : ''}>
                {entry.takesBack === null ? entry.words : `Taken back: ${entry.words}`}
            </p>
            <p class="text-sm text-quiet">
                {when(entry.at)}, {entry.by}{entry.moved > 0
                    ? ` · ${counted(entry.moved, 'page')} moved`
                    : ''}{entry.takenBack ? ' · taken back' : ''}
            </p>
            {#if entry.lines.length > 0}
                <details class="text-sm">
                    <summary class="min-h-6 w-fit cursor-pointer py-0.5 text-quiet">From what to what</summary>
                    <ul class="mt-1">
                        {#each entry.lines as line, index (index)}
                            <li class="break-words">
                                {line.name}{line.field ? `, ${line.field}` : ''}: {line.field
                                    ? `${line.from} → ${line.to}`
                                    : line.to
                                      ? 'made'
                                      : 'deleted'}
                            </li>
                        {/each}
                        {#if entry.more > 0}<li class="text-quiet">and {counted(entry.more, 'more thing')}</li>{/if}
                    </ul>
                </details>
            {/if}
            {#if may && !entry.takenBack && entry.takesBack === null}
                <button
                    class="word min-h-6 text-sm"
                    aria-label="Take it back: {entry.words}"
                    onclick={() => void back(entry.id)}>Take it back</button
                >
            {/if}
        </li>
    {/each}
</ol>
{#if history.more}<button class="word mt-2" onclick={() => void history.next()}>More</button>{/if}
