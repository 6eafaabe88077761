import { Ledger } from '../../lib/ledger.svelte';
import { Deleting } from '../../lib/deleting.svelte';
import type { CatalogueChange, CatalogueSaved, Thing, ThingForm } from '../../lib/types';

/** A category, collection, brand, tag or option as a form. */
export class ThingState {
    readonly ledger: Ledger;
    readonly at: string;
    readonly thing: Thing;
    readonly isNew: boolean;
    readonly deleting: Deleting;

    constructor(
        readonly data: ThingForm,
        user: number,
    ) {
        this.thing = data.thing;
        this.deleting = new Deleting(`/studio/catalogue/${data.thing}/${data.id}/uses`, () => this.ledger.putBack());
        this.isNew = data.id === 0;
        this.ledger = new Ledger(`vestibra.${user}.${data.thing}.${data.id}`, data.stands, data.names, (answer) =>
            this.saved(answer),
        );
        this.at = this.isNew
            ? (this.ledger.keys(data.thing)[0] ?? this.ledger.make(data.thing, begin(data)))
            : `${data.thing}/${data.id}`;
    }

    get list(): string {
        return `/studio/catalogue/${this.thing}`;
    }

    /** The values of an option, in their order. */
    get values(): string[] {
        const place = (key: string): number => Number(this.ledger.value(key, 'position') ?? 0);
        return this.ledger
            .keys('option-value')
            .filter((key) => !this.ledger.deleted.includes(key))
            .sort((one, other) => place(one) - place(other));
    }

    addValue(): void {
        const option = Number(this.at.split('/')[1]);
        this.ledger.make('option-value', { ...this.data.empty['option-value'], option, position: this.values.length });
    }

    moveValue(key: string, by: number): void {
        const order = this.values;
        const from = order.indexOf(key);
        if (from + by < 0 || from + by >= order.length) return;
        order.splice(from, 1);
        order.splice(from + by, 0, key);
        order.forEach(
            (one, position) =>
                this.ledger.value(one, 'position') !== position && this.ledger.set(one, 'position', position),
        );
    }

    askToDelete(): void {
        const gone = (key: string): CatalogueChange => ({
            thing: key.split('/')[0] as Thing,
            id: Number(key.split('/')[1]),
            before: {},
            after: null,
        });
        void this.deleting.ask([...this.ledger.keys('option-value'), this.at].map(gone));
    }

    /** They are one now: on with the one that is left. */
    merged(into: number): void {
        this.ledger.putBack();
        location.assign(`${this.list}/${into}`);
    }

    leave(): void {
        this.ledger.putBack();
        if (this.isNew) location.assign(this.list);
    }

    private saved(answer: CatalogueSaved): void {
        const made = answer.numbers[this.at];
        if (this.isNew && made !== undefined) location.assign(`${this.list}/${made}`);
        else if (!this.ledger.stands[this.at]) location.assign(this.list);
    }
}

/** A new one stands behind those that are there. */
function begin(data: ThingForm): Record<string, unknown> {
    const empty = { ...data.empty[data.thing] };
    return 'position' in empty ? { ...empty, position: 100_000 } : empty;
}
