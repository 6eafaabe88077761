// For each piece of HTML, what npm dompurify still finds to remove from it.
import { readFileSync } from 'node:fs';
import createDOMPurify from 'dompurify';
import { JSDOM } from 'jsdom';

const purify = createDOMPurify(new JSDOM('').window);
const pieces = JSON.parse(readFileSync(process.argv[2], 'utf8'));
console.log(
    JSON.stringify(
        pieces.map((piece) => {
            purify.sanitize(piece);
            return purify.removed.map(
                (one) => one.element?.outerHTML ?? one.element?.nodeName ?? one.attribute?.name ?? 'something',
            );
        }),
    ),
);
