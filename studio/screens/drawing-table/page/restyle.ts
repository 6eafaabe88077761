/**
 * Puts new styles of some blocks in the place of what a page's sheet says about them; whatever it says about others
 * stays.
 */
export function restyle(sheet: CSSStyleSheet, styles: Record<string, string>): void {
    const marks = Object.keys(styles).map((id) => `[data-s-${id}]`);
    without(sheet, marks);
    const fresh = new (sheet.ownerNode?.ownerDocument?.defaultView as unknown as typeof globalThis).CSSStyleSheet();
    fresh.replaceSync(Object.values(styles).join(''));
    for (const rule of fresh.cssRules) sheet.insertRule(rule.cssText, sheet.cssRules.length);
}

/** Takes the selectors with such a mark out of the rules, and rules with no others. */
function without(list: CSSStyleSheet | CSSGroupingRule, marks: string[]): void {
    for (let at = list.cssRules.length - 1; at >= 0; at--) {
        const rule = list.cssRules[at];
        if (rule && 'cssRules' in rule && !('selectorText' in rule)) {
            without(rule as CSSGroupingRule, marks);
            if ((rule as CSSGroupingRule).cssRules.length === 0) list.deleteRule(at);
        } else if (rule && 'selectorText' in rule) {
            const said = (rule as CSSStyleRule).selectorText;
            if (!marks.some((mark) => said.includes(mark))) continue;
            const others = selectors(said).filter((one) => !marks.some((mark) => one.includes(mark)));
            if (others.length === 0) list.deleteRule(at);
            else (rule as CSSStyleRule).selectorText = others.join(',');
        }
    }
}

/** The selectors of a list: those between commas that stand in no brackets. */
export function selectors(list: string): string[] {
    const found: string[] = [];
    let [depth, from] = [0, 0];
    for (let at = 0; at < list.length; at++) {
        if (list[at] === '(') depth++;
        else if (list[at] === ')') depth--;
        else if (list[at] === ',' && depth === 0) {
            found.push(list.slice(from, at).trim());
            from = at + 1;
        }
    }
    return [...found, list.slice(from).trim()];
}
