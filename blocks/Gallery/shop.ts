import { startEnlarging } from './enlarging';
import { startMagnifying } from './magnifying';

export const enhance = startEnlarging;

/** A click on a small picture slides to the large one instead of jumping down the page. */
export function start(): void {
    startMagnifying();
    document.addEventListener(
        'scroll',
        (event) => event.target instanceof HTMLElement && event.target.matches('.gallery-stage') && mark(event.target),
        true,
    );
    document.addEventListener('click', (event) => {
        const link =
            event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('.gallery-thumbs a') : null;
        const stage = link?.closest('[data-gallery]')?.querySelector('.gallery-stage');
        const picture = link && document.getElementById(decodeURIComponent(link.hash.slice(1)));
        if (!link || !stage || !picture) return;
        event.preventDefault();
        const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;
        const left = stage.scrollLeft + picture.getBoundingClientRect().left - stage.getBoundingClientRect().left;
        stage.scrollTo({ left, behavior: calm ? 'auto' : 'smooth' });
    });
}

/** The small picture of what is seen is marked, whichever way led there. */
function mark(stage: HTMLElement): void {
    const at = Math.round(stage.scrollLeft / Math.max(1, stage.clientWidth));
    const links = stage.closest('[data-gallery]')?.querySelectorAll('.gallery-thumbs a') ?? [];
    for (const [nth, link] of [...links].entries()) {
        if (nth === at) link.setAttribute('aria-current', 'true');
        else link.removeAttribute('aria-current');
    }
}
