import { inWindow } from '../../lib/storage';
import { Deeds, takeBack, type Deed } from '../../lib/deeds.svelte';
import { post, remove } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { pageWords } from '../../lib/pages';
import { saveSeen } from '../../lib/sameTime';
import { CardList } from './cards.svelte';
import type { DeletedRow, PartRow, TemplateRow, TemplatesData } from '../../lib/types';

/** What stands on pages, among the kinds of pages that can be looked at. */
export const CARDS = 'card';

interface Group {
    kind: string;
    known: boolean;
    templates: TemplateRow[];
    title: string;
}

function titleOf(kind: string): string {
    const words = pageWords(kind).called;
    return words.charAt(0).toUpperCase() + words.slice(1);
}

/** The templates and kept parts of the shop, and what can be done with them. */
export class Templates {
    list = $state.raw<TemplateRow[]>([]);
    parts = $state.raw<PartRow[]>([]);
    /** What can be taken back for a month. */
    deleted = $state.raw<DeletedRow[]>([]);
    readonly cards: CardList;
    query = $state('');
    /** The kind of pages that is looked at; empty: every one. */
    kind = $state('');
    /** Every number on the page may be another one afterwards: it is loaded anew, and then says what was done. */
    readonly deeds = new Deeds((release, deed) => {
        inWindow.set('said', JSON.stringify({ words: `Done: ${deed.words}.`, release: release.id }));
        location.reload();
    });

    /** @param asked the kind of pages to look at, as the address has it */
    constructor(data: TemplatesData, asked: string) {
        this.list = data.templates;
        this.parts = data.parts;
        this.deleted = data.deleted;
        this.cards = new CardList(data.cards, this.deeds);
        this.kind = asked === CARDS || this.kinds.some((one) => one.kind === asked) ? asked : '';
    }

    /** Every kind of pages that there are templates of, with how many. */
    get kinds(): { kind: string; title: string; count: number }[] {
        const kinds = this.list
            .map((template) => template.pageKind)
            .filter((kind, at, all) => all.indexOf(kind) === at);
        return kinds.map((kind) => ({
            kind,
            title: titleOf(kind),
            count: this.list.filter((one) => one.pageKind === kind).length,
        }));
    }

    lookAt(kind: string): void {
        this.kind = kind;
        history.replaceState(null, '', kind === '' ? location.pathname : `?kind=${kind}`);
    }

    get shown(): TemplateRow[] {
        const words = this.query.trim().toLowerCase();
        return this.list.filter(
            (template) =>
                (this.kind === '' || template.pageKind === this.kind) &&
                `${template.name} ${template.note}`.toLowerCase().includes(words),
        );
    }

    get shownParts(): PartRow[] {
        return this.parts.filter((part) => part.name.toLowerCase().includes(this.query.trim().toLowerCase()));
    }

    get groups(): Group[] {
        const kinds = this.shown
            .map((template) => template.pageKind)
            .filter((kind, at, all) => all.indexOf(kind) === at);
        return kinds.map((kind) => {
            const templates = this.shown.filter((template) => template.pageKind === kind);
            const known = templates.every((template) => template.known);
            return { kind, known, templates, title: known ? titleOf(kind) : `Pages of the kind “${kind}”` };
        });
    }

    /** What was done before the page was loaded anew. */
    sayWhatWasDone(): void {
        const said = inWindow.get('said');
        inWindow.remove('said');
        if (said === null) return;
        const { words, release } = JSON.parse(said) as { words: string; release: number };
        notices.say(words, {
            words: 'Take this back',
            do: () => void takeBack(release).then((done) => done && location.reload()),
        });
    }

    /** The deed of putting a template before another one; null: last. */
    order(id: number, before: number | null): Deed {
        const name = this.list.find((template) => template.id === id)?.name ?? '';
        const next = this.list.find((template) => template.id === before)?.name;
        return {
            words: next
                ? `“${name}” before “${next}” in the list of templates`
                : `“${name}” last in the list of templates`,
            address: '/studio/templates/order',
            body: { move: id, ...(before === null ? {} : { before }) },
            at: String(id),
        };
    }

    /** Opens what was made; answers why nothing was. */
    async make(body: object): Promise<string> {
        try {
            const made = await post<{ id: number }>(
                'pageKind' in body && body.pageKind === CARDS ? '/studio/cards' : '/studio/templates',
                body,
            );
            location.assign(`/studio/templates/${made.id}`);
            return '';
        } catch (error) {
            return error instanceof Error ? error.message : String(error);
        }
    }

    rename(template: TemplateRow, name: string): Promise<void> {
        return name.trim() === '' || name === template.name
            ? Promise.resolve()
            : this.save(template.id, { name }, { name: template.name }, (values) =>
                  this.put({ ...template, name: String(values.name) }),
              );
    }

    note(template: TemplateRow, words: string): Promise<void> {
        const note = words.trim();
        return note === template.note
            ? Promise.resolve()
            : this.save(template.id, { note }, { note: template.note }, (values) =>
                  this.put({ ...template, note: String(values.note ?? '') }),
              );
    }

    async drop(template: TemplateRow): Promise<void> {
        try {
            ({ list: this.deleted } = await remove<{ list: DeletedRow[] }>(`/studio/templates/${template.id}`));
            this.list = this.list.filter((one) => one.id !== template.id);
            notices.say(`“${template.name}” is deleted.`, {
                words: 'Take this back',
                do: () => void this.restore(template.id),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    renamePart(part: PartRow, name: string): Promise<void> {
        const called = (values: Record<string, unknown>): void =>
            void (this.parts = this.parts.map((one) =>
                one.id === part.id ? { ...one, name: String(values.name) } : one,
            ));
        return name.trim() === '' || name === part.name
            ? Promise.resolve()
            : this.save(part.id, { name }, { name: part.name }, called);
    }

    /** Takes back that something was deleted; the lists are asked for anew. */
    async restore(id: number): Promise<void> {
        try {
            await post(`/studio/templates/${id}/back`);
            location.reload();
        } catch (error) {
            notices.trouble(error);
        }
    }

    async letGo(part: PartRow): Promise<void> {
        try {
            await remove(`/studio/parts/${part.id}`);
            this.parts = this.parts.filter((one) => one.id !== part.id);
            notices.say(`“${part.name}” is off the shelf. Copies of it stay where they are.`, {
                words: 'Take this back',
                do: () => void this.back(part),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    private async back(part: PartRow): Promise<void> {
        try {
            ({ overview: this.parts } = await post<{ overview: PartRow[] }>(`/studio/parts/${part.id}/back`));
        } catch (error) {
            notices.trouble(error);
        }
    }

    private put(template: TemplateRow): void {
        this.list = this.list.map((one) => (one.id === template.id ? template : one));
    }

    private async save(
        id: number,
        values: Record<string, string>,
        seen: Record<string, string>,
        stands: (values: Record<string, unknown>) => void,
    ): Promise<void> {
        try {
            await saveSeen<Record<string, unknown>>({
                address: `/studio/templates/${id}`,
                values,
                seen,
                saved: stands,
                theirs: stands,
            });
        } catch (error) {
            notices.trouble(error);
        }
    }
}
