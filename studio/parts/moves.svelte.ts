import { Finder } from '../lib/finder.svelte';
import { get } from '../lib/http';
import type { Move, PageRow } from '../lib/types';

/** The pages of one group of an impact. */
export class MovedPages extends Finder<PageRow> {
    /** @param group the address where the group is listed, ready for more of its query */
    constructor(group: () => string, move: () => Move) {
        super(async (words, page) => {
            const { from, to } = move();
            const answer = await get<{ pages: PageRow[]; count: number }>(
                `${group()}&from=${from}&to=${to}&page=${page}&q=${encodeURIComponent(words)}`,
            );
            return { rows: answer.pages, more: answer.pages.length > 0, total: answer.count };
        });
    }
}
