import { inBrowser } from './storage';
import { get, post, Refused } from './http';
import { freshId } from './ids';
import { notices } from './notices.svelte';
import type {
    CatalogueForeseen,
    CatalogueProblem,
    CatalogueChange,
    CatalogueCrossed,
    CatalogueMoves,
    CatalogueSaved,
    Thing,
} from './types';
import { movesSentence } from './catalogueMoves';

type Values = Record<string, unknown>;

const FORESEE = 350;

/** Takes an entry of the history back, where no form is open. */
export async function takeBackEntry(entry: number): Promise<void> {
    try {
        const answer = await post<CatalogueSaved>(`/studio/catalogue/entries/${entry}/take-back`);
        notices.say(`It is as it was. ${movesSentence(answer.moves, false)}`.trim());
    } catch (error) {
        notices.trouble(error);
    }
}

/** What is kept in this browser until it is saved. */
interface Kept {
    wanted: Record<string, Values>;
    before: Record<string, Values>;
    made: Record<string, Values>;
    deleted: string[];
}

export interface Wrong {
    code: string;
    message: string;
}

const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

/**
 * What somebody changes in the catalogue before it is saved: fields of things (`product/3`), new things (`variant/-1`),
 * things that go. It says beforehand what saving would move, survives a reload, and never saves over somebody else's
 * work.
 */
export class Ledger {
    /** Fields as the server has them, as far as this window knows. */
    stands = $state.raw<Record<string, Values>>({});
    private wanted = $state.raw<Record<string, Values>>({});
    private before = $state.raw<Record<string, Values>>({});
    made = $state.raw<Record<string, Values>>({});
    deleted = $state.raw<string[]>([]);
    /** By path, as `product/3/title`. */
    wrong = $state.raw<Record<string, Wrong>>({});
    crossed = $state.raw<CatalogueCrossed[]>([]);
    moves = $state.raw<CatalogueMoves | null>(null);
    /** Prices that become ten times as high or low. */
    leaps = $state.raw<string[]>([]);
    busy = $state(false);
    /** Names of things that this window has seen, by thing and number. */
    names = $state.raw<Record<string, Record<string, string>>>({});
    private asked = 0;
    private wait: ReturnType<typeof setTimeout> | undefined;
    private newest = 0;
    /** What is being found out and belongs to what is saved. */
    awaited: Promise<void> | null = null;
    private key = '';

    readonly changes: CatalogueChange[] = $derived(this.collect());

    constructor(
        private readonly place: string,
        stands: Record<string, Values>,
        names: Record<string, Record<string, string>>,
        private readonly saved: (answer: CatalogueSaved) => void,
    ) {
        this.stands = stands;
        this.names = names;
        this.recall();
    }

    /** Lays new things out for a form that is opened next. */
    static lay(place: string, made: Record<string, Values>): void {
        inBrowser.set(place, JSON.stringify({ wanted: {}, before: {}, made, deleted: [] }));
    }

    get isChanged(): boolean {
        return this.changes.length > 0;
    }

    /** A field as it would be saved. */
    value(key: string, field: string): unknown {
        if (this.made[key]) return this.made[key][field];
        return this.isTouched(key, field) ? this.wanted[key]?.[field] : this.stands[key]?.[field];
    }

    /** What was stored by another way than this form. */
    know(key: string, field: string, value: unknown): void {
        if (!same(this.stands[key]?.[field], value))
            this.stands = { ...this.stands, [key]: { ...this.stands[key], [field]: value } };
    }

    isTouched(key: string, field: string): boolean {
        return this.wanted[key] !== undefined && field in this.wanted[key];
    }

