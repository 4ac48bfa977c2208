import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import type { PaperJob } from '../api/contract';
import { Paper } from './Paper';
import { service } from '../api/service';
import { PaperMaker } from './PaperMaker';

const job = (state: PaperJob['state']): PaperJob => ({ id: 9, name: 'file_sheet', state });

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

function answer(...states: PaperJob['state'][]) {
    let at = 0;
    const paths: string[] = [];
    vi.stubGlobal(
        'fetch',
        vi.fn((path: string, options: RequestInit) => {
            paths.push(`${options.method ?? ''} ${path}`);
            const state = states[Math.min(at++, states.length - 1)] ?? 'failed';
            return Promise.resolve(new Response(JSON.stringify(job(state))));
        }),
    );
    return paths;
}

test('a paper is asked for, looked after and opened', async () => {
    const paths = answer('waiting', 'under_way', 'done');
    render(<PaperMaker ask={() => service.sheet.ask(4)} what="file sheet (PDF)" of="revision 2" />);
    await userEvent.click(screen.getByRole('button', { name: 'Create the file sheet (PDF) of revision 2' }));
    const link = await screen.findByRole('link');
    expect(link.getAttribute('href')).toBe('/api/papers/9/file');
    expect(paths[0]).toBe('POST /api/revisions/4/file');
});

test('it is called off, and can be asked for again', async () => {
    const paths = answer('waiting', 'cancelled');
    render(<PaperMaker ask={() => service.sheet.ask(4)} what="paper" of="it" />);
    await userEvent.click(screen.getByRole('button'));
    await userEvent.click(await screen.findByText('Cancel'));
    await screen.findByText('Cancelled.');
    expect(paths).toContain('DELETE /api/papers/9');
    expect(screen.getByText('Create the paper')).toBeTruthy();
});

test('one that fails says so', async () => {
    answer('failed');
    render(<PaperMaker ask={() => service.sheet.ask(4)} what="paper" of="it" />);
    await userEvent.click(screen.getByRole('button'));
    await screen.findByText(/could not be created/);
});

test('a paper stands in a document of its own, and its foot is text', async () => {
    vi.stubGlobal(
        'CSSStyleSheet',
        class {
            text = '';
            replaceSync(text: string) {
                this.text = text;
            }
        },
    );
    const { container } = render(
        <Paper
            name="door"
            label="Door card"
            paper={{ html: '<h1>KF-204</h1>', css: '.paper{}', foot: 'KF <b>204</b>', revision: null, since: '' }}
        />,
    );
    await waitFor(() => {
        const root = [...container.querySelectorAll('div')].map((element) => element.shadowRoot).find((found) => found !== null);
        expect(root?.querySelector('h1')?.textContent).toBe('KF-204');
        expect(root?.querySelector('b')).toBeNull();
        expect(root?.textContent).toContain('KF <b>204</b>');
    });
});
