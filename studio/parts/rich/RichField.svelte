<script lang="ts">
    import type { Editor } from '@tiptap/core';
    import { onMount } from 'svelte';
    import { notices } from '../../lib/notices.svelte';

    interface Props {
        id: string;
        label: string;
        editable: boolean;
        /** Values of the product that can stand in the words. */
        values?: { name: string; of: number | null; words: string }[];
        value: string;
        change: (value: string, gesture: string) => void;
    }

    let { id, label, editable, values = [], value, change }: Props = $props();
    let room = $state<HTMLElement | null>(null);
    let editor = $state.raw<Editor | null>(null);
    let tick = $state(0);
    let asking = $state(false);
    let address = $state('');
    let gesture = '';
    let wait = 0;
    let sent = '';
    /** Whether somebody has typed what is not sent yet. */
    let typed = false;

    onMount(() => {
        let gone = false;
        void import('./richEditor').then(({ richEditor }) => {
            if (gone || !room) return;
            sent = value;
            editor = richEditor(room, value, { id, label, editable, leftBehind });
            editor.on('transaction', () => tick++);
            editor.on('focus', () => (gesture = `rich-${id}-${Date.now()}`));
            editor.on('update', () => {
                typed = true;
                clearTimeout(wait);
                wait = window.setTimeout(send, 120);
            });
            editor.on('blur', send);
        });
        return () => {
            gone = true;
            send();
            editor?.destroy();
        };
    });

    function leftBehind(lost: string[]): void {
        const named = lost.length === 1 ? (lost[0] ?? '') : `${lost.slice(0, -1).join(', ')} and ${lost.at(-1) ?? ''}`;
        notices.say(`The words were pasted. Stayed behind: ${named}.`);
    }

    /** Somebody else's words, or an undo, replace what stands in the field. */
    $effect(() => {
        if (editor && value !== sent && !editor.isFocused) {
            sent = value;
            editor.commands.setContent(value, { emitUpdate: false });
        }
    });

    function send(): void {
        clearTimeout(wait);
        if (!editor || !typed) return;
        const html = editor.isEmpty ? '' : editor.getHTML();
        if (html !== sent) change(html, gesture);
        sent = html;
        typed = false;
    }

    function on(name: string): boolean {
        void tick;
        return editor?.isActive(name) ?? false;
    }

    function link(): void {
        if (address.trim() === '') editor?.chain().focus().unsetLink().run();
        else editor?.chain().focus().setLink({ href: address.trim() }).run();
        asking = false;
    }

    function put(key: string): void {
        const one = values.find((candidate) => `${candidate.name} ${candidate.of ?? ''}` === key);
        if (one)
            editor
                ?.chain()
                .focus()
                .insertContent({ type: 'value', attrs: { source: one.name, of: one.of, words: one.words } })
                .run();
    }
</script>

{#if editable}
    <div
        class="mb-1 flex flex-wrap gap-x-2.5 gap-y-0.5 text-sm"
        role="toolbar"
        aria-label="Marks for {label.toLowerCase()}"
    >
        <button
            type="button"
            class="word"
            aria-pressed={on('bold')}
            onclick={() => editor?.chain().focus().toggleBold().run()}><strong>bold</strong></button
        >
        <button
            type="button"
            class="word"
            aria-pressed={on('italic')}
            onclick={() => editor?.chain().focus().toggleItalic().run()}><em>slanted</em></button
        >
        <button
            type="button"
            class="word"
            aria-pressed={on('heading')}
            onclick={() => editor?.chain().focus().toggleHeading({ level: 3 }).run()}>heading</button
        >
        <button
            type="button"
            class="word"
            aria-pressed={on('bulletList')}
            onclick={() => editor?.chain().focus().toggleBulletList().run()}>list</button
        >
        <button
            type="button"
            class="word"
            aria-pressed={on('orderedList')}
            onclick={() => editor?.chain().focus().toggleOrderedList().run()}>numbers</button
        >
        <button
            type="button"
            class="word"
            aria-pressed={on('link')}
            onclick={() => {
                address = String(editor?.getAttributes('link').href ?? '');
                asking = !asking;
            }}>link</button
        >
        <button
            type="button"
            class="word"
            aria-pressed={on('table')}
            onclick={() =>
                on('table')
                    ? editor?.chain().focus().deleteTable().run()
                    : editor?.chain().focus().insertTable({ rows: 3, cols: 2 }).run()}
            >{on('table') ? 'no table' : 'table'}</button
        >
        {#if on('table')}
            <button type="button" class="word" onclick={() => editor?.chain().focus().addRowAfter().run()}>+ row</button
            >
            <button type="button" class="word" onclick={() => editor?.chain().focus().addColumnAfter().run()}
                >+ column</button
            >
            <button type="button" class="word" onclick={() => editor?.chain().focus().deleteRow().run()}>− row</button>
            <button type="button" class="word" onclick={() => editor?.chain().focus().deleteColumn().run()}
                >− column</button
            >
        {/if}
    </div>
    {#if asking}
        <div class="mb-1 flex gap-1.5">
            <input
                class="field min-w-0 flex-1"
                aria-label="Leads to"
                placeholder="/c/inks or https://…"
                bind:value={address}
            />
            <button type="button" class="button" onclick={link}>Set</button>
        </div>
    {/if}
    {#if values.length > 0}
        <select
            class="field mb-1 w-full"
            aria-label="Put a value in"
            value=""
            onchange={(event) => {
                put(event.currentTarget.value);
                event.currentTarget.value = '';
            }}
        >
            <option value="">put in a value…</option>
            {#each values as one (`${one.name} ${one.of ?? ''}`)}<option value="{one.name} {one.of ?? ''}"
                    >{one.words}</option
                >{/each}
        </select>
    {/if}
{/if}
<div class="rich-field field w-full" bind:this={room}></div>
