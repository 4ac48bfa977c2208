import { cleanup, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { solution } from '../../testing';
import { person, serve, showBenchTo } from '../../testing.service';
import { SensitivityView } from './SensitivityView';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('what would change the answer leads to the field where it is measured and typed', async () => {
    serve({
        'solve/extra?with=sensitivity': solution({
            curves: {
                sensitivity: {
                    says: 'Measure these two before you sign.',
                    rows: [
                        {
                            kind: 'assumed',
                            at: 'cable.length',
                            label: 'Length, starter to motor',
                            taken: '30 m',
                            tries: [{ value: '120 m', flips: [{ label: 'Conductor size', from: '16 mm²', to: '35 mm²' }] }],
                        },
                        {
                            kind: 'entry',
                            at: 'iec.b52.c.copper.16',
                            label: 'Ampacity, 16 mm²',
                            taken: '76 A',
                            tries: [{ value: '68.4 A', flips: [{ label: 'Conductor size', from: '16 mm²', to: '25 mm²' }] }],
                        },
                    ],
                    steady: ['Ambient temperature', 'Circuits grouped, motor run'],
                },
            },
        }),
    });
    showBenchTo(person('electrician'), <SensitivityView />);
    const link = await screen.findByRole('link', { name: 'Length, starter to motor' });
    expect(link.getAttribute('href')).toBe('/circuits/7/cable');
    expect(screen.getByText('Conductor size: 16 mm² → 35 mm²')).toBeTruthy();
    // An entry of a table is looked up in the printed book, not typed here.
    expect(screen.queryByRole('link', { name: 'Ampacity, 16 mm²' })).toBeNull();
    expect(screen.getByText('from memory: 76 A')).toBeTruthy();
    expect(screen.getByText('No effect on the result: Ambient temperature, Circuits grouped, motor run.')).toBeTruthy();
});

test('a service that is away is not taken for nothing to change', async () => {
    serve({ 'solve/extra?with=sensitivity': null });
    showBenchTo(person('electrician'), <SensitivityView />);
    await screen.findByText('Cannot reach the server.');
});
