export interface Rgba {
    r: number;
    g: number;
    b: number;
    a: number;
}

/** A colour as a browser computes it (`rgb(…)`, `rgba(…)`, `color(srgb …)`) or as `#rrggbb` with or without opacity; null for what is none. */
export function parseColour(text: string): Rgba | null {
    const hex = /^#([0-9a-f]{6})([0-9a-f]{2})?$/i.exec(text);
    if (hex?.[1] !== undefined) {
        const number = Number.parseInt(hex[1], 16);
        return { r: number >> 16, g: (number >> 8) & 255, b: number & 255, a: hex[2] === undefined ? 1 : Number.parseInt(hex[2], 16) / 255 };
    }
    const parts = (text.match(/-?\d*\.?\d+(?:e-?\d+)?/g) ?? []).map(Number);
    const [r, g, b, a = 1] = parts;
    if (r === undefined || g === undefined || b === undefined) return null;
    return text.startsWith('color(') ? { r: r * 255, g: g * 255, b: b * 255, a } : { r, g, b, a };
}

export function over(front: Rgba, back: Rgba): Rgba {
    const mix = (one: number, other: number): number => one * front.a + other * (1 - front.a);
    return { r: mix(front.r, back.r), g: mix(front.g, back.g), b: mix(front.b, back.b), a: 1 };
}

/** WCAG 2.2, "relative luminance". */
function luminance({ r, g, b }: Rgba): number {
    const linear = (channel: number): number => (channel / 255 <= 0.04045 ? channel / 255 / 12.92 : ((channel / 255 + 0.055) / 1.055) ** 2.4);
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

/** What is seen behind an element's words: grounds from the element upwards, laid over one another; white behind all. */
export function groundOf(element: Element): Rgba {
    const layers: Rgba[] = [];
    for (let at: Element | null = element; at; at = at.parentElement) {
        const style = at.ownerDocument.defaultView?.getComputedStyle(at);
        const ground = style && parseColour(style.backgroundColor);
        if (ground && ground.a > 0) layers.push(ground);
        if (ground?.a === 1) break;
    }
    return layers.reduceRight((back, front) => over(front, back), { r: 255, g: 255, b: 255, a: 1 });
}
