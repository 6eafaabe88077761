import { post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { Condition, Names, Reach, RulePreview, Sentence } from '../../lib/types';

type Part = 'show' | 'keepOff';

const NOTHING: Sentence = { show: [], keepOff: [], season: '', from: null, until: null };

/** A rule by which a collection holds products: its words, and what it comes to while it is changed. */
export class RuleState {
    sentence = $state.raw<Sentence>(NOTHING);
    names = $state.raw<Names>({});
    preview = $state.raw<RulePreview | null>(null);
    private asked = 0;

    /** @param set takes the rule as it is to be */
    constructor(
        private readonly rule: () => Reach,
        private readonly set: (rule: Reach) => void,
    ) {}

    async look(): Promise<void> {
        const mine = ++this.asked;
        try {
            const answer = await post<RulePreview>('/studio/catalogue/rule', { rule: this.rule() });
            if (mine !== this.asked) return;
            ({ sentence: this.sentence, names: this.names } = answer);
            this.preview = answer;
        } catch (error) {
            if (mine === this.asked) notices.trouble(error);
        }
    }

    setClause(part: Part, index: number, next: (now: Condition[]) => Condition[] | null): void {
        const clauses = [...this.rule()[part]];
        const clause = next(clauses[index] ?? []);
        if (clause === null || clause.length === 0) clauses.splice(index, 1);
        else clauses[index] = clause;
        this.set({ ...this.rule(), [part]: clauses });
    }

    addClause(part: Part, next: (now: Condition[]) => Condition[] | null): void {
        const clause = next([]);
        if (clause && clause.length > 0) this.set({ ...this.rule(), [part]: [...this.rule()[part], clause] });
    }
}
