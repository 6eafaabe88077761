import { get, post } from '../../lib/http';
import { freshId } from '../../lib/ids';
import { notices } from '../../lib/notices.svelte';
import { saveSeen } from '../../lib/sameTime';
import type { Impact, ReleaseRow } from '../../lib/types';

/** Releases that were made, those that wait, and what taking one back would do. */
export class Releases {
    made = $state.raw<ReleaseRow[]>([]);
    waiting = $state.raw<ReleaseRow[]>([]);
    asked = $state.raw<{ id: number; impact: Impact } | null>(null);
    busy = $state(false);
    /** The same for every try at what was asked. */
    private key = '';

    constructor(data: { waiting: ReleaseRow[]; releases: ReleaseRow[] }) {
        this.made = data.releases;
        this.waiting = data.waiting;
    }

    /** What bringing it back would do; the second click does it. */
    async ask(release: ReleaseRow): Promise<void> {
        try {
            this.key = freshId();
            this.asked = { id: release.id, impact: await get<Impact>(`/studio/releases/${release.id}/impact`) };
        } catch (error) {
            notices.trouble(error);
        }
    }

    async bringBack(release: ReleaseRow): Promise<void> {
        if (this.busy) return;
        this.busy = true;
        try {
            const made = await post<ReleaseRow>(`/studio/releases/${release.id}/bring-back`, { key: this.key });
            this.made = [
                made,
                ...this.made.map((row) => (row.id === release.id ? { ...row, later: [...row.later, made.id] } : row)),
            ];
            this.asked = null;
            notices.say(`The shop is as it was before release ${release.id}. Drafts were left alone.`);
        } catch (error) {
            notices.trouble(error);
        }
        this.busy = false;
    }

    /** Another time for one that waits. */
    async move(release: ReleaseRow, due: string, moved: () => void, theirs: (due: string) => void): Promise<void> {
        try {
            await saveSeen<ReleaseRow>({
                address: `/studio/releases/${release.id}`,
                values: { due },
                seen: { due: release.dueWall },
                saved: (answer) => {
                    this.changed(answer);
                    moved();
                },
                theirs: (values) => theirs(String(values.due)),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    async callOff(release: ReleaseRow): Promise<void> {
        try {
            this.changed(await post<ReleaseRow>(`/studio/releases/${release.id}/call-off`));
            notices.say('Called off. Nothing will change.');
        } catch (error) {
            notices.trouble(error);
        }
    }

    private changed(release: ReleaseRow): void {
        if (release.state === 'waiting') {
            this.waiting = this.waiting.map((one) => (one.id === release.id ? release : one));
            return;
        }
        this.waiting = this.waiting.filter((one) => one.id !== release.id);
        this.made = [release, ...this.made];
    }
}
