/** Another order or number shows itself at once; without scripts there is a button. */
export function start(): void {
    document.addEventListener('change', (event) => {
        const form = event.target instanceof Element ? event.target.closest('form[data-list-choice]') : null;
        if (form instanceof HTMLFormElement) form.submit();
    });
}
