/** “More” adds the products of the next page below those that are there; without scripts it leads to that page. */
export function start(): void {
    document.addEventListener('click', (event) => {
        const more = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a[data-list-more]') : null;
        const list = document.querySelector<HTMLElement>('[data-list]');
        if (!more || !list || event.metaKey || event.ctrlKey || event.shiftKey || event.button !== 0) return;
        event.preventDefault();
        if (more.ariaBusy !== 'true') void add(more, list);
    });
}

async function add(more: HTMLAnchorElement, list: HTMLElement): Promise<void> {
    more.ariaBusy = 'true';
    try {
        const answer = await fetch(more.href, { headers: { Accept: 'text/html' } });
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        const next = page.querySelector('[data-list]');
        if (!answer.ok || !next) throw new Error('no list');
        const added = [...next.children].map((card) => document.importNode(card, true));
        list.append(...added);
        const further = page.querySelector<HTMLAnchorElement>('a[data-list-more]');
        const count = page.querySelector('[data-list-count]')?.textContent ?? '';
        const said = more.parentElement?.querySelector<HTMLElement>('[data-list-said]');
        if (said) said.textContent = count;
        added[0]?.querySelector<HTMLElement>('a')?.focus({ preventScroll: true });
        if (further) more.href = further.href;
        else more.hidden = true;
    } catch {
        location.assign(more.href);
    } finally {
        more.ariaBusy = null;
    }
}
