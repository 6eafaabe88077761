import { startEnlarging } from './enlarging';

export const enhance = startEnlarging;

/** A click on a small picture slides to the large one instead of jumping down the page. */
export function start(): void {
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
        for (const other of link.closest('ul')?.querySelectorAll('a') ?? []) other.removeAttribute('aria-current');
        link.setAttribute('aria-current', 'true');
    });
}
