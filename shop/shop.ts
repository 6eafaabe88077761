import { Idiomorph } from 'idiomorph';
import './shop.css';
import { enhanceTabs, openTab } from './tabs';
import { startBuying } from './buying';
import { startChoosing } from './choosing';
import { startGalleries } from './galleries';

import.meta.glob('../blocks/*/style.css', { eager: true });

declare global {
    interface Window {
        vestibra?: { enhance: () => void; openTab: (id: string) => void; morph: (element: Element, html: string) => void };
    }
}

window.vestibra = {
    enhance: enhanceTabs,
    openTab,
    morph: (element, html) => void Idiomorph.morph(element, html),
};

enhanceTabs();
startGalleries();
startChoosing();
startBuying();
document.addEventListener('change', (event) => {
    const form = event.target instanceof Element ? event.target.closest('form[data-sort]') : null;
    if (form instanceof HTMLFormElement) form.submit();
});
