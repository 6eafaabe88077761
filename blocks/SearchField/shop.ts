interface Suggestion {
    words: string;
    address: string;
    picture?: string | null;
}

interface Suggestions {
    said: string;
    queries: Suggestion[];
    categories: Suggestion[];
    products: Suggestion[];
}

const WAIT = 120;

/**
 * Suggests while somebody types (WAI-ARIA Authoring Practices, combobox with a listbox). Without scripts it is a plain
 * form.
 */
export function enhance(): void {
    for (const form of document.querySelectorAll<HTMLFormElement>('form[data-suggests]:not([data-suggesting])')) {
        const field = form.querySelector<HTMLInputElement>('input[type=search]');
        if (field && window === window.parent) suggest(form, field);
    }
}

function suggest(form: HTMLFormElement, field: HTMLInputElement): void {
    form.dataset.suggesting = 'yes';
    const list = document.createElement('div');
    list.id = `${field.id}-list`;
    list.className = 'search-suggestions';
    list.setAttribute('role', 'listbox');
    list.setAttribute('aria-label', field.labels?.[0]?.textContent ?? '');
    list.dataset.own = 'yes';
    list.hidden = true;
    const said = document.createElement('p');
    said.className = 'unseen';
    said.setAttribute('role', 'status');
    said.dataset.own = 'yes';
    form.append(list, said);
    field.setAttribute('role', 'combobox');
    field.setAttribute('aria-autocomplete', 'list');
    field.setAttribute('aria-controls', list.id);
    field.setAttribute('aria-expanded', 'false');
    let asked = 0;
    let waiting = 0;
    let active = -1;
    const options = (): HTMLAnchorElement[] => [...list.querySelectorAll<HTMLAnchorElement>('[role=option]')];
    const choose = (next: number): void => {
        active = next;
        options().forEach((option, at) => option.setAttribute('aria-selected', String(at === active)));
        const option = options()[active];
        if (option) {
            field.setAttribute('aria-activedescendant', option.id);
            option.scrollIntoView({ block: 'nearest' });
        } else field.removeAttribute('aria-activedescendant');
    };
    const show = (open: boolean): void => {
        list.hidden = !open;
        field.setAttribute('aria-expanded', String(open));
        if (!open) choose(-1);
    };
    const ask = async (): Promise<void> => {
        const query = field.value.trim();
        const number = ++asked;
        if (query === '') {
            show(false);
            return;
        }
        try {
            const answer = await fetch(`/search/suggestions?q=${encodeURIComponent(query)}`, {
                headers: { Accept: 'application/json' },
            });
            if (!answer.ok || number !== asked) return;
            const found = (await answer.json()) as Suggestions;
            if (number !== asked || document.activeElement !== field) return;
            fill(list, form, found, query);
            said.textContent = found.said;
            show(options().length > 1);
        } catch {
            show(false);
        }
    };
    field.addEventListener('input', () => {
        clearTimeout(waiting);
        waiting = window.setTimeout(() => void ask(), WAIT);
    });
    field.addEventListener('keydown', (event) => {
        const many = options().length;
        if (event.key === 'Escape' && !list.hidden) {
            event.preventDefault();
            show(false);
        } else if ((event.key === 'ArrowDown' || event.key === 'ArrowUp') && !list.hidden && many > 0) {
            event.preventDefault();
            const step = event.key === 'ArrowDown' ? 1 : -1;
            choose(
                active === -1
                    ? step === 1
                        ? 0
                        : many - 1
                    : active + step < -1 || active + step >= many
                      ? -1
                      : active + step,
            );
        } else if (event.key === 'ArrowDown' && list.hidden) {
            event.preventDefault();
            void ask();
        } else if (event.key === 'Enter' && active >= 0) {
            event.preventDefault();
            options()[active]?.click();
        }
    });
    form.addEventListener('focusout', (event) => {
        if (!(event.relatedTarget instanceof Node && form.contains(event.relatedTarget))) show(false);
    });
    list.addEventListener('pointerdown', (event) => event.preventDefault());
}

/** Searches first, then categories, then products; last the way to everything. */
function fill(list: HTMLElement, form: HTMLFormElement, found: Suggestions, query: string): void {
    const groups = [
        [form.dataset.queries ?? '', found.queries],
        [form.dataset.categories ?? '', found.categories],
        [form.dataset.products ?? '', found.products],
    ] as const;
    let number = 0;
    const option = (one: Suggestion): HTMLAnchorElement => {
        const link = document.createElement('a');
        link.id = `${list.id}-${(number++).toString()}`;
        link.href = one.address;
        link.tabIndex = -1;
        link.setAttribute('role', 'option');
        link.setAttribute('aria-selected', 'false');
        if (one.picture) {
            const picture = document.createElement('img');
            picture.src = one.picture;
            picture.alt = '';
            picture.width = 40;
            picture.height = 40;
            link.append(picture);
        }
        link.append(one.words);
        return link;
    };
    list.replaceChildren(
        ...groups
            .filter(([, some]) => some.length > 0)
            .map(([name, some]) => {
                const group = document.createElement('div');
                group.setAttribute('role', 'group');
                group.setAttribute('aria-label', name);
                const heading = document.createElement('p');
                heading.className = 'search-group';
                heading.setAttribute('aria-hidden', 'true');
                heading.textContent = name;
                group.append(heading, ...some.map(option));
                return group;
            }),
        option({
            words: (form.dataset.all ?? '').replace('{query}', query),
            address: `/search?q=${encodeURIComponent(query)}`,
        }),
    );
}
