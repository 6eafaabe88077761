<script lang="ts">
    import { focus } from '../lib/focus';

    interface Props {
        label: string;
        value: string;
        max: number;
        placeholder?: string;
        small?: boolean;
        /** What was typed, once it is left or confirmed. */
        done: (text: string) => void;
        leave: () => void;
    }

    let { label, value, max, placeholder, small = false, done, leave }: Props = $props();
    let left = false;

    function keys(event: KeyboardEvent): void {
        event.stopPropagation();
        if (event.key === 'Enter') (event.currentTarget as HTMLInputElement).blur();
        if (event.key === 'Escape') {
            left = true;
            leave();
        }
    }
</script>

<input
    class="field w-full text-ink {small ? 'h-6 text-sm' : ''}"
    aria-label={label}
    {value}
    maxlength={max}
    {placeholder}
    {@attach focus}
    onblur={(event) => !left && done(event.currentTarget.value)}
    onkeydown={keys}
/>
