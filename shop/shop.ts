import { Idiomorph } from 'idiomorph';
import './shop.css';
import { enhanceTabs, openTab } from './tabs';
import { startBuying } from './buying';
import { startChoosing } from './choosing';
import { startCarousels } from './carousels';
import { startCountdowns } from './countdowns';
import { startEnlarging } from './enlarging';
import { playFilmsBehind } from './films';
import { startGalleries } from './galleries';
import { startPopUps } from './popUps';
import { startSharing } from './sharing';

import.meta.glob('../blocks/*/style.css', { eager: true });

declare global {
    interface Window {
        vestibra?: { enhance: () => void; openTab: (id: string) => void; morph: (element: Element, html: string) => void };
    }
}

window.vestibra = {
    enhance: () => {
        enhanceTabs();
        playFilmsBehind();
        startEnlarging();
    },
    openTab,
    morph: (element, html) => void Idiomorph.morph(element, html),
};

enhanceTabs();
startGalleries();
startChoosing();
startBuying();
startCarousels();
startPopUps();
startSharing();
startCountdowns();
playFilmsBehind();
startEnlarging();
document.addEventListener('change', (event) => {
    const form = event.target instanceof Element ? event.target.closest('form[data-sort]') : null;
    if (form instanceof HTMLFormElement) form.submit();
});
