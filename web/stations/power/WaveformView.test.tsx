import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { WaveformAnswer } from '../../api/contract';
import { figure, finding } from '../../testing';
import { person, refusal, showBenchTo } from '../../testing.service';
import WaveformView from './WaveformView';

const answer = (more: Partial<WaveformAnswer> = {}): WaveformAnswer => ({
    core: '0',
    columns: [
        { name: 'seconds', role: 't' },
        { name: 'CH1', role: 'v1' },
        { name: 'CH2', role: 'i1' },
    ],
    samples: 1600,
    figures: [],
    findings: [],
    errors: [],
    curves: null,
    ...more,
});

/** Stands in for the service and for the samples that come with the page. */
function stand(analysed: () => Response, samples = true) {
    const asked: URL[] = [];
    vi.stubGlobal(
        'fetch',
        vi.fn((address: string) => {
            asked.push(new URL(address, 'http://127.0.0.1'));
            if (address.startsWith('/samples/')) {
                return samples ? Promise.resolve(new Response('t,v,i\n0,1,2\n')) : Promise.reject(new TypeError('no network'));
            }
            return Promise.resolve(analysed());
        }),
    );
    const options = () =>
        asked
            .filter(({ pathname }) => pathname === '/api/waveforms')
            .map(({ searchParams }) => JSON.parse(searchParams.get('options') ?? '{}') as { columns?: { role: string; way: string }[] });
    return { asked, options };
}

const show = (more: { readOnly?: boolean } = {}) => showBenchTo(person('electrician'), <WaveformView />, {}, more);
const json = (body: WaveformAnswer) => () => new Response(JSON.stringify(body));
const choose = (file: File) => {
    const input = document.querySelector('input[type=file]');
    if (!(input instanceof HTMLInputElement)) {
        throw new Error('nothing takes a file');
    }
    return userEvent.upload(input, file);
};

describe('samples of a scope', () => {
    it('show what each column was taken for, and a clamp is scaled by its millivolts', async () => {
        const { options } = stand(json(answer()));
        show();
        await userEvent.click(screen.getByRole('button', { name: 'Grinder, lagging' }));
        await screen.findByText('grinder-lagging.csv, 1600 samples');
        expect(options()[0]?.columns?.map(({ role, way }) => `${role} ${way}`)).toEqual(['t direct', 'v1 direct', 'i1 clamp']);
        // Only what is scaled asks by how much; time is neither scaled nor turned.
        expect(screen.getByLabelText<HTMLInputElement>('CH2 by').value).toBe('10');
        expect(screen.queryByLabelText('CH1 by')).toBeNull();
        expect(screen.queryByLabelText('seconds turned round')).toBeNull();
        // A record with its time asks for no rate.
        expect(screen.queryByLabelText('Samples per second')).toBeNull();
    });

    it('are read anew with the clamp turned round', async () => {
        const { options } = stand(json(answer()));
        show();
        await userEvent.click(screen.getByRole('button', { name: 'Grinder, lagging' }));
        await userEvent.click(await screen.findByLabelText('CH2 inverted'));
        await waitFor(() => expect(options().at(-1)?.columns?.at(2)).toMatchObject({ role: 'i1', turned: true }));
    });

    it('say at the column what is wrong with it, and show no figures', async () => {
        stand(
            json(
                answer({
                    errors: [
                        {
                            path: 'columns.2.value',
                            text: '“ten” cannot be read.',
                            accepted: 'Millivolts for one ampere.',
                            kind: 'unreadable',
                        },
                        { path: 'samples', text: 'Less than one cycle.', accepted: 'At least one whole cycle.', kind: 'refused' },
                    ],
                }),
            ),
        );
        show();
        await userEvent.click(screen.getByRole('button', { name: 'Grinder, lagging' }));
        await screen.findByText('“ten” cannot be read.');
        expect(screen.getByRole('alert').textContent).toBe('Less than one cycle. At least one whole cycle.');
        expect(screen.queryByText('real power')).toBeNull();
        expect(screen.queryByRole('button', { name: 'Save this reading' })).toBeNull();
    });

    it('are shown with power and true power factor, and with what is odd about them', async () => {
        const curves: WaveformAnswer['curves'] = {
            largest: { v1: '325 V', i1: '14 A' },
            drawn: '40 ms',
            whole: '200 ms',
            shift: '37° behind',
            detail: { v1: [[0, 0]], i1: [[0, 0]] },
            record: { v1: [[0, 0]], i1: [[0, 0]] },
            power: null,
            harmonics: {},
            crossings: {},
            system: 'single',
            seconds: 0.2,
        };
        const figures = [
            figure('waveform.real', 1840, '1.84 kW', { label: 'Real power', working: 'mean of v · i' }),
            figure('waveform.power_factor', 0.8, '0.80', { label: 'True power factor' }),
        ];
        const { asked } = stand(json(answer({ curves, figures, findings: [finding('caution', 'power', 'few_samples')] })));
        show();
        await userEvent.click(screen.getByRole('button', { name: 'Grinder, lagging' }));
        await screen.findByText('mean of v · i');
        expect(screen.getAllByText('1.84 kW').length).toBeGreaterThan(0);
        expect(screen.getByRole('img', { name: 'caution' })).toBeTruthy();
        // The figures are kept with the instrument, not the file's name alone.
        await userEvent.click(screen.getByRole('button', { name: 'Save this reading' }));
        await userEvent.type(screen.getByLabelText('Instrument'), 'scope 2');
        await userEvent.click(screen.getByRole('button', { name: 'Save' }));
        await screen.findByRole('button', { name: 'Saved with the readings' });
        const kept = asked.find(({ pathname }) => pathname === '/api/circuits/7/waveforms');
        expect(kept?.searchParams.get('instrument')).toBe('scope 2');
    });

    it('too many of them are refused before anything is sent', async () => {
        const { asked } = stand(json(answer()));
        show();
        const large = new File(['x'], 'long.csv', { type: 'text/csv' });
        Object.defineProperty(large, 'size', { value: 31_000_000 });
        await choose(large);
        expect((await screen.findByRole('alert')).textContent).toContain('long.csv has 31 MB; the limit is 24 MB.');
        expect(asked).toEqual([]);
    });

    it('that could not be analysed stay chosen', async () => {
        stand(() => refusal(500, 'Something went wrong here.'));
        show();
        await choose(new File(['t,v\n0,1\n'], 'mine.csv', { type: 'text/csv' }));
        await screen.findByText(/could not be analysed: Something went wrong here\. Try again/);
        expect(screen.getByText(/mine\.csv/)).toBeTruthy();
    });

    it('that do not come say so', async () => {
        stand(json(answer()), false);
        show();
        await userEvent.click(screen.getByRole('button', { name: 'Input of a drive, two humps' }));
        expect((await screen.findByRole('alert')).textContent).toContain('“Input of a drive, two humps” could not be loaded');
    });
});