    set(key: string, field: string, value: unknown): void {
        const without = { ...this.wrong };
        Reflect.deleteProperty(without, `${key}/${field}`);
        this.wrong = without;
        if (this.made[key]) {
            this.made = { ...this.made, [key]: { ...this.made[key], [field]: value } };
        } else if (same(value, this.stands[key]?.[field])) {
            this.forget(key, field);
        } else {
            if (!this.isTouched(key, field))
                this.before = { ...this.before, [key]: { ...this.before[key], [field]: this.stands[key]?.[field] } };
            this.wanted = { ...this.wanted, [key]: { ...this.wanted[key], [field]: value } };
        }
        this.keep();
    }

    make(thing: Thing, fields: Values): string {
        this.newest--;
        const key = `${thing}/${this.newest}`;
        this.made = { ...this.made, [key]: fields };
        this.keep();
        return key;
    }

    drop(key: string): void {
        if (this.made[key]) this.made = Object.fromEntries(Object.entries(this.made).filter(([one]) => one !== key));
        else
            this.deleted = this.deleted.includes(key)
                ? this.deleted.filter((one) => one !== key)
                : [...this.deleted, key];
        this.keep();
    }

    /** All keys of a kind that would be there: those of the server, and the new ones. */
    keys(thing: Thing): string[] {
        return [...Object.keys(this.stands), ...Object.keys(this.made)].filter((key) => key.startsWith(`${thing}/`));
    }

    putBack(): void {
        this.wanted = this.before = this.made = {};
        this.deleted = [];
        this.wrong = {};
        this.crossed = [];
        this.moves = null;
        this.leaps = [];
        this.keep();
    }

    /** Somebody else's value is kept, or one's own is saved all the same. */
    decide(one: CatalogueCrossed, mine: boolean): void {
        const key = `${one.thing}/${one.id}`;
        if (one.field !== null) {
            this.stands = { ...this.stands, [key]: { ...this.stands[key], [one.field]: one.theirs } };
            if (mine) this.before = { ...this.before, [key]: { ...this.before[key], [one.field]: one.theirs } };
            else this.forget(key, one.field);
        }
        this.crossed = this.crossed.filter((other) => other !== one);
        this.keep();
    }

    async save(knowingly = false): Promise<void> {
        if (this.busy || !this.isChanged) return;
        this.busy = true;
        await this.awaited;
        this.key ||= freshId();
        const sent = this.changes;
        try {
            const answer = await post<CatalogueSaved>('/studio/catalogue/save', {
                changes: sent,
                knowingly,
                key: this.key,
            });
            const later = this.since(sent);
            this.adopt(answer);
            this.putBack();
            for (const { key, field, value } of later) if (this.stands[key]) this.set(key, field, value);
            notices.say(`Saved. ${movesSentence(answer.moves, false)}`.trim(), {
                words: 'Take this back',
                do: () => void this.takeBack(answer.entry),
            });
            this.saved(answer);
        } catch (error) {
            // An answer that was lost on the way: the same key makes sure that it is saved once.
            if (error instanceof Refused) this.key = '';
            this.refused(error);
        }
        this.busy = false;
    }

    async takeBack(entry: number): Promise<void> {
        try {
            const answer = await post<CatalogueSaved>(`/studio/catalogue/entries/${entry}/take-back`);
            this.adopt(answer);
            notices.say(`It is as it was. ${movesSentence(answer.moves, false)}`.trim());
            this.saved(answer);
        } catch (error) {
            notices.trouble(error);
        }
    }

    async learn(thing: string, ids: number[]): Promise<void> {
        const unknown = ids.filter((id) => this.names[thing]?.[id] === undefined);
        if (unknown.length === 0) return;
        try {
            const { names } = await get<{ names: { id: number; name: string }[] }>(
                `/studio/names/${thing}?ids=${unknown.slice(0, 100).join(',')}`,
            );
            this.name(thing, names);
        } catch (error) {
            notices.trouble(error);
        }
    }

    name(thing: string, names: { id: number; name: string }[]): void {
        this.names = {
            ...this.names,
            [thing]: { ...this.names[thing], ...Object.fromEntries(names.map((one) => [one.id, one.name])) },
        };
    }

