import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import type { Definition } from '../../../studio/lib/types';
import { Kinds } from '../../../studio/screens/drawing-table/tree/tree';

interface Said {
    definitions: Definition[];
    subjects: string[];
    holds: [string, string][];
    fits: [string, string][];
}

const core = JSON.parse(execFileSync('php', ['tests/Browser/units/kinds.php']).toString()) as Said;
const kinds = new Kinds(core.definitions);
const names = core.definitions.map((one) => one.kind);
const pairs = <Other>(others: readonly Other[], holds: (kind: string, other: Other) => boolean): string[] =>
    names.flatMap((kind) => others.filter((other) => holds(kind, other)).map((other) => `${kind} ${String(other)}`));

test('what may stand in what is what the core says, for every pair of kinds', () => {
    expect(names.length).toBeGreaterThan(50);
    expect(core.holds.length).toBeGreaterThan(names.length);
    expect(pairs(names, (parent, child) => kinds.mayHold(parent, child))).toEqual(
        core.holds.map(([parent, child]) => `${parent} ${child}`),
    );
});

test('what says something on which page is what the core says, around pages too', () => {
    const around = (subject: string): string => (subject === 'page' ? 'header' : subject);
    expect(pairs(core.subjects, (kind, subject) => kinds.fits(kind, around(subject)))).toEqual(
        core.fits.map(([kind, subject]) => `${kind} ${subject}`),
    );
    expect(pairs(['footer'], (kind, subject) => kinds.fits(kind, subject))).toEqual(
        core.fits.filter(([, subject]) => subject === 'page').map(([kind]) => `${kind} footer`),
    );
});
