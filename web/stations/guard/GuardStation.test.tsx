import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { choices, figure, showOnBench, solution } from '../../testing';
import GuardStation from './GuardStation';

afterEach(cleanup);

const seats = { empty: 'In the delta (usual)', choices: choices(['delta', 'In the motor leads (delta)'], ['line', 'In the supply line']) };

describe('the guard', () => {
    it('names the seat of the relay where there is a choice of seats', () => {
        const figures = [figure('guard.overload_place', 'delta', 'delta'), figure('guard.overload_dial', 38.1, '38.1 A')];
        showOnBench(<GuardStation />, {}, solution({ figures, fields: { 'guard.overload_place': seats } }));
        expect(screen.getByText('overload setting, relay in the motor leads (delta)')).toBeTruthy();
        expect(screen.getByRole('button', { name: /In the delta \(usual\)/ })).toBeTruthy();
    });

    it('says that the class is not checked where no start was timed', () => {
        showOnBench(<GuardStation />, {}, solution({ figures: [figure('guard.overload_dial', 66, '66 A')] }));
        expect(screen.getByText('trip class: not checked (start time unknown)')).toBeTruthy();
    });

    it('says nothing of a seat where there is only one', () => {
        const figures = [figure('guard.overload_place', 'line', 'line'), figure('guard.overload_dial', 66, '66 A')];
        showOnBench(<GuardStation />, {}, solution({ figures, fields: { 'guard.overload_place': { unused: true } } }));
        expect(screen.getByText('overload setting')).toBeTruthy();
        expect(screen.queryByText('Overload relay')).toBeNull();
    });

    it('says the limit in small where a rule sets one above the dial, and never as large as the dial', () => {
        const dial = figure('guard.overload_dial', 58, '58 A');
        const level = figure('guard.overload_class', '10', '10');
        const figures = [dial, figure('guard.overload_setting', 72.5, '72.5 A'), level];
        showOnBench(<GuardStation />, {}, solution({ figures, words: { disconnect: 'disconnect' } }));
        expect(screen.getByText('Code limit for the trip: 72.5 A. Do not set the dial to it.')).toBeTruthy();
        expect(screen.getByText('trip class')).toBeTruthy();
        expect(screen.getByText('disconnect, minimum')).toBeTruthy();
        cleanup();
        const same = [dial, figure('guard.overload_setting', 58, '58 A'), level];
        showOnBench(<GuardStation />, {}, solution({ figures: same, words: { disconnect: 'isolator' } }));
        expect(screen.getByText('trip class')).toBeTruthy();
        expect(screen.queryByText(/Code limit/)).toBeNull();
        expect(screen.getByText('isolator, minimum')).toBeTruthy();
    });
});
