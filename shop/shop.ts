import { Idiomorph } from 'idiomorph';
import './shop.css';

/** What a kind of block does in the shop beyond standing there; it lives in the kind's folder. */
interface Behaviour {
    /** Once for the page: listens for what happens anywhere on it. */
    start?: () => void;
    /** For what is there now; again when something new comes in. */
    enhance?: () => void;
    /** Brings what is hidden in a block to light. */
    reveal?: (id: string) => void;
}

import.meta.glob('../blocks/*/style.css', { eager: true });
const behaviours = Object.values(import.meta.glob<Behaviour>('../blocks/*/shop.ts', { eager: true }));

/** What scripts have drawn in a block stays theirs, and what somebody has folded or unfolded stays so. */
const theirs = {
    beforeNodeMorphed: (node: Node): boolean => !(node instanceof HTMLElement && node.dataset.own),
    beforeAttributeUpdated: (name: string, node: Element): boolean =>
        !(name === 'open' && node instanceof HTMLDetailsElement),
};

declare global {
    interface Window {
        vestibra?: {
            enhance: () => void;
            openTab: (id: string) => void;
            morph: (element: Element, html: string) => void;
        };
    }
}

function enhance(): void {
    for (const behaviour of behaviours) behaviour.enhance?.();
}

window.vestibra = {
    enhance,
    openTab: (id) => behaviours.forEach((behaviour) => behaviour.reveal?.(id)),
    morph: (element, html) => void Idiomorph.morph(element, html, { callbacks: theirs }),
};

enhance();
for (const behaviour of behaviours) behaviour.start?.();
