/**
 * What is under a fine pointer is shown larger in the picture's own frame, from its largest file, and follows it (WCAG
 * 2.2, 1.4.13: Escape takes it away, and it covers nothing but the picture itself). Fingers have the enlargement.
 */
export function startMagnifying(): void {
    // On the drawing table the pointer chooses what is changed.
    if (window !== window.parent) return;
    const fine = matchMedia('(hover: hover) and (pointer: fine)');
    document.addEventListener('pointermove', (event) => {
        const picture = event.target instanceof HTMLImageElement ? event.target : null;
        const gallery = picture?.closest<HTMLElement>('[data-magnify]');
        const stage = picture?.closest<HTMLElement>('.gallery-stage');
        if (gallery && stage && fine.matches && !stage.hasAttribute('data-left-alone')) show(gallery, picture, event);
        else take();
    });
    document.addEventListener('pointerout', (event) => {
        if (!(event.relatedTarget instanceof Element) || !event.relatedTarget.closest('.gallery-stage')) {
            take();
            document.querySelector('[data-left-alone]')?.removeAttribute('data-left-alone');
        }
    });
    document.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape' || !lens.isConnected) return;
        lens.parentElement?.querySelector('.gallery-stage')?.setAttribute('data-left-alone', '');
        take();
    });
    document.addEventListener('scroll', take, true);
}

const lens = document.createElement('div');
lens.className = 'gallery-magnified';
lens.setAttribute('aria-hidden', 'true');

function take(): void {
    lens.remove();
}

function show(gallery: HTMLElement, picture: HTMLImageElement | null, at: PointerEvent): void {
    const stage = gallery.querySelector<HTMLElement>('.gallery-stage');
    if (!picture || !stage) return;
    const seen = drawn(picture);
    const times = Number(gallery.dataset.magnify);
    const [x, y] = [(at.clientX - seen.x) / seen.width, (at.clientY - seen.y) / seen.height];
    if (x < 0 || x > 1 || y < 0 || y > 1) return take();
    const frame = stage.getBoundingClientRect();
    const [wide, high] = [seen.width * times, seen.height * times];
    Object.assign(lens.style, {
        left: `${stage.offsetLeft}px`,
        top: `${stage.offsetTop}px`,
        width: `${stage.offsetWidth}px`,
        height: `${stage.offsetHeight}px`,
        backgroundImage: `url("${picture.dataset.largest ?? picture.currentSrc}")`,
        backgroundSize: `${wide}px ${high}px`,
        backgroundPosition: `${at.clientX - frame.x - x * wide}px ${at.clientY - frame.y - y * high}px`,
    });
    if (lens.parentElement !== gallery) gallery.append(lens);
}

/** Where a picture is drawn in its box: whole, in the middle (CSS Images 3, `object-fit: contain`). */
function drawn(picture: HTMLImageElement): DOMRect {
    const box = picture.getBoundingClientRect();
    const [across, down] = [picture.naturalWidth || box.width, picture.naturalHeight || box.height];
    const fit = getComputedStyle(picture).objectFit;
    const scale = (fit === 'cover' ? Math.max : Math.min)(box.width / across, box.height / down);
    const [width, height] = [across * scale, down * scale];
    return new DOMRect(box.x + (box.width - width) / 2, box.y + (box.height - height) / 2, width, height);
}
