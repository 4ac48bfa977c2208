// Writes web/api/contract.ts from the schemas beside this file, and web/api/service.ts from the routes. `--check` only compares.
import { readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { compile } from 'json-schema-to-typescript';
import { format, resolveConfig } from 'prettier';

const here = dirname(fileURLToPath(import.meta.url));
const parts = ['// Generated from contract/*.schema.json by contract/generate.mjs. Do not edit.'];
for (const name of ['circuit', 'solution', 'service']) {
    const schema = JSON.parse(readFileSync(join(here, `${name}.schema.json`), 'utf8'));
    // Every key of a circuit may be missing, and unknown ones are kept.
    const made = await compile(schema, name, {
        bannerComment: '',
        additionalProperties: false,
        format: false,
        unreachableDefinitions: name === 'service',
    });
    parts.push(
        made.replace(
            / \*\s*\n \* This interface was referenced by .*\n \* via the `definition` .*\n|\/\*\*\n \* This interface was referenced by .*\n \* via the `definition` .*\n \*\/\n/g,
            '',
        ),
    );
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

// A word that the language keeps for itself is no name of a parameter.
const named = (id) => (id === 'import' ? 'imported' : id);

/** One function for each route: its numbers, what is asked behind the question mark, what is sent. */
const functionOf = (name, { method, path, ids, query, takes, answers }) => {
    const file = answers === 'file';
    const sends = takes === 'bytes' ? 'Blob' : takes;
    const parameters = [
        ...ids.map((id) => `${named(id)}: Id`),
        ...(query.length > 0
            ? [`query: Query<${query.map((one) => JSON.stringify(one)).join(' | ')}>${sends === null ? ' = {}' : ''}`]
            : []),
        ...(sends === null ? [] : [`body: ${sends}`]),
        ...(file ? [] : ['signal?: AbortSignal']),
    ];
    const address = path.replace(/\{(\w+)\}/g, (_, id) => `\${${named(id)}}`) + (query.length > 0 ? '${asked(query)}' : '');
    const sent = takes === null ? 'undefined' : 'body';
    const body = file
        ? `\`/api/${address}\``
        : `${takes === 'bytes' ? 'send' : 'call'}<${answers ?? 'undefined'}>('${method}', \`${address}\`, ${sent}, signal)`;
    return `${name}: (${parameters.join(', ')}) => ${body}`;
};
const routes = JSON.parse(readFileSync(join(here, 'routes.json'), 'utf8'));
const used = new Set(
    Object.values(routes)
        .flatMap((calls) => Object.values(calls))
        .flatMap(({ takes, answers }) => [takes, answers])
        .filter((one) => one !== null && one !== 'file' && one !== 'bytes'),
);
const service = [
    '// Generated from the routes by bin/contract. Do not edit.',
    "import { asked, call, send, type Id, type Query } from './client';",
    `import type { ${[...used].sort().join(', ')} } from './contract';`,
    '/** Every call to the service, by what it is about. What answers with a file gives its address. */',
    `export const service = { ${Object.entries(routes)
        .map(
            ([about, calls]) =>
                `${about}: { ${Object.entries(calls)
                    .map(([name, one]) => functionOf(name, one))
                    .join(', ')} }`,
        )
        .join(', ')} };`,
].join('\n\n');
let differs = false;
for (const [name, source] of [
    ['contract', parts.join('\n\n')],
    ['service', service],
]) {
    const target = join(here, `../web/api/${name}.ts`);
    const text = await format(source, { ...(await resolveConfig(target)), parser: 'typescript' });
    if (!process.argv.includes('--check')) {
        writeFileSync(target, text);
    } else if (readFileSync(target, 'utf8') !== text) {
        console.error(`web/api/${name}.ts is not what the schemas and routes say: run bin/contract`);
        differs = true;
    }
}
process.exit(differs ? 1 : 0);
