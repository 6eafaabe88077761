<script lang="ts">
    import type { Picture } from '../lib/types';

    interface Props {
        ids: number[];
        known: Record<number, Picture>;
        may: boolean;
        /** Said where there are none. */
        none: string;
        wide?: string;
        move: (id: number, by: number) => void;
        out: (id: number) => void;
    }

    let { ids, known, may, none, wide = 'w-32', move, out }: Props = $props();
</script>

<ol class="mt-2 flex flex-wrap gap-3">
    {#each ids as id, index (id)}
        {@const picture = known[id]}
        <li class={wide} data-picture={id}>
            <img
                class="aspect-square w-full rounded border border-hair bg-sheet object-contain"
                src={picture?.small ?? ''}
                alt={picture?.alt ?? ''}
            />
            <p class="mt-1 truncate text-xs {picture?.alt ? '' : 'text-trouble'}">
                {picture?.alt || 'no words yet'}
            </p>
            {#if may}
                <p class="flex gap-1.5 text-sm">
                    <button
                        class="word min-h-6 min-w-6"
                        disabled={index === 0}
                        aria-label="Picture {index + 1} earlier"
                        onclick={() => move(id, -1)}>←</button
                    >
                    <button
                        class="word min-h-6 min-w-6"
                        disabled={index === ids.length - 1}
                        aria-label="Picture {index + 1} later"
                        onclick={() => move(id, 1)}>→</button
                    >
                    <button class="word min-h-6" aria-label="Take picture {index + 1} off" onclick={() => out(id)}
                        >out</button
                    >
                </p>
            {/if}
        </li>
    {:else}
        <li class="text-quiet">{none}</li>
    {/each}
</ol>
