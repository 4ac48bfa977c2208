import { createGlobalStyle } from 'styled-components';
import { dark, forced, light, token } from './tokens';

export const GlobalStyle = createGlobalStyle`
    :root { ${light} }
    @media (prefers-color-scheme: dark) { :root:not([data-theme='light']) { ${dark} } }
    :root[data-theme='dark'] { ${dark} }
    @media (forced-colors: active) {
        :root, :root[data-theme] { ${forced} }
        /* What is chosen stays told from what is not. */
        button[data-selected], button[aria-pressed='true'], [role='option'][data-selected] {
            forced-color-adjust: none; background: Highlight !important; color: HighlightText !important;
        }
        [aria-current='page'] { outline: 3px solid Highlight; outline-offset: -3px; }
    }
    :root { --touch: 40px; }
    @media (pointer: coarse) { :root { --touch: 44px; } }
    *, *::before, *::after { box-sizing: border-box; }
    html { font-size: 16px; -webkit-text-size-adjust: 100%; }
    body {
        margin: 0; background: ${token.ground}; color: ${token.ink}; font-family: ${token.sans}; line-height: 1.4;
        font-variant-numeric: tabular-nums lining-nums;
    }
    h1, h2, h3, p, ul, ol, dl, dd, figure { margin: 0; padding: 0; }
    ul, ol { list-style: none; }
    button, input, select { font: inherit; color: inherit; }
    a { color: ${token.accent}; }
    summary { padding: calc((var(--touch) - 1.4em) / 2) 0; cursor: pointer; }
    :focus-visible, [data-focus-visible] { outline: 3px solid ${token.accent}; outline-offset: 2px; }
    /* A drawing on its own: black on white, and nothing else. */
    @media print {
        body[data-printing] { visibility: hidden; background: #fff; }
        body[data-printing] [data-printed] { ${light} visibility: visible; position: fixed; inset: 0; color: #000; }
        body[data-printing] [data-printed] button { display: none; }
    }
    @media (prefers-reduced-motion: reduce) { *, *::before, *::after { animation: none !important; transition: none !important; } }
`;
