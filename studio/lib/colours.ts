import type { Rgba } from './otherColours';

export type { Rgba };

/** Colours in other spaces than sRGB are rare, and what reads them is large: it is fetched beside the rest. */
let fromOther: ((text: string) => Rgba | null) | null = null;
export const readsAll: Promise<void> = import('./otherColours').then(
    ({ fromOtherSpace }) => void (fromOther = fromOtherSpace),
);

/**
 * A colour as a browser computes it, in any space, or as `#rrggbb` with or without opacity; null for what is none. What
 * lies outside sRGB comes to the nearest in it, as on a screen that shows no more.
 */
export function parseColour(text: string): Rgba | null {
    const hex = /^#([0-9a-f]{6})([0-9a-f]{2})?$/i.exec(text);
    if (hex?.[1] !== undefined) {
        const number = Number.parseInt(hex[1], 16);
        return {
            r: number >> 16,
            g: (number >> 8) & 255,
            b: number & 255,
            a: hex[2] === undefined ? 1 : Number.parseInt(hex[2], 16) / 255,
        };
    }
    const plain = /^rgba?\(\s*([\d.]+)[,\s]+([\d.]+)[,\s]+([\d.]+)(?:\s*[,/]\s*([\d.]+))?\s*\)$/.exec(text);
    if (plain) return { r: Number(plain[1]), g: Number(plain[2]), b: Number(plain[3]), a: Number(plain[4] ?? 1) };
    return fromOther?.(text) ?? null;
}

export function over(front: Rgba, back: Rgba): Rgba {
    const mix = (one: number, other: number): number => one * front.a + other * (1 - front.a);
    return { r: mix(front.r, back.r), g: mix(front.g, back.g), b: mix(front.b, back.b), a: 1 };
}

/** WCAG 2.2, "relative luminance". */
function luminance({ r, g, b }: Rgba): number {
    const linear = (channel: number): number =>
        channel / 255 <= 0.04045 ? channel / 255 / 12.92 : ((channel / 255 + 0.055) / 1.055) ** 2.4;
    return 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b);
}

/** WCAG 2.2, "contrast ratio": 1 to 21. */
export function contrast(one: Rgba, other: Rgba): number {
    const [dark = 0, light = 0] = [luminance(one), luminance(other)].sort((a, b) => a - b);
    return (light + 0.05) / (dark + 0.05);
}

export function hexOf({ r, g, b }: Rgba): string {
    return `#${[r, g, b].map((channel) => Math.round(channel).toString(16).padStart(2, '0')).join('')}`;
}

/**
 * What can stand behind words: colours, of which each is somewhere behind them, or a picture, of which nothing is
 * known.
 */
export type Ground = Rgba[] | 'picture';

const WHITE: Rgba = { r: 255, g: 255, b: 255, a: 1 };

/** More than these are not worked out: a gradient over gradients. */
const MOST = 32;

/**
 * What is seen behind an element's words: grounds from the element upwards, laid over one another; white behind all.
 */
export function groundsOf(element: Element): Ground {
    const layers: Rgba[][] = [];
    let from: Element | null = null;
    for (let at: Element | null = element; at; from = at, at = at.parentElement) {
        const behind = from ? standingBehind(at, from, element) : [];
        const own = layersOf(at);
        for (const layer of [...behind, ...own]) {
            if (layer === 'picture') return 'picture';
            if (layer.some((one) => one.a > 0)) layers.push(layer);
            if (layer.every((one) => one.a === 1)) return composed(layers);
        }
    }
    return composed(layers);
}

/** One colour of what is behind an element; a picture counts as if it were not there. */
export function groundOf(element: Element): Rgba {
    const layers: Rgba[] = [];
    for (let at: Element | null = element; at; at = at.parentElement) {
        const ground = parseColour(at.ownerDocument.defaultView?.getComputedStyle(at).backgroundColor ?? '');
        if (ground && ground.a > 0) layers.push(ground);
        if (ground?.a === 1) break;
    }
    return layers.reduceRight((back, front) => over(front, back), WHITE);
}

/** How well a colour can be read on a ground: where it is read worst; null over a picture. */
export function readOn(colour: Rgba, ground: Ground): number | null {
    return ground === 'picture' ? null : Math.min(...ground.map((one) => contrast(over(colour, one), one)));
}

