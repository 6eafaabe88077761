/**
 * A film behind a band plays by itself, without sound, unless somebody wants things to keep still; a button stops it
 * and lets it go on (WCAG 2.2, 2.2.2). Without scripts its picture stands there.
 */
export function enhance(): void {
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    for (const film of document.querySelectorAll<HTMLVideoElement>('[data-film-behind]')) {
        const button = film.closest('.band')?.querySelector<HTMLButtonElement>('[data-film-stop]');
        if (!button || !button.hidden) continue;
        button.hidden = false;
        const stop = button.textContent;
        const say = (): void => {
            button.textContent = film.paused ? (button.dataset.play ?? '') : stop;
        };
        film.addEventListener('play', say);
        film.addEventListener('pause', say);
        button.addEventListener('click', () => (film.paused ? void film.play().catch(say) : film.pause()));
        if (still) say();
        else film.play().catch(say);
    }
}
