/** Closes a notice without loading the page again. Without scripts it is a plain form. */
export function start(): void {
    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (!(form instanceof HTMLFormElement) || form.dataset.closes === undefined) return;
        event.preventDefault();
        void fetch(form.action, {
            method: 'POST',
            body: new FormData(form),
            headers: { Accept: 'application/json' },
        }).then((answer) => {
            if (!answer.ok) form.submit();
        });
        const strip = form.closest('.notice-strip');
        const next = document.querySelector<HTMLElement>('.skip');
        strip?.remove();
        next?.focus({ preventScroll: true });
    });
}
