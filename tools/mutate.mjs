// Plants faults in the Studio's pure modules, one at a time, and says which of them no unit test notices:
//   node tools/mutate.mjs [MODULE …] [--seed=1] [--faults=100]
// A module without tests that name it is tried with all of them. Nothing here is changed: it works on a copy.
import { execFileSync, spawn } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import ts from 'typescript';

const root = resolve(import.meta.dirname, '..');
const UNITS = 'tests/Browser/units';
const PATIENCE = 90_000;

/** Draws that are the same for the same number (mulberry32). */
function chance(seed) {
    let state = seed >>> 0;
    return () => {
        state = (state + 0x6d2b79f5) >>> 0;
        let value = Math.imul(state ^ (state >>> 15), state | 1);
        value ^= value + Math.imul(value ^ (value >>> 7), value | 61);
        return ((value ^ (value >>> 14)) >>> 0) / 4294967296;
    };
}

const { SyntaxKind: Kind } = ts;
const OTHER = new Map([
    [Kind.LessThanToken, '<='],
    [Kind.LessThanEqualsToken, '<'],
    [Kind.GreaterThanToken, '>='],
    [Kind.GreaterThanEqualsToken, '>'],
    [Kind.EqualsEqualsEqualsToken, '!=='],
    [Kind.ExclamationEqualsEqualsToken, '==='],
    [Kind.PlusToken, '-'],
    [Kind.MinusToken, '+'],
    [Kind.AsteriskToken, '/'],
    [Kind.SlashToken, '*'],
    [Kind.AmpersandAmpersandToken, '||'],
    [Kind.BarBarToken, '&&'],
]);
const THROUGH = ['filter', 'map', 'toSorted', 'toReversed', 'trim', 'toLowerCase', 'slice', 'flat'];

/** What could be wrong in a module: where, what instead, and what sort of fault it is. */
function faultsIn(file) {
    const code = readFileSync(join(root, file), 'utf8');
    const tree = ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true);
    const faults = [];
    const plant = (node, instead, kind) =>
        faults.push({ file, code, from: node.getStart(tree), to: node.getEnd(), instead, kind });
    const text = (node) => node.getText(tree);
    const look = (node) => {
        if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isImportDeclaration(node)) return;
        if (ts.isBinaryExpression(node)) {
            const other = OTHER.get(node.operatorToken.kind);
            if (other) plant(node.operatorToken, other, 'operator');
            if (node.operatorToken.kind === Kind.QuestionQuestionToken)
                plant(node, `(${text(node.right)})`, 'null check');
        }
        if (ts.isPrefixUnaryExpression(node) && node.operator === Kind.ExclamationToken)
            plant(node, text(node.operand), 'operator');
        if (ts.isConditionalExpression(node)) {
            plant(node, `(${text(node.whenTrue)})`, 'branch');
            plant(node, `(${text(node.whenFalse)})`, 'branch');
        }
        if (ts.isNumericLiteral(node)) plant(node, String(Number(node.text) + 1), 'boundary');
        if (node.kind === Kind.TrueKeyword) plant(node, 'false', 'boundary');
        if (node.kind === Kind.FalseKeyword) plant(node, 'true', 'boundary');
        if (ts.isExpressionStatement(node)) plant(node, ';', 'removed call');
        if (ts.isIfStatement(node) && !node.elseStatement) plant(node, ';', 'removed branch');
        if (ts.isTemplateExpression(node))
            for (const span of node.templateSpans) plant(span.expression, "''", 'part of a key');
        if (ts.isCallExpression(node)) {
            const [one, other] = node.arguments;
            if (one && other && text(one) !== text(other) && !ts.isSpreadElement(one) && !ts.isSpreadElement(other))
                plant(
                    node,
                    code.slice(node.getStart(tree), one.getStart(tree)) +
                        `${text(other)}, ${text(one)}` +
                        code.slice(other.getEnd(), node.getEnd()),
                    'swapped arguments',
                );
            if (ts.isPropertyAccessExpression(node.expression) && THROUGH.includes(node.expression.name.text))
                plant(node, text(node.expression.expression), 'removed call');
        }
        if (ts.isArrayLiteralExpression(node) && node.elements.length > 1)
            for (const element of node.elements)
                plant(
                    node,
                    `[${node.elements
                        .filter((one) => one !== element)
                        .map(text)
                        .join(', ')}]`,
                    'part left out',
                );
        ts.forEachChild(node, look);
    };
    look(tree);
    return faults;
}

