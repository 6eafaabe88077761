// What npm schema-dts (the terms of schema.org as TypeScript) has to say of structured data: terms that are none, and
// values of another kind.
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import ts from 'typescript';

const cases = JSON.parse(readFileSync(process.argv[2], 'utf8'));
const folder = mkdtempSync(new URL('../../node_modules/.schema-', import.meta.url).pathname);
// What an action is given (schema.org/docs/actions.html) is an annotation of a term, and none itself.
const plain = (key, value) => (key.endsWith('-input') ? undefined : value);
const files = cases.map((one, at) => {
    const file = `${folder}/case${at}.ts`;
    writeFileSync(
        file,
        `import type { ${one['@type']} as Type, WithContext } from 'schema-dts';\nexport const said: WithContext<Extract<Type, { '@type': '${one['@type']}' }>> = ${JSON.stringify(one, plain, 1)};\n`,
    );
    return file;
});
const program = ts.createProgram(files, {
    strict: true,
    noEmit: true,
    skipLibCheck: true,
    module: ts.ModuleKind.ESNext,
    moduleResolution: ts.ModuleResolutionKind.Bundler,
    types: [],
});
const found = ts.getPreEmitDiagnostics(program);
console.log(
    JSON.stringify(
        files.map((file) =>
            found
                .filter((one) => one.file?.fileName === file)
                .map((one) => ts.flattenDiagnosticMessageText(one.messageText, ' ').slice(0, 400)),
        ),
    ),
);
rmSync(folder, { recursive: true });
