import type { Setting, Value } from '../../../lib/types';

/** A length in its parts: `12`, `1.5rem`, `step-4`. */
export interface Length {
    number: number;
    unit: string;
}

export function lengthOf(value: Value): Length | null {
    if (typeof value === 'number') return { number: value, unit: 'px' };
    const part = typeof value === 'string' ? /^(-?\d+(?:\.\d+)?)(px|%|rem|em|vh|ms|)$/.exec(value) : null;
    return part?.[1] === undefined ? null : { number: Number(part[1]), unit: part[2] ?? '' };
}

/** Whole pixels are written as a number, everything else with its unit. */
export function valueOf({ number, unit }: Length): Value {
    const rounded = Math.round(number * 1000) / 1000;
    return unit === 'px' && Number.isInteger(rounded) ? rounded : `${rounded}${unit}`;
}

/**
 * What somebody typed: a number takes the unit that was there before, a unit may stand behind it, `step 4` means the
 * house style's. Null for what is none.
 */
export function typedLength(text: string, unit: string, setting: Pick<Setting, 'units' | 'scale' | 'words'>): Value {
    const said = text.trim().toLowerCase().replace(',', '.');
    const scaled = /^(step|size)[\s-]?(\d)$/.exec(said);
    if (scaled && scaled[1] === setting.scale) return `${scaled[1]}-${scaled[2]}`;
    const word = setting.words?.find((one) => one.words === said || one.value === said);
    if (word) return word.value;
    const part = /^(-?\d+(?:\.\d+)?)\s*(px|%|rem|em|vh|)$/.exec(said);
    if (part?.[1] === undefined) return null;
    const units = setting.units ?? { px: [] };
    const own = part[2] ?? '';
    const wanted = own !== '' ? own : unit in units ? unit : (Object.keys(units)[0] ?? 'px');
    return wanted in units ? valueOf(limited({ number: Number(part[1]), unit: wanted }, setting)) : null;
}

/** A unit as an owner says it. */
export function unitWords(unit: string | null | undefined): string {
    return unit === 'vh' ? '% of the screen' : unit === '' ? '×' : (unit ?? '');
}

export function limited(length: Length, setting: Pick<Setting, 'units' | 'min' | 'max'>): Length {
    const [least = setting.min ?? -Infinity, most = setting.max ?? Infinity] = setting.units?.[length.unit] ?? [];
    return { ...length, number: Math.max(least, Math.min(most, length.number)) };
}

/** One step of an arrow key or of dragging: fine for what is small. */
export function stepOf(unit: string): number {
    return { rem: 0.125, em: 0.01, '': 0.05, ms: 20 }[unit] ?? 1;
}
