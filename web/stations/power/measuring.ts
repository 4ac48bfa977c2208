/** A method of measuring: what it is good for, which instruments stand where, and which readings it asks for. */
export interface Method {
    value: string;
    label: string;
    says: string;
    /** Fields under `measure.`, in the order in which they are read. */
    fields: readonly string[];
    one: boolean;
}

const VOLTS = ['volts_12', 'volts_23', 'volts_31'] as const;
const AMPS = ['amps_1', 'amps_2', 'amps_3'] as const;

export const METHODS: readonly Method[] = [
    {
        value: 'volts_amps_watts',
        label: 'Volts, amps and watts',
        says: 'The three readings of one moment. Watts of the whole load.',
        fields: [...VOLTS, ...AMPS, 'watts', 'sense', 'speed'],
        one: true,
    },
    {
        value: 'power_factor_meter',
        label: 'Power-factor meter',
        says: 'Volts and amps give apparent power, the meter the share of it that works.',
        fields: [...VOLTS, ...AMPS, 'power_factor', 'sense', 'speed'],
        one: true,
    },
    {
        value: 'line_angle',
        label: 'Angle of voltage and current',
        says: 'A line voltage stands 30° or 90° off its phase: say which pair, which line and which sequence.',
        fields: [...VOLTS, ...AMPS, 'angle', 'pair', 'line', 'sequence', 'speed'],
        one: true,
    },
    {
        value: 'one_wattmeter',
        label: 'One wattmeter',
        says: 'For a balanced load. Where its voltage coil stands decides what it shows.',
        fields: ['wattmeter', 'watts', 'line', 'pair', 'sequence', 'sense', ...VOLTS, ...AMPS, 'speed'],
        one: true,
    },
    {
        value: 'two_wattmeters',
        label: 'Two wattmeters',
        says: 'Right for any three-wire load. Either meter alone means nothing.',
        fields: ['common', 'watts_1', 'watts_2', 'watts_3', 'swapped', 'balanced', 'sequence', 'sense', ...VOLTS, ...AMPS, 'speed'],
        one: false,
    },
    {
        value: 'three_wattmeters',
        label: 'Three wattmeters',
        says: 'One for each line to neutral: right for any load.',
        fields: ['watts_1', 'watts_2', 'watts_3', 'phase_volts_1', 'phase_volts_2', 'phase_volts_3', ...AMPS, 'sense', 'speed'],
        one: false,
    },
    {
        value: 'meter_disc',
        label: 'Turns of a meter’s disc',
        says: 'Count turns of the disc and seconds. Nothing else may run on that meter.',
        fields: ['revolutions', 'disc_constant', 'seconds', 'current_ratio', 'voltage_ratio', ...VOLTS, ...AMPS, 'sense', 'speed'],
        one: true,
    },
    {
        value: 'meter_pulses',
        label: 'Pulses of a meter',
        says: 'Count flashes of the meter and seconds. Nothing else may run on that meter.',
        fields: ['pulses', 'pulses_per_kwh', 'seconds', 'current_ratio', 'voltage_ratio', ...VOLTS, ...AMPS, 'sense', 'speed'],
        one: true,
    },
    {
        value: 'brake',
        label: 'Brake test',
        says: 'Torque and speed at the shaft, watts at the terminals: what is between them is lost.',
        fields: ['torque', 'speed', 'watts', ...VOLTS, ...AMPS, 'sense'],
        one: true,
    },
    {
        value: 'volts_amps',
        label: 'Clamp and voltmeter only',
        says: 'No real power, but unbalance, a lost phase, and the load by current or speed.',
        fields: [...VOLTS, ...AMPS, 'speed'],
        one: true,
    },
];

interface FieldWords {
    label: string;
    unit?: string;
    hint?: string;
    options?: readonly { value: string; label: string }[];
}

const pairs = ['12', '13', '21', '23', '31', '32'].map((value) => ({ value, label: `from L${value[0] ?? ''} to L${value[1] ?? ''}` }));
const lines = ['1', '2', '3'].map((value) => ({ value, label: `L${value}` }));
const unsaid = { value: '', label: 'Not said' };

