import type { Field, TableFact, Takes } from '../../lib/types';

/** What a rule can be made of, and whether it may be changed. */
export interface Terms {
    mayEdit: boolean;
    data: { fields: Field[]; facts: TableFact[]; currency: { code: string; digits: number } };
}

/** How the values of a condition are asked for, and what they count. */
export interface AskedAs {
    form: 'none' | 'names' | 'words' | 'texts' | 'page-kinds' | 'number' | 'range' | 'day';
    counts?: 'money' | 'stars' | 'days' | 'fact';
}

/** The one table: values that PHP has and this has not do not compile. */
export const ASKED_AS: Record<Takes, AskedAs> = {
    nothing: { form: 'none' },
    names: { form: 'names' },
    money: { form: 'number', counts: 'money' },
    'money-range': { form: 'range', counts: 'money' },
    count: { form: 'number' },
    days: { form: 'number', counts: 'days' },
    stars: { form: 'number', counts: 'stars' },
    instant: { form: 'day' },
    words: { form: 'words' },
    texts: { form: 'texts' },
    'fact-number': { form: 'number', counts: 'fact' },
    'fact-range': { form: 'range', counts: 'fact' },
    'page-kinds': { form: 'page-kinds' },
};
