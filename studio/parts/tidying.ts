import { post } from '../lib/http';
import { freshId } from '../lib/ids';
import { notices } from '../lib/notices.svelte';
import type { TidyAsk, TidyDone } from '../lib/types';

/** Takes something out of rules that no page needs, with a way back; then what is shown is looked at again. */
export async function tidy(ask: TidyAsk, again: () => unknown): Promise<void> {
    try {
        const { release } = await post<TidyDone>(`/studio/rules/${ask.template}/tidy`, {
            what: ask.what,
            clause: ask.clause,
            key: freshId(),
        });
        if (release === null)
            notices.say('Taken out of its draft.', {
                words: 'open it',
                do: () => location.assign(`/studio/templates/${ask.template}?view=reach`),
            });
        else
            notices.say('Taken out. Every page keeps its template.', {
                words: 'Take this back',
                do: () => void takeBack(release.id, again),
            });
    } catch (error) {
        notices.trouble(error);
    }
    again();
}

async function takeBack(release: number, again: () => unknown): Promise<void> {
    try {
        await post(`/studio/rules/${release}/take-back`, { key: freshId() });
        notices.say('It is as it was.');
    } catch (error) {
        notices.trouble(error);
    }
    again();
}
