import { type ReactNode, useRef } from 'react';
import styled from 'styled-components';
import { token } from '../theme/tokens';
import { Scroll } from './Scroll';
import { Unseen } from './Unseen';

const Frame = styled.figure`
    position: relative;
    min-width: 0;
    svg {
        display: block;
        width: 100%;
        height: auto;
        font-family: ${token.narrow};
        overflow: visible;
    }
    [data-wide] svg {
        min-width: 560px;
    }
`;

const Caption = styled.figcaption`
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    gap: 10px;
    margin-bottom: 6px;
    font-weight: 600;
    button {
        min-height: 28px;
        padding: 0 6px;
        border: 0;
        background: none;
        color: ${token.soft};
        font-size: 13px;
        text-decoration: underline;
        cursor: pointer;
    }
    @media (pointer: coarse) {
        button {
            min-height: ${token.touch};
        }
    }
`;

/** A drawing made from the solution: titled, with its numbers as a table for those who cannot see it, and saved as SVG on demand. */
export function Picture({
    title,
    name,
    rows,
    wide = false,
    children,
}: {
    title: string;
    name: string;
    rows: readonly (readonly [string, string])[];
    /** Too wide for a phone: it scrolls there instead of shrinking. */
    wide?: boolean;
    children: ReactNode;
}) {
    const frame = useRef<HTMLElement>(null);
    return (
        <Frame ref={frame}>
            <Caption>
                <span>{title}</span>
                <span>
                    <button type="button" onClick={() => print(frame.current)} aria-label={`Print “${title}”`}>
                        Print
                    </button>
                    <button type="button" onClick={() => save(frame.current, name)} aria-label={`Save “${title}” as SVG`}>
                        SVG
                    </button>
                </span>
            </Caption>
            {wide ? (
                <Scroll tabIndex={0} role="group" aria-label={title} data-wide>
                    {children}
                </Scroll>
            ) : (
                children
            )}
            <Unseen as="div">
                <table>
                    <caption>{title}</caption>
                    <tbody>
                        {rows.map(([key, value], index) => (
                            <tr key={index}>
                                <th scope="row">{key}</th>
                                <td>{value}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </Unseen>
        </Frame>
    );
}

/** Prints this drawing alone: the page hides the rest while it prints. */
function print(frame: HTMLElement | null): void {
    if (frame === null) {
        return;
    }
    frame.dataset['printed'] = 'true';
    document.body.dataset['printing'] = 'true';
    window.print();
    delete frame.dataset['printed'];
    delete document.body.dataset['printing'];
}

const PAINTED = ['fill', 'stroke', 'stroke-width', 'stroke-dasharray', 'font-family', 'font-size', 'font-weight', 'text-anchor', 'opacity'];

/** Styles live in the page's sheet: the saved copy carries what each element shows now. */
function save(frame: HTMLElement | null, name: string): void {
    const drawing = frame?.querySelector('svg');
    if (drawing === null || drawing === undefined) {
        return;
    }
    const copy = drawing.cloneNode(true) as SVGSVGElement;
    const from = drawing.querySelectorAll('*');
    copy.querySelectorAll('*').forEach((element, index) => {
        const source = from[index];
        if (source !== undefined) {
            const style = getComputedStyle(source);
            for (const property of PAINTED) {
                element.setAttribute(property, style.getPropertyValue(property));
            }
            element.removeAttribute('class');
        }
    });
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([copy.outerHTML], { type: 'image/svg+xml' }));
    link.download = `${name}.svg`;
    link.click();
    URL.revokeObjectURL(link.href);
}
