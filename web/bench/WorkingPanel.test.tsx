import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { figure, finding, showOnBench, solution } from '../testing';
import { serve } from '../testing.service';
import { WorkingPanel } from './WorkingPanel';

afterEach(cleanup);

const solved = solution({
    figures: [
        figure('power.input', 39403.6, '39.4 kW', { label: 'Input power', formula: 'P_out / η', working: '37 kW ÷ 0.939', source: 'own' }),
        figure('power.reactive', 24420, '24.4 kvar', {
            label: 'Reactive power',
            assumed: true,
            assumptions: ['a typical power factor', 'ambient 30 °C'],
        }),
        figure('power.table_current', 414, '414 A', { label: 'Table', uncertain: 'about 95 %' }),
        figure('cable.size', 16, '16 mm²', { label: 'Size' }),
    ],
    findings: [
        finding('stop', 'power', 'current_disagrees'),
        finding('caution', 'guard', 'scpd_may_trip_on_start'),
        finding('note', 'cable', 'no_line_run'),
    ],
});

describe('the working', () => {
    it('shows formula, numbers, source, assumptions and doubts of this station only', () => {
        showOnBench(<WorkingPanel station="power" />, {}, solved);
        expect(screen.getByText('37 kW ÷ 0.939')).toBeTruthy();
        expect(screen.getByText('out').tagName).toBe('SUB');
        expect(screen.getByText('assumed: a typical power factor; ambient 30 °C')).toBeTruthy();
        expect(screen.getByText('table value not verified: about 95 %')).toBeTruthy();
        expect(screen.queryByText('Size')).toBeNull();
    });

    it('puts findings first, with a word for their grade and what to do', () => {
        showOnBench(<WorkingPanel station="power" />, {}, solved);
        const card = screen.getByText('title of current_disagrees').closest('li');
        expect(card).not.toBeNull();
        if (card !== null) {
            expect(within(card).getByText('Stop:')).toBeTruthy();
            expect(within(card).getByText('action of current_disagrees')).toBeTruthy();
        }
        const others = screen.getByRole('region', { name: 'On other stations' });
        expect(
            within(others)
                .getByRole('link', { name: /Caution:.*Guard, title of/ })
                .getAttribute('href'),
        ).toBe('/circuits/1/guard');
    });

    it('leads from a result to what was put in, and to the field where it is typed', () => {
        const from = [
            { placeholder: 'P', figure: 'power.input' as const },
            { placeholder: 'pf', field: 'plate.power_factor' as const },
        ];
        showOnBench(
            <WorkingPanel station="power" />,
            {},
            solution({
                figures: [
                    figure('power.input', 39403.6, '39.4 kW', { label: 'Input power' }),
                    figure('power.apparent', 46357, '46.4 kVA', { label: 'Apparent power', from }),
                ],
            }),
        );
        expect(screen.getByRole('link', { name: 'Input power' }).getAttribute('href')).toBe('/circuits/1/power');
        expect(screen.getByRole('link', { name: 'Power factor, entered' }).getAttribute('href')).toBe('/circuits/1/plate');
    });

    it('shows beside each view of Power what that view is about', () => {
        const figures = [
            figure('measured.real', 17586, '17.6 kW', { label: 'Real power, measured' }),
            figure('power.input', 39404, '39.4 kW', { label: 'Input power' }),
            figure('windings.star_current', 12, '12 A', { label: 'Line current in star' }),
        ];
        const shownAt = (view: string) => {
            showOnBench(<WorkingPanel station="power" />, {}, solution({ figures }), {}, `/circuits/1/power${view}`);
            const shown = figures.map(({ label }) => screen.queryByText(label) !== null);
            cleanup();
            return shown;
        };
        expect(shownAt('')).toEqual([false, true, false]);
        expect(shownAt('?view=measure')).toEqual([true, false, false]);
        expect(shownAt('?view=windings')).toEqual([false, false, true]);
        expect(shownAt('?view=waveform')).toEqual([false, false, false]);
    });

    it('tells what people know by heart beside its figure, only when asked', async () => {
        const rows = [
            {
                figure: 'power.input',
                says: '2 A per kW at 400 V',
                gives: '74 A',
                off: '10.6 % more than calculated',
                near: false,
                holds: '7.5 to 75 kW.',
                fails: 'Small motors.',
            },
        ];
        const sent = serve({ 'solve/extra?with=learned': { core: '1', curves: { learned: { rows } } } });
        showOnBench(
            <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
                <WorkingPanel station="power" />
            </QueryClientProvider>,
            {},
            solved,
        );
        expect(sent).toEqual([]);
        fireEvent.click(screen.getByRole('button', { name: 'Compare with rules of thumb' }));
        const told = await screen.findByText('2 A per kW at 400 V');
        const text = told.closest('dd')?.textContent;
        expect(text).toContain('That is 74 A here, 10.6 % more than calculated.');
        expect(text).toContain('Good for: 7.5 to 75 kW. Not for: Small motors.');
        expect(told.closest('#figure-power\\.input')).not.toBeNull();
        fireEvent.click(screen.getByRole('button', { name: 'Hide the rules of thumb' }));
        expect(screen.queryByText('2 A per kW at 400 V')).toBeNull();
        vi.unstubAllGlobals();
    });
});
