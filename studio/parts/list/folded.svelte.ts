import { amount } from '../../lib/fields';
import { get } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { VariantPage } from '../../lib/types';

export interface FoldedLine {
    id: number;
    called: string;
    sku: string;
    price: string;
    stock: string;
}

/** The variants of one product, fetched when they are unfolded. */
export class Folded {
    lines = $state.raw<FoldedLine[] | null>(null);

    constructor(
        private readonly product: number,
        private readonly digits: number,
    ) {}

    get address(): string {
        return `where=${encodeURIComponent(JSON.stringify([{ field: 'product', comparison: 'isOneOf', values: [this.product] }]))}`;
    }

    async look(): Promise<void> {
        try {
            const page = await get<VariantPage>(`/studio/catalogue/sheet/rows?${this.address}`);
            this.lines = page.lines.map((line) => {
                const fields = (page.stands[`variant/${line.id}`] ?? {}) as Record<string, unknown>;
                const sale = fields.salePrice === null ? '' : `, on sale ${amount(fields.salePrice, this.digits)}`;
                return {
                    id: line.id,
                    called: line.called,
                    sku: String(fields.sku),
                    price: `${amount(fields.price, this.digits)}${sale}`,
                    stock:
                        fields.stock === null ? 'not counted' : fields.stock === 0 ? 'sold out' : String(fields.stock),
                };
            });
        } catch (error) {
            notices.trouble(error);
        }
    }
}
