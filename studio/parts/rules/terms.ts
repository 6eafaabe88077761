import type { Field, TableFact } from '../../lib/types';

/** What a rule can be made of, and whether it may be changed. */
export interface Terms {
    mayEdit: boolean;
    data: { fields: Field[]; facts: TableFact[]; currency: { code: string; digits: number } };
}
