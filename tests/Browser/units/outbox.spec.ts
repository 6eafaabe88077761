import { expect, test } from '@playwright/test';
import type { Edit } from '../../../studio/lib/types';
import { editsOf, Outbox, type Kept, type Parcel } from '../../../studio/screens/drawing-table/outbox';

/** A browser's store, and its locks: those of windows that are open. */
class Store implements Storage {
    [name: string]: unknown;

    get length(): number {
        return Object.keys(this).length;
    }

    key(at: number): string | null {
        return Object.keys(this)[at] ?? null;
    }

    getItem(name: string): string | null {
        return (this[name] as string | undefined) ?? null;
    }

    setItem(name: string, value: string): void {
        this[name] = value;
    }

    removeItem(name: string): void {
        Reflect.deleteProperty(this, name);
    }

    clear(): void {
        for (const name of Object.keys(this)) Reflect.deleteProperty(this, name);
    }
}

function locks(open: string[] = []): LockManager {
    return {
        request: async (name: string) => void open.push(name),
        query: async () => ({ held: open.map((name) => ({ name })), pending: [] }),
    } as unknown as LockManager;
}

const robin = { id: 1, name: 'Robin' };
const set = (value: number, id = 'price'): Edit => ({ edit: 'set', id, question: 'how', width: 'desktop', setting: 'size', value });
const parcel = (key: string, ...edits: Edit[]): Parcel => ({ key, what: 'edits', body: { edits }, base: 1, author: robin });
const kept = (why: Kept['why'], key: string, ...edits: Edit[]): Kept => ({ ...parcel(key, ...edits), why, words: 'No.' });

test('what was not sent by a window that is gone is taken over once, with what it kept undecided', async () => {
    const store = new Store();
    const gone = new Outbox(7, store, locks());
    gone.put(parcel('a', set(1)));
    gone.put(parcel('b', set(2)));
    gone.keep(kept('refused', 'c', set(3)));
    const next = new Outbox(7, store, locks());
    expect((await next.takeOver()).map((one) => one.key)).toEqual(['a', 'b']);
    expect(next.kept.map((one) => one.key)).toEqual(['c']);
    expect(await new Outbox(7, store, locks()).takeOver()).toEqual([]);
});

test('a window that is open keeps its own, and so does another template', async () => {
    const store = new Store();
    const open: string[] = [];
    new Outbox(7, store, locks(open)).put(parcel('a', set(1)));
    expect(await new Outbox(7, store, locks(open)).takeOver()).toEqual([]);
    expect(await new Outbox(8, store, locks()).takeOver()).toEqual([]);
    expect(store.length).toBe(1);
});

test('what an earlier version wrote is read still', async () => {
    const store = new Store();
    store.setItem('vestibra-outbox/7/old', JSON.stringify([parcel('a', set(1))]));
    expect((await new Outbox(7, store, locks()).takeOver()).map((one) => one.key)).toEqual(['a']);
});

test('parcels go in order, and leave the store when they are done', () => {
    const store = new Store();
    const outbox = new Outbox(7, store, locks());
    outbox.put(parcel('a', set(1)));
    outbox.put(parcel('b', set(2)));
    expect(outbox.first?.key).toBe('a');
    outbox.done();
    expect(outbox.first?.key).toBe('b');
    outbox.done();
    expect([outbox.first, store.length]).toEqual([undefined, 0]);
});

test('while two values wait for a decision, typing on changes one’s own and sends nothing', () => {
    const outbox = new Outbox(7, new Store(), locks());
    outbox.keep(kept('conflict', 'a', set(60)));
    expect(outbox.hold([set(61), set(30, 'title')])).toEqual([set(30, 'title')]);
    expect(outbox.kept.map(editsOf)).toEqual([[set(61)]]);
    outbox.release(['a']);
    expect(outbox.hold([set(62)])).toEqual([set(62)]);
});

test('what was refused holds nothing back, and a newer value takes its place', () => {
    const outbox = new Outbox(7, new Store(), locks());
    outbox.keep(kept('refused', 'a', set(60)), kept('refused', 'b', set(60), set(1, 'title')), kept('refused', 'c', { edit: 'remove', id: 'price' }));
    expect(outbox.hold([set(61)])).toEqual([set(61)]);
    outbox.supersede(parcel('d', set(61)));
    expect(outbox.kept.map((one) => one.key)).toEqual(['b', 'c']);
});
