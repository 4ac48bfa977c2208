import type { FieldPath } from '../../api/contract';
import type { Stamp } from './PlateCell';

export type PlateStyle = 'iec' | 'nema';

const sized = (grow: number, path: FieldPath, label: string, more: Partial<Stamp> = {}): Stamp => ({ path, label, grow, ...more });

/** The rated values that a plate for two frequencies gives twice. */
export function rated(style: PlateStyle, prefix: 'plate.' | 'plate.second.'): readonly Stamp[] {
    const first = prefix === 'plate.';
    const say = (label: string) => (first ? label : `${label}, 2nd row`);
    const american = style === 'nema';
    const power = sized(1.25, `${prefix}power`, say(american ? 'Output, hp or kW' : 'Output, kW or hp'), {
        ...(first ? { placeholder: american ? '50 hp' : '37 kW', assumedFrom: 'plate.output' } : {}),
    });
    const volts = sized(1.5, `${prefix}voltage`, say('Volts'), first ? { placeholder: american ? '230/460' : '400/690' } : {});
    const amps = sized(1.2, `${prefix}current`, say('Amps'), first ? { placeholder: american ? '122/61' : '66/38' } : {});
    const speed = sized(1, `${prefix}speed`, say('rpm'), first ? { placeholder: american ? '1775' : '1482' } : {});
    const hertz = sized(0.8, `${prefix}frequency`, say('Hz'), first ? { assumedFrom: 'plate.frequency' } : {});
    const factor = sized(0.85, `${prefix}power_factor`, say(american ? 'PF' : 'cos φ'), first ? { assumedFrom: 'plate.power_factor' } : {});
    const efficiency = sized(
        1,
        `${prefix}efficiency`,
        say(american ? 'Nom. eff., %' : 'Efficiency, %'),
        first ? { assumedFrom: 'plate.efficiency' } : {},
    );
    const start = sized(0.8, `${prefix}start_current_ratio`, say('Ia/In'));
    return american
        ? [power, volts, amps, speed, hertz, efficiency, factor, start]
        : [volts, hertz, power, amps, speed, factor, efficiency, start];
}

/** What only the plate of a single-phase motor has, and what is measured beside it. */
const ONE_PHASE: readonly Stamp[] = [
    sized(1.2, 'plate.start_capacitor', 'Start capacitor', { placeholder: '189-227 µF 250 V' }),
    sized(1.2, 'plate.run_capacitor', 'Run capacitor', { placeholder: '40 µF 450 V' }),
    sized(0.7, 'plate.no_load_power', 'No-load W'),
];