const specs = readdirSync(join(root, UNITS)).filter((name) => name.endsWith('.spec.ts'));
/** The unit tests that import a module. */
function testsOf(module) {
    const name = module.replace(/(\.svelte)?\.ts$/, '');
    const found = specs.filter((spec) => readFileSync(join(root, UNITS, spec), 'utf8').includes(`/${name}'`));
    return found.map((spec) => `${UNITS}/${spec}`);
}

function pure() {
    const files = execFileSync('git', ['ls-files', 'studio'], { cwd: root, encoding: 'utf8' }).split('\n');
    return files.filter((file) => /(?<!\.svelte)\.ts$/.test(file) && testsOf(file).length > 0);
}

const words = process.argv.slice(2);
const given = (name, usual) => Number(words.find((one) => one.startsWith(`--${name}=`))?.split('=')[1] ?? usual);
const random = chance(given('seed', 1));
const named = words.filter((one) => !one.startsWith('--'));
const modules = named.length > 0 ? named : pure();
const all = modules.flatMap(faultsIn);
const drawn = all
    .map((fault) => ({ fault, at: random() }))
    .sort((one, other) => one.at - other.at)
    .slice(0, given('faults', 100))
    .map(({ fault }) => fault);

function copy() {
    const place = mkdtempSync(join(tmpdir(), 'faults-'));
    for (const part of ['studio', 'blocks', 'shop', UNITS, 'tests/Browser/clipboard', 'playwright.units.config.ts'])
        cpSync(join(root, part), join(place, part), { recursive: true });
    for (const part of ['package.json', 'tsconfig.json']) cpSync(join(root, part), join(place, part));
    symlinkSync(join(root, 'node_modules'), join(place, 'node_modules'));
    return place;
}

function tried(place, fault) {
    const file = join(place, fault.file);
    writeFileSync(file, fault.code.slice(0, fault.from) + fault.instead + fault.code.slice(fault.to));
    return new Promise((done) => {
        const run = spawn(
            process.execPath,
            [
                'node_modules/@playwright/test/cli.js',
                'test',
                '-c',
                'playwright.units.config.ts',
                '-x',
                '--workers=1',
                '--reporter=dot',
                ...testsOf(fault.file),
            ],
            { cwd: place, stdio: 'ignore', timeout: PATIENCE },
        );
        run.on('close', (status) => {
            writeFileSync(file, fault.code);
            done(status !== 0);
        });
    });
}

const lived = [];
let caught = 0;
async function lane() {
    const place = copy();
    for (let fault = drawn.shift(); fault; fault = drawn.shift()) {
        if (await tried(place, fault)) caught += 1;
        else lived.push(fault);
        process.stderr.write(lived.at(-1) === fault ? 'L' : '.');
    }
    rmSync(place, { recursive: true });
}
await Promise.all([lane(), lane()]);
process.stderr.write('\n');
for (const fault of lived) {
    const line = fault.code.slice(0, fault.from).split('\n').length;
    const there = fault.code.slice(fault.from, fault.to).replace(/\s+/g, ' ');
    console.log(`${fault.file}:${line} (${fault.kind})\n  - ${there}\n  + ${fault.instead.replace(/\s+/g, ' ')}\n`);
}
console.log(
    `Studio, ${modules.length} modules, seed ${given('seed', 1)}: ${caught} of ${caught + lived.length} faults were caught.`,
);
