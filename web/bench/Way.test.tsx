import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { RunCurve } from '../api/contract';
import { fieldError, figure, finding, shown, showOnBench, solution } from '../testing';
import { STATIONS } from './BenchContext';
import { Way } from './Way';

afterEach(cleanup);

const run: RunCurve = {
    six_leads: false,
    drawing: 'contactor',
    phases: 3,
    refused: false,
    output: '37 kW',
    length: '60 m',
    running: { before: { line: shown(66, '66 A'), lead: null, power_factor: null }, after: null, torque: null, winding: null },
    starting: { line: shown(462, '462 A'), lead: null, direct: null, torque: null, winding: null },
};

const way = (more: Parameters<typeof solution>[0] = {}, hasAfter = false) => {
    const onFlow = vi.fn();
    const onCorrection = vi.fn();
    showOnBench(<Way base="/circuits/1" hasAfter={hasAfter} onFlow={onFlow} onCorrection={onCorrection} />, {}, solution(more));
    return { onFlow, onCorrection };
};

const flowSwitch = (line: string): Element => screen.getByText(line, { selector: 'button b' });

describe('the way along the stations', () => {
    it('leads to every station in the order of the work, and to nothing else', () => {
        way();
        const links = screen.getAllByRole('link').map((link) => link.getAttribute('href'));
        expect(links).toEqual(STATIONS.map(({ name }) => `/circuits/1/${name}`));
        expect(screen.queryByRole('button')).toBeNull();
    });

    it('says how much was found at a station and how grave it is, and nothing of a note', () => {
        way({
            findings: [
                finding('stop', 'start', 'star_delta_refused'),
                finding('caution', 'start', 'reclosing_peak'),
                finding('caution', 'guard', 'slow_class'),
                finding('note', 'cable', 'no_line_run'),
            ],
        });
        expect(screen.getByRole('link', { name: /Start.*, 2 findings, worst: stop/ })).toBeTruthy();
        expect(screen.getByRole('link', { name: /Guard.*, 1 finding, worst: caution/ })).toBeTruthy();
        expect(screen.getByRole('link', { name: /^3?Cable ?–?$/ })).toBeTruthy();
    });

    it('carries what each station answers', () => {
        way({
            curves: { run },
            figures: [
                figure('cable.size', 16, '16 mm²'),
                figure('cable.conductors', 3, '3'),
                figure('guard.scpd_rating', 100, '100 A'),
                figure('guard.overload_dial', 66, '66 A'),
            ],
        });
        // Drawn where the run has no room; a style sheet decides, so the text counts here.
        expect(screen.getByRole('link', { name: /Cable/ }).textContent).toContain('3 × 16 mm²');
        expect(screen.getByRole('link', { name: /Guard/ }).textContent).toContain('100 A, 66 A');
        expect(screen.getByRole('link', { name: /Start/ }).textContent).toContain('462 A');
    });

    it('marks a station whose fields cannot be read once one has left it', () => {
        way({ errors: [fieldError('cable.length', 'This is not a length.'), fieldError('guard.rating', 'Required.', 'missing')] });
        expect(screen.getByRole('link', { name: /Cable.*, 1 field with errors/ })).toBeTruthy();
        expect(screen.queryByRole('link', { name: /Guard.*errors/ })).toBeNull();
    });

    it('shows what flows, and what flows at the start by one touch', () => {
        const { onFlow } = way({ curves: { run } });
        fireEvent.click(flowSwitch('66 A'));
        expect(onFlow).toHaveBeenCalledWith('starting');
    });

    it('shows the corrected current between the two where there is one', () => {
        const { onFlow, onCorrection } = way({ curves: { run } }, true);
        fireEvent.click(flowSwitch('66 A'));
        expect(onCorrection).toHaveBeenCalledWith('after');
        expect(onFlow).not.toHaveBeenCalled();
    });
});
