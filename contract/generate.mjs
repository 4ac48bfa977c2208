// Writes web/api/contract.ts from the schemas beside this file. `--check` only compares.
import { readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { compile } from 'json-schema-to-typescript';
import { format, resolveConfig } from 'prettier';

const here = dirname(fileURLToPath(import.meta.url));
const target = join(here, '../web/api/contract.ts');
const parts = ['// Generated from contract/*.schema.json by contract/generate.mjs. Do not edit.'];
for (const name of ['circuit', 'solution', 'service']) {
    const schema = JSON.parse(readFileSync(join(here, `${name}.schema.json`), 'utf8'));
    // Every key of a circuit may be missing, and unknown ones are kept.
    parts.push(await compile(schema, name, { bannerComment: '', additionalProperties: false, format: false }));
}
// One field a line.
const fields = Object.entries(JSON.parse(readFileSync(join(here, 'fields.json'), 'utf8'))).map(
    ([path, field]) => `${JSON.stringify(path)}: ${JSON.stringify(field)}`,
);
parts.push(
    `/** What never changes about a field: its label, the unit of a bare typed number, and a line below it. */\n` +
        `export const FIELDS: Readonly<Record<FieldPath, { label: string; unit: string; hint: string }>> = {${fields.join(',\n')}};`,
);
const readings = readFileSync(join(here, 'readings.json'), 'utf8');
parts.push(
    `export type ReadingKind = ${Object.keys(JSON.parse(readings))
        .map((kind) => JSON.stringify(kind))
        .join(' | ')};\n` +
        `export type EntryKind = ${Object.keys(JSON.parse(readFileSync(join(here, 'logbook.json'), 'utf8')))
            .map((kind) => JSON.stringify(kind))
            .join(' | ')};\n` +
        `export interface ReadingField { name: string; label: string; unit: string; accepted: string; empty: string; several: boolean; choices: readonly { value: string; label: string }[] }`,
);
const text = await format(parts.join('\n\n'), { ...(await resolveConfig(target)), parser: 'typescript' });
if (process.argv.includes('--check')) {
    if (readFileSync(target, 'utf8') !== text) {
        console.error('web/api/contract.ts is not what the schemas say: run npm run contract');
        process.exit(1);
    }
} else {
    writeFileSync(target, text);
}