export const FIELDS: Readonly<Record<string, FieldWords>> = {
    volts_12: { label: 'Volts L1–L2', unit: 'V' },
    volts_23: { label: 'Volts L2–L3', unit: 'V' },
    volts_31: { label: 'Volts L3–L1', unit: 'V' },
    phase_volts_1: { label: 'Volts L1–N', unit: 'V' },
    phase_volts_2: { label: 'Volts L2–N', unit: 'V' },
    phase_volts_3: { label: 'Volts L3–N', unit: 'V' },
    amps_1: { label: 'Amps L1', unit: 'A' },
    amps_2: { label: 'Amps L2', unit: 'A' },
    amps_3: { label: 'Amps L3', unit: 'A' },
    watts: { label: 'Watts', unit: 'W' },
    watts_1: { label: 'Wattmeter in L1', unit: 'W' },
    watts_2: { label: 'Wattmeter in L2', unit: 'W' },
    watts_3: { label: 'Wattmeter in L3', unit: 'W' },
    power_factor: { label: 'Power factor shown' },
    angle: { label: 'Angle shown', unit: '°', hint: 'positive: the current is behind' },
    revolutions: { label: 'Turns of the disc' },
    disc_constant: { label: 'Disc constant', unit: 'Wh', hint: 'for each turn' },
    pulses: { label: 'Pulses' },
    pulses_per_kwh: { label: 'Pulses for each kWh' },
    seconds: { label: 'in', unit: 's' },
    current_ratio: { label: 'Current transformers', hint: '200/5, or 1 without' },
    voltage_ratio: { label: 'Voltage transformers', hint: '480/120, or 1 without' },
    speed: { label: 'Speed', unit: 'rpm', hint: 'by tachometer, if you have one' },
    torque: { label: 'Torque at the brake', unit: 'N·m' },
    sense: {
        label: 'The current',
        options: [unsaid, { value: 'lagging', label: 'lags (a motor)' }, { value: 'leading', label: 'leads (a capacitor)' }],
    },
    sequence: { label: 'Phase sequence', options: [unsaid, { value: '123', label: 'L1-L2-L3' }, { value: '132', label: 'L1-L3-L2' }] },
    wattmeter: {
        label: 'Its voltage coil',
        options: [
            unsaid,
            { value: 'neutral', label: 'to neutral' },
            { value: 'pair', label: 'between two lines' },
            { value: 'other_lines', label: 'on the two other lines' },
        ],
    },
    pair: { label: 'Voltage', options: [unsaid, ...pairs] },
    line: { label: 'Current in', options: [unsaid, ...lines] },
    common: { label: 'Common line', options: [{ value: '', label: 'L2 (usual)' }, ...lines] },
    swapped: {
        label: 'Leads swapped to read it',
        options: [
            unsaid,
            { value: 'none', label: 'on neither' },
            ...lines.map(({ value, label }) => ({ value, label: `on the one in ${label}` })),
        ],
    },
    balanced: {
        label: 'The load is',
        options: [unsaid, { value: 'balanced', label: 'balanced' }, { value: 'unbalanced', label: 'unbalanced' }],
    },
};

/** Whether a field is asked for in what is chosen so far. */
export function asked(name: string, chosen: (name: string) => string, phases: number): boolean {
    if (phases === 1 && /^(volts_23|volts_31|amps_2|amps_3|pair|line|sequence|wattmeter)$/.test(name)) {
        return false;
    }
    switch (chosen('method')) {
        case 'two_wattmeters': {
            const common = chosen('common') === '' ? '2' : chosen('common');
            return (
                name !== `watts_${common}` &&
                !(name === 'sense' && chosen('sequence') !== '') &&
                !(name === 'sequence' && chosen('balanced') === 'unbalanced')
            );
        }
        case 'one_wattmeter': {
            const way = phases === 1 ? 'neutral' : chosen('wattmeter');
            if (name === 'pair') {
                return way === 'pair';
            }
            return name === 'line' || name === 'sequence'
                ? way === 'pair' || way === 'other_lines'
                : name !== 'sense' || way !== 'other_lines';
        }
        default:
            return true;
    }
}
