/** Puts a product into the cart without leaving the page; without scripts the form does the same by itself. */
export function startBuying(): void {
    document.addEventListener('submit', (event) => {
        const form = event.target instanceof HTMLFormElement && event.target.matches('[data-buy]') ? event.target : null;
        if (!form) return;
        event.preventDefault();
        void add(form);
    });
}

async function add(form: HTMLFormElement): Promise<void> {
    const button = form.querySelector('button');
    const said = form.parentElement?.querySelector('[data-said]');
    button?.setAttribute('aria-busy', 'true');
    try {
        const answer = await fetch(form.action, {
            method: 'POST',
            body: new FormData(form),
            headers: { Accept: 'application/json' },
        });
        const { message, count } = (await answer.json()) as { message: string; count?: number };
        if (said) {
            said.textContent = `${message} `;
            if (answer.ok) said.append(cartLink());
        }
        const counter = document.querySelector('[data-cart-count]');
        if (counter && count !== undefined) counter.textContent = String(count);
    } catch {
        form.submit();
    } finally {
        button?.removeAttribute('aria-busy');
    }
}

function cartLink(): HTMLAnchorElement {
    const link = document.createElement('a');
    link.href = '/cart';
    link.textContent = 'See the cart';
    return link;
}
