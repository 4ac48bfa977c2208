import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { I18nProvider } from 'react-aria-components';
import { createRoot } from 'react-dom/client';
import { StyleSheetManager } from 'styled-components';
import { ProblemError } from './api/client';
import { isAway } from './away/away';
import { registerWorker } from './away/register';
import { App } from './App';
import './theme/fonts.css';
import { GlobalStyle } from './theme/GlobalStyle';
import { applyTheme, storedTheme } from './theme/theme';

applyTheme(storedTheme());

const client = new QueryClient({
    defaultOptions: {
        queries: {
            // A refusal will not change by asking again; a service that is down may come back.
            retry: (count, error) => !(error instanceof ProblemError) && count < 3 && !isAway(),
            refetchOnWindowFocus: false,
            // Without a network too: what was last seen on this device is answered then.
            networkMode: 'always',
            refetchOnReconnect: true,
        },
        mutations: { networkMode: 'always' },
    },
});
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;
const root = document.getElementById('root');
if (root === null) {
    throw new Error('The page has no root');
}
registerWorker();
createRoot(root).render(
    <StrictMode>
        <StyleSheetManager {...(nonce === undefined ? {} : { nonce })}>
            <I18nProvider locale="en-GB">
                <QueryClientProvider client={client}>
                    <GlobalStyle />
                    <App />
                </QueryClientProvider>
            </I18nProvider>
        </StyleSheetManager>
    </StrictMode>,
);
