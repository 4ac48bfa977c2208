import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Site, Solution } from '../api/contract';
import { choices, inParts, solution } from '../testing';
import { SiteForm } from './SiteForm';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const site: Site = {
    id: 1,
    name: 'Larkrigg Mill',
    rule_book: 'iec',
    facts: '400 V, 50 Hz, IEC 60364',
    supply: { voltage: '400' },
    settings: { terminal_temperature: '90' },
    areas: ['Kilns'],
    version: 4,
};
const books = { choices: choices(['iec', 'IEC 60364'], ['nec', 'NEC']) };
const terminals = { empty: '70 °C (assumed)', choices: choices(['70', '70 °C'], ['90', '90 °C']) };

/** A service that solves by rule book and remembers what is saved. */
function service(fields: Record<string, Solution['fields']>, refused?: { path: string; text: string }) {
    const saved: unknown[] = [];
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
        const body: unknown = typeof init.body === 'string' ? JSON.parse(init.body) : null;
        if (path.endsWith('/solve/parts')) {
            const { rule_book } = (body as { circuit: { rule_book: string } }).circuit;
            return answer(inParts(solution({ rule_book, fields: fields[rule_book] ?? {} })));
        }
        saved.push(body);
        return refused === undefined
            ? answer(site)
            : answer(
                  {
                      type: 'invalid',
                      title: 'Not saved',
                      status: 422,
                      detail: 'A field cannot be used.',
                      errors: [{ ...refused, accepted: 'Volts.' }],
                  },
                  422,
              );
    });
    return saved;
}

const answer = (body: unknown, status = 200) =>
    Promise.resolve(new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }));

const show = () =>
    render(
        <QueryClientProvider client={new QueryClient()}>
            <MemoryRouter>
                <SiteForm site={site} />
            </MemoryRouter>
        </QueryClientProvider>,
    );

describe('a site', () => {
    it('shows its settings with the words of its rule book', async () => {
        service({
            iec: {
                rule_book: books,
                'settings.terminal_temperature': terminals,
                'settings.voltage_tolerance': { empty: '10 % (assumed)' },
            },
        });
        show();
        expect(await screen.findByRole('button', { name: /90 °C.*Terminal temperature/ })).toBeTruthy();
        expect(screen.getByLabelText<HTMLInputElement>('Voltage tolerance').placeholder).toBe('10 % (assumed)');
        expect(screen.getByLabelText<HTMLInputElement>('Supply voltage').value).toBe('400');
    });

    it('leaves out what its rule book has no use for, unless something is set', async () => {
        service({
            iec: {
                rule_book: books,
                'settings.overload_school': { unused: true },
                'settings.terminal_temperature': { ...terminals, unused: true },
            },
        });
        show();
        expect(await screen.findByText('Terminal temperature rating')).toBeTruthy();
        expect(screen.queryByText('Overload setting based on')).toBeNull();
    });

    it('learns what a serial number, an order number and a grease tell, each told at its place', async () => {
        const saved = service(
            { iec: { rule_book: books, 'settings.lessons': { choices: choices(['polyurea', 'Polyurea']) } } },
            { path: 'settings.lessons[1].says', text: 'Fill in this field.' },
        );
        show();
        fireEvent.click(await screen.findByRole('button', { name: 'Add a date pattern' }));
        fireEvent.change(screen.getByLabelText('Pattern, such as SN-YYWW-*'), { target: { value: 'LM-YYWW-*' } });
        fireEvent.change(screen.getByLabelText('Warranty'), { target: { value: '24' } });
        fireEvent.click(screen.getByRole('button', { name: 'Add an order number' }));
        fireEvent.change(screen.getByLabelText('Pattern, such as KD#-160*'), { target: { value: 'KD*' } });
        fireEvent.click(screen.getByRole('button', { name: 'Save site' }));
        expect(await screen.findByText('Fill in this field.')).toBeTruthy();
        expect(saved).toMatchObject([
            {
                settings: {
                    lessons: [
                        { kind: 'date', pattern: 'LM-YYWW-*', months: '24' },
                        { kind: 'order', pattern: 'KD*' },
                    ],
                },
            },
        ]);
        const [first] = screen.getAllByRole('button', { name: 'Remove' });
        fireEvent.click(first as HTMLElement);
        expect(screen.queryByLabelText('Pattern, such as SN-YYWW-*')).toBeNull();
        expect(screen.getByLabelText<HTMLInputElement>('Pattern, such as KD#-160*').value).toBe('KD*');
    });

    it('saves what is typed with the version that it was read at', async () => {
        const saved = service({ iec: { rule_book: books } });
        show();
        fireEvent.change(await screen.findByLabelText('Supply voltage'), { target: { value: '415' } });
        fireEvent.change(screen.getByLabelText('Areas, separated by commas'), { target: { value: 'Kilns, Saw line' } });
        fireEvent.click(screen.getByRole('button', { name: 'Save site' }));
        await waitFor(() => expect(screen.getByText('Saved.')).toBeTruthy());
        expect(saved).toEqual([
            {
                name: 'Larkrigg Mill',
                rule_book: 'iec',
                areas: ['Kilns', 'Saw line'],
                supply: { voltage: '415' },
                settings: { terminal_temperature: '90' },
                version: 4,
            },
        ]);
    });

    it('says at the field what cannot be used, and keeps what was typed', async () => {
        service({ iec: { rule_book: books } }, { path: 'supply.voltage', text: '“4OO” cannot be read.' });
        show();
        fireEvent.change(await screen.findByLabelText('Supply voltage'), { target: { value: '4OO' } });
        fireEvent.click(screen.getByRole('button', { name: 'Save site' }));
        await waitFor(() => expect(screen.getByText(/“4OO” cannot be read/)).toBeTruthy());
        expect(screen.getByLabelText<HTMLInputElement>('Supply voltage').value).toBe('4OO');
    });
});
