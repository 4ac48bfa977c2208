/// <reference lib="webworker" />
import { PhpBase } from 'php-wasm/PhpBase.mjs';

declare const self: DedicatedWorkerGlobalScope;

/** What the page hands over: the compiled PHP, and the files of the core by name. */
export interface Handed {
    php: WebAssembly.Module;
    files: Readonly<Record<string, string>>;
}

export interface Asked {
    id: number;
    question: string;
}

export type Told = { ready: true } | { broken: string } | { id: number; answer: string } | { id: number; failure: string };

// The build of PHP names these as it begins, and does nothing with them where nothing is drawn.
const nobody = { addEventListener: () => undefined, getElementById: () => null, body: {}, documentElement: {} };
Object.assign(self, { document: nobody, window: self, screen: {} });
// It looks for libraries that it does without; here nothing can be fetched, and nothing is.
self.fetch = () => Promise.resolve(new Response(new ArrayBuffer(0)));

const ROOT = '/core-root/';
const QUESTION = '/question.json';
const ANSWER = '/answer.json';
const FAILURE = '/failure.txt';

// A circuit is data: it is read from a file, and never stands inside code.
const ANSWERS = `<?php try { file_put_contents('${ANSWER}', \\App\\Carried\\CarriedAnswers::to(file_get_contents('${QUESTION}'))); }
    catch (\\Throwable $error) { file_put_contents('${FAILURE}', get_class($error).': '.$error->getMessage()); }`;

const told = (what: Told): void => self.postMessage(what);

/** The part of the build's own file system that is used here. */
interface Files {
    mkdirTree: (path: string) => void;
    writeFile: (path: string, text: string) => void;
    readFile: (path: string, as: { encoding: 'utf8' }) => string;
    analyzePath: (path: string) => { exists: boolean };
    unlink: (path: string) => void;
}

async function started({ php, files }: Handed): Promise<(question: string) => Promise<string>> {
    let said = '';
    const machine = new PhpBase(import('php-wasm/php8.2-web.mjs'), {
        instantiateWasm: (imports: WebAssembly.Imports, done: (instance: WebAssembly.Instance, module: WebAssembly.Module) => void) => {
            void WebAssembly.instantiate(php, imports).then((instance) => done(instance, php));
            return {};
        },
    });
    machine.addEventListener('output', (event) => (said += (event as CustomEvent<string[]>).detail.join('')));
    machine.addEventListener('error', (event) => (said += (event as CustomEvent<string[]>).detail.join('')));
    const { FS } = (await machine.binary) as unknown as { FS: Files };
    const folders = new Set<string>();
    for (const [name, text] of Object.entries(files)) {
        const folder = ROOT + name.slice(0, name.lastIndexOf('/'));
        if (!folders.has(folder)) {
            FS.mkdirTree(folder);
            folders.add(folder);
        }
        FS.writeFile(ROOT + name, text);
    }
    await machine.run(`<?php require '${ROOT}core/autoload.php'; require '${ROOT}app/card.php';`);
    const taken = (path: string): string | null => {
        if (!FS.analyzePath(path).exists) {
            return null;
        }
        const text = FS.readFile(path, { encoding: 'utf8' });
        FS.unlink(path);
        return text;
    };
    return async (question) => {
        said = '';
        FS.writeFile(QUESTION, question);
        await machine.run(ANSWERS);
        const failure = taken(FAILURE);
        const answer = taken(ANSWER);
        if (failure !== null || answer === null) {
            throw new Error(failure ?? (said.trim() || 'It ended without an answer.'));
        }
        return answer;
    };
}

let ask: Promise<(question: string) => Promise<string>> | null = null;

async function answer({ id, question }: Asked): Promise<void> {
    try {
        const asking = await ask;
        if (asking === null) {
            throw new Error('Nothing was handed over yet.');
        }
        told({ id, answer: await asking(question) });
    } catch (error) {
        told({ id, failure: String(error) });
    }
}

self.addEventListener('message', ({ data }: MessageEvent<Handed | Asked>) => {
    if ('php' in data) {
        ask = started(data);
        ask.then(
            () => told({ ready: true }),
            (error: unknown) => told({ broken: String(error) }),
        );
    } else {
        void answer(data);
    }
});
