// Solves circuits with the core as a page carries it, in the package's build of PHP for Node: one circuit a line in, one solution a line out;
// last a line with what it took.
import fs from 'node:fs';
import zlib from 'node:zlib';
import { createInterface } from 'node:readline';
import { PhpNode } from 'php-wasm/PhpNode.mjs';

const folder = new URL('../../public/build/device/', import.meta.url);
const parts = JSON.parse(fs.readFileSync(new URL('parts.json', folder)));
const files = JSON.parse(zlib.gunzipSync(fs.readFileSync(new URL(parts.archive.name, folder))));

const began = performance.now();
const php = new PhpNode({ version: '8.2' });
let said = '';
php.addEventListener('output', (event) => (said += event.detail.join('')));
php.addEventListener('error', (event) => (said += event.detail.join('')));
const machine = await php.binary;
for (const [name, text] of Object.entries(files)) {
    machine.FS.mkdirTree(`/root/${name.slice(0, name.lastIndexOf('/'))}`);
    machine.FS.writeFile(`/root/${name}`, text);
}
await php.run("<?php require '/root/core/autoload.php'; require '/root/app/card.php';");
const boot = performance.now() - began;
const times = [];
for await (const line of createInterface({ input: process.stdin })) {
    const from = performance.now();
    machine.FS.writeFile('/question.json', line);
    await php.run("<?php file_put_contents('/answer.json', \\App\\Carried\\CarriedAnswers::to(file_get_contents('/question.json')));");
    times.push(performance.now() - from);
    process.stdout.write(`${machine.FS.readFile('/answer.json', { encoding: 'utf8' })}\n`);
    machine.FS.unlink('/answer.json');
}
const warm = times.slice(1).sort((a, b) => a - b);
process.stdout.write(
    `${JSON.stringify({
        said,
        boot_ms: boot,
        first_ms: times[0],
        warm_ms: warm[Math.floor(warm.length / 2)],
        warm_p95_ms: warm[Math.floor(0.95 * warm.length)],
        memory_bytes: machine.HEAP8.length,
    })}\n`,
);
