import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { VitePWA } from 'vite-plugin-pwa';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** PHP comes to a worker compiled, from the page: what its build would fetch by itself is left out. */
const packedPhp = (): Plugin => ({
    name: 'packed-php',
    enforce: 'pre',
    transform: (code, id) =>
        id.endsWith('/php8.2-web.mjs')
            ? code.replaceAll(/new URL\("[0-9a-f]{40}\.wasm",\s*import\.meta\.url\)/g, 'new URL("/",self.location.href)')
            : null,
});

export default defineConfig({
    plugins: [
        // The Laravel plugin writes the manifest; tests need none.
        ...(process.env.VITEST === undefined ? [laravel({ input: 'web/main.tsx', refresh: false })] : []),
        { ...optimizeLocales.vite({ locales: ['en-GB', 'en-US'] }), enforce: 'pre' },
        react(),
        // The page opens without a network after the first visit; web/worker.ts says how.
        VitePWA({
            strategies: 'injectManifest',
            srcDir: 'web',
            filename: 'worker.ts',
            injectRegister: false,
            injectManifest: { globPatterns: ['assets/**/*.{js,css,woff2}'], modifyURLPrefix: { '': '/build/' } },
            manifest: {
                id: '/',
                name: 'Brave Anvil',
                short_name: 'Brave Anvil',
                description: 'Motor branch circuits from the nameplate to a signed sheet',
                lang: 'en-GB',
                start_url: '/',
                scope: '/',
                display: 'standalone',
                background_color: '#eef0ec',
                theme_color: '#1d262a',
                icons: [
                    { src: '/icons/mark-192.png', sizes: '192x192', type: 'image/png' },
                    { src: '/icons/mark-512.png', sizes: '512x512', type: 'image/png' },
                    { src: '/icons/mark-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
                ],
            },
        }),
    ],
    // Its own name, by which the web server forbids it every connection.
    worker: { format: 'es', plugins: () => [packedPhp()], rolldownOptions: { output: { entryFileNames: 'assets/[name]-[hash].js' } } },
    build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
    test: {
        environment: 'jsdom',
        include: ['web/**/*.test.{ts,tsx}'],
        globals: false,
        setupFiles: 'web/testing.setup.ts',
        // Files share their modules and one page: each cleans up after itself, and all take a third of the time.
        isolate: false,
        // What is waited for comes, also on a machine that has other things to do.
        testTimeout: 180_000,
        hookTimeout: 60_000,
    },
});
