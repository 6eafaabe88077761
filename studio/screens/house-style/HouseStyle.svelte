<script lang="ts">
    import { onMount, untrack } from 'svelte';
    import { counted } from '../../lib/words';
    import type { HouseStyleData, Screen } from '../../lib/types';
    import DeedMenu from '../../parts/DeedMenu.svelte';
    import Frame from '../../parts/Frame.svelte';
    import Inline from '../../parts/Inline.svelte';
    import Colours from './Colours.svelte';
    import { Specimen } from './fonts.svelte';
    import { House } from './house.svelte';
    import OwnLetters from './OwnLetters.svelte';
    import Publish from './Publish.svelte';
    import TokenRow from './TokenRow.svelte';
    import Wall from './Wall.svelte';

    let { screen }: { screen: Screen<HouseStyleData> } = $props();
    const data = untrack(() => screen.data);
    const house = new House(
        data,
        untrack(() => screen.may.edit),
    );
    const specimen = new Specimen(() => house.fonts);
    const style = $derived(house.state.style);
    const groups = $derived([...new Set(house.tokens.map((one) => one.group))].filter((one) => one !== 'colours'));
    let open = $state.raw<Record<string, boolean>>({ letters: true });
    let naming = $state<'copy' | 'rename' | null>(null);
    let file = $state<HTMLInputElement | null>(null);

    onMount(() => {
        specimen.show(['font-names', 'font-words', 'font-third'].map((name) => house.value(name)));
        house.sayGone();
        house.sayRead();
        const news = setInterval(() => void house.news(), 8000);
        const looks = (): void => void house.news();
        window.addEventListener('focus', looks);
        return () => {
            clearInterval(news);
            window.removeEventListener('focus', looks);
        };
    });

    function summary(group: string): string {
        const own = house.tokens.filter((one) => one.group === group && house.own(one.name)).length;
        if (group === 'letters') {
            const used = [...new Set(['font-names', 'font-words', 'font-third'].map((name) => house.value(name)))];
            return `${counted(used.length, 'family', 'families')}, ${used.reduce((sum, key) => sum + (house.fonts.find((font) => font.key === key)?.kilobytes ?? 0), 0)} kB`;
        }
        if (group === 'sizes') {
            const all = house.tokens.filter((one) => one.group === group).map((one) => house.value(one.name));
            return `${all.join(' · ')}${own === 0 ? '' : `, ${own} by hand`}`;
        }
        return own === 0 ? 'as usual' : `${own} decided`;
    }

    const deeds = $derived([
        ...(house.mayEdit
            ? [
                  { words: 'Keep a copy under another name…', do: () => (naming = 'copy') },
                  { words: 'Rename…', do: () => (naming = 'rename') },
              ]
            : []),
        ...(house.mayEdit && house.state.changed.length > 0
            ? [{ words: 'Throw the draft away', do: () => void house.throwAway() }]
            : []),
        ...(house.mayEdit && !style.inUse ? [{ words: 'Let go of it', do: () => void house.letGo() }] : []),
        {
            words: 'Take out as a file for design programs',
            do: () => window.location.assign(`/studio/house-style/${house.id}/tokens`),
        },
        ...(house.mayEdit ? [{ words: 'Read style tokens in…', do: () => file?.click() }] : []),
    ]);

    function named(name: string): void {
        const what = naming;
        naming = null;
        if (what === 'copy') void house.keep(name);
        else if (what === 'rename' && name !== style.name) void house.rename(name);
    }
</script>

<Frame {screen} here="House style" whole>
    <div class="flex min-h-12 flex-wrap items-center gap-x-4 gap-y-1 border-b border-hair px-6 py-1.5">
        <h1 class="text-lg">
            {#if naming}
                <Inline
                    small
                    label={naming === 'copy' ? 'Name of the copy' : 'Name of this house style'}
                    value={naming === 'copy' ? `${style.name}, copy` : style.name}
                    max={60}
                    placeholder=""
                    done={named}
                    leave={() => (naming = null)}
                />
            {:else}“{style.name}”{/if}
        </h1>
        <p class="flex items-center gap-2" role="status">
            <span
                class="size-2 rounded-full border {style.inUse ? 'border-live bg-live' : 'border-quiet'}"
                aria-hidden="true"
            ></span>
            {style.inUse ? 'live' : 'kept, not in use'}{style.changed > 0
                ? ` · ${counted(style.changed, 'change')} not published`
                : ''}
        </p>
        <p class="text-sm text-quiet">
            kept:
            {#each house.state.kept.filter((one) => one.id !== style.id) as one, at (one.id)}{at > 0 ? ' · ' : ''}<a
                    class="word"
                    href="/studio/house-style?style={one.id}">{one.name}{one.inUse ? ' (live)' : ''}</a
                >{/each}
        </p>
        <div class="ml-auto flex items-center gap-3">
            {#if house.mayEdit}<button
                    class="button"
                    disabled={house.steps.length === 0}
                    title={house.steps.at(-1)?.words ?? 'Nothing to take back'}
                    onclick={() => house.undo()}>Undo</button
                >{/if}
            <DeedMenu name={style.name} {deeds} />
            {#if screen.may.publish && !house.impact}
                <button
                    class="button button-next"
                    disabled={style.inUse && style.changed === 0}
                    onclick={() => void house.askImpact()}>{style.inUse ? 'Publish…' : 'Put into use…'}</button
                >
            {/if}
        </div>
        <input
            type="file"
            class="hidden"
            accept="application/json,.json"
            aria-label="A file of style tokens"
            bind:this={file}
            onchange={(event) => {
                const chosen = event.currentTarget.files?.[0];
                event.currentTarget.value = '';
                if (chosen) void house.read(chosen);
            }}
        />
    </div>
    <Publish {house} specimens={data.specimens} />
    <div class="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] min-[760px]:grid-cols-[392px_minmax(0,1fr)]">
        <section class="min-h-0 overflow-y-auto border-r border-hair px-5 pb-10" aria-label="Decisions" tabindex="-1">
            <h2 class="flex items-baseline justify-between pt-3 text-lg">
                Colours <span class="font-sans text-xs font-normal text-quiet">each has one job</span>
            </h2>
            <Colours {house} />
            {#each groups as group (group)}
                {@const tokens = house.tokens.filter((one) => one.group === group)}
                {@const isOpen = open[group] === true}
                <div
                    class="mt-3 border-t border-dashed border-hair pt-2"
                    role="group"
                    aria-label={tokens[0]?.groupWords}
                >
                    <h2 class="text-lg">
                        <button
                            class="flex w-full items-baseline justify-between gap-3 text-left"
                            aria-expanded={isOpen}
                            onclick={() => (open = { ...open, [group]: !isOpen })}
                        >
                            {tokens[0]?.groupWords}
                            <span class="font-sans text-xs font-normal text-quiet"
                                >{summary(group)} {isOpen ? '▾' : '▸'}</span
                            >
                        </button>
                    </h2>
                    {#if isOpen}
                        {#each tokens as token (token.name)}<TokenRow
                                {house}
                                {token}
                                fonts={house.fonts}
                                {specimen}
                            />{/each}
                        {#if group === 'letters'}
                            {#if house.mayEdit}<OwnLetters {house} />{/if}
                        {/if}
                    {/if}
                </div>
            {/each}
        </section>
        <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
        <div class="min-h-0 overflow-y-auto bg-room" role="region" aria-label="Specimens" tabindex="0">
            <Wall {house} specimens={data.specimens} />
        </div>
    </div>
</Frame>
