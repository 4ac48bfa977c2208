import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import type { PaperAnswer } from '../api/contract';
import { token } from '../theme/tokens';

const Frame = styled.div`
    overflow-x: auto;
    border: 1px solid ${token.edge};
    background: #fff;
    @media print {
        border: 0;
        overflow: visible;
    }
`;

/** What only the screen adds: a margin like that of the paper, and the mark over the first page alone. */
const SCREEN =
    '.paper.screen{padding:12mm;min-width:150mm;line-height:1.3} @media (max-width:600px){.paper.screen{padding:4mm}} @media print{.paper.screen{padding:0;min-width:0}.paper.screen .across{position:fixed}} .paper.screen .across{font-size:0} .paper.screen .across::after{content:attr(data-mark);font-size:54pt}';

/** A paper of the service as it is printed: the same markup and style as in the PDF, apart from the page around it. */
export function Paper({ name, label, paper }: { name: 'door' | 'file'; label: string; paper: PaperAnswer }) {
    const host = useRef<HTMLDivElement>(null);
    useEffect(() => {
        const element = host.current;
        if (element === null) {
            return;
        }
        const root = element.shadowRoot ?? element.attachShadow({ mode: 'open' });
        const sheet = new CSSStyleSheet();
        sheet.replaceSync(paper.css + SCREEN);
        root.adoptedStyleSheets = [sheet];
        root.innerHTML = `<div class="paper screen ${name}">${paper.html}<p class="small soft">${escaped(paper.foot)}</p></div>`;
    }, [name, paper]);
    return (
        <Frame role="group" aria-label={label} tabIndex={0}>
            <div ref={host} />
        </Frame>
    );
}

function escaped(text: string): string {
    const element = document.createElement('span');
    element.textContent = text;
    return element.innerHTML;
}
