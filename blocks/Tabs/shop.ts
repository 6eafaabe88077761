/**
 * Tabs after the WAI-ARIA Authoring Practices (tabs with automatic activation), or folds (disclosure) at widths where
 * the owner wants those. Without scripts they are sections.
 */
const open = new Map<string, string>();
const unfolded = new Map<string, boolean>();

/** The widths at which looks change. */
for (const width of ['(max-width: 899px)', '(max-width: 639px)'])
    window.matchMedia(width).addEventListener('change', () => enhance());

export function enhance(): void {
    for (const tabs of document.querySelectorAll<HTMLElement>('[data-tabs]')) {
        const links = linksOf(tabs);
        const first = links[0];
        if (first === undefined) continue;
        if (areFolds(tabs)) fold(tabs, links);
        else asTabs(tabs, links, first);
    }
}

function linksOf(tabs: HTMLElement): HTMLAnchorElement[] {
    return [...tabs.querySelectorAll<HTMLAnchorElement>(':scope > .tabs-list [data-tab]')];
}

function areFolds(tabs: HTMLElement): boolean {
    return getComputedStyle(tabs).getPropertyValue('--tabs-list').trim() === 'none';
}

function asTabs(tabs: HTMLElement, links: HTMLAnchorElement[], first: HTMLAnchorElement): void {
    tabs.querySelector('.tabs-list')?.setAttribute('role', 'tablist');
    for (const title of tabs.querySelectorAll<HTMLElement>(':scope > .tab > .tab-title'))
        title.replaceChildren(title.textContent);
    for (const link of links) {
        link.parentElement?.setAttribute('role', 'presentation');
        link.setAttribute('role', 'tab');
        link.id = `t-${link.dataset.tab ?? ''}`;
        link.setAttribute('aria-controls', `tab-${link.dataset.tab ?? ''}`);
    }
    const wanted = links.find((link) => link.dataset.tab === open.get(tabs.dataset.b ?? ''));
    show(tabs, wanted ?? first);
}

/** Each heading becomes a button that opens what is below it; the first is open until somebody closes it. */
function fold(tabs: HTMLElement, links: HTMLAnchorElement[]): void {
    tabs.dataset.open = '';
    for (const [at, link] of links.entries()) {
        const id = link.dataset.tab ?? '';
        const panel = document.getElementById(`tab-${id}`);
        const title = panel?.querySelector<HTMLElement>(':scope > .tab-title');
        if (!panel || !title) continue;
        for (const name of ['role', 'aria-labelledby', 'hidden']) panel.removeAttribute(name);
        const button = title.querySelector<HTMLElement>('.tab-fold') ?? document.createElement('button');
        if (!button.isConnected) {
            button.setAttribute('type', 'button');
            button.className = 'tab-fold';
            button.textContent = title.textContent;
            button.setAttribute('aria-controls', `in-tab-${id}`);
            title.replaceChildren(button);
        }
        button.setAttribute('aria-expanded', String(unfolded.get(id) ?? at === 0));
    }
}

/** Opens the tab or fold that holds a block, so that it can be seen. */
export function reveal(id: string): void {
    const element = document.querySelector(`[data-b="${id}"]`);
    const details = element?.closest('details');
    if (details) details.open = true;
    const inside = element?.closest('.tab');
    const button = inside?.querySelector(':scope > .tab-title > .tab-fold');
    if (inside && button) unfold(button, true);
    const link = inside && document.querySelector<HTMLElement>(`[role="tab"][aria-controls="${inside.id}"]`);
    const tabs = link?.closest<HTMLElement>('[data-tabs]');
    if (link && tabs && !button) show(tabs, link);
}

function unfold(button: Element, on: boolean): void {
    button.setAttribute('aria-expanded', String(on));
    unfolded.set((button.getAttribute('aria-controls') ?? '').replace(/^in-tab-/, ''), on);
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
    const button = event.target instanceof Element ? event.target.closest('.tab-fold') : null;
    if (button) unfold(button, button.getAttribute('aria-expanded') !== 'true');
});

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
