import { Finder } from '../lib/finder.svelte';
import { get, upload } from '../lib/http';
import { notices } from '../lib/notices.svelte';
import type { Picture, PicturePage } from '../lib/types';

/** The shop's pictures to choose one from, or to take one in. */
export class PictureChoice {
    readonly found = new Finder<Picture>(async (words, page) => {
        const answer = await get<PicturePage>(`/studio/pictures/rows?q=${encodeURIComponent(words)}&page=${page}`);
        return { rows: answer.pictures, more: answer.more };
    });

    /** Pictures that were asked for by number. */
    known = $state.raw<Record<number, Picture>>({});

    async learn(ids: number[]): Promise<void> {
        const wanted = ids.filter((id) => this.known[id] === undefined);
        if (wanted.length === 0) return;
        try {
            const { pictures } = await get<PicturePage>(`/studio/pictures/rows?ids=${wanted.join(',')}`);
            this.known = { ...this.known, ...Object.fromEntries(pictures.map((one) => [one.id, one])) };
        } catch (error) {
            notices.trouble(error);
        }
    }

    /** Answers the picture that was taken in. */
    async take(file: File): Promise<Picture | null> {
        try {
            const { picture } = await upload<{ picture: Picture }>('/studio/pictures', 'picture', file);
            this.found.rows = [picture, ...this.found.rows];
            return picture;
        } catch (error) {
            notices.trouble(error);
            return null;
        }
    }
}
