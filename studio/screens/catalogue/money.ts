import type { MoneyPage, MoneySettings } from '../../lib/types';
import { counted } from '../../lib/words';

/** An amount as customers read it. */
export function shown(minor: number, currency: string, digits: number, locale: string): string {
    return new Intl.NumberFormat(locale, {
        style: 'currency',
        currency,
        minimumFractionDigits: digits,
        maximumFractionDigits: digits,
    }).format(minor / 10 ** digits);
}

/** What a change of currency does and does not do, a sentence each. */
export function currencyWords(page: MoneyPage, before: MoneySettings, after: MoneySettings): string[] {
    if (before.currency === after.currency) return [];
    const digits = (code: string): number => page.currencies.find((one) => one.code === code)?.digits ?? 2;
    const [was, is] = [digits(before.currency), digits(after.currency)];
    const figure = 1250;
    const example = (code: string, places: number): string =>
        new Intl.NumberFormat(page.locale, {
            style: 'currency',
            currency: code,
            minimumFractionDigits: places,
            maximumFractionDigits: places,
        }).format(is === 0 && code === after.currency ? Math.round(figure / 100) : figure / 100);
    const words = [
        `It writes another sign: ${example(before.currency, was)} becomes ${example(after.currency, is)}, for ${counted(page.prices, 'variant')}, at once.`,
        'It converts nothing: no rate of exchange is used. Set prices anew where they have to be others.',
    ];
    if (is < was)
        words.push(
            'The new currency has fewer digits: prices are rounded, halves up. The history of the catalogue takes that back as one.',
        );
    if (was !== is && page.rules.length > 0)
        words.push(`Rules that ask for a price mean other amounts then; look at them: ${page.rules.join(', ')}.`);
    if (was === is && page.rules.length > 0)
        words.push(`Rules that ask for a price keep their figures too: ${page.rules.join(', ')}.`);
    return words;
}

/** What beside a price is said, as in the settings. */
export function example(page: MoneyPage, settings: MoneySettings): string {
    const digits = page.currencies.find((one) => one.code === settings.currency)?.digits ?? 2;
    const price = Math.round(9.5 * 10 ** digits);
    const rate = settings.rate.trim() === '' ? '' : `${settings.rate.trim()} % `;
    const tax = { none: '', included: ` with ${rate}tax`, added: ` plus ${rate}tax` }[settings.tax];
    const per = settings.volume === 'l' ? 1000 : 100;
    const unit = shown(Math.round((price * per) / 30), settings.currency, digits, page.locale);
    return `${shown(price, settings.currency, digits, page.locale)}${tax}, ${unit} for ${settings.volume === 'l' ? '1 l' : '100 ml'}`;
}
