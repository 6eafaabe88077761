import { Finder } from '../../lib/finder.svelte';
import { get, post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { movesSentence } from '../../lib/catalogueMoves';
import type { CatalogueChange, CatalogueForeseen, CatalogueSaved, Thing, ThingPage, ThingRow } from '../../lib/types';

/** Categories, collections, brands, tags or options: found, and put in order. */
export class Things {
    readonly thing: Thing;
    readonly found: Finder<ThingRow>;
    /** What is announced before it is done: a category that would move. */
    asked = $state.raw<{ words: string; changes: CatalogueChange[]; sentence: string } | null>(null);

    constructor(data: ThingPage) {
        this.thing = data.thing;
        this.found = new Finder<ThingRow>((words, page) =>
            get<ThingPage>(`/studio/catalogue/${this.thing}/rows?q=${encodeURIComponent(words)}&page=${page}`),
        );
        this.found.query = data.query;
        this.found.rows = data.rows;
        this.found.total = data.total;
        this.found.more = data.more;
    }

    /** The rows that stand beside one, in order. */
    beside(row: ThingRow): ThingRow[] {
        return this.found.rows
            .filter((one) => one.parent === row.parent)
            .sort((one, other) => one.position - other.position);
    }

    /** Up or down among its neighbours. */
    move(row: ThingRow, by: number): void {
        const order = this.beside(row);
        const from = order.indexOf(row);
        if (from + by < 0 || from + by >= order.length) return;
        order.splice(from, 1);
        order.splice(from + by, 0, row);
        void this.save(this.placed(order, row.parent));
    }

    /** Before, after or into another one: what would move is said first. */
    async put(row: ThingRow, target: ThingRow, where: 'before' | 'after' | 'into'): Promise<void> {
        if (row === target) return;
        const parent = where === 'into' ? target.id : target.parent;
        const order = this.found.rows
            .filter((one) => one.parent === parent && one !== row)
            .sort((one, other) => one.position - other.position);
        const at = where === 'into' ? order.length : order.indexOf(target) + (where === 'after' ? 1 : 0);
        order.splice(at, 0, row);
        const changes = this.placed(order, parent, row);
        if (parent === row.parent) {
            await this.save(changes);
            return;
        }
        try {
            const { moves, problems } = await post<CatalogueForeseen>('/studio/catalogue/foresee', { changes });
            if (problems[0]) notices.warn(problems[0].message);
            else if (moves.moved === 0) await this.save(changes);
            else
                this.asked = {
                    words: `“${row.name}” ${where === 'into' ? 'into' : where} “${target.name}”`,
                    changes,
                    sentence: movesSentence(moves, true),
                };
        } catch (error) {
            notices.trouble(error);
        }
    }

    async save(changes: CatalogueChange[]): Promise<void> {
        this.asked = null;
        if (changes.length === 0) return;
        try {
            const answer = await post<CatalogueSaved>('/studio/catalogue/save', { changes });
            await this.found.load();
            notices.say(`Saved. ${movesSentence(answer.moves, false)}`.trim(), {
                words: 'Take this back',
                do: () => void this.takeBack(answer.entry),
            });
        } catch (error) {
            notices.trouble(error);
            await this.found.load();
        }
    }

    private async takeBack(entry: number): Promise<void> {
        try {
            await post(`/studio/catalogue/entries/${entry}/take-back`);
            await this.found.load();
            notices.say('It is as it was.');
        } catch (error) {
            notices.trouble(error);
        }
    }

    private placed(order: ThingRow[], parent: number | null, moved?: ThingRow): CatalogueChange[] {
        return order.flatMap((one, position) => {
            const before: Record<string, unknown> = {};
            const after: Record<string, unknown> = {};
            if (one.position !== position) [before.position, after.position] = [one.position, position];
            if (one === moved && one.parent !== parent) [before.parent, after.parent] = [one.parent, parent];
            return Object.keys(after).length === 0 ? [] : [{ thing: this.thing, id: one.id, before, after }];
        });
    }
}
