/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core';
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] };

/** Longest wait for the service before the page as last seen is opened, seconds. */
const PATIENCE_SECONDS = 5;
const SHELL = '/';

// What the page is made of, all stations, so that it opens without a network. What it shows is kept by the page itself (web/away).
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);

// Every view is the one page. The service's own answer comes first: it carries a fresh nonce of the content policy.
const shell = new NetworkFirst({
    cacheName: 'shell',
    networkTimeoutSeconds: PATIENCE_SECONDS,
    plugins: [
        {
            cacheKeyWillBeUsed: () => Promise.resolve(SHELL),
            fetchDidSucceed: ({ response }) =>
                // A service that is down answers through its proxy: no page.
                response.status >= 500 ? Promise.reject(new Error(`The service answers ${response.status}`)) : Promise.resolve(response),
            cacheWillUpdate: ({ response }) =>
                Promise.resolve(response.ok && (response.headers.get('Content-Type') ?? '').startsWith('text/html') ? response : null),
        },
    ],
});
registerRoute(new NavigationRoute(shell, { denylist: [/^\/(api|build|calendar|health|samples)(\/|$)/] }));

self.addEventListener('install', (event) => {
    event.waitUntil(shell.handleAll({ event, request: new Request(SHELL) })[1]);
});
