/** Puts the cursor into a field as soon as it appears. */
export function focus(element: HTMLElement): void {
    element.focus();
}
