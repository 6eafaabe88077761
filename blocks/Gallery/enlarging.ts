import { Closer } from './closer';

/**
 * Shows the pictures of a gallery over the whole window, as a modal dialog (WAI-ARIA Authoring Practices, dialog): a
 * click, or Enter on the pictures, opens it; arrow keys go through them.
 */
export function startEnlarging(): void {
    for (const button of document.querySelectorAll<HTMLButtonElement>('[data-enlarge]')) {
        button.hidden = false;
        button.closest('[data-gallery]')?.setAttribute('data-enlarges', '');
    }
    if (started) return;
    started = true;
    document.addEventListener('click', (event) => {
        const target = event.target instanceof Element ? event.target : null;
        const gallery = target?.closest('[data-enlarges]');
        if (!gallery || window !== window.parent || !target?.closest('[data-enlarge], .gallery-stage img')) return;
        open(gallery, target instanceof HTMLImageElement ? target : inView(gallery));
    });
    document.addEventListener('keydown', (event) => {
        const stage =
            event.target instanceof Element && event.target.matches('[data-enlarges] .gallery-stage')
                ? event.target
                : null;
        const gallery = stage?.closest('[data-enlarges]');
        if (event.key === 'Enter' && gallery && window === window.parent) open(gallery, inView(gallery));
    });
}

let started = false;

function inView(gallery: Element): HTMLImageElement | null {
    const stage = gallery.querySelector('.gallery-stage');
    const left = stage?.getBoundingClientRect().left ?? 0;
    const pictures = [...gallery.querySelectorAll<HTMLImageElement>('.gallery-stage img')];
    return pictures.find((picture) => picture.getBoundingClientRect().right > left + 20) ?? pictures[0] ?? null;
}

function open(gallery: Element, first: HTMLImageElement | null): void {
    const pictures = [...gallery.querySelectorAll<HTMLImageElement>('.gallery-stage img')];
    if (!first) return;
    let at = Math.max(0, pictures.indexOf(first));
    const words = JSON.parse(gallery.querySelector<HTMLElement>('[data-enlarge]')?.dataset.says ?? '{}') as Record<
        string,
        string
    >;
    const dialog = document.createElement('dialog');
    dialog.className = 'enlarged';
    dialog.setAttribute(
        'aria-label',
        gallery.querySelector('.gallery-stage')?.getAttribute('aria-label') ?? words.picture ?? '',
    );
    const picture = document.createElement('img');
    const row = document.createElement('p');
    const show = (step: number): void => {
        at = (at + step + pictures.length) % pictures.length;
        const shown = pictures[at];
        if (!shown) return;
        // What is here already stands there until the larger file has come.
        picture.src = shown.currentSrc || shown.src;
        picture.alt = shown.alt;
        closer.whole();
        const largest = new Image();
        largest.src = shown.dataset.largest ?? shown.src;
        void largest.decode().then(
            () => {
                if (shown === pictures[at]) picture.src = largest.src;
            },
            () => undefined,
        );
    };
    const button = (label: string, act: () => void): HTMLButtonElement => {
        const made = document.createElement('button');
        made.type = 'button';
        made.textContent = label;
        made.addEventListener('click', act);
        row.append(made);
        return made;
    };
    if (pictures.length > 1) button(words.previous ?? '', () => show(-1));
    const nearer = button(words.closer ?? '', () => closer.turn());
    const closer = new Closer(picture, (isCloser) => {
        nearer.textContent = (isCloser ? words.whole : words.closer) ?? '';
        dialog.toggleAttribute('data-closer', isCloser);
    });
    button(words.close ?? '', () => dialog.close());
    if (pictures.length > 1) button(words.next ?? '', () => show(1));
    dialog.addEventListener('keydown', (event) => {
        if (event.key === 'ArrowLeft') show(-1);
        if (event.key === 'ArrowRight') show(1);
    });
    dialog.addEventListener('close', () => dialog.remove());
    show(0);
    dialog.append(picture, row);
    document.body.append(dialog);
    dialog.showModal();
}
