import { expect, test } from '@playwright/test';
import type { Edit } from '../../../studio/lib/types';
import type { Lasting } from '../../../studio/screens/drawing-table/work/lasting';
import { decides, editsOf, Outbox, type Kept, type Parcel } from '../../../studio/screens/drawing-table/work/outbox';

/** A browser's store, and its locks: those of windows that are open. */
class Store implements Lasting {
    readonly texts = new Map<string, string>();

    names = async (): Promise<string[]> => [...this.texts.keys()];
    read = async (name: string): Promise<string | null> => this.texts.get(name) ?? null;
    write = async (name: string, text: string): Promise<void> => void this.texts.set(name, text);
    remove = async (name: string): Promise<void> => void this.texts.delete(name);
    last = (name: string, text: string): void => void this.texts.set(name, text);

    get length(): number {
        return this.texts.size;
    }
}

/** One that is full, or forbidden. */
const NOWHERE: Lasting = {
    names: () => Promise.reject(new Error('SecurityError')),
    read: () => Promise.reject(new Error('SecurityError')),
    write: () => Promise.reject(new Error('QuotaExceededError')),
    remove: () => Promise.reject(new Error('SecurityError')),
    last: () => undefined,
};

function locks(open: string[] = []): LockManager {
    return {
        request: async (name: string) => void open.push(name),
        query: async () => ({ held: open.map((name) => ({ name })), pending: [] }),
    } as unknown as LockManager;
}

const robin = { id: 1, name: 'Robin' };
const set = (value: number, id = 'price'): Edit => ({
    edit: 'set',
    id,
    question: 'how',
    width: 'desktop',
    setting: 'size',
    value,
});
const parcel = (key: string, ...edits: Edit[]): Parcel => ({
    key,
    what: 'edits',
    body: { edits },
    base: 1,
    author: robin,
});
const kept = (why: Kept['why'], key: string, ...edits: Edit[]): Kept => ({
    ...parcel(key, ...edits),
    why,
    words: 'No.',
});

test('what was not sent by a window that is gone is taken over once, with what it kept undecided', async () => {
    const store = new Store();
    const gone = new Outbox(7, store, locks());
    gone.put(parcel('a', set(1)));
    gone.put(parcel('b', set(2)));
    gone.keep(kept('refused', 'c', set(3)));
    await gone.settled;
    const next = new Outbox(7, store, locks());
    expect((await next.takeOver()).map((one) => one.key)).toEqual(['a', 'b']);
    expect(next.kept.map((one) => one.key)).toEqual(['c']);
    expect(await new Outbox(7, store, locks()).takeOver()).toEqual([]);
});

test('a window that is open keeps its own, and so does another template', async () => {
    const store = new Store();
    const open: string[] = [];
    const first = new Outbox(7, store, locks(open));
    first.put(parcel('a', set(1)));
    await first.settled;
    expect(await new Outbox(7, store, locks(open)).takeOver()).toEqual([]);
    expect(await new Outbox(8, store, locks()).takeOver()).toEqual([]);
    expect(store.length).toBe(1);
});

test('what an earlier version wrote is read still', async () => {
    const store = new Store();
    store.texts.set('vestibra-outbox/7/old', JSON.stringify([parcel('a', set(1))]));
    expect((await new Outbox(7, store, locks()).takeOver()).map((one) => one.key)).toEqual(['a']);
});

test('parcels go in order, and leave the store when they are done', async () => {
    const store = new Store();
    const outbox = new Outbox(7, store, locks());
    outbox.put(parcel('a', set(1)));
    outbox.put(parcel('b', set(2)));
    expect(outbox.first?.key).toBe('a');
    outbox.done();
    expect(outbox.first?.key).toBe('b');
    outbox.done();
    await outbox.settled;
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
    outbox.keep(
        kept('refused', 'a', set(60)),
        kept('refused', 'b', set(60), set(1, 'title')),
        kept('refused', 'c', { edit: 'remove', id: 'price' }),
    );
    expect(outbox.hold([set(61)])).toEqual([set(61)]);
    outbox.supersede(parcel('d', set(61)));
    expect(outbox.kept.map((one) => one.key)).toEqual(['b', 'c']);
});

test('where the browser’s store is full or forbidden everything goes on from memory, and it is said', async () => {
    const told: boolean[] = [];
    const outbox = new Outbox(7, NOWHERE, locks(), (works) => told.push(works));
    outbox.put(parcel('a', set(1)));
    outbox.put(parcel('b', set(2)));
    expect(outbox.first?.key).toBe('a');
    expect(await outbox.takeOver()).toEqual([]);
    await outbox.settled;
    outbox.done();
    expect(outbox.first?.key).toBe('b');
    expect(new Set(told)).toEqual(new Set([false]));
});

test('a store that works again is said too', async () => {
    const told: boolean[] = [];
    const store = new Store();
    let full = true;
    const write = store.write;
    store.write = (name, text) => (full ? Promise.reject(new Error('QuotaExceededError')) : write(name, text));
    const outbox = new Outbox(7, store, locks(), (works) => told.push(works));
    outbox.put(parcel('a', set(1)));
    await outbox.settled;
    full = false;
    outbox.put(parcel('b', set(2)));
    await outbox.settled;
    expect(told).toEqual([false, true]);
});

test('what a window writes as it closes is found by the next one', async () => {
    const store = new Store();
    const slow: Lasting = {
        names: store.names,
        read: store.read,
        remove: store.remove,
        last: store.last,
        write: () => new Promise(() => undefined),
    };
    const gone = new Outbox(7, slow, locks());
    gone.put(parcel('a', set(1)));
    gone.close();
    expect((await new Outbox(7, store, locks()).takeOver()).map((one) => one.key)).toEqual(['a']);
});

test('one setting of one block at one width is what is decided: a phone’s value stands beside a desktop’s', () => {
    const phone: Edit = { edit: 'set', id: 'price', question: 'how', width: 'phone', setting: 'size', value: 20 };
    const outbox = new Outbox(7, new Store(), locks());
    outbox.keep(kept('conflict', 'a', set(60)));
    expect(outbox.hold([phone])).toEqual([phone]);
    expect(outbox.kept.map(editsOf)).toEqual([[set(60)]]);
    outbox.keep(kept('refused', 'b', phone));
    outbox.supersede(parcel('c', set(61)));
    expect(outbox.kept.map((one) => one.key)).toEqual(['a', 'b']);
    const keys = [
        set(1),
        phone,
        { ...set(1), id: 'title' } as Edit,
        { ...set(1), setting: 'weight' } as Edit,
        { ...set(1), question: 'what' } as Edit,
        { edit: 'move', id: 'price', parent: 'p', after: null } as Edit,
        { edit: 'reach', reach: { format: 2, show: [], keepOff: [], season: {}, goesFirst: false } } as Edit,
    ].flatMap(decides);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys).toHaveLength(7);
    expect(decides({ ...phone, question: 'what' } as Edit)).toEqual(decides({ ...set(1), question: 'what' } as Edit));
    expect(decides({ edit: 'remove', id: 'price' })).toEqual([]);
});
