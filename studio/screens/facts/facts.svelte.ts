import { get, post, Refused, remove } from '../../lib/http';
import { inTurn } from '../../lib/inTurn';
import { notices } from '../../lib/notices.svelte';
import { saveSeen } from '../../lib/sameTime';
import type { FactPage, FactUses } from '../../lib/types';
import type { Change, Fact, Row } from '../../parts/facts/types';

export interface Given {
    name: string;
    kind: Fact['kind'];
    unit: string;
    decimals: number;
    choices: string[];
    group: string;
}

/** The shop's facts, and the sheet in which they are filled. */
export class Facts {
    list = $state.raw<Fact[]>([]);
    rows = $state.raw<Row[]>([]);
    total = $state(0);
    more = $state(false);
    query = $state('');
    /** By product and fact, why what was typed was not kept. */
    wrong = $state.raw<Record<string, string>>({});
    private page = 1;
    private readonly turn = inTurn();

    constructor(data: FactPage & { facts: Fact[]; query: string }) {
        this.list = data.facts;
        ({ rows: this.rows, total: this.total, more: this.more, query: this.query } = data);
    }

    async load(page = 1): Promise<void> {
        try {
            const answer = await get<FactPage>(`/studio/facts/rows?q=${encodeURIComponent(this.query)}&page=${page}`);
            this.rows = page === 1 ? answer.rows : [...this.rows, ...answer.rows];
            ({ more: this.more, total: this.total } = answer);
            this.page = page;
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.page + 1);
    }

    fill(changes: Change[], words: string): Promise<void> {
        return this.turn(() =>
            this.store(
                changes.map((change) => this.known(change)),
                words,
            ),
        );
    }

    /** Defines a fact (0), or changes one that somebody saw as `seen`. @throws with the reason when it cannot be so */
    async define(
        id: number,
        given: Given,
        seen: Record<string, unknown>,
        saved: () => void,
        theirs: (values: Record<string, unknown>) => void,
    ): Promise<void> {
        const take = (answer: { facts: Fact[] }): void => {
            this.list = answer.facts;
            saved();
        };
        if (id > 0) await saveSeen({ address: `/studio/facts/${id}`, values: { ...given }, seen, saved: take, theirs });
        else take(await post<{ facts: Fact[] }>('/studio/facts', given));
    }

    async move(index: number, by: number): Promise<void> {
        const seen = this.list.map((fact) => fact.id);
        const ids = [...seen];
        const [id] = ids.splice(index, 1);
        if (id !== undefined) ids.splice(index + by, 0, id);
        try {
            this.list = (await post<{ facts: Fact[] }>('/studio/facts/order', { ids, seen: { ids: seen } })).facts;
        } catch (error) {
            if (error instanceof Refused && error.body.facts) this.list = error.body.facts as Fact[];
            notices.trouble(error);
        }
    }

    async uses(fact: Fact): Promise<FactUses | null> {
        try {
            return await get<FactUses>(`/studio/facts/${fact.id}/uses`);
        } catch (error) {
            notices.trouble(error);
            return null;
        }
    }

    /** Answers whether it is deleted. */
    async delete(fact: Fact): Promise<boolean> {
        try {
            this.list = (await remove<{ facts: Fact[] }>(`/studio/facts/${fact.id}`)).facts;
            notices.say(`“${fact.name}” is deleted.`);
            return true;
        } catch (error) {
            notices.trouble(error);
            return false;
        }
    }

    /** What this window knows to stand there now: an answer may have come since the change was made. */
    private known(change: Change): Change {
        const row = this.rows.find((one) => one.id === change.product);
        return row ? { ...change, before: row.values[change.fact] ?? [] } : change;
    }

    private async store(changes: Change[], words: string): Promise<void> {
        const real = changes.filter((change) => JSON.stringify(change.written) !== JSON.stringify(change.before));
        if (real.length === 0) return;
        this.wrong = {};
        try {
            const { undo } = await post<{ undo: Change[] }>('/studio/facts/values', { changes: real });
            this.take(real);
            notices.say(words, { words: 'Take this back', do: () => void this.fill(undo, 'It is as it was before.') });
        } catch (error) {
            const body = (error as { body?: { wrong?: (Change & { message: string })[]; crossed?: Change[] } }).body;
            this.wrong = Object.fromEntries(
                (body?.wrong ?? []).map((one) => [`${one.product} ${one.fact}`, one.message]),
            );
            if (body?.crossed) this.take(body.crossed);
            notices.trouble(error);
        }
    }

    private take(changes: Change[]): void {
        this.rows = this.rows.map((row) => {
            const mine = changes.filter((change) => change.product === row.id);
            return mine.length === 0
                ? row
                : {
                      ...row,
                      values: { ...row.values, ...Object.fromEntries(mine.map((one) => [one.fact, one.written])) },
                  };
        });
    }
}
