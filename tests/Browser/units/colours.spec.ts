import { expect, test } from '@playwright/test';
import Color from 'colorjs.io';
import { hex } from 'wcag-contrast';
import { contrast, hexOf, isOpaque, laidOver, over, parseColour, readOn, readsAll } from '../../../studio/lib/colours';

test.beforeAll(() => readsAll);

const drawn = (seed: number): string =>
    `#${Math.floor((Math.sin(seed) * 10_000 - Math.floor(Math.sin(seed) * 10_000)) * 0xffffff)
        .toString(16)
        .padStart(6, '0')}`;

test('contrast of 500 drawn pairs is that of npm wcag-contrast and of colorjs.io (WCAG 2.2)', () => {
    for (let at = 1; at <= 500; at++) {
        const [one, other] = [drawn(at), drawn(at + 0.5)];
        const [front, back] = [parseColour(one), parseColour(other)];
        if (!front || !back) throw new Error(`${one} or ${other} was not read`);
        expect(contrast(front, back), `${one} on ${other}`).toBeCloseTo(hex(one, other), 1);
        expect(contrast(front, back)).toBeCloseTo(new Color(one).contrast(new Color(other), 'WCAG21'), 2);
        expect(hexOf(front)).toBe(one);
    }
});

test('what a browser says of a colour is read (samples of CSS Color 4)', () => {
    expect(parseColour('rgb(0, 128, 0)')).toEqual({ r: 0, g: 128, b: 0, a: 1 });
    expect(parseColour('rgba(255, 0, 0, 0.5)')).toEqual({ r: 255, g: 0, b: 0, a: 0.5 });
    expect(parseColour('color(srgb 1 0.5 0 / 0.25)')).toEqual({ r: 255, g: 127.5, b: 0, a: 0.25 });
    expect(parseColour('rgb(0 128 0 / 0.5)')).toEqual({ r: 0, g: 128, b: 0, a: 0.5 });
    expect(parseColour('#00ff0080')?.a).toBeCloseTo(0.5, 2);
    expect(parseColour('')).toBeNull();
    expect(parseColour('none')).toBeNull();
});

test('a colour over another is mixed as CSS Color 4, source over, says', () => {
    const red = parseColour('rgba(255, 0, 0, 0.5)');
    const white = parseColour('#ffffff');
    expect(red && white && hexOf(over(red, white))).toBe('#ff8080');
});

test('colours of other spaces are those that CSS Color 4 gives as samples, and that npm colorjs.io computes', () => {
    // CSS Color 4, sections on Oklab, LCH and predefined spaces: each is the green `#008000` or the red `#ff0000` in
    // another space.
    const green = [
        'oklch(0.51975 0.17686 142.495)',
        'oklab(51.975% -0.1403 0.10768)',
        'lch(46.2775% 67.9892 134.3912)',
        'lab(46.2775% -47.5621 48.5837)',
        'color(display-p3 0.216141 0.494224 0.130813)',
    ];
    for (const one of green) expect(hexOf(parseColour(one) ?? { r: 0, g: 0, b: 0, a: 0 }), one).toBe('#008000');
    for (let at = 1; at <= 50; at++) {
        const colour = new Color(drawn(at));
        for (const space of ['p3', 'oklch', 'oklab', 'lab', 'lch', 'rec2020', 'xyz-d65', 'hsl']) {
            const said = colour.to(space).toString({ precision: 8 });
            expect(hexOf(parseColour(said) ?? { r: 0, g: 0, b: 0, a: 0 }), said).toBe(drawn(at));
        }
    }
    expect(parseColour('oklch(0.7 0.1 200 / 40%)')?.a).toBeCloseTo(0.4, 5);
    expect(
        parseColour('color(display-p3 0 1 0)')?.g,
        'what sRGB has not comes to the nearest that it has',
    ).toBeLessThanOrEqual(255);
    expect(parseColour('oklch(nonsense)')).toBeNull();
});

test('words are read where they are read worst, and over a picture nothing is said', () => {
    const [white, black, grey] = ['#ffffff', '#000000', '#777777'].map(
        (one) => parseColour(one) ?? { r: 0, g: 0, b: 0, a: 0 },
    );
    if (!white || !black || !grey) throw new Error('not read');
    expect(readOn(white, [black, grey])).toBeCloseTo(contrast(white, grey), 5);
    expect(readOn(white, 'picture')).toBeNull();
    expect(laidOver(black, 'picture')).toEqual([black]);
    expect(laidOver({ ...black, a: 0.5 }, 'picture')).toBe('picture');
});

test('a colour lets something through, or nothing', () => {
    for (const colour of ['surface', '#ffffff', '#102030ff', 'accent']) expect(isOpaque(colour), colour).toBe(true);
    for (const colour of ['surface/80', 'ink/0', '#ffffff80', '#10203000', 'none', null, 3])
        expect(isOpaque(colour), String(colour)).toBe(false);
});
