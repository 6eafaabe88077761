import { patch, Refused } from './http';
import { notices } from './notices.svelte';

type Values = Record<string, unknown>;

interface Save<Answer> {
    address: string;
    /** How it is sent. */
    send?: typeof patch;
    values: Values;
    /** What stood there when one began. */
    seen: Values;
    saved: (answer: Answer) => void;
    /** Somebody else's values are kept. */
    theirs: (values: Values) => void;
}

/**
 * Saves what somebody has changed. Has somebody else changed the same meanwhile, both values are shown, and nothing is
 * decided without an answer.
 */
export async function saveSeen<Answer>(save: Save<Answer>, knowingly = false): Promise<void> {
    try {
        save.saved(await (save.send ?? patch)<Answer>(save.address, { ...save.values, seen: save.seen, knowingly }));
    } catch (error) {
        const crossed =
            error instanceof Refused
                ? (error.body.crossed as Record<string, { theirs: unknown; yours: unknown }> | undefined)
                : undefined;
        if (!crossed || !(error instanceof Refused)) throw error;
        const both = Object.values(crossed).map((one) => `Theirs is ${shown(one.theirs)}, yours ${shown(one.yours)}.`);
        notices.ask(
            [error.message, ...both].join(' '),
            { words: 'Use mine', do: () => void saveSeen(save, true).catch((again) => notices.trouble(again)) },
            {
                words: 'Keep theirs',
                do: () =>
                    save.theirs(Object.fromEntries(Object.entries(crossed).map(([name, one]) => [name, one.theirs]))),
            },
        );
    }
}

function shown(value: unknown): string {
    if (value === null || value === undefined || value === '') return 'empty';
    return Array.isArray(value) ? `“${value.join(', ')}”` : `“${String(value)}”`;
}
