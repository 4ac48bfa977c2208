import type { FieldPath } from '../api/contract';

type Within<Path> = Path extends `measure.${infer Name}` ? Name : never;

/** A field under `measure.` */
export type MeasureField = Within<FieldPath>;

/** A method of measuring: what it is good for, which instruments stand where, and which readings it asks for. */
export interface Method {
    value: string;
    says: string;
    /** Fields under `measure.`, in the order in which they are read. */
    fields: readonly MeasureField[];
    one: boolean;
}

const VOLTS = ['volts_12', 'volts_23', 'volts_31'] as const;
const AMPS = ['amps_1', 'amps_2', 'amps_3'] as const;

export const METHODS: readonly Method[] = [
    {
        value: 'volts_amps_watts',
        says: 'Three readings taken at the same time. Real power of the whole load.',
        fields: [...VOLTS, ...AMPS, 'watts', 'sense', 'speed'],
        one: true,
    },
    {
        value: 'power_factor_meter',
        says: 'Voltage and current give apparent power; the meter gives the power factor.',
        fields: [...VOLTS, ...AMPS, 'power_factor', 'sense', 'speed'],
        one: true,
    },
    {
        value: 'line_angle',
        says: 'A line voltage is 30° or 90° from its phase voltage: enter which pair, which line and which phase sequence.',
        fields: [...VOLTS, ...AMPS, 'angle', 'pair', 'line', 'sequence', 'speed'],
        one: true,
    },
    {
        value: 'phase_angles',
        says: 'Angle of each line current to the voltage of its own line to neutral: correct for any load of sine waves.',
        fields: ['phase_volts_1', 'phase_volts_2', 'phase_volts_3', ...AMPS, 'angle_1', 'angle_2', 'angle_3', 'speed'],
        one: false,
    },
    {
        value: 'one_wattmeter',
        says: 'For a balanced load. The position of the voltage coil decides what it shows.',
        fields: ['wattmeter', 'watts', 'line', 'pair', 'sequence', 'sense', ...VOLTS, ...AMPS, 'speed'],
        one: true,
    },
    {
        value: 'two_wattmeters',
        says: 'Correct for any three-wire load. Use the sum; one wattmeter alone tells you nothing.',
        fields: ['common', 'watts_1', 'watts_2', 'watts_3', 'swapped', 'balanced', 'sequence', 'sense', ...VOLTS, ...AMPS, 'speed'],
        one: false,
    },
    {
        value: 'three_wattmeters',
        says: 'One wattmeter from each line to neutral: correct for any load.',
        fields: ['watts_1', 'watts_2', 'watts_3', 'phase_volts_1', 'phase_volts_2', 'phase_volts_3', ...AMPS, 'sense', 'speed'],
        one: false,
    },
    {
        value: 'meter_disc',
        says: 'Count turns of the disc and seconds. No other load may run on that meter.',
        fields: ['revolutions', 'disc_constant', 'seconds', 'current_ratio', 'voltage_ratio', ...VOLTS, ...AMPS, 'sense', 'speed'],
        one: true,
    },
    {
        value: 'meter_pulses',
        says: 'Count flashes of the meter and seconds. No other load may run on that meter.',
        fields: ['pulses', 'pulses_per_kwh', 'seconds', 'current_ratio', 'voltage_ratio', ...VOLTS, ...AMPS, 'sense', 'speed'],
        one: true,
    },
    {
        value: 'brake',
        says: 'Torque and speed at the shaft, power at the terminals: the difference is the losses.',
        fields: ['torque', 'speed', 'watts', ...VOLTS, ...AMPS, 'sense'],
        one: true,
    },
    {
        value: 'clamp_capacitor',
        says: 'Read the current without the capacitor, with it across the same load, and of the capacitor alone, within a minute.',
        fields: ['volts_12', 'amps_before', 'amps_after', 'capacitor_amps', 'capacitor_uf', 'speed'],
        one: true,
    },
    {
        value: 'scope_screen',
        says: 'Both traces on one screen: count divisions of their heights and between their zero crossings. Never clip earth to a live point.',
        fields: [
            'scope_sine',
            'scope_height',
            'scope_volts_per_division',
            'scope_volts_divisions',
            'scope_volts_probe',
            'scope_amps_volts_per_division',
            'scope_amps_divisions',
            'scope_millivolts_per_ampere',
            'shunt_ohm',
            'scope_time_per_division',
            'scope_delay_divisions',
            'sense',
            'speed',
        ],
        one: true,
    },
    {
        value: 'before_after',
        says: 'Two currents and one known power factor or angle: the real part of the current stays, so the other power factor follows.',
        fields: ['amps_before', 'amps_after', 'power_factor', 'power_factor_after', 'angle', 'angle_after', 'volts_12', 'speed'],
        one: true,
    },
    {
        value: 'volts_amps',
        says: 'No real power, but unbalance, a lost phase, and the load from current or speed.',
        fields: [...VOLTS, ...AMPS, 'speed'],
        one: true,
    },
];

/** Whether a field is asked for in what is chosen so far. */
export function asked(name: MeasureField, chosen: (name: MeasureField) => string, phases: number): boolean {
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
