/** Buttons that move a carousel on by what it shows at once; it can be scrolled and swiped without them. */
export function start(): void {
    document.addEventListener('click', (event) => {
        const button =
            event.target instanceof Element ? event.target.closest<HTMLElement>('[data-carousel-step]') : null;
        const track = button?.closest('[data-carousel]')?.querySelector<HTMLElement>('[data-carousel-track]');
        if (!button || !track) return;
        const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;
        track.scrollBy({
            left: Number(button.dataset.carouselStep) * track.clientWidth,
            behavior: calm ? 'auto' : 'smooth',
        });
    });
}
