import { get, post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { Letter, NewsPage, Subscriber } from '../../lib/types';

export type Shown = 'addresses' | 'outbox';

/** Who wants letters from the shop, and the letters that would have been sent, a page at a time. */
export class News {
    addresses = $state.raw<Subscriber[]>([]);
    letters = $state.raw<Letter[]>([]);
    total = $state(0);
    more = $state(false);
    shown = $state<Shown>('addresses');
    query = $state('');
    private page = 1;
    private asked = 0;

    constructor(first: NewsPage) {
        this.take(first, true);
    }

    async load(shown: Shown = this.shown, page = 1): Promise<void> {
        const asked = ++this.asked;
        try {
            const answer = await get<NewsPage>(
                `/studio/news/rows?show=${shown}&q=${encodeURIComponent(this.query)}&page=${page.toString()}`,
            );
            if (asked !== this.asked) return;
            this.shown = shown;
            this.page = page;
            this.take(answer, page === 1);
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.shown, this.page + 1);
    }

    async takeOut(one: Subscriber): Promise<void> {
        try {
            await post(`/studio/news/${one.id.toString()}/take-out`, {});
            this.addresses = this.addresses.filter((other) => other.id !== one.id);
            this.total--;
            notices.say(`${one.address} is off the list.`, { words: 'Undo', do: () => void this.putBack(one) });
        } catch (error) {
            notices.trouble(error);
        }
    }

    private async putBack(one: Subscriber): Promise<void> {
        try {
            await post(`/studio/news/${one.id.toString()}/put-back`, {});
            await this.load('addresses');
        } catch (error) {
            notices.trouble(error);
        }
    }

    private take(answer: NewsPage, first: boolean): void {
        this.addresses = first ? answer.addresses : [...this.addresses, ...answer.addresses];
        this.letters = first ? answer.letters : [...this.letters, ...answer.letters];
        this.total = answer.total;
        this.more = answer.more;
    }
}
