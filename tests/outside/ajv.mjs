// Each [schema, document]: whether npm ajv (JSON Schema 2020-12) accepts it.
import { readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020.js';

const ajv = new Ajv2020({ allErrors: false, strict: true, allowUnionTypes: true });
const known = new Map();
const validator = (schema) => {
    const id = schema.$id;
    if (!known.has(id)) known.set(id, ajv.compile(schema));
    return known.get(id);
};
const { schemas, cases } = JSON.parse(readFileSync(process.argv[2], 'utf8'))[0];
console.log(JSON.stringify([cases.map(([name, document]) => validator(schemas[name])(document))]));
