import { get, post, Refused } from '../../../lib/http';
import { freshId } from '../../../lib/ids';
import { notices } from '../../../lib/notices.svelte';
import type { Impact, PublishLook, ReleaseRow } from '../../../lib/types';
import type { Table } from '../table.svelte';

type Look = PublishLook & Partial<Impact>;

const UNREACHABLE = 'The server cannot be reached. Nothing was published; try again in a moment.';

/**
 * Publishing a draft: what it would change, what is to be decided first, with whom and when it goes, and what came of
 * it.
 */
export class Publishing {
    look = $state.raw<Look | null>(null);
    done = $state.raw<ReleaseRow | null>(null);
    also = $state.raw<number[]>([]);
    /** Whether what was decided in the house style goes with it. */
    house = $state(false);
    spoken = $state.raw<string[]>([]);
    later = $state(false);
    due = $state('');
    note = $state('');
    busy = $state(false);
    wrong = $state('');
    private asked = 0;
    /** The same for every try at the same publish. */
    private key = '';

    readonly query = $derived(
        `also=${this.also.join(',')}${this.house ? '&house=1' : ''}${this.later && this.due ? `&due=${this.due}` : ''}`,
    );
    readonly impact = $derived(this.look?.changed ? (this.look as Impact) : null);
    private readonly unspoken = $derived(
        (this.look?.concerns ?? []).filter((concern) => !this.spoken.includes(concern.spoken)),
    );

    constructor(private readonly table: Table) {
        // A card that was worked on here goes with the page, unless somebody says otherwise.
        this.also = table.cards.opened
            .filter((card) => card.draft.unpublished > 0)
            .map((card) => card.data.template.id);
    }

    get ready(): boolean {
        const seen = this.look?.revisions ?? {};
        const fresh =
            this.look !== null &&
            this.table.drawn.every((one) => (seen[one.data.template.id] ?? one.draft.revision) === one.draft.revision);
        return (
            !this.busy &&
            fresh &&
            this.table.saving === 'saved' &&
            this.unspoken.length === 0 &&
            (!this.later || this.due !== '')
        );
    }

    /** What goes live: as a rule the page, alone or with others; where nothing of it changed, those alone. */
    get name(): string {
        const { id, name } = this.table.data.template;
        const others = (this.look?.others ?? [])
            .filter((other) => this.also.includes(other.id))
            .map((other) => other.name);
        return this.look && !(id in this.look.revisions) && others.length > 0 ? others.join('”, “') : name;
    }

    async see(query: string): Promise<void> {
        const mine = ++this.asked;
        try {
            const answer = await get<Look>(`${this.table.base}/impact?${query}`);
            if (mine === this.asked) this.look = answer;
        } catch (error) {
            notices.trouble(error);
        }
    }

    async publish(): Promise<void> {
        if (this.busy) return;
        this.busy = true;
        this.key ||= freshId();
        this.wrong = '';
        try {
            const at = this.later ? { due: this.due } : {};
            this.done = await post<ReleaseRow>('/studio/publish', {
                revisions: this.look?.revisions,
                note: this.note,
                key: this.key,
                spoken: this.spoken,
                ...(this.house ? { house: this.look?.house?.seen } : {}),
                ...at,
            });
        } catch (error) {
            if (error instanceof Refused) this.key = '';
            this.wrong = error instanceof TypeError ? UNREACHABLE : error instanceof Error ? error.message : '';
            await this.see(this.query);
        }
        this.busy = false;
    }

    async takeBack(release: ReleaseRow): Promise<void> {
        const waits = release.state === 'waiting';
        this.busy = true;
        try {
            await post(`/studio/releases/${release.id}/${waits ? 'call-off' : 'bring-back'}`, { key: freshId() });
            notices.say(
                waits ? 'Called off. Nothing will change.' : 'The shop is as it was before. Your draft was left alone.',
            );
            location.assign(this.table.base);
        } catch (error) {
            notices.trouble(error);
            this.busy = false;
        }
    }

    toggle(template: number): void {
        this.also = this.also.includes(template)
            ? this.also.filter((one) => one !== template)
            : [...this.also, template];
    }

    speak(concern: string, said: boolean): void {
        this.spoken = said ? [...this.spoken, concern] : this.spoken.filter((one) => one !== concern);
    }
}
