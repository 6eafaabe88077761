/** Tabs after the WAI-ARIA Authoring Practices (tabs with automatic activation). Without scripts they are sections. */
const open = new Map<string, string>();

export function enhance(): void {
    for (const tabs of document.querySelectorAll<HTMLElement>('[data-tabs]')) {
        const links = [...tabs.querySelectorAll<HTMLAnchorElement>(':scope > .tabs-list [data-tab]')];
        const first = links[0];
        if (first === undefined) continue;
        tabs.querySelector('.tabs-list')?.setAttribute('role', 'tablist');
        for (const link of links) {
            link.parentElement?.setAttribute('role', 'presentation');
            link.setAttribute('role', 'tab');
            link.id = `t-${link.dataset.tab ?? ''}`;
            link.setAttribute('aria-controls', `tab-${link.dataset.tab ?? ''}`);
        }
        const wanted = links.find((link) => link.dataset.tab === open.get(tabs.dataset.b ?? ''));
        show(tabs, wanted ?? first);
    }
}

/** Opens the tab or fold that holds a block, so that it can be seen. */
export function reveal(id: string): void {
    const fold = document.querySelector(`[data-b="${id}"]`)?.closest('details');
    if (fold) fold.open = true;
    const inside = document.querySelector(`[data-b="${id}"]`)?.closest('.tab');
    const link = inside && document.querySelector<HTMLElement>(`[aria-controls="${inside.id}"]`);
    const tabs = link?.closest<HTMLElement>('[data-tabs]');
    if (link && tabs) show(tabs, link);
}

function show(tabs: HTMLElement, chosen: HTMLElement): void {
    tabs.dataset.open = '';
    if (tabs.dataset.b !== undefined && chosen.dataset.tab !== undefined) open.set(tabs.dataset.b, chosen.dataset.tab);
    for (const link of tabs.querySelectorAll<HTMLElement>(':scope > .tabs-list [role="tab"]')) {
        const isChosen = link === chosen;
        link.setAttribute('aria-selected', String(isChosen));
        link.tabIndex = isChosen ? 0 : -1;
        const panel = document.getElementById(link.getAttribute('aria-controls') ?? '');
        panel?.setAttribute('role', 'tabpanel');
        panel?.setAttribute('aria-labelledby', link.id);
        panel?.toggleAttribute('hidden', !isChosen);
    }
}

document.addEventListener('click', (event) => {
    const link = event.target instanceof Element ? event.target.closest<HTMLElement>('[role="tab"]') : null;
    const tabs = link?.closest<HTMLElement>('[data-tabs]');
    if (link && tabs) {
        event.preventDefault();
        show(tabs, link);
    }
});

document.addEventListener('keydown', (event) => {
    const link = event.target instanceof Element ? event.target.closest<HTMLElement>('[role="tab"]') : null;
    const tabs = link?.closest<HTMLElement>('[data-tabs]');
    if (!link || !tabs) return;
    const links = [...tabs.querySelectorAll<HTMLElement>(':scope > .tabs-list [role="tab"]')];
    const at = links.indexOf(link);
    const next = { ArrowRight: at + 1, ArrowLeft: at - 1, Home: 0, End: links.length - 1 }[event.key];
    const target = next === undefined ? undefined : links[(next + links.length) % links.length];
    if (target) {
        event.preventDefault();
        show(tabs, target);
        target.focus();
    }
});
