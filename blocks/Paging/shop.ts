/** “More” adds the products of the next page below those that are there; without scripts it leads to that page. */
export function start(): void {
    document.addEventListener('click', (event) => {
        const more =
            event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a[data-list-more]') : null;
        const list = document.querySelector<HTMLElement>('[data-list]');
        if (!more || !list || event.metaKey || event.ctrlKey || event.shiftKey || event.button !== 0) return;
        event.preventDefault();
        if (more.ariaBusy === 'true') return;
        void add(more, list).then((first) => first?.focus({ preventScroll: true }));
    });
    addEventListener('pagehide', keep);
    void comeBack();
}

/** @returns the link of the first product that was added; null when the next page was opened instead */
async function add(more: HTMLAnchorElement, list: HTMLElement): Promise<HTMLElement | null> {
    more.ariaBusy = 'true';
    try {
        const answer = await fetch(more.href, { headers: { Accept: 'text/html' } });
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        const next = page.querySelector('[data-list]');
        const styles = [document, page].map((one) => one.getElementById('departures')?.textContent);
        if (!answer.ok || answer.redirected || !next || styles[0] !== styles[1])
            throw new Error('no list, or one that looks otherwise');
        const added = [...next.children].map((card) => document.importNode(card, true));
        list.append(...added);
        list.dataset.added = String(Number(list.dataset.added ?? 0) + 1);
        count(page);
        const said = more.parentElement?.querySelector<HTMLElement>('[data-list-said]');
        if (said) said.textContent = document.querySelector('[data-list-count]')?.textContent ?? '';
        const further = page.querySelector<HTMLAnchorElement>('a[data-list-more]');
        for (const one of document.querySelectorAll<HTMLAnchorElement>('a[data-list-more]')) {
            if (further) one.href = further.href;
            else one.hidden = true;
        }
        return added[0]?.querySelector<HTMLElement>('a:not([aria-hidden])') ?? null;
    } catch {
        location.assign(more.href);
        return null;
    } finally {
        more.ariaBusy = null;
    }
}

/** What stands there now begins where it began, and ends where the page that was added ends. */
function count(added: Document): void {
    const range = added.querySelector<HTMLElement>('[data-list-count]')?.dataset.range;
    for (const one of document.querySelectorAll<HTMLElement>('[data-list-count]')) {
        if (range) one.textContent = range.replace('…', one.dataset.from ?? '');
    }
}

const place = (): string => `list ${location.pathname}${location.search}`;

/** What was added, where somebody stood and what they had opened, for when they come back. */
function keep(): void {
    const added = document.querySelector<HTMLElement>('[data-list]')?.dataset.added;
    if (!added) return;
    const opened =
        document.activeElement instanceof HTMLAnchorElement ? document.activeElement.getAttribute('href') : null;
    sessionStorage.setItem(place(), JSON.stringify({ added: Number(added), top: scrollY, opened }));
}

async function comeBack(): Promise<void> {
    const [how] = performance.getEntriesByType('navigation');
    const kept = sessionStorage.getItem(place());
    sessionStorage.removeItem(place());
    const list = document.querySelector<HTMLElement>('[data-list]');
    if (!kept || !list || !(how instanceof PerformanceNavigationTiming) || how.type !== 'back_forward') return;
    const { added, top, opened } = JSON.parse(kept) as { added: number; top: number; opened: string | null };
    for (let page = 0; page < added; page++) {
        const more = document.querySelector<HTMLAnchorElement>('a[data-list-more]:not([hidden])');
        if (!more || !(await add(more, list))) break;
    }
    scrollTo({ top, behavior: 'instant' });
    const link = [...list.querySelectorAll<HTMLElement>('a:not([aria-hidden])')].find(
        (one) => one.getAttribute('href') === opened,
    );
    link?.focus({ preventScroll: true });
}
