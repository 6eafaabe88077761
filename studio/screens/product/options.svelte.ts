import { Finder } from '../../lib/finder.svelte';
import { get } from '../../lib/http';
import type { NamePage, ThingOption } from '../../lib/types';

export type ValueRow = NamePage['names'][number];

/** All values of all options, found by name. */
export class OptionChoice {
    readonly found = new Finder<ValueRow>(async (words, page) => {
        const answer = await get<NamePage>(`/studio/names/option-value?q=${encodeURIComponent(words)}&page=${page}`);
        return { rows: answer.names, more: answer.more };
    });

    option(value: ValueRow): ThingOption {
        return {
            id: value.option,
            name: value.name.slice(0, value.name.length - this.label(value).length).trim(),
            values: [],
        };
    }

    label(value: ValueRow): string {
        return value.label;
    }
}
