/** Where a track is on its way to: who presses twice is taken two steps on. */
const goals = new WeakMap<HTMLElement, { left: number; until: number }>();
const ON_ITS_WAY = 1000;

/**
 * Buttons that move a carousel, or a list that slides, on by what it shows at once; it can be scrolled and swiped
 * without them. Where everything is in view there are none; at an end the one that leads nowhere says so.
 */
export function start(): void {
    document.addEventListener('click', (event) => {
        const button =
            event.target instanceof Element ? event.target.closest<HTMLElement>('[data-carousel-step]') : null;
        const track = button?.closest('[data-carousel]')?.querySelector<HTMLElement>('[data-carousel-track]');
        if (!button || !track) return;
        const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;
        const goal = goals.get(track);
        const from = goal && goal.until > performance.now() ? goal.left : track.scrollLeft;
        const most = track.scrollWidth - track.clientWidth;
        const left = Math.max(0, Math.min(most, from + Number(button.dataset.carouselStep) * track.clientWidth));
        goals.set(track, { left, until: performance.now() + ON_ITS_WAY });
        track.scrollTo({ left, behavior: calm ? 'auto' : 'smooth' });
    });
    document.addEventListener(
        'scroll',
        (event) =>
            event.target instanceof HTMLElement && event.target.matches('[data-carousel-track]') && tell(event.target),
        true,
    );
    addEventListener('resize', enhance);
}

export function enhance(): void {
    for (const track of document.querySelectorAll<HTMLElement>('[data-carousel-track]')) tell(track);
}

function tell(track: HTMLElement): void {
    const buttons = track.closest('[data-carousel]')?.querySelector<HTMLElement>('.carousel-buttons');
    const beyond = track.scrollWidth - track.clientWidth;
    if (!buttons) return;
    buttons.hidden = beyond < 2;
    for (const button of buttons.querySelectorAll<HTMLElement>('[data-carousel-step]')) {
        const atEnd = Number(button.dataset.carouselStep) < 0 ? track.scrollLeft < 2 : track.scrollLeft > beyond - 2;
        button.setAttribute('aria-disabled', String(atEnd));
    }
}
