import { expect, test } from '@playwright/test';
import Color from 'colorjs.io';
import { hex } from 'wcag-contrast';
import { contrast, hexOf, over, parseColour } from '../../../studio/lib/colours';

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
    expect(parseColour('#00ff0080')?.a).toBeCloseTo(0.5, 2);
    expect(parseColour('')).toBeNull();
    expect(parseColour('none')).toBeNull();
});

test('a colour over another is mixed as CSS Color 4, source over, says', () => {
    const red = parseColour('rgba(255, 0, 0, 0.5)');
    const white = parseColour('#ffffff');
    expect(red && white && hexOf(over(red, white))).toBe('#ff8080');
});
