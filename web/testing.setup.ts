import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

// As long as a slow machine needs; what comes at once is not waited for.
configure({ asyncUtilTimeout: 20_000 });

// The page of the tests has no CSS object of use; dialogs and lists ask it to escape identifiers.
Object.defineProperty(globalThis, 'CSS', { value: { escape: (text: string) => text }, configurable: true, writable: true });

// Files share one page (vite.config.ts): nothing of a test is left on it for the next one.
afterEach(() => {
    cleanup();
    document.body.replaceChildren();
    vi.useRealTimers();
    vi.unstubAllGlobals();
    localStorage.clear();
    sessionStorage.clear();
});
