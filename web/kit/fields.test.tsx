import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, test, vi } from 'vitest';
import { Segments } from './Segments';
import { Select } from './Select';
import { TextField } from './TextField';
import { Ticks } from './Ticks';

function Power({ error, hint, start = '' }: { error?: string; hint?: string; start?: string }) {
    const [value, setValue] = useState(start);
    return <TextField label="Rated power" unit="kW" value={value} onChange={setValue} error={error} hint={hint} placeholder="37" />;
}

describe('a field of text', () => {
    test('shows the unit that a bare number is in, until one is typed', async () => {
        const { container } = render(<Power />);
        const unit = () => container.querySelector('input + span')?.textContent;
        expect(unit()).toBe('kW');
        await userEvent.type(screen.getByLabelText('Rated power'), '50');
        expect(unit()).toBe('kW');
        await userEvent.type(screen.getByLabelText('Rated power'), ' hp');
        expect(unit()).toBeUndefined();
    });

    test('takes a percent sign and a degree for a unit too', () => {
        for (const typed of ['98 %', '40 °C', '10 mm²']) {
            const { container, unmount } = render(<Power start={typed} />);
            expect(container.querySelector('input + span')).toBeNull();
            unmount();
        }
    });

    test('tells its error in place of the hint, and to those who cannot see it', () => {
        render(<Power hint="As it is stamped." error="“37 kg” is not a power." />);
        const field = screen.getByLabelText('Rated power');
        expect(field.getAttribute('aria-invalid')).toBe('true');
        expect(screen.queryByText('As it is stamped.')).toBeNull();
        const described = (field.getAttribute('aria-describedby') ?? '').split(' ').map((id) => document.getElementById(id)?.textContent);
        expect(described).toContain('“37 kg” is not a power.');
    });

    test('says its hint while nothing is wrong', () => {
        render(<Power hint="As it is stamped." />);
        expect(screen.getByText('As it is stamped.')).toBeTruthy();
        expect(screen.getByLabelText('Rated power').getAttribute('aria-invalid')).toBeNull();
    });
});

describe('a choice of a list', () => {
    const options = [
        { value: 'direct', label: 'Direct' },
        { value: 'star_delta', label: 'Star-delta' },
    ];

    test('is made with the keyboard alone', async () => {
        const heard = vi.fn();
        render(<Select label="Starter" value="direct" options={options} onChange={heard} />);
        await userEvent.tab();
        await userEvent.keyboard('{Enter}{ArrowDown}{Enter}');
        expect(heard).toHaveBeenCalledWith('star_delta');
    });

    test('offers what it was given, the present one marked', async () => {
        render(<Select label="Starter" value="star_delta" options={options} onChange={vi.fn()} />);
        await userEvent.click(screen.getByRole('button'));
        const offered = within(await screen.findByRole('listbox')).getAllByRole('option');
        expect(offered.map((one) => one.textContent)).toEqual(['Direct', 'Star-delta']);
        expect(offered.map((one) => one.getAttribute('aria-selected'))).toEqual(['false', 'true']);
    });

    test('cannot be opened by whoever only reads', async () => {
        render(<Select label="Starter" value="direct" options={options} isDisabled onChange={vi.fn()} />);
        await userEvent.click(screen.getByRole('button'));
        expect(screen.queryByRole('listbox')).toBeNull();
    });

    test('says what is wrong with it', () => {
        render(<Select label="Starter" value="direct" options={options} error="A drive wants its input current." onChange={vi.fn()} />);
        expect(screen.getByText('A drive wants its input current.')).toBeTruthy();
    });
});

test('of a switch exactly one position is on, and a second press leaves it on', async () => {
    const heard = vi.fn();
    const options = [
        { value: 'for_use', label: 'For use' },
        { value: 'as_found', label: 'As found' },
    ] as const;
    render(<Segments label="Issue type" value="for_use" options={options} onChange={heard} />);
    const pressed = () => screen.getAllByRole('radio').map((one) => one.getAttribute('aria-checked'));
    expect(pressed()).toEqual(['true', 'false']);
    await userEvent.click(screen.getByText('As found'));
    expect(heard).toHaveBeenLastCalledWith('as_found');
    await userEvent.click(screen.getByText('For use'));
    expect(pressed()).toEqual(['true', 'false']);
});

test('ticks are set and taken away one by one', async () => {
    function Traits() {
        const [value, setValue] = useState<string[]>(['jams']);
        return (
            <Ticks
                label="The load"
                value={value}
                onChange={setValue}
                choices={[
                    { value: 'jams', label: 'may jam' },
                    { value: 'heavy', label: 'starts heavily' },
                ]}
            />
        );
    }
    render(<Traits />);
    const ticked = () => screen.getAllByRole<HTMLInputElement>('checkbox').map((box) => box.checked);
    expect(ticked()).toEqual([true, false]);
    await userEvent.click(screen.getByText('starts heavily'));
    expect(ticked()).toEqual([true, true]);
    await userEvent.click(screen.getByText('may jam'));
    expect(ticked()).toEqual([false, true]);
});
