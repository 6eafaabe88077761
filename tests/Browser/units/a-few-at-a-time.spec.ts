import { expect, test } from '@playwright/test';
import { aFewAtATime } from '../../../studio/lib/aFewAtATime';

test('only so many are under way; who asked first comes first; whoever is through makes room for one', () => {
    const begun: string[] = [];
    const turn = aFewAtATime(2);
    const [a, b, c, d] = ['a', 'b', 'c', 'd'].map((name) => turn(() => begun.push(name)));
    expect(begun).toEqual(['a', 'b']);
    b?.();
    expect(begun).toEqual(['a', 'b', 'c']);
    // Saying twice that one is through makes room once.
    b?.();
    expect(begun).toEqual(['a', 'b', 'c']);
    a?.();
    expect(begun).toEqual(['a', 'b', 'c', 'd']);
    c?.();
    d?.();
    turn(() => begun.push('e'));
    expect(begun).toEqual(['a', 'b', 'c', 'd', 'e']);
});

test('whoever gives up before the turn has come takes no room', () => {
    const begun: string[] = [];
    const turn = aFewAtATime(1);
    const first = turn(() => begun.push('first'));
    const second = turn(() => begun.push('second'));
    turn(() => begun.push('third'));
    second();
    first();
    expect(begun).toEqual(['first', 'third']);
});
