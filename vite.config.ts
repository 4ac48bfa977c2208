import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    plugins: [
        // The Laravel plugin writes the manifest; tests need none.
        ...(process.env.VITEST === undefined ? [laravel({ input: 'web/main.tsx', refresh: false })] : []),
        { ...optimizeLocales.vite({ locales: ['en-GB', 'en-US'] }), enforce: 'pre' },
        react(),
    ],
    build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
    test: { environment: 'jsdom', include: ['web/**/*.test.{ts,tsx}'], globals: false, setupFiles: 'web/testing.setup.ts' },
});
