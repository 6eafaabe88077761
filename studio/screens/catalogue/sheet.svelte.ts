import { get } from '../../lib/http';
import { Ledger } from '../../lib/ledger.svelte';
import { notices } from '../../lib/notices.svelte';
import type { SheetLine, VariantPage, VariantSheetData } from '../../lib/types';
import { asked } from '../../parts/list/address';

/** The variants of many products as one sheet, a page at a time; what is not saved stays while one turns pages. */
export class Sheet {
    lines = $state.raw<SheetLine[]>([]);
    /** All that this window has seen, by number. */
    known = $state.raw<Record<string, SheetLine>>({});
    from = $state(0);
    total = $state(0);
    readonly ledger: Ledger;
    readonly atOnce: number;
    private readonly sentence: string;

    constructor(data: VariantSheetData, user: number) {
        this.sentence = asked(data.filter);
        this.atOnce = data.atOnce;
        this.ledger = new Ledger(`vestibra.${user}.sheet`, {}, {}, () => undefined);
        this.take(data);
    }

    get keys(): string[] {
        return this.lines.map((line) => `variant/${line.id}`);
    }

    async turn(from: number): Promise<void> {
        try {
            this.take(await get<VariantPage>(`/studio/catalogue/sheet/rows?from=${from}&${this.sentence}`));
        } catch (error) {
            notices.trouble(error);
        }
    }

    private take(page: VariantPage): void {
        this.lines = page.lines;
        this.known = { ...this.known, ...Object.fromEntries(page.lines.map((line) => [line.id, line])) };
        this.from = page.from;
        this.total = page.total;
        this.ledger.stands = { ...this.ledger.stands, ...(page.stands as Record<string, Record<string, unknown>>) };
    }
}
