// Each twelve digits with the one check digit that npm gtin accepts after them.
import { readFileSync } from 'node:fs';
import gtin from 'gtin';

const bodies = JSON.parse(readFileSync(process.argv[2], 'utf8'));
console.log(
    JSON.stringify(
        bodies.map((body) => [...'0123456789'].map((digit) => body + digit).find((number) => gtin.isValid(number))),
    ),
);
