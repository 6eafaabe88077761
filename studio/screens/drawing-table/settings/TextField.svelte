<script lang="ts">
    import type { Setting } from '../../../lib/types';

    let {
        id,
        setting,
        value,
        disabled,
        change,
    }: { id: string; setting: Setting; value: string; disabled: boolean; change: (value: string, gesture: string) => void } = $props();
    let gesture = '';
    let wait = 0;
    let typed = $state<string | null>(null);

    function oninput(event: Event): void {
        typed = (event.currentTarget as HTMLInputElement).value;
        clearTimeout(wait);
        wait = window.setTimeout(send, 20);
    }

    function send(): void {
        clearTimeout(wait);
        if (typed !== null && typed !== value) change(typed, gesture);
    }

    function onfocus(): void {
        gesture = `field-${id}-${Date.now()}`;
    }

    function onblur(): void {
        send();
        typed = null;
    }
</script>

{#if setting.lines}
    <textarea {id} class="field w-full" rows="4" maxlength={setting.max} value={typed ?? value} {disabled} {oninput} {onfocus} {onblur}></textarea>
{:else}
    <input {id} class="field w-full" maxlength={setting.max} value={typed ?? value} {disabled} {oninput} {onfocus} {onblur} />
{/if}
