/** Keeps the page on this device, so that it opens without a network after the first visit. */
export function registerWorker(): void {
    if (import.meta.env.PROD && 'serviceWorker' in navigator) {
        // Where a browser refuses (a private window), the page works as long as the service answers.
        navigator.serviceWorker.register('/worker.js').catch(() => undefined);
    }
}
