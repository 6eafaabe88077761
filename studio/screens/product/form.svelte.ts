import { numbers, text } from '../../lib/fields';
import { Deleting } from '../../lib/deleting.svelte';
import * as combinations from './combinations';
import { Ledger } from '../../lib/ledger.svelte';
import type { CatalogueSaved, Thing, ThingForm, ThingOption } from '../../lib/types';

type Values = Record<string, unknown>;

/** So many variants of one product are made at once. */
export const MOST_VARIANTS = 500;

/** What a product is and sells: its own fields, and its variants by the options that they offer. */
export class ProductForm {
    readonly ledger: Ledger;
    readonly at: string;
    readonly isNew: boolean;
    /** The options that variants offer, with all values that this window has seen of them. */
    options = $state.raw<ThingOption[]>([]);

    /** The template that lays out its page, as far as this window knows. */
    template = $state.raw<{ id: number; name: string } | null>(null);

    constructor(
        readonly data: ThingForm,
        template: { id: number; name: string } | null,
        private readonly user: number,
    ) {
        this.template = template;
        this.deleting = new Deleting(`/studio/products/${data.id}/uses`, () => this.ledger.putBack());
        this.isNew = data.id === 0;
        this.options = data.options;
        this.ledger = new Ledger(place(user, data.id), data.stands, data.names, (answer) => this.saved(answer));
        this.at = this.isNew ? (this.ledger.keys('product')[0] ?? this.begin()) : `product/${data.id}`;
    }

    /** All variants that there would be, in their order. */
    get variants(): string[] {
        return this.ledger
            .keys('variant')
            .filter((key) => !this.ledger.deleted.includes(key))
            .sort((one, other) => this.place(one) - this.place(other));
    }

    values(key: string): number[] {
        return numbers(this.ledger.value(key, 'values'));
    }

    /** Of an option, the values that variants offer. */
    offered(option: ThingOption): number[] {
        return combinations.offered(this.all, ids(option));
    }

    private get all(): number[][] {
        return this.variants.map((key) => this.values(key));
    }

    /** What a variant is called by its options. */
    called(key: string): string {
        const values = this.values(key);
        const words = this.options.flatMap((option) =>
            option.values.filter((value) => values.includes(value.id)).map((value) => value.label),
        );
        return words.join(', ') || 'the only one';
    }

    /** The variants that a value would add: one for each combination of the other options. */
    wouldMake(option: ThingOption, value: number): number[][] {
        return combinations.wouldMake(this.all, [...ids(option), value], value);
    }

    /** Adds a value to the variants: those without one of the option get it, other combinations are made. */
    addValue(option: ThingOption, value: { id: number; label: string; swatch: string | null }): number {
        const known = this.options.find((one) => one.id === option.id) ?? { ...option, values: [] };
        const values = known.values.some((one) => one.id === value.id) ? known.values : [...known.values, value];
        const next = { ...known, values };
        this.options = this.options.some((one) => one.id === option.id)
            ? this.options.map((one) => (one.id === option.id ? next : one))
            : [...this.options, next];
        const keys = this.variants;
        const lacking = combinations.lacking(this.all, ids(next)).flatMap((place) => keys[place] ?? []);
        if (lacking.length > 0) {
            for (const key of lacking)
                this.ledger.set(key, 'values', combinations.sorted([...this.values(key), value.id]));
            return lacking.length;
        }
        const wanted = this.wouldMake(next, value.id).slice(0, MOST_VARIANTS);
        const model = this.variants.at(-1);
        for (const one of wanted) this.variant(one, model);
        return wanted.length;
    }

    /**
     * Takes a value from all variants: those that differ from others by it go, and where it is the only one of its
     * option, they lose it.
     */
    dropValue(option: ThingOption, value: number): number {
        const others = this.offered(option).filter((one) => one !== value);
        const having = this.variants.filter((key) => this.values(key).includes(value));
        const { dropped, kept } = combinations.without(
            having.map((key) => this.values(key)),
            value,
            others.length > 0,
        );
        for (const place of dropped) {
            const key = having[place];
            if (key !== undefined) this.ledger.drop(key);
        }
        for (const { place, values } of kept) {
            const key = having[place];
            if (key !== undefined) this.ledger.set(key, 'values', values);
        }
        return dropped.length;
    }

