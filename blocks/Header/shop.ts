/** So little is no scrolling. */
const STILL = 6;

/** A header that comes back on the way up goes out of the way on the way down, unless somebody is in it. */
export function start(): void {
    const header = document.querySelector<HTMLElement>('.header[data-stays=up]');
    if (!header || window !== window.parent) return;
    let before = window.scrollY;
    window.addEventListener(
        'scroll',
        () => {
            const now = window.scrollY;
            if (Math.abs(now - before) < STILL && now > 0) return;
            const away =
                now > before &&
                now > header.offsetHeight &&
                !header.contains(document.activeElement) &&
                header.querySelector('[aria-expanded=true]') === null;
            header.classList.toggle('header-away', away);
            before = now;
        },
        { passive: true },
    );
    header.addEventListener('focusin', () => header.classList.remove('header-away'));
}
