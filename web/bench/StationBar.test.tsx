import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { finding, showOnBench, solution } from '../testing';
import { STATIONS } from './BenchContext';
import { StationBar } from './StationBar';

afterEach(cleanup);

describe('the bar of stations', () => {
    it('leads to every station in the order of the work, and to nothing else', () => {
        showOnBench(<StationBar base="/circuits/1" />, {}, solution());
        const links = screen.getAllByRole('link').map((link) => link.getAttribute('href'));
        expect(links).toEqual(STATIONS.map(({ name }) => `/circuits/1/${name}`));
        expect(screen.queryByRole('button')).toBeNull();
    });

    it('marks a station with its worst finding, and with none for a note', () => {
        const findings = [
            finding('stop', 'start', 'star_delta_refused'),
            finding('caution', 'start', 'reclosing_peak'),
            finding('caution', 'guard', 'slow_class'),
            finding('note', 'cable', 'no_line_run'),
        ];
        showOnBench(<StationBar base="/circuits/1" />, {}, solution({ findings }));
        expect(screen.getByRole('link', { name: /Start ?stop/ })).toBeTruthy();
        expect(screen.getByRole('link', { name: /Guard ?caution/ })).toBeTruthy();
        expect(screen.getByRole('link', { name: /^Cable$/ })).toBeTruthy();
    });
});
