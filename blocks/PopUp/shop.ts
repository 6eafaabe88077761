/**
 * Opens a pop-up as a modal dialog (WAI-ARIA Authoring Practices, dialog). Without scripts its link shows it in place.
 */
export function start(): void {
    document.addEventListener('click', (event) => {
        const target = event.target instanceof Element ? event.target : null;
        const opener = target?.closest<HTMLAnchorElement>('[data-pop-up]');
        const sheet = opener ? document.getElementById(opener.hash.slice(1)) : target?.closest('dialog');
        if (!(sheet instanceof HTMLDialogElement) || window !== window.parent) return;
        if (opener) {
            event.preventDefault();
            sheet.showModal();
        } else if (target === sheet || target?.closest('[data-pop-up-close]')) {
            event.preventDefault();
            sheet.close();
        }
    });
}
