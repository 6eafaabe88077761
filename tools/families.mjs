// Writes core/Styling/Families.php: the families of letters that ship, with the scripts that their files hold and the
// room that stands in for them until they have come. The numbers are those of @capsizecss/metrics; how they become
// size-adjust and the overrides is the formula of CSS Fonts 5 as capsize publishes it (average width of a letter
// against that of the stand-in).
import { readFileSync, writeFileSync } from 'node:fs';

const FAMILIES =
    'newsreader source-serif-4 lora bitter literata eb-garamond instrument-sans work-sans karla figtree nunito-sans public-sans rubik jost hanken-grotesk'.split(
        ' ',
    );
const SCRIPTS = ['latin', 'latin-ext', 'cyrillic', 'greek'];
const metrics = async (name) => (await import(`@capsizecss/metrics/${name}`)).default;
const percent = (share) => `${Math.round(share * 1000) / 10}%`;
const rows = [];
/** Code points that many families have are written once. */
const constants = new Map();
const constant = (script, range) => {
    const same = [...constants].find(([, known]) => known === range);
    if (same) return `self::${same[0]}`;
    const stem = script.toUpperCase().replace('-', '_');
    const name = constants.has(stem)
        ? `${stem}_${[...constants.keys()].filter((one) => one.startsWith(stem)).length + 1}`
        : stem;
    constants.set(name, range);
    return `self::${name}`;
};
const lines = (range) => range.match(/.{1,80}(?:,|$)/g).map((part) => `'${part}'`);
for (const key of FAMILIES) {
    const folder = `node_modules/@fontsource-variable/${key}`;
    const { family, weights } = JSON.parse(readFileSync(`${folder}/metadata.json`, 'utf8'));
    const ranges = JSON.parse(readFileSync(`${folder}/unicode.json`, 'utf8'));
    const own = await metrics(
        key === 'eb-garamond' ? 'eBGaramond' : key.replace(/-(\w)/g, (_, letter) => letter.toUpperCase()),
    );
    const kind = own.category === 'serif' ? 'serif' : 'sans';
    const standIn = await metrics(kind === 'serif' ? 'timesNewRoman' : 'arial');
    const adjust = own.xWidthAvg / own.unitsPerEm / (standIn.xWidthAvg / standIn.unitsPerEm);
    const over = (units) => percent(Math.abs(units) / own.unitsPerEm / adjust);
    const scripts = SCRIPTS.filter((script) => ranges[script]).map(
        (script) => `            '${script}' => ${constant(script, ranges[script])},`,
    );
    const span = `${Math.min(...weights)} ${Math.max(...weights)}`;
    const room = [percent(adjust), over(own.ascent), over(own.descent), over(own.lineGap)];
    rows.push(
        `        '${key}' => ['${family}', '${kind}', '${span}', ['${room.join("', '")}'], [`,
        ...scripts,
        '        ]],',
    );
}
writeFileSync(
    'core/Styling/Families.php',
    `<?php

declare(strict_types=1);

namespace Vestibra\\Core\\Styling;

/**
 * Made by tools/families.mjs out of the packages that the families ship in.
 *
 * @api
 */
final class Families
{
${[...constants].map(([name, range]) => `    private const ${name} = ${lines(range).join('\n        .')};\n`).join('\n')}
    /**
     * Key => name, kind, weights, what their stand-in is stretched by and its ascent, descent and line gap; script =>
     * the code points that its file is for.
     *
     * @var array<string, array{
     *     string, 'serif'|'sans', string, array{string, string, string, string}, array<string, string>,
     * }>
     */
    public const ALL = [
${rows.join('\n')}
    ];
}
`,
);
