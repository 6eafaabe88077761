/** What variants offer, as numbers of option values. Pure, so that it can be tried out by itself. */

/** The values that any variant offers. */
export function offered(variants: number[][], values: number[]): number[] {
    const used = new Set(variants.flat());
    return values.filter((id) => used.has(id));
}

/** One combination for each that the other options have, with a value of this one: those that are not there yet. */
export function wouldMake(variants: number[][], ofOption: number[], value: number): number[][] {
    const own = new Set(ofOption);
    const others = new Map(
        variants.map((values) => values.filter((id) => !own.has(id))).map((values) => [values.join(), values]),
    );
    const there = new Set(variants.map((values) => sorted(values).join()));
    return [...others.values()].map((rest) => sorted([...rest, value])).filter((wanted) => !there.has(wanted.join()));
}

/** Places in the list of variants that offer nothing of an option yet. */
export function lacking(variants: number[][], ofOption: number[]): number[] {
    const own = new Set(ofOption);
    return variants.flatMap((values, place) => (values.some((id) => own.has(id)) ? [] : [place]));
}

/**
 * What becomes of the variants that have a value which is not offered any more: where its option has other values they
 * go; else they stay without it, each combination once.
 */
export function without(
    having: number[][],
    value: number,
    hasOthers: boolean,
): { dropped: number[]; kept: { place: number; values: number[] }[] } {
    const there = new Set<string>();
    const dropped: number[] = [];
    const kept: { place: number; values: number[] }[] = [];
    having.forEach((values, place) => {
        const rest = sorted(values.filter((id) => id !== value));
        if (hasOthers || there.has(rest.join())) dropped.push(place);
        else kept.push({ place, values: rest });
        there.add(rest.join());
    });
    return { dropped, kept };
}

export function sorted(values: number[]): number[] {
    return [...values].sort((one, other) => one - other);
}

/** A stock number like those that are there, with the next number behind it that is free. */
export function freeSku(taken: string[], stem: string): string {
    const all = new Set(taken);
    const base = (taken.at(-1) ?? '').replace(/[-_ ]?\d+$/, '') || stem;
    if (base === '') return '';
    let number = all.size + 1;
    const next = (): string => `${base}-${String(number).padStart(2, '0')}`;
    while (all.has(next())) number++;
    return next();
}
