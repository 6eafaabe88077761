const SOON = 90;
const LATER = 220;

/**
 * Opens what lies beneath an entry, by button, by pointing, and closes it by Escape or by leaving it (WAI-ARIA
 * Authoring Practices, disclosure navigation with top-level links); and all of it as a drawer (dialog).
 */
export function start(): void {
    if (window !== window.parent) return;
    document.addEventListener('click', (event) => {
        const target = event.target instanceof Element ? event.target : null;
        const more = target?.closest<HTMLButtonElement>('.navigation-more');
        const dialog = target?.closest('dialog');
        const opener = target?.closest<HTMLElement>('[data-navigation-open]');
        if (more) set(more, more.getAttribute('aria-expanded') !== 'true');
        else if (opener) drawer(opener);
        else if (
            dialog?.classList.contains('navigation-dialog') &&
            (target === dialog || target?.closest('[data-navigation-close]'))
        )
            dialog.close();
        else if (!target?.closest('.navigation-panel')) closeAll();
    });
    document.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape' || !(event.target instanceof Element)) return;
        const more = event.target
            .closest('.navigation-entry')
            ?.querySelector<HTMLButtonElement>('.navigation-more[aria-expanded=true]');
        if (!more || more.closest('dialog')) return;
        set(more, false);
        more.focus();
    });
    document.addEventListener('focusout', (event) => {
        const entry = event.target instanceof Element ? event.target.closest('.navigation-entry') : null;
        if (
            !entry ||
            entry.closest('dialog') ||
            (event.relatedTarget instanceof Node && entry.contains(event.relatedTarget))
        )
            return;
        const more = entry.querySelector<HTMLButtonElement>('.navigation-more[aria-expanded=true]');
        if (event.relatedTarget && more) set(more, false);
    });
    for (const entry of document.querySelectorAll<HTMLElement>('.navigation-entry')) point(entry);
}

function point(entry: HTMLElement): void {
    let waiting = 0;
    const soon = (open: boolean): void => {
        window.clearTimeout(waiting);
        waiting = window.setTimeout(
            () => {
                const more = entry.querySelector<HTMLButtonElement>('.navigation-more');
                if (more && !entry.closest('dialog')) set(more, open);
            },
            open ? SOON : LATER,
        );
    };
    entry.addEventListener('pointerenter', (event) => event.pointerType === 'mouse' && soon(true));
    entry.addEventListener('pointerleave', (event) => event.pointerType === 'mouse' && soon(false));
}

function set(more: HTMLButtonElement, open: boolean): void {
    if (open && !more.closest('dialog')) closeAll();
    more.setAttribute('aria-expanded', String(open));
    const panel = more.nextElementSibling;
    if (!open || !(panel instanceof HTMLElement) || more.closest('dialog')) return;
    panel.style.translate = '0';
    const over = panel.getBoundingClientRect().right - document.documentElement.clientWidth + 12;
    panel.style.translate = over > 0 ? `${(-over).toString()}px 0` : '0';
}

function closeAll(): void {
    for (const more of document.querySelectorAll<HTMLButtonElement>('.navigation-more[aria-expanded=true]')) {
        if (!more.closest('dialog')) set(more, false);
    }
}

function drawer(opener: HTMLElement): void {
    const room = opener.closest('.navigation');
    const body = room?.querySelector<HTMLElement>('[data-navigation-body]');
    if (!room || !body) return;
    const dialog = document.createElement('dialog');
    dialog.className = 'navigation-dialog';
    dialog.setAttribute('aria-label', room.getAttribute('aria-label') ?? '');
    room.append(dialog);
    dialog.append(body);
    dialog.showModal();
    dialog.addEventListener('close', () => {
        opener.after(body);
        dialog.remove();
        closeAll();
        opener.focus();
    });
}