    /** One more variant, like the last one. */
    addVariant(): void {
        this.variant([], this.variants.at(-1));
    }

    move(key: string, by: number): void {
        const order = this.variants;
        const from = order.indexOf(key);
        const [one] = order.splice(from, 1);
        if (one === undefined || from + by < 0) return;
        order.splice(from + by, 0, one);
        order.forEach((other, place) => this.place(other) !== place && this.ledger.set(other, 'position', place));
    }

    readonly deleting: Deleting;

    askToDelete(): void {
        void this.deleting.ask([{ thing: 'product', id: this.data.id, before: {}, after: null }]);
    }

    /** Begins a new product with all that this one has, kept in this browser until it is saved. */
    makeAlike(): void {
        const own = this.ledger.stands[this.at] ?? {};
        const plain = Object.fromEntries(Object.entries(own).filter(([name]) => !name.startsWith('fact:')));
        const made: Record<string, Values> = {
            'product/-1': {
                ...plain,
                title: `${text(own.title)}, another`,
                slug: `${text(own.slug)}-another`,
                added: null,
                shownFrom: null,
                shownUntil: null,
            },
        };
        this.variants.forEach((key, place) => {
            const fields = this.ledger.stands[key] ?? {};
            made[`variant/-${place + 1}`] = { ...fields, product: -1, sku: `${text(fields.sku)}-another`, barcode: '' };
        });
        Ledger.lay(place(this.user, 0), made);
        location.assign('/studio/products/new');
    }

    /** The pictures that a variant can be shown with: those of its product. */
    get pictures(): number[] {
        return numbers(this.ledger.value(this.at, 'pictures'));
    }

    private place(key: string): number {
        return Number(this.ledger.value(key, 'position') ?? 0);
    }

    private variant(values: number[], model: string | undefined): void {
        const like = (field: string): unknown =>
            model ? this.ledger.value(model, field) : this.data.empty.variant?.[field];
        const id = this.isNew ? Number(this.at.split('/')[1]) : this.data.id;
        const fields: Values = {
            ...this.data.empty.variant,
            product: id,
            values,
            price: like('price') ?? '',
            position: this.variants.length,
            sku: this.freeSku(),
        };
        this.ledger.make('variant' as Thing, fields);
    }

    private freeSku(): string {
        const taken = this.variants.map((key) => text(this.ledger.value(key, 'sku')));
        return combinations.freeSku(taken, text(this.ledger.value(this.at, 'slug')).toUpperCase().slice(0, 40));
    }

    private begin(): string {
        const at = this.ledger.make('product' as Thing, { ...this.data.empty.product });
        this.ledger.make('variant' as Thing, { ...this.data.empty.variant, product: Number(at.split('/')[1]) });
        return at;
    }

    private saved(answer: CatalogueSaved): void {
        const here = (one: { pageKind: string; pages: { id: number }[] }): boolean =>
            one.pageKind === 'product' && one.pages.some((page) => page.id === this.data.id);
        const now = [...answer.moves.moves, ...answer.moves.arrivals].find(here);
        if (now) this.template = { id: now.to, name: now.toName };
        const made = answer.numbers[this.at];
        if (this.isNew && made !== undefined) location.assign(`/studio/products/${made}`);
        else if (!this.ledger.stands[this.at]) location.assign('/studio/catalogue');
    }
}

/** Where this browser keeps what somebody has not saved: nobody else saves it under their name. */
function place(user: number, product: number): string {
    return `vestibra.${user}.product.${product}`;
}

function ids(option: ThingOption): number[] {
    return option.values.map((value) => value.id);
}
