import { counted } from '../../shop/counted';

const UNITS = [
    { name: 'day', seconds: 86_400 },
    { name: 'hour', seconds: 3_600 },
    { name: 'minute', seconds: 60 },
];

/** Keeps countdowns true while the page stays open; the server has printed them already. */
export function start(): void {
    setInterval(() => {
        for (const time of document.querySelectorAll<HTMLTimeElement>('[data-countdown]')) {
            const left = Math.floor((Date.parse(time.dateTime) - Date.now()) / 1000);
            const words = left <= 0 ? 'over' : inWords(left);
            if (time.textContent !== words) time.textContent = words;
        }
    }, 10_000);
}

function inWords(seconds: number): string {
    const parts: string[] = [];
    let rest = seconds;
    for (const unit of UNITS) {
        const count = Math.floor(rest / unit.seconds);
        rest %= unit.seconds;
        if (count > 0 && parts.length < 2) parts.push(counted(count, unit.name));
    }
    return parts.length === 0 ? 'less than a minute' : parts.join(' ');
}
