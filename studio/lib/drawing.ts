import type { Attachment } from 'svelte/attachments';

/** Puts a drawing that ships with a block (an SVG file of ours) into an element, so that it takes the text's colour. */
export function drawing(svg: string): Attachment<HTMLElement> {
    return (element) => {
        const parsed = new DOMParser().parseFromString(svg, 'image/svg+xml').documentElement;
        element.replaceChildren(document.importNode(parsed, true));
    };
}
