/** Puts the cursor into a field as soon as it appears. */
export function focus(element: HTMLElement): void {
    element.focus();
}

/**
 * The heading of what has taken the place of something else: who reads with their ears begins there, and Tab leads on
 * from it. Whoever is typing is left alone.
 */
export function heading(element: HTMLElement): void {
    element.tabIndex = -1;
    element.classList.add('outline-none');
    const held = document.activeElement;
    if (!(held instanceof HTMLElement && held.matches('input, textarea, select, [contenteditable]')))
        element.focus({ preventScroll: true });
}

/** An element, or the button that says the same and stands there instead; else the first that fits. */
export function sameAgain(before: Element | null, otherwise: string): HTMLElement | null {
    if (before instanceof HTMLElement && before.isConnected && before !== document.body) return before;
    const said = before?.textContent?.trim() ?? '';
    return (
        [...document.querySelectorAll<HTMLElement>('button')].find(
            (one) => said !== '' && one.textContent?.trim() === said,
        ) ?? document.querySelector<HTMLElement>(otherwise)
    );
}

/** What is being typed in a setting goes on its way before the setting gives way to another block's. */
export function leaveField(): void {
    const field = document.activeElement;
    if (field instanceof HTMLElement && field.matches('[data-settings] :is(input, textarea, [contenteditable])'))
        field.blur();
}

/**
 * An answer opens where it was asked: it comes into view and takes the cursor; once it is closed, what was pressed has
 * it again, or what stands in its place.
 */
export function answer(element: HTMLElement): () => void {
    const opener =
        document.activeElement instanceof HTMLElement && document.activeElement !== document.body
            ? document.activeElement
            : null;
    const place = element.parentElement;
    element.tabIndex = -1;
    element.classList.add('answer');
    element.scrollIntoView({ block: 'nearest' });
    (element.querySelector<HTMLElement>('[data-first]') ?? element).focus({ preventScroll: true });
    return () => {
        const held = document.activeElement === document.body || element.contains(document.activeElement);
        requestAnimationFrame(() => {
            if (!held || (document.activeElement !== document.body && document.activeElement?.isConnected)) return;
            const to = opener?.isConnected
                ? opener
                : place?.querySelector<HTMLElement>('button, a[href], select, input');
            to?.focus();
        });
    };
}

/**
 * A browser lets go of the cursor when what holds it is put elsewhere in the page, as a row of a list is. Here it goes
 * along; where what held it cannot be pressed in its new place, what stands beside it has it.
 */
export function carryCursor(): void {
    let last: Element | null = null;
    const hold = (): void => {
        last = document.activeElement === document.body ? null : document.activeElement;
    };
    document.addEventListener('focusin', hold);
    document.addEventListener('click', hold, true);
    new MutationObserver((changes) => {
        const held = last;
        if (
            !(held instanceof HTMLElement) ||
            !held.isConnected ||
            (document.activeElement !== document.body && document.activeElement !== held)
        )
            return;
        const taken = new Set(changes.flatMap((change) => [...change.removedNodes]));
        const put = changes.filter((change) => [...change.addedNodes].some((node) => taken.has(node)));
        const itself = put.some((change) => [...change.addedNodes].some((node) => node.contains(held)));
        const stopped = held.matches(':disabled') && put.some((change) => change.target.contains(held));
        if (!stopped && !(itself && document.activeElement === document.body)) return;
        const to = stopped ? held.parentElement?.querySelector<HTMLElement>('button:not(:disabled)') : held;
        to?.focus({ preventScroll: true });
        to?.scrollIntoView({ block: 'nearest' });
    }).observe(document.body, { childList: true, subtree: true });
}
