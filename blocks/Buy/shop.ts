/** Puts a product into the cart without leaving the page; without scripts the form does the same by itself. */
export function start(): void {
    document.addEventListener('submit', (event) => {
        const form = event.target instanceof HTMLFormElement ? event.target : null;
        const pressed = event.submitter instanceof HTMLButtonElement ? event.submitter : form?.querySelector('button');
        const button = pressed?.hidden ? meant(pressed) : pressed;
        const block = button?.closest<HTMLElement>('[data-buy]');
        if (!form || !button || !block) return;
        if (button.name !== 'now' && (block.dataset.then ?? 'stay') === 'stay') {
            event.preventDefault();
            void add(form, button, block);
        } else if (button !== pressed) {
            event.preventDefault();
            // A form is not sent while it asks whether it may be.
            setTimeout(() => form.requestSubmit(button));
        }
    });
}

/** Enter in a field presses the first button of its form; what stands beside the number of how many is meant. */
function meant(pressed: HTMLButtonElement): HTMLButtonElement {
    const field = document.activeElement;
    const own = field?.closest('[data-buy]')?.querySelector<HTMLButtonElement>('button[name="buy"]');
    const ofForm = field?.closest('[data-quantity]')
        ? document.querySelector<HTMLButtonElement>(`button[name="buy"][form="${pressed.form?.id ?? ''}"]`)
        : null;
    return own ?? ofForm ?? pressed;
}

async function add(form: HTMLFormElement, button: HTMLButtonElement, block: HTMLElement): Promise<void> {
    const said = (block === form ? form.parentElement : block)?.querySelector('[data-said]');
    const words = button.textContent;
    button.setAttribute('aria-busy', 'true');
    button.textContent = block.dataset.adding ?? '';
    try {
        const answer = await fetch(form.action, {
            method: 'POST',
            body: new FormData(form, button),
            headers: { Accept: 'application/json' },
        });
        const { message, count } = (await answer.json()) as { message: string; count?: number };
        const notice = answer.ok ? document.querySelector('[data-added-words]') : null;
        notice?.removeAttribute('hidden');
        if (said) {
            said.textContent = notice ? '' : `${message} `;
            if (answer.ok && !notice) said.append(cartLink(block));
        }
        button.textContent = answer.ok ? (block.dataset.addedSays ?? '') : words;
        const counter = document.querySelector('[data-cart-count]');
        if (counter && count !== undefined) counter.textContent = String(count);
    } catch {
        form.submit();
    } finally {
        button.removeAttribute('aria-busy');
        setTimeout(() => (button.textContent = words), 1800);
    }
}

function cartLink(block: HTMLElement): HTMLAnchorElement {
    const link = document.createElement('a');
    link.href = '/cart';
    link.textContent = block.dataset.toCart ?? '';
    return link;
}
