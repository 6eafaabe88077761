import { enhanceSliders } from './slider';
import { narrow, showAgain } from './narrow';

/** What is chosen narrows the list at once; without scripts the form is sent with its button. */
export function start(): void {
    const form = document.querySelector<HTMLFormElement>('#narrowing');
    if (!form || window !== window.parent) return;
    let typing = 0;
    const soon = (wait: number): void => {
        clearTimeout(typing);
        typing = window.setTimeout(() => void narrow(chosen(form)), wait);
    };
    document.addEventListener('change', (event) => {
        if (ofForm(event.target, form)) soon(0);
    });
    document.addEventListener('input', (event) => {
        if (event.target instanceof HTMLInputElement && event.target.type === 'search' && ofForm(event.target, form))
            soon(300);
    });
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        soon(0);
    });
    document.addEventListener('click', (event) => {
        const link = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a[data-narrow]') : null;
        if (!link || event.metaKey || event.ctrlKey || event.shiftKey || event.button !== 0) return;
        event.preventDefault();
        void narrow(link.href);
    });
    addEventListener('popstate', () => void showAgain(location.href));
}

export function enhance(): void {
    enhanceSliders();
}

function ofForm(target: EventTarget | null, form: HTMLFormElement): boolean {
    return (target instanceof HTMLInputElement || target instanceof HTMLSelectElement) && target.form === form;
}

/** The address that the form would be sent to, without what is empty. */
function chosen(form: HTMLFormElement): string {
    const asked = [...new FormData(form)].filter(([, value]) => typeof value === 'string' && value !== '');
    return `${location.pathname}?${asked.map(([name, value]) => `${encodeURIComponent(name)}=${encodeURIComponent(String(value))}`).join('&')}`;
}
