import { get, post, upload } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { saveSeen } from '../../lib/sameTime';
import type { Picture, PicturePage, PictureUses } from '../../lib/types';

/** The shop's pictures: found, taken in, described, and put on products. */
export class Pictures {
    list = $state.raw<Picture[]>([]);
    more = $state(false);
    total = $state(0);
    /** How many are not kept in all sizes yet, and whether somebody makes them. */
    waiting = $state(0);
    inHand = $state(false);
    query = $state('');
    bare = $state(false);
    chosen = $state.raw<Picture | null>(null);
    uses = $state.raw<PictureUses | null>(null);
    /** How many are on their way. */
    busy = $state(0);
    troubles = $state.raw<string[]>([]);
    private page = 1;
    private usesOf = 0;

    constructor(first: PicturePage) {
        ({ pictures: this.list, more: this.more, total: this.total } = first);
        ({ waiting: this.waiting, inHand: this.inHand } = first);
    }

    async load(page = 1): Promise<void> {
        try {
            const answer = await get<PicturePage>(
                `/studio/pictures/rows?q=${encodeURIComponent(this.query)}&page=${page}${this.bare ? '&bare=1' : ''}`,
            );
            this.list = page === 1 ? answer.pictures : [...this.list, ...answer.pictures];
            ({ more: this.more, total: this.total, waiting: this.waiting, inHand: this.inHand } = answer);
            this.page = page;
        } catch (error) {
            notices.trouble(error);
        }
    }

    async makeSizes(): Promise<void> {
        try {
            ({ waiting: this.waiting, inHand: this.inHand } = await post<Pick<PicturePage, 'waiting' | 'inHand'>>(
                '/studio/pictures/sizes',
                {},
            ));
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.page + 1);
    }

    async take(files: Iterable<File>): Promise<void> {
        const all = [...files];
        this.busy += all.length;
        this.troubles = [];
        for (const file of all) {
            try {
                const { picture } = await upload<{ picture: Picture }>('/studio/pictures', 'picture', file);
                this.list = [picture, ...this.list];
                this.total++;
                this.chosen = picture;
            } catch (error) {
                const words =
                    error instanceof TypeError
                        ? `${file.name} did not reach the server. Try it again.`
                        : (error as Error).message;
                this.troubles = [...this.troubles, words];
            }
            this.busy--;
        }
    }

    async describe(picture: Picture, alt: string, focusX: number, focusY: number): Promise<void> {
        try {
            await saveSeen<{ picture: Picture }>({
                address: `/studio/pictures/${picture.id}`,
                values: { alt, focusX, focusY },
                seen: { alt: picture.alt, focusX: picture.focusX, focusY: picture.focusY },
                saved: (answer) => this.changed(answer.picture),
                theirs: (values) => this.changed({ ...picture, ...values } as Picture),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    /** Where the chosen one is used. */
    async askUses(picture: Picture): Promise<void> {
        if (this.usesOf !== picture.id) this.uses = null;
        this.usesOf = picture.id;
        try {
            const uses = await get<PictureUses>(`/studio/pictures/${picture.id}/uses`);
            if (this.usesOf === picture.id) this.uses = uses;
        } catch (error) {
            notices.trouble(error);
        }
    }

    /** The products that a picture is on, from now on. */
    async putOn(picture: Picture, ids: number[]): Promise<void> {
        const now = this.uses?.products.map((product) => product.id) ?? [];
        for (const id of ids.filter((one) => !now.includes(one))) await this.put(picture, id, true);
        for (const id of now.filter((one) => !ids.includes(one))) await this.put(picture, id, false);
        await this.askUses(picture);
    }

    private async put(picture: Picture, product: number, on: boolean): Promise<void> {
        try {
            this.changed(
                (await post<{ picture: Picture }>(`/studio/pictures/${picture.id}/products`, { product, on })).picture,
            );
            const back = (): void => void this.put(picture, product, !on);
            notices.say(on ? 'It is on the product now.' : 'It is off the product.', {
                words: 'Take this back',
                do: back,
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    private changed(picture: Picture): void {
        this.list = this.list.map((one) => (one.id === picture.id ? picture : one));
        if (this.chosen?.id === picture.id) this.chosen = picture;
    }
}
