/** Puts the cursor into a field as soon as it appears. */
export function focus(element: HTMLElement): void {
    element.focus();
}

/** What is being typed in a setting goes on its way before the setting gives way to another block's. */
export function leaveField(): void {
    const field = document.activeElement;
    if (field instanceof HTMLElement && field.matches('[data-settings] :is(input, textarea, [contenteditable])')) field.blur();
}

/**
 * An answer opens where it was asked: it comes into view and takes the cursor; once it is closed, what was pressed has it again,
 * or what stands in its place.
 */
export function answer(element: HTMLElement): () => void {
    const opener = document.activeElement instanceof HTMLElement && document.activeElement !== document.body ? document.activeElement : null;
    const place = element.parentElement;
    element.tabIndex = -1;
    element.classList.add('answer');
    element.scrollIntoView({ block: 'nearest' });
    (element.querySelector<HTMLElement>('[data-first]') ?? element).focus({ preventScroll: true });
    return () => {
        const held = document.activeElement === document.body || element.contains(document.activeElement);
        requestAnimationFrame(() => {
            if (!held || (document.activeElement !== document.body && document.activeElement?.isConnected)) return;
            const to = opener?.isConnected ? opener : place?.querySelector<HTMLElement>('button, a[href], select, input');
            to?.focus();
        });
    };
}
