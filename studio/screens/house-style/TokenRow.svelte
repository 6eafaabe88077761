<script lang="ts">
    import type { HouseFont, HouseToken } from '../../lib/types';
    import Pick, { type Choice } from '../../parts/Pick.svelte';
    import type { Specimen } from './fonts.svelte';
    import type { House } from './house.svelte';

    interface Props {
        house: House;
        token: HouseToken;
        fonts: HouseFont[];
        specimen: Specimen;
    }

    let { house, token, fonts, specimen: shown }: Props = $props();
    const value = $derived(house.value(token.name));
    const id = $derived(`h-${token.name}`);
    const words = $derived(`${token.groupWords.toLowerCase()}: ${token.label}`);
    const roles = $derived(
        house.tokens
            .filter((one) => one.group === 'colours')
            .map((one) => ({ value: one.name.slice(7), words: one.label })),
    );
    const role = $derived(value.split('/')[0] ?? '');
    const shadow = $derived(value === 'none' ? null : value.split(' '));

    function number(text: string): void {
        const typed = Number(text.replace(',', '.'));
        if (text.trim() === '') house.set({ [token.name]: null }, words);
        else if (!Number.isNaN(typed))
            house.set(
                { [token.name]: String(Math.max(token.least ?? -Infinity, Math.min(token.most ?? Infinity, typed))) },
                words,
            );
    }

    function step(event: KeyboardEvent): void {
        const way = { ArrowUp: 1, ArrowDown: -1 }[event.key];
        if (way === undefined) return;
        event.preventDefault();
        const by = token.kind === 'pixels' ? 1 : (token.most ?? 100) > 100 ? 20 : 0.05;
        number(String(Math.round((Number(value) + way * by * (event.shiftKey ? 10 : 1)) * 1000) / 1000));
    }

    function withPart(at: number, next: string): string {
        const parts = shadow ?? ['0', '2', '12', '0', 'ink/12'];
        return parts.map((part, index) => (index === at ? next : part)).join(' ');
    }
</script>

<div class="mt-1.5 grid grid-cols-[108px_minmax(0,1fr)] items-center gap-x-2" data-token={token.name}>
    <label class="truncate text-quiet" for={id} title={token.use || token.label}>{token.label}</label>
    <div class="flex min-w-0 items-center gap-2 rounded-md {house.own(token.name) ? 'own' : ''}">
        {#if token.kind === 'font'}
            <span
                class="contents"
                onpointerenter={() => shown.show()}
                onfocusin={() => shown.show()}
                role="presentation"
            >
                <Pick
                    {id}
                    label={token.label}
                    {value}
                    choices={fonts.map((font) => ({ value: font.key, words: font.name }))}
                    disabled={!house.mayEdit}
                    look="min-w-0 flex-1"
                    choose={(next) => house.set({ [token.name]: next }, words)}
                >
                    {#snippet specimen(one: Choice)}
                        {@const font = fonts.find((known) => known.key === one.value)}
                        <span class="flex items-baseline justify-between gap-4"
                            ><span
                                class="text-lg"
                                style:font-family="'specimen {one.value}', {font?.kind === 'serif'
                                    ? 'serif'
                                    : 'sans-serif'}">{one.words}</span
                            ><span class="text-xs text-quiet">{font?.kilobytes} kB</span></span
                        >
                    {/snippet}
                </Pick>
            </span>
        {:else if token.kind === 'role'}
            <Pick
                {id}
                label={token.label}
                value={role}
                choices={[{ value: 'none', words: 'none' }, ...roles]}
                disabled={!house.mayEdit}
                look="min-w-0 flex-1"
                choose={(next) => house.set({ [token.name]: next }, words)}
            >
                {#snippet specimen(one: Choice)}
                    <span class="inline-flex items-center gap-2"
                        ><span
                            class="size-4 rounded border border-edge"
                            style:background-color={one.value === 'none'
                                ? 'transparent'
                                : house.value(`colour-${one.value}`)}
                        ></span>{one.words}{one.value === role && value.includes('/')
                            ? ` ${value.split('/')[1] ?? ''} %`
                            : ''}</span
                    >
                {/snippet}
            </Pick>
        {:else if token.kind === 'shadow'}
            <Pick
                {id}
                label={token.label}
                value={shadow ? 'own' : 'none'}
                choices={[
                    { value: 'none', words: 'none' },
                    { value: 'own', words: 'a shadow' },
                ]}
                disabled={!house.mayEdit}
                look="w-28"
                choose={(next) => house.set({ [token.name]: next === 'none' ? 'none' : '0 4 16 -2 ink/14' }, words)}
            />
            {#if shadow}
                {#each ['right', 'down', 'blur', 'spread'] as name, at (name)}
                    <input
                        class="field figures w-10 px-1 text-center"
                        aria-label="{token.label}: {name}"
                        title={name}
                        value={shadow[at]}
                        disabled={!house.mayEdit}
                        onchange={(event) =>
                            house.set(
                                {
                                    [token.name]: withPart(
                                        at,
                                        String(Math.round(Number(event.currentTarget.value)) || 0),
                                    ),
                                },
                                words,
                            )}
                    />
                {/each}
            {/if}
        {:else}
            <input
                {id}
                class="field figures w-20"
                inputmode="decimal"
                autocomplete="off"
                {value}
                disabled={!house.mayEdit}
                onkeydown={step}
                onchange={(event) => number(event.currentTarget.value)}
            />
            <span class="text-xs text-quiet"
                >{token.kind === 'pixels' ? 'px' : ''}{token.use && token.kind !== 'pixels'
                    ? ` ${token.use}`
                    : ''}</span
            >
        {/if}
        {#if house.own(token.name) && house.mayEdit}
            <button class="word ml-auto shrink-0 text-xs" onclick={() => house.set({ [token.name]: null }, words)}
                >back<span class="unseen"> to the usual: {token.label}</span></button
            >
        {/if}
    </div>
</div>
