import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import type { MarginRow } from '../../api/contract';
import { shown, solution } from '../../testing';
import { person, serve, showBenchTo } from '../../testing.service';
import { MarginTable } from './MarginTable';

const row = (more: Partial<MarginRow>): MarginRow => ({
    field: 'cable.length',
    label: 'Length, starter to motor',
    now: shown(60, '60 m'),
    until: shown(74, '74 m'),
    then: '25 mm²',
    ...more,
});
const open = () => userEvent.click(screen.getByRole('button', { name: 'Calculate the margins' }));

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

test('how far each may go, and what is wanted then, is worked out only when somebody asks', async () => {
    const sent = serve({
        'solve/extra?with=margins': solution({
            curves: {
                margins: {
                    rows: [
                        row({}),
                        row({
                            field: 'supply.ambient',
                            label: 'Ambient temperature',
                            now: shown(30, '30 °C'),
                            until: shown(45, '45 °C'),
                            then: null,
                        }),
                        row({
                            field: 'cable.grouped_circuits',
                            label: 'Circuits grouped, motor run',
                            now: shown(1, '1'),
                            until: null,
                            then: null,
                        }),
                    ],
                },
            },
        }),
    });
    showBenchTo(person('electrician'), <MarginTable />);
    expect(sent).toEqual([]);
    await open();
    await screen.findByText('up to 74 m');
    expect(screen.getByText('beyond that 25 mm²')).toBeTruthy();
    expect(screen.getByText('beyond that no size passes')).toBeTruthy();
    expect(screen.getByText('no limit')).toBeTruthy();
});

test('before conductors are chosen nothing is close', async () => {
    serve({ 'solve/extra?with=margins': solution() });
    showBenchTo(person('electrician'), <MarginTable />);
    await open();
    await screen.findByText(/once a conductor size is chosen/);
});

test('what cannot be worked out is told', async () => {
    serve({ 'solve/extra?with=margins': null });
    showBenchTo(person('electrician'), <MarginTable />);
    await open();
    await screen.findByText(/cannot be calculated now/);
});
