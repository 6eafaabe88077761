// Reads cases [{rule, data}] from a file and prints what npm json-logic-js answers for each.
import { readFileSync } from 'node:fs';
import logic from 'json-logic-js';

const cases = JSON.parse(readFileSync(process.argv[2], 'utf8'));
console.log(JSON.stringify(cases.map(({ rule, data }) => logic.apply(rule, data) === true)));
