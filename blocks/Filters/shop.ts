/**
 * On the phone the filters open as a sheet over the page (WAI-ARIA Authoring Practices, dialog). Without scripts they
 * stand in the page.
 */
export function start(): void {
    if (window !== window.parent) return;
    document.addEventListener('click', (event) => {
        const target = event.target instanceof Element ? event.target : null;
        const opener = target?.closest<HTMLElement>('[data-filters-open]');
        const sheet = target?.closest('dialog');
        if (opener) open(opener);
        else if (
            sheet?.classList.contains('filters-dialog') &&
            (target === sheet || target?.closest('[data-filters-close]'))
        )
            sheet.close();
    });
}

function open(opener: HTMLElement): void {
    const room = opener.closest('.filters');
    const body = room?.querySelector<HTMLElement>('[data-filters-body]');
    if (!room || !body) return;
    const sheet = document.createElement('dialog');
    sheet.className = 'filters-dialog';
    sheet.setAttribute('aria-label', room.getAttribute('aria-label') ?? '');
    room.append(sheet);
    sheet.append(body);
    sheet.showModal();
    sheet.addEventListener('close', () => {
        room.append(body);
        sheet.remove();
    });
}
