export type { PartRow, Start, TemplateRow, TemplatesData } from '../../lib/types';

/** Something that changes the shop: its impact is asked for first. */
export interface Deed {
    words: string;
    address: string;
    body: object;
}
