import { get, post, remove, upload } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { FilePage, FilePlace, ShopFile } from '../../lib/types';

/** Films, captions and files to download. */
export class ShopFiles {
    list = $state.raw<ShopFile[]>([]);
    more = $state(false);
    total = $state(0);
    query = $state('');
    use = $state('');
    /** How many are on their way. */
    busy = $state(0);
    /** By file, where it is used, once that was asked. */
    places = $state.raw<Record<number, FilePlace[]>>({});
    private page = 1;

    async load(page = 1): Promise<void> {
        try {
            const answer = await get<FilePage>(
                `/studio/files?use=${this.use}&q=${encodeURIComponent(this.query)}&page=${page}`,
            );
            this.list = page === 1 ? answer.files : [...this.list, ...answer.files];
            ({ more: this.more, total: this.total } = answer);
            this.page = page;
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.page + 1);
    }

    async take(chosen: Iterable<File>): Promise<void> {
        for (const one of chosen) {
            this.busy++;
            try {
                const { file } = await upload<{ file: ShopFile }>('/studio/files', 'file', one, { use: useOf(one) });
                this.list = [file, ...this.list];
                this.total++;
            } catch (error) {
                notices.trouble(error);
            }
            this.busy--;
        }
    }

    async where(file: ShopFile): Promise<void> {
        try {
            this.places = {
                ...this.places,
                [file.id]: (await get<{ places: FilePlace[] }>(`/studio/files/${file.id}/uses`)).places,
            };
        } catch (error) {
            notices.trouble(error);
        }
    }

    async letGo(file: ShopFile): Promise<void> {
        try {
            await remove(`/studio/files/${file.id}`);
            this.list = this.list.filter((one) => one.id !== file.id);
            this.total--;
            notices.say(`${file.name} is deleted.`, { words: 'Take this back', do: () => void this.back(file) });
        } catch (error) {
            notices.trouble(error);
        }
    }

    private async back(file: ShopFile): Promise<void> {
        try {
            await post(`/studio/files/${file.id}/back`);
            await this.load();
        } catch (error) {
            notices.trouble(error);
        }
    }
}

/** What a file is for shows in what it is; the server judges it by what it holds. */
function useOf(file: File): ShopFile['use'] {
    return file.type.startsWith('video/') ? 'film' : file.name.toLowerCase().endsWith('.vtt') ? 'captions' : 'download';
}
