/** Puts the cursor into a field as soon as it appears. */
export function focus(element: HTMLElement): void {
    element.focus();
}

/** What is being typed in a setting goes on its way before the setting gives way to another block's. */
export function leaveField(): void {
    const field = document.activeElement;
    if (field instanceof HTMLElement && field.matches('[data-settings] :is(input, textarea, [contenteditable])')) field.blur();
}
