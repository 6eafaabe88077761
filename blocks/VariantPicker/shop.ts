import { Idiomorph } from 'idiomorph';

let latest = 0;

/** What somebody has typed, such as a quantity, stays. */
const KEEPS = {
    callbacks: {
        beforeAttributeUpdated: (name: string, element: Element): boolean =>
            !(name === 'value' && element instanceof HTMLInputElement && element.value !== element.defaultValue),
    },
};

/**
 * A choice of variant asks the server for the page with that choice and takes over the blocks that follow it (price,
 * picture, stock, picker), so that there is one renderer. Where that page has other styles, it is taken over whole.
 */
export function start(): void {
    document.addEventListener('change', (event) => {
        const picker = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-picker]') : null;
        if (picker) void follow(picker);
    });
}

/** @returns whether the styles of that page differ from those that are here */
function takeStyles(page: Document): boolean {
    const [mine, theirs] = [document, page].map((one) => one.getElementById('departures'));
    if (!mine || !theirs || mine.textContent === theirs.textContent) return false;
    mine.textContent = theirs.textContent;
    return true;
}

/** The address of this page with what is chosen in a picker, beside what was chosen of other products on it. */
function chosen(picker: HTMLElement, of: string): URL {
    const address = new URL(location.href);
    const others = [...address.searchParams].filter(([name]) => /^of?\[/.test(name) && !name.startsWith(`${of}[`));
    const fields = picker.querySelectorAll<HTMLInputElement | HTMLSelectElement>('select, input:checked');
    const own = [...fields].map(({ name, value }) => [`${of}[${/\[(\d+)\]$/.exec(name)?.[1] ?? ''}]`, value]);
    address.search = new URLSearchParams([...others, ...own]).toString();
    return address;
}

/** What has been said to the customer so far, as of what was put into the cart. */
function whatIsSaid(): Map<Element, string> {
    return new Map([...document.querySelectorAll('[data-said]')].map((place) => [place, place.textContent]));
}

/** What has been said since then: it stays when the choice that was on its way arrives. */
function saidSince(before: Map<Element, string>): [Element, Node[]][] {
    return [...document.querySelectorAll('[data-said]')]
        .filter((place) => place.textContent !== before.get(place))
        .map((place) => [place, [...place.childNodes]]);
}

async function follow(picker: HTMLElement): Promise<void> {
    const go = picker.querySelector<HTMLButtonElement>('.picker-go');
    const address = chosen(picker, go?.form?.dataset.buying ?? 'o');
    const mine = ++latest;
    const said = whatIsSaid();
    try {
        const answer = await fetch(address, { headers: { Accept: 'text/html' } });
        if (!answer.ok) throw new Error(String(answer.status));
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        if (mine !== latest) return;
        const news = saidSince(said);
        const whole = document.getElementById('main');
        const changedWhole = page.getElementById('main');
        if (whole && changedWhole && takeStyles(page)) Idiomorph.morph(whole, changedWhole.outerHTML, KEEPS);
        for (const block of document.querySelectorAll<HTMLElement>('[data-follows]')) {
            if (block.closest('.card')) continue;
            const changed = page.querySelector(`[data-b="${block.dataset.b ?? ''}"]`);
            if (changed) Idiomorph.morph(block, changed.outerHTML, KEEPS);
            block.querySelector('.gallery-stage')?.scrollTo({ left: 0 });
        }
        for (const [place, words] of news) if (place.textContent === '') place.append(...words);
        window.vestibra?.enhance();
        if (window === window.parent) history.replaceState(null, '', address);
    } catch {
        if (go) go.form?.requestSubmit(go);
    }
}