/** A colour laid over a ground. */
export function laidOver(colour: Rgba, ground: Ground): Ground {
    if (ground === 'picture') return colour.a === 1 ? [colour] : 'picture';
    return ground.map((one) => over(colour, one));
}

/** An element's own grounds, from the front: its picture or gradient, then its colour. */
function layersOf(element: Element, pseudo?: '::before' | '::after'): Ground[] {
    const style = element.ownerDocument.defaultView?.getComputedStyle(element, pseudo);
    if (!style || (pseudo && style.content === 'none')) return [];
    const share = Number(style.opacity);
    const faded = (one: Rgba): Rgba => (pseudo ? { ...one, a: one.a * share } : one);
    const images: Ground[] = [];
    for (const image of parts(style.backgroundImage)) {
        if (image.includes('url(')) images.push('picture');
        else if (image.includes('gradient(')) images.push(stops(image).map(faded));
    }
    const colour = parseColour(style.backgroundColor);
    return [...images, ...(colour ? [[faded(colour)]] : [])];
}

/** What stands in an element behind one of its children: a picture or film laid out behind the words, and its tint. */
function standingBehind(at: Element, child: Element, element: Element): Ground[] {
    const found: Ground[] = layersBehind(at, element);
    for (const other of at.children) {
        if (other === child || other.contains(element)) continue;
        const style = other.ownerDocument.defaultView?.getComputedStyle(other);
        if (
            !style ||
            !['absolute', 'fixed'].includes(style.position) ||
            !covers(other, element) ||
            Number(style.zIndex) > 0
        )
            continue;
        const pictured = other.matches(PICTURES) ? [other] : [...other.querySelectorAll(PICTURES)];
        const tints = other.matches(PICTURES)
            ? []
            : [...other.children].filter((one) => !one.matches(PICTURES)).reverse();
        for (const tint of tints) {
            const share = Number(tint.ownerDocument.defaultView?.getComputedStyle(tint).opacity ?? 1);
            found.push(
                ...layersOf(tint).map((layer) =>
                    layer === 'picture' ? layer : layer.map((one) => ({ ...one, a: one.a * share })),
                ),
            );
        }
        if (pictured.length > 0) found.push('picture');
        else found.push(...layersOf(other));
    }
    return found;
}

const PICTURES = 'img, video, svg, canvas, picture';

/** A tint that a style draws over a picture. */
function layersBehind(at: Element, element: Element): Ground[] {
    const style = at.ownerDocument.defaultView?.getComputedStyle(at, '::after');
    return style?.position === 'absolute' && at !== element ? layersOf(at, '::after') : [];
}

function covers(other: Element, element: Element): boolean {
    const [behind, words] = [other.getBoundingClientRect(), element.getBoundingClientRect()];
    const [x, y] = [words.left + words.width / 2, words.top + words.height / 2];
    return behind.left <= x && x <= behind.right && behind.top <= y && y <= behind.bottom;
}

function composed(layers: Rgba[][]): Rgba[] {
    return layers.reduceRight<Rgba[]>(
        (backs, fronts) => backs.flatMap((back) => fronts.map((front) => over(front, back))).slice(0, MOST),
        [WHITE],
    );
}

/** The colours of a gradient as a browser says it: those of its stops. */
function stops(gradient: string): Rgba[] {
    return parts(gradient.slice(gradient.indexOf('(') + 1, gradient.lastIndexOf(')')))
        .map((part) => parseColour(part.replace(/(\s+-?[\d.]+(%|px))+$/, '').trim()))
        .filter((one) => one !== null);
}

/** What stands between the commas of a list, and not in the brackets within it. */
function parts(list: string): string[] {
    const found = [''];
    let depth = 0;
    for (const letter of list === 'none' ? '' : list) {
        if (letter === '(') depth++;
        if (letter === ')') depth--;
        if (letter === ',' && depth === 0) found.push('');
        else found[found.length - 1] += letter;
    }
    return found.map((one) => one.trim()).filter((one) => one !== '');
}

/** Whether a colour as a tree has it, a role or a number, lets nothing through. */
export function isOpaque(colour: unknown): boolean {
    return (
        typeof colour === 'string' &&
        colour !== 'none' &&
        !/\/\d+$/.test(colour) &&
        !/^#[0-9a-f]{6}(?!ff)[0-9a-f]{2}$/.test(colour)
    );
}