    /** What was changed while a save was on its way. */
    private since(sent: CatalogueChange[]): { key: string; field: string; value: unknown }[] {
        return Object.entries(this.wanted).flatMap(([key, fields]) => {
            const went = sent.find((one) => `${one.thing}/${one.id}` === key)?.after ?? {};
            return Object.entries(fields).flatMap(([field, value]) =>
                field in went && same(went[field], value) ? [] : [{ key, field, value }],
            );
        });
    }

    private adopt(answer: CatalogueSaved): void {
        const stands = Object.entries({ ...this.stands, ...answer.stands }).filter(
            (one): one is [string, Values] => one[1] !== null,
        );
        this.stands = Object.fromEntries(stands);
    }

    private refused(error: unknown): void {
        const body = error instanceof Refused ? error.body : {};
        this.take(body.problems as CatalogueProblem[] | undefined);
        this.crossed = (body.crossed as CatalogueCrossed[] | undefined) ?? [];
        notices.trouble(error);
    }

    private take(problems: CatalogueProblem[] | undefined): void {
        this.wrong = Object.fromEntries((problems ?? []).map(({ path, code, message }) => [path, { code, message }]));
    }

    private forget(key: string, field: string): void {
        const clean = (all: Record<string, Values>): Record<string, Values> => {
            const { [field]: gone, ...rest } = all[key] ?? {};
            void gone;
            return { ...all, [key]: rest };
        };
        this.wanted = clean(this.wanted);
        this.before = clean(this.before);
    }

    private collect(): CatalogueChange[] {
        const of = (key: string): { thing: Thing; id: number } => {
            const [thing = '', id = '0'] = key.split('/');
            return { thing: thing as Thing, id: Number(id) };
        };
        return [
            ...Object.entries(this.made).map(([key, after]) => ({ ...of(key), before: null, after })),
            ...Object.entries(this.wanted)
                .filter(([key, after]) => Object.keys(after).length > 0 && !this.deleted.includes(key))
                .map(([key, after]) => ({ ...of(key), before: this.before[key] ?? {}, after })),
            ...this.deleted.map((key) => ({ ...of(key), before: {}, after: null })),
        ];
    }

    /** Keeps what is not saved in this browser, and asks what saving would do. */
    private keep(): void {
        const kept: Kept = { wanted: this.wanted, before: this.before, made: this.made, deleted: this.deleted };
        // Without room in the browser it is kept in this window alone.
        if (this.isChanged) inBrowser.set(this.place, JSON.stringify(kept));
        else inBrowser.remove(this.place);
        this.key = '';
        clearTimeout(this.wait);
        this.wait = setTimeout(() => void this.foresee(), FORESEE);
    }

    private recall(): void {
        try {
            const kept = JSON.parse(inBrowser.get(this.place) ?? 'null') as Kept | null;
            if (!kept) return;
            ({ wanted: this.wanted, before: this.before, made: this.made, deleted: this.deleted } = kept);
            this.newest = Math.min(0, ...Object.keys(kept.made).map((key) => Number(key.split('/')[1])));
            void this.foresee();
        } catch {
            inBrowser.remove(this.place);
        }
    }

    private async foresee(): Promise<void> {
        const mine = ++this.asked;
        if (!this.isChanged) {
            this.moves = null;
            this.leaps = [];
            return;
        }
        try {
            const { moves, leaps, problems, crossed } = await post<CatalogueForeseen>('/studio/catalogue/foresee', {
                changes: this.changes,
                knowingly: true,
            });
            if (mine !== this.asked) return;
            this.moves = problems.length + crossed.length === 0 ? moves : null;
            this.leaps = leaps;
            // What is still to be filled in is said when it is saved.
            this.take(problems.filter((problem) => problem.code !== 'catalogue.missing'));
            this.crossed = crossed;
        } catch {
            // It is said again when it is saved.
            if (mine === this.asked) {
                this.moves = null;
                this.leaps = [];
            }
        }
    }
}
