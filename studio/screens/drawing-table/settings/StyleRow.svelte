<script lang="ts">
    import type { Setting, TreeNode, Value } from '../../../lib/types';
    import type { Table } from '../table.svelte';
    import ExtentField from './ExtentField.svelte';

    let { table, node, setting }: { table: Table; node: TreeNode; setting: Setting } = $props();
    const id = $derived(`s-${node.id}-${setting.name}`);
    const style = $derived(table.styleOf(node, setting.name));
    const own = $derived(style.from === table.widthName);
    const house = $derived(setting.houseToken ? (table.data.house[setting.houseToken] ?? '') : '');
    const role = $derived(setting.houseToken?.startsWith('colour-') ? setting.houseToken.slice(7) : '');
    const note = $derived(own ? (house && setting.type === 'amount' ? `own, house style ${house}` : 'own') : style.from ? `from ${style.from}` : 'house style');
    let gesture = '';
    /** A number while it is being typed: its first digit alone may be less than the least. */
    let typing = $state<string | null>(null);
    let chosenAt = 0;

    function set(value: Value, sameGesture = false): void {
        if (!sameGesture) gesture = '';
        void table.set(node.id, 'how', setting.name, value, gesture === '' ? undefined : gesture);
    }

    function slide(value: Value): void {
        gesture ||= `slide-${id}-${Date.now()}`;
        set(value, true);
    }

    /** Letters typed into a list choose several times on the way; together they are one step. */
    function choose(value: Value): void {
        const now = Date.now();
        if (now - chosenAt > 800) gesture = `choose-${id}-${now}`;
        chosenAt = now;
        set(value, true);
    }

    function hex(value: unknown): string {
        const name = typeof value === 'string' ? value : role;
        return name.startsWith('#') ? name : (table.data.house[`colour-${name}`] ?? '#888888');
    }

    function amount(text: string): void {
        typing = text;
        const typed = Number.parseInt(text, 10);
        if (text.trim() === '') set(null);
        else if (!Number.isNaN(typed)) slide(Math.max(setting.min ?? 0, Math.min(setting.max ?? typed, typed)));
    }
</script>

<div class="mt-2 grid grid-cols-[92px_minmax(0,1fr)] items-center gap-x-2">
    <label class="text-quiet" for={id}>{setting.label}</label>
    <div class="flex min-w-0 items-center gap-2 rounded-md {own ? 'own' : ''}">
        {#if setting.type === 'amount'}
            <input
                {id}
                class="field figures w-18"
                type="number"
                min={setting.min}
                max={setting.max}
                placeholder={house.replace('px', '') || '–'}
                value={typing ?? style.value ?? ''}
                disabled={!table.mayEdit}
                oninput={(event) => amount(event.currentTarget.value)}
                onblur={() => ((gesture = ''), (typing = null))}
            />
            <span class="text-xs text-quiet">{setting.unit}</span>
        {:else if setting.type === 'colour'}
            <input
                type="color"
                class="h-7.5 w-8 shrink-0 rounded border border-edge"
                aria-label="{setting.label}, a colour of its own"
                value={hex(style.value)}
                disabled={!table.mayEdit}
                oninput={(event) => slide(event.currentTarget.value)}
                onchange={() => (gesture = '')}
            />
            <select
                {id}
                class="field w-full min-w-0"
                value={typeof style.value === 'string' ? (style.value.startsWith('#') ? 'own' : style.value) : ''}
                disabled={!table.mayEdit}
                onchange={(event) =>
                    choose(event.currentTarget.value === '' ? null : event.currentTarget.value === 'own' ? hex(style.value) : event.currentTarget.value)}
            >
                <option value="">{role ? `${role} (house)` : 'none (house)'}</option>
                {#each setting.roles ?? [] as one (one)}<option value={one}>{one}</option>{/each}
                <option value="own">its own {hex(style.value)}</option>
            </select>
        {:else if setting.type === 'step'}
            <select
                {id}
                class="field w-full"
                value={style.value === null ? '' : String(style.value)}
                disabled={!table.mayEdit}
                onchange={(event) => choose(event.currentTarget.value === '' ? null : Number(event.currentTarget.value))}
            >
                <option value="">as usual</option>
                {#each setting.steps ?? [] as pixels, step (step)}<option value={String(step)}>{pixels} px</option>{/each}
            </select>
        {:else if setting.type === 'extent'}
            <ExtentField
                {id}
                value={typeof style.value === 'string' ? style.value : null}
                max={setting.max ?? 2000}
                disabled={!table.mayEdit}
                change={choose}
            />
        {:else if setting.type === 'toggle'}
            <select
                {id}
                class="field w-full"
                value={style.value === null ? '' : String(style.value)}
                disabled={!table.mayEdit}
                onchange={(event) => choose(event.currentTarget.value === '' ? null : event.currentTarget.value === 'true')}
            >
                <option value="">as usual</option><option value="true">yes</option><option value="false">no</option>
            </select>
        {:else}
            <select
                {id}
                class="field w-full"
                value={typeof style.value === 'string' ? style.value : ''}
                disabled={!table.mayEdit}
                onchange={(event) => choose(event.currentTarget.value === '' ? null : event.currentTarget.value)}
            >
                <option value="">as usual</option>
                {#each setting.options ?? [] as option (option.value)}<option value={option.value}>{option.words}</option>{/each}
            </select>
        {/if}
    </div>
    <span></span>
    <span class="text-xs text-quiet">
        {note}
        {#if own && table.mayEdit}
            · <button class="word" onclick={() => set(null)}>back<span class="unseen"> to the house style: {setting.label}</span></button>
        {/if}
    </span>
</div>
