import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, test, vi } from 'vitest';
import { PatternField } from './PatternField';

function Day({ error, readOnly = false, onText }: { error?: string; readOnly?: boolean; onText?: (text: string) => void }) {
    const [text, setText] = useState('');
    return (
        <PatternField
            value={text}
            tags={['KF-204', 'DB-301', 'CV-11', 'SW-2']}
            readOnly={readOnly}
            error={error}
            onChange={(next) => {
                setText(next);
                onText?.(next);
            }}
        />
    );
}

test('an empty day says how one is written, with circuits that are there', () => {
    render(<Day />);
    expect(screen.getByText(/06:00 KF-204 DB-301 CV-11/)).toBeTruthy();
    expect(screen.getByText(/Circuits here: KF-204, DB-301, CV-11, SW-2\./)).toBeTruthy();
    expect(screen.getByText(/Leave empty if all circuits run together/)).toBeTruthy();
});

test('one change a line is handed on as it was typed', async () => {
    const heard = vi.fn();
    render(<Day onText={heard} />);
    await userEvent.type(screen.getByRole('textbox'), '06:00 KF-204{Enter}22:00');
    expect(heard).toHaveBeenLastCalledWith('06:00 KF-204\n22:00');
});

test('a line that cannot be read is told in place of the hint', () => {
    render(<Day error="Line 2: SW-9 is no circuit of this bank." />);
    expect(screen.getByText('Line 2: SW-9 is no circuit of this bank.')).toBeTruthy();
    expect(screen.queryByText(/Circuits here/)).toBeNull();
    expect(screen.getByRole('textbox').getAttribute('aria-invalid')).toBe('true');
});

test('whoever only reads types nothing', async () => {
    const heard = vi.fn();
    render(<Day readOnly onText={heard} />);
    await userEvent.type(screen.getByRole('textbox'), '06:00');
    expect(heard).not.toHaveBeenCalled();
});
