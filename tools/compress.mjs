// Lays a compressed copy beside every file of the build that gets smaller by it, for servers that hand those out.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const folder = 'public/build/assets';
for (const name of readdirSync(folder).filter((one) => /\.(js|css|svg|json)$/.test(one))) {
    const content = readFileSync(`${folder}/${name}`);
    if (content.length < 1024) continue;
    writeFileSync(`${folder}/${name}.gz`, gzipSync(content, { level: 9 }));
    writeFileSync(
        `${folder}/${name}.br`,
        brotliCompressSync(content, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
    );
}
