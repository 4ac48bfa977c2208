import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Reading, ReadingKind } from '../../api/contract';
import type { Bench } from '../../bench/BenchContext';
import type { Draft } from '../../bench/circuit';
import { figure } from '../../testing';
import { person, refusal, serve, showBenchTo } from '../../testing.service';
import { ReadingForm } from './ReadingForm';

const show = (kind: ReadingKind, more: Partial<Bench> = {}, draft: Draft = {}, figures = [] as ReturnType<typeof figure>[]) =>
    showBenchTo(person('electrician'), <ReadingForm kind={kind} title="it" />, { figures }, more, draft);

const asked = () => [...document.querySelectorAll('label')].map((label) => label.textContent.trim());

const choose = async (label: string, entry: string) => {
    await userEvent.click(screen.getByRole('button', { name: new RegExp(label) }));
    await userEvent.click(await screen.findByRole('option', { name: entry }));
};

const earlier = (more: Partial<Reading> = {}): Reading => ({
    id: 5,
    kind: 'speed',
    load_percent: null,
    simulated: false,
    document: {},
    method: 'speed',
    instrument: 'tacho 2',
    note: '',
    core: '0',
    taken_at: '2026-11-17T09:10:00Z',
    taken_by: 'Shift electrician B',
    values: {},
    figures: [],
    withdrawn: null,
    ...more,
});

describe('a reading typed at the motor', () => {
    it('asks three currents of a motor, one of a load on one phase', () => {
        show('no_load_current');
        expect(asked()).toEqual(expect.arrayContaining(['L1', 'L2', 'L3']));
        document.body.replaceChildren();
        show('no_load_current', {}, { supply: { phases: '1' } });
        expect(asked()).toContain('L1');
        expect(asked()).not.toContain('L2');
    });

    it('asks the load only where the expected value depends on it', () => {
        show('line_current');
        expect(asked()).toContain('Load at the time');
        document.body.replaceChildren();
        show('no_load_current');
        expect(asked()).not.toContain('Load at the time');
    });

    it('asks between terminals while windings are joined, and each by itself once they are open', async () => {
        show('winding_resistance');
        expect(asked()).toEqual(expect.arrayContaining(['U–V', 'V–W', 'W–U']));
        expect(asked()).not.toContain('U1–U2');
        await choose('Winding connection', 'links out');
        await waitFor(() => expect(asked()).toContain('U1–U2'));
        expect(asked()).not.toContain('U–V');
    });

    it('asks where a current was read only where there is a choice', () => {
        show('capacitor');
        expect(asked()).not.toContain('Measured at');
        document.body.replaceChildren();
        show('line_current');
        expect(screen.getByText('Measured at')).toBeTruthy();
    });

    it('takes the instrument that was in hand the last time, never a stand-in’s', () => {
        show('speed', { readings: [earlier({ simulated: true, instrument: 'stand-in' }), earlier()] });
        expect(screen.getByLabelText<HTMLInputElement>('Instrument').value).toBe('tacho 2');
    });

    it('is sent in groups as it was read, and what was typed goes only once it is kept', async () => {
        let refuse = true;
        const sent = serve({
            'POST circuits/7/readings/typed': () =>
                refuse
                    ? refusal(422, 'See the marked fields.', [
                          { path: 'values.after.amps', text: 'More amps after than before.', accepted: 'Amps, such as 48.' },
                      ])
                    : earlier({ kind: 'correction' }),
        });
        show('correction');
        await userEvent.type(screen.getByLabelText('Current before'), '64');
        await userEvent.type(screen.getByLabelText('Current after'), '70');
        await userEvent.type(screen.getByLabelText('Note'), 'bank on');
        await userEvent.click(screen.getByRole('button', { name: 'Save this reading' }));
        await screen.findByText('More amps after than before. Amperes from 0 to 20 000.');
        expect(screen.getByLabelText<HTMLInputElement>('Current after').value).toBe('70');
        refuse = false;
        await userEvent.click(screen.getByRole('button', { name: 'Save this reading' }));
        await screen.findByText('Saved with the time and your name.');
        expect(sent.filter(({ method }) => method === 'POST').at(-1)?.body).toEqual({
            kind: 'correction',
            values: { before: { amps: '64' }, after: { amps: '70' } },
            load_percent: null,
            instrument: '',
            note: 'bank on',
            taken_at: null,
        });
        expect(screen.getByLabelText<HTMLInputElement>('Current after').value).toBe('');
    });

    it('waits for a draft that is not saved: its reading would be held against other figures', async () => {
        const sent = serve({});
        show('speed', { place: { circuit: 7, site: 1, settings: {}, flush: () => Promise.resolve(null) } });
        await userEvent.type(screen.getByLabelText('Speed'), '1478');
        await userEvent.click(screen.getByRole('button', { name: 'Save this reading' }));
        await screen.findByText(/Save the draft before you save a reading/);
        // It may have been checked meanwhile; saved it is not.
        expect(sent.filter(({ method, path }) => method === 'POST' && path !== 'readings/check')).toEqual([]);
        expect(screen.getByLabelText<HTMLInputElement>('Speed').value).toBe('1478');
    });

    it('says that the instrument is required, and a wrong unit while it is typed', async () => {
        serve({
            'POST readings/check': {
                errors: [{ path: 'values.amps_1', text: '“kW” is not a unit for this field.', accepted: 'Amperes.' }],
            },
        });
        show('no_load_current');
        expect(screen.getByText('required; for example: clamp meter 7')).toBeTruthy();
        expect(screen.getByRole('textbox', { name: 'Instrument' }).getAttribute('aria-required')).toBe('true');
        await userEvent.type(screen.getByLabelText('L1'), '59 kW');
        await screen.findByText(/“kW” is not a unit for this field/);
    });
});
