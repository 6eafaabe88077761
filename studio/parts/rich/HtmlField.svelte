<script lang="ts">
    import type { EditorView } from '@codemirror/view';
    import { onMount } from 'svelte';
    import { SafeCheck } from './html.svelte';

    interface Props {
        id: string;
        label: string;
        editable: boolean;
        value: string;
        change: (value: string, gesture: string) => void;
    }

    let { id, label, editable, value, change }: Props = $props();
    let room = $state<HTMLElement | null>(null);
    let editor = $state.raw<EditorView | null>(null);
    const safe = new SafeCheck();
    let gesture = '';
    let wait = 0;
    let sent = '';

    onMount(() => {
        let gone = false;
        void import('./htmlEditor').then(({ htmlEditor }) => {
            if (gone || !room) return;
            sent = value;
            editor = htmlEditor(room, value, {
                id,
                label,
                editable,
                typed: () => {
                    gesture ||= `html-${id}-${Date.now()}`;
                    clearTimeout(wait);
                    wait = window.setTimeout(send, 250);
                },
                left: () => {
                    send();
                    gesture = '';
                },
            });
        });
        void safe.check(value);
        return () => {
            gone = true;
            send();
            editor?.destroy();
        };
    });

    /** Somebody else's words, or an undo, replace what stands in the field. */
    $effect(() => {
        if (!editor || value === sent || editor.hasFocus) return;
        sent = value;
        editor.dispatch({ changes: { from: 0, to: editor.state.doc.length, insert: value } });
        void safe.check(value);
    });

    function send(): void {
        clearTimeout(wait);
        const text = editor?.state.doc.toString();
        if (text === undefined || text === sent) return;
        change(text, gesture);
        sent = text;
        void safe.check(text);
    }
</script>

<div class="html-field field w-full" bind:this={room}></div>
{#if safe.takenOut.length > 0}
    <p class="mt-1 text-xs text-trouble" role="status" data-taken-out>
        Taken out, so that nothing foreign runs in the shop: {safe.takenOut.join(', ')}.
    </p>
{/if}
