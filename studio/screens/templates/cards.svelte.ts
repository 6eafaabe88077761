import type { Deeds } from '../../lib/deeds.svelte';
import { post, remove } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { saveSeen } from '../../lib/sameTime';
import type { CardRow } from '../../lib/types';

/** The cards of the shop, and what can be done with them besides laying them out. */
export class CardList {
    list = $state.raw<CardRow[]>([]);

    constructor(
        cards: CardRow[],
        private readonly deeds: Deeds,
    ) {
        this.list = cards;
    }

    named(query: string): CardRow[] {
        return this.list.filter((card) => card.name.toLowerCase().includes(query.trim().toLowerCase()));
    }

    async rename(card: CardRow, name: string): Promise<void> {
        if (name.trim() === '' || name === card.name) return;
        const stands = (values: Record<string, unknown>): void =>
            void (this.list = this.list.map((one) =>
                one.id === card.id ? { ...one, name: String(values.name) } : one,
            ));
        try {
            await saveSeen<Record<string, unknown>>({
                address: `/studio/templates/${card.id}`,
                values: { name },
                seen: { name: card.name },
                saved: stands,
                theirs: stands,
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    makeFallback(card: CardRow): void {
        void this.deeds.ask({
            words: `“${card.name}” is the card wherever no other was chosen`,
            address: `/studio/cards/${card.id}/fallback`,
            body: {},
            at: String(card.id),
        });
    }

    async copy(card: CardRow): Promise<void> {
        try {
            const { id } = await post<{ id: number }>('/studio/cards', {
                name: `${card.name}, copy`.slice(0, 80),
                copyOf: card.id,
            });
            location.assign(`/studio/templates/${id}`);
        } catch (error) {
            notices.trouble(error);
        }
    }

    async drop(card: CardRow): Promise<void> {
        try {
            await remove(`/studio/cards/${card.id}`);
            this.list = this.list.filter((one) => one.id !== card.id);
            notices.say(`“${card.name}” is deleted.`, { words: 'Take this back', do: () => void this.back(card) });
        } catch (error) {
            notices.trouble(error);
        }
    }

    private async back(card: CardRow): Promise<void> {
        try {
            ({ overview: this.list } = await post<{ overview: CardRow[] }>(`/studio/cards/${card.id}/back`));
        } catch (error) {
            notices.trouble(error);
        }
    }
}
