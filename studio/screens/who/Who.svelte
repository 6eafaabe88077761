<script lang="ts">
    import { untrack } from 'svelte';
    import { kindsOfPages, pageWords, standsOnPages } from '../../lib/pages';
    import type { FoundData, Screen } from '../../lib/types';
    import Frame from '../../parts/Frame.svelte';
    import { FoundList } from '../../parts/list/list.svelte';
    import Deeds from '../../parts/list/Deeds.svelte';
    import PageList from '../../parts/list/PageList.svelte';
    import RuleMatters from '../../parts/list/RuleMatters.svelte';

    let { screen }: { screen: Screen<FoundData> } = $props();
    const list = untrack(() => new FoundList(screen.data));
    const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);
</script>

<Frame {screen} here="Who gets what" wide>
    <h1 class="text-2xl">Who gets what</h1>
    {#if list.filter.kind !== 'all'}<RuleMatters {list} mayPublish={screen.may.publish} />{/if}
    <PageList {screen} {list}>
        {#snippet begin()}
            <label>
                <span class="unseen">Kind of page</span>
                <select
                    class="field mr-1 text-base"
                    value={list.filter.kind}
                    onchange={(event) => location.assign(`/studio/who?kind=${event.currentTarget.value}`)}
                >
                    <option value="all">Pages of every kind</option>
                    {#each kindsOfPages as kind (kind)}<option value={kind}
                            >{capital(standsOnPages(kind) ? pageWords(kind).called : pageWords(kind).many)}</option
                        >{/each}
                </select>
            </label>
        {/snippet}
        {#snippet deeds()}<Deeds {screen} {list} />{/snippet}
    </PageList>
</Frame>
