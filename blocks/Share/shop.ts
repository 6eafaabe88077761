/** Copies a product's address, or hands it to the device's own way of sharing where there is one. */
export function start(): void {
    if ('share' in navigator)
        for (const button of document.querySelectorAll('[data-share-device]')) button.removeAttribute('hidden');
    document.addEventListener('click', (event) => {
        const button =
            event.target instanceof Element ? event.target.closest('[data-share-copy], [data-share-device]') : null;
        const share = button?.closest<HTMLElement>('[data-share]');
        if (button && share) void (button.matches('[data-share-copy]') ? copy(share) : hand(share));
    });
}

function address(share: HTMLElement): string {
    return new URL(share.dataset.share ?? '', location.href).href;
}

async function copy(share: HTMLElement): Promise<void> {
    const said = share.querySelector<HTMLElement>('[data-share-said]');
    try {
        await navigator.clipboard.writeText(address(share));
        if (said) said.textContent = said.dataset.copied ?? '';
    } catch {
        if (said) said.textContent = address(share);
    }
}

async function hand(share: HTMLElement): Promise<void> {
    try {
        await navigator.share({ title: share.dataset.title ?? '', url: address(share) });
    } catch {
        // Somebody thought better of it.
    }
}
