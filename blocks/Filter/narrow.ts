interface Answer {
    address: string;
    said: string;
    css: string;
    parts: Record<string, string>;
}

let last = 0;

/** Shows the list of another address in the place of the one that is there; it stays in the history of the page. */
export async function narrow(address: string): Promise<void> {
    const answer = await show(address);
    const before = location.pathname + location.search;
    if (!answer || answer.address === before) return;
    // What is looked for among values narrows nothing: going back passes over it.
    if (narrowedBy(answer.address) === narrowedBy(before)) history.replaceState(history.state, '', answer.address);
    else history.pushState({ narrowed: true }, '', answer.address);
}

function narrowedBy(address: string): string {
    const at = new URL(address, location.href);
    for (const name of [...at.searchParams.keys()]) if (name.startsWith('find[')) at.searchParams.delete(name);
    return at.pathname + at.search;
}

export async function showAgain(address: string): Promise<void> {
    await show(address);
}

/** What stands in an open sheet meanwhile stays there. */
function put(part: Element, html: string): void {
    const moved = part.querySelector('dialog[open] [data-filters-body]');
    if (!moved) {
        window.vestibra?.morph(part, html);
        return;
    }
    const fresh = new DOMParser().parseFromString(html, 'text/html');
    for (const one of [moved, part.querySelector('[data-filters-open]')]) {
        const next = one?.id ? fresh.getElementById(one.id) : null;
        if (one && next) window.vestibra?.morph(one, next.outerHTML);
    }
}

/** What stands in the fields that somebody types in, by name. */
function typed(form: HTMLFormElement | null): Map<string, string> {
    const fields = [...(form?.elements ?? [])].filter(
        (one): one is HTMLInputElement =>
            one instanceof HTMLInputElement && ['text', 'number', 'search'].includes(one.type),
    );
    return new Map(fields.map((one) => [one.name, one.value]));
}

/** What was typed while the answer was on its way stays. */
function keepTyped(form: HTMLFormElement | null, before: Map<string, string>, since: Map<string, string>): void {
    for (const one of form?.elements ?? []) {
        if (!(one instanceof HTMLInputElement)) continue;
        const value = since.get(one.name);
        if (value !== undefined && value !== before.get(one.name)) one.value = value;
    }
}

/** Said aloud; what went wrong is seen as well, until something comes through. */
function tell(said: HTMLElement | null, words: string, failed: boolean): void {
    if (!said) return;
    said.textContent = words;
    said.classList.toggle('unseen', !failed);
    said.classList.toggle('narrowing-failed', failed);
}

/** @returns null where a newer question was asked meanwhile, or the answer did not come through */
async function show(address: string): Promise<Answer | null> {
    const asked = ++last;
    const form = document.querySelector<HTMLFormElement>('#narrowing');
    const said = document.querySelector<HTMLElement>('[data-narrowed]');
    const before = typed(form);
    document.body.classList.add('is-narrowing');
    try {
        const reply = await fetch(address, { headers: { Accept: 'application/json' } });
        if (asked !== last) return null;
        if (!reply.ok) throw new Error(`status ${reply.status.toString()}`);
        const answer = (await reply.json()) as Answer;
        if (asked !== last) return null;
        // What stands there now needs other styles: the page as a whole does.
        if (answer.css !== form?.dataset.styles) {
            location.assign(answer.address);
            return null;
        }
        const since = typed(form);
        for (const [id, html] of Object.entries(answer.parts)) {
            for (const part of document.querySelectorAll(`[data-part][data-b="${CSS.escape(id)}"]`)) put(part, html);
        }
        keepTyped(form, before, since);
        window.vestibra?.enhance();
        tell(said, answer.said, false);
        return answer;
    } catch {
        if (asked === last) {
            tell(said, form?.dataset.failed ?? '', true);
            // What is ticked is what the list shows.
            form?.reset();
            window.vestibra?.enhance();
        }
        return null;
    } finally {
        if (asked === last) document.body.classList.remove('is-narrowing');
    }
}
