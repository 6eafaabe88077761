import { Finder } from '../lib/finder.svelte';
import { get, upload } from '../lib/http';
import { notices } from '../lib/notices.svelte';
import { saveSeen } from '../lib/sameTime';
import type { FilePage, ShopFile } from '../lib/types';

/** The shop's files or films to choose from, to take in, and to give captions. */
export class FileChoice {
    /** Files that this field has seen, by number. */
    known = $state.raw<Record<number, ShopFile>>({});
    busy = $state(false);
    readonly found: Finder<ShopFile>;
    /** Asked for once, also where nothing came: a file that was deleted is not asked for again and again. */
    private asked: Record<number, true> = {};

    constructor(private readonly use: 'download' | 'film') {
        this.found = new Finder<ShopFile>(async (words, page) => {
            const answer = await get<FilePage>(
                `/studio/files?use=${this.use}&q=${encodeURIComponent(words)}&page=${page}`,
            );
            this.note(answer.files);
            return { rows: answer.files, more: answer.more };
        });
    }

    /** Asks for the names of files that are chosen already. */
    async learn(ids: number[]): Promise<void> {
        const wanted = ids.filter((id) => this.known[id] === undefined && !this.asked[id]);
        if (wanted.length === 0) return;
        for (const id of wanted) this.asked[id] = true;
        try {
            this.note((await get<Pick<FilePage, 'files'>>(`/studio/files?ids=${wanted.join(',')}`)).files);
        } catch {
            // Their numbers stand there until the names can be asked for again.
        }
    }

    /** Answers the files that were taken in. */
    async take(files: Iterable<File>): Promise<ShopFile[]> {
        const taken: ShopFile[] = [];
        this.busy = true;
        for (const one of files) {
            const file = await this.bring(one, this.use);
            if (file) taken.push(file);
        }
        this.busy = false;
        this.found.rows = [...taken, ...this.found.rows];
        return taken;
    }

    /** Captions or a picture for a film; null takes them away. */
    async describe(
        film: ShopFile,
        captions: number | null,
        poster: number | null,
        described?: () => void,
    ): Promise<void> {
        try {
            await saveSeen<{ file: ShopFile }>({
                address: `/studio/files/${film.id}`,
                values: { captions, poster },
                seen: { captions: film.captions, poster: film.poster },
                saved: (answer) => {
                    this.note([answer.file]);
                    described?.();
                },
                theirs: (values) => this.note([{ ...film, ...values } as ShopFile]),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    async caption(film: ShopFile, one: File, described?: () => void): Promise<void> {
        const file = await this.bring(one, 'captions');
        if (file) await this.describe(film, file.id, film.poster, described);
    }

    private async bring(one: File, use: ShopFile['use']): Promise<ShopFile | null> {
        try {
            const { file } = await upload<{ file: ShopFile }>('/studio/files', 'file', one, { use });
            this.note([file]);
            return file;
        } catch (error) {
            notices.trouble(error);
            return null;
        }
    }

    private note(files: ShopFile[]): void {
        this.known = { ...this.known, ...Object.fromEntries(files.map((file) => [file.id, file])) };
    }
}
