<script lang="ts">
    import { offerTable } from '../../lib/csv';
    import { counted } from '../../lib/words';
    import type { Incoming } from './incoming.svelte';

    /** Rows that cannot be taken, each with what to do about it where it stands. */
    let { incoming }: { incoming: Incoming } = $props();
    const preview = $derived(incoming.preview);
    const shown = $derived((preview?.wrong ?? []).slice(0, 50));
    /** A row may be wrong in several places. */
    const more = $derived((preview?.wrongCount ?? 0) - new Set(shown.map((one) => one.line)).size);

    function asFile(): void {
        offerTable('rows-to-mend.csv', [
            ['line', 'column', 'written', 'what is the matter'],
            ...(preview?.wrong ?? []).map((one) => [String(one.line), one.column, one.written, one.message]),
        ]);
    }
</script>

{#if preview && preview.wrongCount > 0}
    <section aria-label="Rows to mend">
        <h2 class="text-lg">{counted(preview.wrongCount, 'row to mend', 'rows to mend')}</h2>
        <table class="mt-2 w-full border-collapse text-left">
            <thead class="unseen"
                ><tr><th scope="col">Line</th><th scope="col">What stands there</th><th scope="col">The matter</th></tr
                ></thead
            >
            <tbody>
                {#each shown as one, at (`${one.line} ${one.column} ${at}`)}
                    <tr class="border-b border-hair align-top">
                        <th class="py-2 pr-2 font-normal text-quiet" scope="row"
                            >{one.line > 0 ? `line ${one.line}` : 'the file'}</th
                        >
                        <td class="py-2 pr-3">
                            {#if one.line > 0 && one.column}
                                <input
                                    class="field w-36 border-trouble"
                                    aria-label="{one.column} of line {one.line}"
                                    value={one.written}
                                    onchange={(event) => void incoming.mend(one, event.currentTarget.value)}
                                />
                            {:else}{one.written}{/if}
                        </td>
                        <td class="py-2">
                            {one.message}
                            {#if one.meant !== null}<button
                                    class="word"
                                    onclick={() => void incoming.mend(one, one.meant ?? '')}
                                    >{one.meant}?<span class="unseen"> for line {one.line}</span></button
                                >{/if}
                            {#if one.line > 0}<button
                                    class="word text-quiet"
                                    onclick={() => void incoming.leaveOut(one.line)}
                                    >leave it out<span class="unseen"> (line {one.line})</span></button
                                >{/if}
                        </td>
                    </tr>
                {/each}
            </tbody>
        </table>
        <p class="mt-2 text-sm">
            {#if more > 0}<span class="text-quiet">{counted(more, 'more', 'more')} · </span>{/if}<button
                class="word"
                onclick={asFile}>these as a file</button
            >
        </p>
    </section>
{/if}
