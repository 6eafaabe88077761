import { get } from '../../lib/http';
import type { Matter, RuleMattersAnswer } from '../../lib/types';

/** What the rules for pages of a kind need. */
export class RuleMatters {
    matters = $state.raw<Matter[]>([]);

    async look(kind: string): Promise<void> {
        try {
            this.matters = (await get<RuleMattersAnswer>(`/studio/rules?kind=${kind}`)).matters;
        } catch {
            // The list says itself what is wrong.
        }
    }
}
