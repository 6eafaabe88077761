import { get } from './http';
import { text } from './fields';
import type { Ledger } from './ledger.svelte';

const PAUSE = 200;
/** What a product made like another one begins with (`screens/product/form.svelte.ts`). */
const ANOTHER = '-another';

/** What is new gets its address name from the server, as its title says; once somebody types one, that stays. */
export class AddressName {
    private suggested = '';
    private latest = 0;
    private timer: ReturnType<typeof setTimeout> | undefined;
    private finish: () => void = () => undefined;

    constructor(
        private readonly ledger: Ledger,
        private readonly at: string,
        private readonly thing: string,
    ) {
        const own = text(ledger.value(at, 'slug'));
        if (own.endsWith(ANOTHER)) this.suggested = own;
    }

    named(title: string): void {
        const own = text(this.ledger.value(this.at, 'slug'));
        if (own !== '' && own !== this.suggested) return;
        const turn = ++this.latest;
        clearTimeout(this.timer);
        this.finish();
        this.ledger.awaited = new Promise((done) => {
            this.finish = done;
            this.timer = setTimeout(() => void this.ask(title, turn).finally(done), PAUSE);
        });
    }

    private async ask(title: string, turn: number): Promise<void> {
        const name = await get<{ name: string }>(
            `/studio/address-name?thing=${this.thing}&of=${encodeURIComponent(title)}`,
        ).then(
            (answer) => answer.name,
            // What could not be asked takes nothing away; saving says what is missing.
            () => null,
        );
        const own = text(this.ledger.value(this.at, 'slug'));
        if (name === null || turn !== this.latest || (own !== '' && own !== this.suggested)) return;
        this.suggested = name;
        this.ledger.set(this.at, 'slug', name);
    }
}