/** The stamps in reading order, row by row: a layout of our own in the manner of each world. */
export function rows(style: PlateStyle, second: boolean, onePhase: boolean): readonly (readonly Stamp[])[] {
    const values = rated(style, 'plate.').slice(0, 5);
    const more = [
        ...(second ? [rated(style, 'plate.second.').slice(0, 5), rated(style, 'plate.second.').slice(5)] : []),
        ...(onePhase ? [ONE_PHASE] : []),
    ];
    const tail = rated(style, 'plate.').slice(5);
    return style === 'iec'
        ? [
              [
                  sized(0.5, 'plate.phases', 'Phases'),
                  sized(1.5, 'plate.type', 'Type'),
                  sized(1.1, 'plate.serial', 'Serial no.'),
                  sized(0.7, 'plate.year', 'Year'),
                  sized(1.5, 'plate.standard', 'Standard'),
              ],
              values,
              [
                  ...tail,
                  sized(0.75, 'plate.efficiency_class', 'IE class'),
                  sized(0.75, 'plate.start_torque_ratio', 'Tst/Tn'),
                  sized(0.8, 'plate.breakdown_torque_ratio', 'Tmax/Tn'),
                  sized(0.75, 'plate.pull_up_torque_ratio', 'Tu/Tn'),
              ],
              ...more,
              [
                  sized(0.8, 'plate.duty', 'Duty'),
                  sized(0.8, 'plate.insulation_class', 'Ins. class'),
                  sized(0.7, 'plate.temperature_rise', 'Rise, K'),
                  sized(0.9, 'plate.ambient', 'Amb., °C'),
                  sized(0.9, 'plate.altitude', 'Altitude, m'),
                  sized(0.75, 'plate.ip', 'IP'),
                  sized(0.8, 'plate.cooling', 'IC'),
                  sized(0.9, 'plate.mounting', 'IM'),
              ],
              [
                  sized(0.9, 'plate.frame', 'Frame'),
                  sized(0.9, 'plate.weight', 'kg'),
                  sized(1, 'plate.rotor_class', 'Rotor class'),
                  sized(1.1, 'plate.inertia', 'J, kg·m²'),
                  sized(0.9, 'plate.no_load_current', 'No-load A'),
                  sized(0.7, 'plate.leads', 'Leads'),
                  sized(0.6, 'plate.service_factor', 'S.F.'),
                  sized(0.7, 'plate.service_factor_amps', 'SF amps', { assumedFrom: 'plate.service_factor_amps' }),
              ],
              [
                  sized(1.5, 'plate.bearings', 'Bearings DE, NDE'),
                  sized(1.3, 'plate.grease', 'Grease'),
                  sized(0.9, 'plate.grease_amount', 'g per bearing'),
                  sized(0.9, 'plate.grease_interval', 'interval, h'),
              ],
              [
                  sized(1.5, 'plate.remarks', 'Other stamps'),
                  sized(1, 'plate.order_number', 'Order no.'),
                  sized(0.6, 'plate.marks', 'Marks'),
                  sized(0.8, 'plate.enclosure', 'Enclosure'),
                  sized(0.6, 'plate.code_letter', 'Code'),
                  sized(0.6, 'plate.design_letter', 'Design'),
                  sized(0.8, 'plate.rotor_voltage', 'Rotor V'),
                  sized(0.8, 'plate.rotor_current', 'Rotor A'),
              ],
          ]
        : [
              [
                  sized(1.4, 'plate.type', 'Type'),
                  sized(1.1, 'plate.order_number', 'Catalog no.'),
                  sized(1.1, 'plate.serial', 'Serial no.'),
                  sized(0.9, 'plate.frame', 'Frame'),
                  sized(0.9, 'plate.enclosure', 'Encl.'),
                  sized(0.5, 'plate.phases', 'PH'),
              ],
              values,
              [
                  sized(0.7, 'plate.service_factor', 'S.F.'),
                  sized(0.8, 'plate.service_factor_amps', 'SFA', { assumedFrom: 'plate.service_factor_amps' }),
                  sized(0.7, 'plate.code_letter', 'Code'),
                  sized(0.8, 'plate.design_letter', 'Design'),
                  ...tail,
              ],
              ...more,
              [
                  sized(0.9, 'plate.duty', 'Duty'),
                  sized(0.8, 'plate.insulation_class', 'Ins. class'),
                  sized(0.9, 'plate.ambient', 'Max amb.'),
                  sized(0.9, 'plate.altitude', 'Altitude'),
                  sized(0.8, 'plate.temperature_rise', 'Rise, K'),
                  sized(0.7, 'plate.ip', 'IP'),
                  sized(0.7, 'plate.cooling', 'IC'),
                  sized(0.7, 'plate.leads', 'Leads'),
              ],
              [
                  sized(1.5, 'plate.bearings', 'Drive end, opp. end brg.'),
                  sized(1.2, 'plate.grease', 'Grease'),
                  sized(0.8, 'plate.grease_amount', 'g per bearing'),
                  sized(0.8, 'plate.grease_interval', 'interval, h'),
                  sized(0.8, 'plate.weight', 'Weight'),
                  sized(0.9, 'plate.mounting', 'Mounting'),
              ],
              [
                  sized(0.8, 'plate.start_torque_ratio', 'LR torque'),
                  sized(0.8, 'plate.breakdown_torque_ratio', 'BD torque'),
                  sized(0.8, 'plate.pull_up_torque_ratio', 'PU torque'),
                  sized(0.8, 'plate.inertia', 'Inertia'),
                  sized(0.8, 'plate.no_load_current', 'No-load A'),
                  sized(0.8, 'plate.rotor_voltage', 'Rotor V'),
                  sized(0.8, 'plate.rotor_current', 'Rotor A'),
              ],
              [
                  sized(1.6, 'plate.remarks', 'Other stamps'),
                  sized(1.2, 'plate.standard', 'Standard'),
                  sized(0.7, 'plate.efficiency_class', 'IE class'),
                  sized(0.7, 'plate.rotor_class', 'Rotor class'),
                  sized(0.6, 'plate.marks', 'Marks'),
                  sized(0.6, 'plate.year', 'Year'),
              ],
          ];
}
