import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { SaveMark } from '../bench/SaveMark';
import type { DraftState } from '../bench/useDraft';
import { usePhotograph } from '../stations/plate/Photograph';
import { RevisionList } from '../sheet/RevisionList';
import { ReviewView } from '../stations/sheet/ReviewView';
import { LeadsWizard } from '../stations/start/wiring/LeadsWizard';
import { person, serve, showBenchTo, showTo } from '../testing.service';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

function Plate() {
    const { buttons, sheet } = usePhotograph();
    return (
        <>
            {buttons}
            {sheet}
        </>
    );
}

describe('what could not be loaded is never said to be none', () => {
    it('of sheets: nothing is said of what is in force, and nothing is sent', async () => {
        serve({ 'circuits/7/revisions': null });
        showBenchTo(person('electrician'), <ReviewView />);
        await screen.findByText(/Not loaded: the revisions/);
        expect(screen.queryByText(/No sheet of this circuit is in force/)).toBeNull();
        expect(screen.queryByRole('button', { name: 'Save revision and send for review' })).toBeNull();
    });

    it('of revisions', async () => {
        serve({ 'circuits/7/revisions': null });
        showBenchTo(person('electrician'), <RevisionList subject={{ kind: 'circuit', id: 7 }} />);
        await screen.findByText(/Not loaded: the revisions/);
        expect(screen.queryByText(/No revision of this circuit yet/)).toBeNull();
    });

    it('of a photograph: the one that may be there is not replaced unseen', async () => {
        serve({ 'circuits/7/photograph': null });
        showBenchTo(person('electrician'), <Plate />);
        await screen.findByText(/Not loaded: the photograph/);
        expect(screen.queryByRole('button', { name: 'Add photograph' })).toBeNull();
    });

    it('of leads that the service was to name', async () => {
        serve({ leads: null });
        showBenchTo(person('electrician'), <LeadsWizard />, {}, {}, { rule_book: 'iec' });
        const choose = async (label: RegExp, lead: string) => {
            await userEvent.click(screen.getByRole('button', { name: label }));
            await userEvent.click(screen.getByRole('option', { name: lead }));
        };
        await choose(/Lead 1 has continuity with/, '4');
        await choose(/2 has continuity with/, '5');
        await screen.findByText(/Not loaded: the names of the leads/);
    });

    it('of readings: the strip says that the figures rest on none', () => {
        const draft = { state: { kind: 'saved', at: '', by: null }, flush: vi.fn() } as unknown as DraftState;
        showTo(person('electrician'), <SaveMark draft={draft} readOnly={false} failed={false} carried={false} unread />);
        expect(screen.getByRole('status').textContent).toContain('its readings are not loaded');
        cleanup();
        showTo(person('viewer'), <SaveMark draft={draft} readOnly failed carried={false} unread={false} />);
        expect(screen.getByRole('status').textContent).toBe('read only; results are out of date');
    });
});
