declare module 'php-wasm/PhpBase.mjs' {
    /** PHP as it runs in a page; see worker.ts for what of it is used. */
    export class PhpBase extends EventTarget {
        constructor(build: Promise<unknown>, settings: object);
        readonly binary: Promise<object>;
        run(code: string): Promise<number>;
    }
}
declare module 'php-wasm/php8.2-web.mjs';
