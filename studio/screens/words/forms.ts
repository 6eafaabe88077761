/** Forms of a message that is about one number: `{count, plural, one {# day} other {# days}}`. */
export interface Forms {
    value: string;
    forms: { name: string; words: string }[];
}

const WHOLE = /^\{(\w+), plural,((?: ?(?:=\d+|[a-z]+) \{[^{}]*\})+)\}$/;

/** @returns null for a message that is written as it reads */
export function formsOf(pattern: string): Forms | null {
    const whole = WHOLE.exec(pattern);
    if (!whole) return null;
    return {
        value: whole[1] ?? '',
        forms: [...(whole[2] ?? '').matchAll(/(=\d+|[a-z]+) \{([^{}]*)\}/g)].map((form) => ({
            name: form[1] ?? '',
            words: form[2] ?? '',
        })),
    };
}

export function patternOf({ value, forms }: Forms): string {
    return `{${value}, plural, ${forms.map((form) => `${form.name} {${form.words}}`).join(' ')}}`;
}

export function nameOfForm(name: string): string {
    return { one: 'For one', other: 'For any other number' }[name] ?? `For “${name}”`;
}
