// Reads pairs of [a, b, c] from a file and prints how npm specificity orders each.
import { readFileSync } from 'node:fs';
import { compare } from 'specificity';

const pairs = JSON.parse(readFileSync(process.argv[2], 'utf8'));
const named = ([a, b, c]) => ({ A: a, B: b, C: c });
console.log(JSON.stringify(pairs.map(([one, other]) => compare(named(one), named(other)))));
