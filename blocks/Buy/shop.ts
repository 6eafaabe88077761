/** Puts a product into the cart without leaving the page; without scripts the form does the same by itself. */
export function start(): void {
    document.addEventListener('submit', (event) => {
        const form = event.target instanceof HTMLFormElement && event.target.matches('[data-buy]') ? event.target : null;
        const button = event.submitter instanceof HTMLButtonElement ? event.submitter : form?.querySelector('button');
        const then = button?.value || form?.dataset.then;
        if (!form || !button || (then !== undefined && then !== 'stay')) return;
        event.preventDefault();
        void add(form, button);
    });
}

async function add(form: HTMLFormElement, button: HTMLButtonElement): Promise<void> {
    const said = form.parentElement?.querySelector('[data-said]');
    const words = button.textContent;
    button.setAttribute('aria-busy', 'true');
    button.textContent = form.dataset.adding ?? '';
    try {
        const answer = await fetch(form.action, {
            method: 'POST',
            body: new FormData(form),
            headers: { Accept: 'application/json' },
        });
        const { message, count } = (await answer.json()) as { message: string; count?: number };
        const notice = answer.ok ? document.querySelector('[data-added-words]') : null;
        notice?.removeAttribute('hidden');
        if (said) {
            said.textContent = notice ? '' : `${message} `;
            if (answer.ok && !notice) said.append(cartLink(form));
        }
        button.textContent = answer.ok ? (form.dataset.addedSays ?? '') : words;
        const counter = document.querySelector('[data-cart-count]');
        if (counter && count !== undefined) counter.textContent = String(count);
    } catch {
        form.submit();
    } finally {
        button.removeAttribute('aria-busy');
        setTimeout(() => (button.textContent = words), 1800);
    }
}

function cartLink(form: HTMLFormElement): HTMLAnchorElement {
    const link = document.createElement('a');
    link.href = '/cart';
    link.textContent = form.dataset.toCart ?? '';
    return link;
}
