/** A message with one number, as ICU MessageFormat writes it: `{count, plural, one {# day} other {# days}}`. */
export function plural(pattern: string, count: number, language: string): string {
    const number = count.toLocaleString(language);
    return pattern
        .replace(/\{\s*count\s*,\s*plural\s*,((?:[^{}]*\{[^{}]*\})+)[^{}]*\}/, (_, forms: string) => {
            const byName = Object.fromEntries(
                [...forms.matchAll(/(\S+)\s*\{([^{}]*)\}/g)].map((form) => [form[1], form[2]]),
            );
            const words =
                byName[`=${String(count)}`] ??
                byName[new Intl.PluralRules(language).select(count)] ??
                byName.other ??
                '';
            return words.replaceAll('#', number);
        })
        .replace(/\{\s*count\s*(,\s*number\s*)?\}/g, number);
}
