<script lang="ts">
    import { Popover } from 'bits-ui';
    import type { FoundFilter } from '../../lib/types';
    import { notices } from '../../lib/notices.svelte';
    import type { FoundList } from './list.svelte';

    /** Sentences under a name: those that every shop needs, and those that were kept. */
    let { list, mayKeep }: { list: FoundList; mayKeep: boolean } = $props();
    let open = $state(false);
    let name = $state('');
    const condition = (field: string, comparison: string, values: number[] = []): string =>
        JSON.stringify([{ field, comparison, values }]);
    const usual: { name: string; filter: Partial<FoundFilter> }[] = $derived(
        list.filter.list === 'who'
            ? [
                  { name: 'on the fallback', filter: { step: 'fallback' } },
                  { name: 'pinned', filter: { step: 'pinned' } },
              ]
            : [
                  { name: 'on sale', filter: { where: condition('sale', 'isOn') } },
                  { name: 'sold out', filter: { where: condition('stock', 'isOut') } },
                  { name: 'without a picture', filter: { where: condition('picture', 'atMost', [0]) } },
              ],
    );
    const plain: Partial<FoundFilter> = { q: '', where: '', template: 0, step: '', state: '', selected: false };

    async function keep(): Promise<void> {
        if (await list.keep(name)) {
            open = false;
            name = '';
        }
    }

    async function forget(id: number, called: string, filter: FoundFilter): Promise<void> {
        if (!(await list.forget(id))) return;
        notices.say(`“${called}” is no longer kept.`, {
            words: 'keep it after all',
            do: () => void list.find(filter).then(() => list.keep(called)),
        });
    }
</script>

<p class="flex flex-wrap items-baseline gap-x-2 text-sm text-quiet">
    kept:
    {#each usual as one (one.name)}<button
            class="word min-h-6"
            onclick={() => void list.find({ ...plain, ...one.filter })}>{one.name}</button
        >{/each}
    {#each list.kept as one (one.id)}
        <span class="inline-flex items-baseline gap-1"
            ><button class="word min-h-6 text-ink" onclick={() => void list.find(one.filter)}>{one.name}</button><button
                class="min-h-6 min-w-6 px-1 hover:text-ink"
                aria-label="Take “{one.name}” away"
                onclick={() => void forget(one.id, one.name, one.filter)}>×</button
            ></span
        >
    {/each}
    {#if mayKeep}<Popover.Root bind:open>
            <Popover.Trigger class="word min-h-6">keep this sentence…</Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    class="float z-50 w-72 p-3"
                    sideOffset={6}
                    role="dialog"
                    aria-label="Keep this sentence"
                >
                    <form
                        onsubmit={(event) => {
                            event.preventDefault();
                            void keep();
                        }}
                    >
                        <label class="block"
                            >Under which name<input class="field mt-1 w-full" maxlength="60" bind:value={name} /></label
                        >
                        <p class="mt-1 text-sm text-quiet">Everybody who works here finds it.</p>
                        <button class="button mt-2">Keep it</button>
                    </form>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>{/if}
</p>
