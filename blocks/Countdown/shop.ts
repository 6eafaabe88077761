import { plural } from './plural';

const UNITS = [
    { says: 'days', seconds: 86_400 },
    { says: 'hours', seconds: 3_600 },
    { says: 'minutes', seconds: 60 },
];

/** Keeps countdowns true while the page stays open; the server has printed them already. */
export function start(): void {
    setInterval(() => {
        for (const time of document.querySelectorAll<HTMLTimeElement>('[data-countdown]')) {
            const patterns = JSON.parse(time.dataset.countdown ?? '{}') as Record<string, string>;
            const left = Math.floor((Date.parse(time.dateTime) - Date.now()) / 1000);
            const words = left <= 0 ? (patterns.over ?? '') : inWords(left, patterns, time.dataset.language ?? 'en');
            if (time.textContent !== words) time.textContent = words;
        }
    }, 10_000);
}

function inWords(seconds: number, patterns: Record<string, string>, language: string): string {
    const parts: string[] = [];
    let rest = seconds;
    for (const unit of UNITS) {
        const count = Math.floor(rest / unit.seconds);
        rest %= unit.seconds;
        if (count > 0 && parts.length < 2) parts.push(plural(patterns[unit.says] ?? '', count, language));
    }
    return parts.length === 0 ? (patterns.soon ?? '') : parts.join(' ');
}
