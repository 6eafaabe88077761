<script lang="ts">
    import { untrack } from 'svelte';
    import type { Setting } from '../../../../lib/types';

    let {
        id,
        setting,
        value,
        disabled,
        change,
    }: {
        id: string;
        setting: Setting;
        value: string;
        disabled: boolean;
        change: (value: string, gesture: string) => void;
    } = $props();
    let gesture = '';
    let wait = 0;
    let typed = $state<string | null>(null);
    /** What is on its way already: leaving the field does not send it once more. */
    let sent: string | null = null;

    /** What somebody else has set meanwhile, or an undo, takes the place of what was typed and sent before. */
    $effect(() => {
        if (value !== sent && untrack(() => typed === sent)) typed = null;
    });

    function oninput(event: Event): void {
        typed = (event.currentTarget as HTMLInputElement).value;
        // What counts only as a whole is not sent letter by letter.
        if (setting.whole) return;
        clearTimeout(wait);
        wait = window.setTimeout(send, 20);
    }

    function send(): void {
        clearTimeout(wait);
        if (typed === null || typed === sent || typed === value) return;
        change(typed, gesture);
        sent = typed;
    }

    function onkeydown(event: KeyboardEvent): void {
        if (event.key === 'Enter' && !setting.lines) send();
    }

    function onfocus(): void {
        gesture = `field-${id}-${Date.now()}`;
    }

    function onblur(): void {
        send();
        typed = null;
        sent = null;
    }
</script>

{#if setting.lines}
    <textarea
        {id}
        class="field w-full"
        rows="4"
        maxlength={setting.max}
        value={typed ?? value}
        {disabled}
        {oninput}
        {onfocus}
        {onblur}></textarea>
{:else}
    <input
        {id}
        class="field w-full"
        maxlength={setting.max}
        value={typed ?? value}
        {disabled}
        {oninput}
        {onkeydown}
        {onfocus}
        {onblur}
    />
{/if}
{#if setting.cut && (typed ?? value).length > 0}
    {@const words = typed ?? value}
    <p class="mt-1 text-xs text-quiet" data-cut>
        {words.length > setting.cut
            ? `Cut as “${words.slice(0, setting.cut).trimEnd()}…”`
            : `${words.length.toString()} of about ${setting.cut.toString()} letters that are shown`}
    </p>
{/if}
