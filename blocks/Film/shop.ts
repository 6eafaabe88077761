/** The limit of phones, as everywhere in the shop. */
const WIDE = '(min-width: 640px)';
/** How wide the poster is that phones are offered, at most. */
const KEPT = 800;

/** A poster can be one address alone (HTML, `poster`): on wider screens a finer one takes its place where it is seen. */
export function enhance(): void {
    if (!matchMedia(WIDE).matches) return;
    for (const film of document.querySelectorAll<HTMLVideoElement>('video[data-posters]')) {
        const wanted = film.clientWidth * devicePixelRatio;
        const offered = (film.dataset.posters ?? '').split(', ').map((one) => {
            const [address = '', width = ''] = one.split(' ');
            return { address, width: parseInt(width, 10) };
        });
        delete film.dataset.posters;
        const fitting = offered.find(({ width }) => width >= wanted) ?? offered.at(-1);
        if (fitting && wanted > KEPT) film.poster = fitting.address;
    }
}
