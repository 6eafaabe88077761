// Tables as npm papaparse reads and writes them: [{ read: text }, { write: rows, separator }, …] in the file named.
import Papa from 'papaparse';
import { readFileSync } from 'node:fs';

const answers = JSON.parse(readFileSync(process.argv[2], 'utf8')).map((one) =>
    one.read !== undefined
        ? Papa.parse(one.read, { delimiter: one.separator ?? ',', newline: one.newline ?? '' }).data
        : Papa.unparse(one.write, { delimiter: one.separator, newline: one.newline, quotes: one.quotes }),
);
console.log(JSON.stringify(answers));
