// Generated from contract/*.schema.json by contract/generate.mjs. Do not edit.

/**
 * One motor branch circuit as it was entered. Unknown fields are kept and reported as a note.
 */
export interface Circuit {
    format?: 'brave-anvil.circuit/1';
    /**
     * Tag. Up to 24 characters, unique at this site.
     */
    tag?: string | number | null;
    /**
     * Drives. Up to 200 characters.
     */
    drives?: string | number | null;
    /**
     * Area. Up to 200 characters.
     */
    area?: string | number | null;
    /**
     * Rule book. One of iec, nec, cec.
     */
    rule_book: string;
    /**
     * Type of circuit. One of motor, bench_load.
     */
    subject?: ('motor' | 'bench_load' | null) | string;
    /**
     * Location. One of dry, damp, outdoor, wash_down, dust, combustible_dust.
     */
    surroundings?: ('dry' | 'damp' | 'outdoor' | 'wash_down' | 'dust' | 'combustible_dust' | null) | string;
    /**
     * Readings. A list of readings, each with its kind, its time and its values.
     */
    readings?: {
        [k: string]: unknown;
    };
    supply?: {
        /**
         * Supply voltage. Line volts from 100 to 1000, such as 400, 480Y/277 or 400/230.
         */
        voltage?: string | number | null;
        /**
         * Supply frequency. Hertz from 40 to 70, such as 50.
         */
        frequency?: string | number | null;
        /**
         * Phases of the supply. 3 or 1.
         */
        phases?: string | number | null;
        /**
         * Source. One of mains, generator, inverter.
         */
        source?: ('mains' | 'generator' | 'inverter' | null) | string;
        /**
         * Generator rating. kVA from 0.5 to 20 000, such as 100.
         */
        generator_kva?: string | number | null;
        /**
         * Engine power. kW from 0.4 to 16 000, such as 80.
         */
        generator_kw?: string | number | null;
        /**
         * Subtransient reactance X″d. Percent from 3 to 60, such as 12.
         */
        subtransient_percent?: string | number | null;
        /**
         * Transient reactance X′d. Percent from 3 to 100, such as 20.
         */
        transient_percent?: string | number | null;
        /**
         * Sustained short-circuit current. Times rated current from 0.1 to 10, such as 3.
         */
        sustained_ratio?: string | number | null;
        /**
         * Inverter rating. VA from 50 to 1 000 000, such as 3000.
         */
        inverter_va?: string | number | null;
        /**
         * Surge rating. VA from 50 to 5 000 000, such as 6000.
         */
        surge_va?: string | number | null;
        /**
         * Surge time. Seconds from 0.01 to 600, such as 5.
         */
        surge_seconds?: string | number | null;
        /**
         * Short-circuit current of the inverter. Amperes from 0.5 to 10 000.
         */
        inverter_fault_ampere?: string | number | null;
        /**
         * Battery voltage. Volts from 6 to 1000, such as 48.
         */
        battery_volts?: string | number | null;
        /**
         * Battery capacity. Ah from 1 to 100 000, such as 200.
         */
        battery_amp_hours?: string | number | null;
        /**
         * Fault level. kVA from 10 to 10 000 000, such as 25000 or 25 MVA.
         */
        fault_level_kva?: string | number | null;
        /**
         * Transformer rating. kVA from 1 to 100 000, such as 1000.
         */
        transformer_kva?: string | number | null;
        /**
         * Transformer impedance. Percent from 0.5 to 30, such as 6.
         */
        transformer_impedance_percent?: string | number | null;
        /**
         * Phases of the transformer or generator. 3 or 1.
         */
        transformer_phases?: string | number | null;
        /**
         * X/R. A ratio from 0.1 to 100, such as 8.
         */
        x_over_r?: string | number | null;
        /**
         * Voltage factor of the fault currents. One of 1.05, 1.10.
         */
        voltage_factor?: ('1.05' | '1.10' | null) | string;
        /**
         * Other capacitors on the bus. kvar from 0 to 100 000, such as 50.
         */
        other_capacitors_kvar?: string | number | null;
        /**
         * Inverter efficiency. Percent from 30 to 100, such as 88.
         */
        inverter_efficiency?: string | number | null;
        /**
         * Inverter efficiency by load. Percent of rated VA and efficiency, in the order of load: 25 84; 50 90; 100 88.
         */
        inverter_efficiency_points?: (number | string)[][] | string | null;
        /**
         * Ambient temperature. Degrees Celsius from -40 to 85, such as 30. Fahrenheit is accepted: 86 F.
         */
        ambient?: string | number | null;
        /**
         * Altitude. Metres from -500 to 6000.
         */
        altitude?: string | number | null;
        /**
         * Voltage unbalance. Percent from 0 to 20, or the three line voltages such as 400/404/390.
         */
        unbalance?: string | number | null;
        /**
         * Earthing system. One of tn_s, tn_c_s, tt, it, resistance.
         */
        earthing?: ('tn_s' | 'tn_c_s' | 'tt' | 'it' | 'resistance' | null) | string;
        /**
         * Earth-fault loop impedance at the supply (Ze). Ohms from 0.0001 to 2000.
         */
        earth_loop_ohm?: string | number | null;
        /**
         * Earthing resistor. Ohms from 0.01 to 100 000.
         */
        earthing_ohm?: string | number | null;
        /**
         * Earth-fault current limit. Amperes from 0.1 to 5000.
         */
        earthing_ampere?: string | number | null;
        /**
         * Exposed-conductive-parts earthed. One of together, individual.
         */
        it_earthing?: ('together' | 'individual' | null) | string;
        board?: {
            /**
             * Board. One of .
             */
            tag?: string | number | null;
            /**
             * Source resistance at the board. Ohms from 0 to 100.
             */
            resistance_ohm?: string | number | null;
            /**
             * Source reactance at the board. Ohms from 0 to 100.
             */
            reactance_ohm?: string | number | null;
            /**
             * Fault current at the board. Amperes from 1 to 1 000 000.
             */
            fault_ampere?: string | number | null;
            /**
             * Resistance of the earth loop at the board. Ohms from 0 to 2000.
             */
            loop_resistance_ohm?: string | number | null;
            /**
             * Reactance of the earth loop at the board. Ohms from 0 to 2000.
             */
            loop_reactance_ohm?: string | number | null;
            /**
             * Voltage drop of the board’s feeder. Percent from 0 to 100.
             */
            drop_percent?: string | number | null;
            /**
             * Voltage drop limit, feeder and circuit. Percent from 0.1 to 50.
             */
            drop_limit_percent?: string | number | null;
            /**
             * gG fuse of the board’s feeder. Amperes from 1 to 100 000.
             */
            fuse_ampere?: string | number | null;
            /**
             * Long-time setting of the feeder’s breaker. Amperes from 1 to 100 000.
             */
            long_time_ampere?: string | number | null;
            /**
             * Short-time setting of the feeder’s breaker. Amperes from 1 to 100 000.
             */
            short_time_ampere?: string | number | null;
            /**
             * Instantaneous setting of the feeder’s breaker. Amperes from 1 to 100 000.
             */
            instantaneous_ampere?: string | number | null;
            /**
             * Long-time delay of the feeder’s breaker. Seconds from 0.01 to 300.
             */
            long_time_seconds?: string | number | null;
            /**
             * Short-time delay of the feeder’s breaker. Seconds from 0.01 to 300.
             */
            short_time_seconds?: string | number | null;
            /**
             * Assumed at the board. One of .
             */
            assumed?: string | number | null;
            /**
             * Used while the board cannot be calculated. One of .
             */
            waits?: string | number | null;
            /**
             * Typed here, and other at the board. One of .
             */
            instead?: string | number | null;
        } | null;
    } | null;
    plate?: {
        /**
         * Rated output. A power such as 37 kW, 50 hp or 37/50, from 10 W to 10 MW.
         */
        power?: string | number | null;
        /**
         * Rated voltage. Volts as on the nameplate, such as 400, 230/400, D 400 or 208-230/460.
         */
        voltage?: string | number | null;
        /**
         * Rated current. Amperes as on the nameplate, such as 66, 66/38 or 4.2-4.0/2.0.
         */
        current?: string | number | null;
        /**
         * Rated speed. Revolutions per minute, such as 1482.
         */
        speed?: string | number | null;
        /**
         * Rated frequency. Hertz, such as 50, 60 or 50/60.
         */
        frequency?: string | number | null;
        /**
         * Power factor. A power factor such as 0.85 or 85 %.
         */
        power_factor?: string | number | null;
        /**
         * Efficiency. Percent such as 93.9, below 100, or a class such as IE3.
         */
        efficiency?: string | number | null;
        /**
         * Ia/In. Starting current ÷ rated current from 1.5 to 15, such as 7.0 or 700 %.
         */
        start_current_ratio?: string | number | null;
        /**
         * Ia/In, low end. Starting current ÷ rated current from 1.5 to 15.
         */
        start_current_ratio_low?: string | number | null;
        second?: {
            /**
             * Second row: rated output. A power such as 37 kW, 50 hp or 37/50, from 10 W to 10 MW.
             */
            power?: string | number | null;
            /**
             * Second row: rated voltage. Volts as on the nameplate, such as 400, 230/400, D 400 or 208-230/460.
             */
            voltage?: string | number | null;
            /**
             * Second row: rated current. Amperes as on the nameplate, such as 66, 66/38 or 4.2-4.0/2.0.
             */
            current?: string | number | null;
            /**
             * Second row: rated speed. Revolutions per minute, such as 1482.
             */
            speed?: string | number | null;
            /**
             * Second row: rated frequency. Hertz, such as 60.
             */
            frequency?: string | number | null;
            /**
             * Second row: power factor. A power factor such as 0.85 or 85 %.
             */
            power_factor?: string | number | null;
            /**
             * Second row: efficiency. Percent such as 93.9, below 100, or a class such as IE3.
             */
            efficiency?: string | number | null;
            /**
             * Second row: Ia/In. Starting current ÷ rated current from 1.5 to 15, such as 7.0 or 700 %.
             */
            start_current_ratio?: string | number | null;
        } | null;
        /**
         * Efficiency class. IE1, IE2, IE3 or IE4.
         */
        efficiency_class?: string | number | null;
        /**
         * Service factor. A factor from 1.0 to 2.0, such as 1.15.
         */
        service_factor?: string | number | null;
        /**
         * Code letter. One letter from A to V, without I, O and Q.
         */
        code_letter?: string | number | null;
        /**
         * Design letter. A, B, C or D, or N or H on IEC plates.
         */
        design_letter?: string | number | null;
        /**
         * Tst/Tn. Starting torque ÷ rated torque from 0.2 to 6, such as 2.4 or 240 %.
         */
        start_torque_ratio?: string | number | null;
        /**
         * Tmax/Tn. Breakdown torque ÷ rated torque from 1 to 8, such as 2.9.
         */
        breakdown_torque_ratio?: string | number | null;
        /**
         * Tu/Tn. Pull-up torque ÷ rated torque from 0.1 to 6.
         */
        pull_up_torque_ratio?: string | number | null;
        /**
         * Locked-rotor time. Seconds from 0.5 to 120, such as 12.
         */
        locked_rotor_time?: string | number | null;
        /**
         * Rotor inertia. kg·m², such as 0.36. lb·ft² is accepted: 8 lb ft2.
         */
        inertia?: string | number | null;
        /**
         * No-load current. Amperes.
         */
        no_load_current?: string | number | null;
        /**
         * No-load power. Watts, such as 95.
         */
        no_load_power?: string | number | null;
        /**
         * Service-factor amperes. Amperes as on the nameplate, such as 69 or 138/69.
         */
        service_factor_amps?: string | number | null;
        /**
         * Temperature rise. Kelvin from 10 to 200, such as 80.
         */
        temperature_rise?: string | number | null;
        /**
         * Rated ambient. Degrees Celsius from -40 to 120, such as 40.
         */
        ambient?: string | number | null;
        /**
         * Rated altitude. Metres from 0 to 6000.
         */
        altitude?: string | number | null;
        /**
         * Duty. S1 to S10, such as S1, S2 30 min or S3 40 %.
         */
        duty?: string | number | null;
        /**
         * Leads. 3, 6, 9 or 12.
         */
        leads?: string | number | null;
        /**
         * Phases. 3 or 1, such as 3~, 3 PH or 1~.
         */
        phases?: string | number | null;
        /**
         * Type of motor. One of cage, wound_rotor, two_speed, part_winding, single_phase.
         */
        kind?: ('cage' | 'wound_rotor' | 'two_speed' | 'part_winding' | 'single_phase' | null) | string;
        /**
         * How it starts on one phase. One of split_phase, capacitor_start, permanent_capacitor, capacitor_start_run.
         */
        single_phase_type?: ('split_phase' | 'capacitor_start' | 'permanent_capacitor' | 'capacitor_start_run' | null) | string;
        /**
         * Start capacitor. Microfarads and volts as stamped, such as 189-227 µF 250 V.
         */
        start_capacitor?: string | number | null;
        /**
         * Run capacitor. Microfarads and volts as stamped, such as 40 µF 450 V or 80/5 µF 370/440 V.
         */
        run_capacitor?: string | number | null;
        /**
         * Built-in thermal protector. One of none, manual, automatic.
         */
        thermal_protector?: ('none' | 'manual' | 'automatic' | null) | string;
        /**
         * Rotor voltage. Volts from 10 to 5000, such as 250.
         */
        rotor_voltage?: string | number | null;
        /**
         * Rotor current. Amperes.
         */
        rotor_current?: string | number | null;
        /**
         * Insulation class. A class such as F, or F/B for insulation F used to the rise of B: Y, A, E, B, F, H, N or R.
         */
        insulation_class?: string | number | null;
        /**
         * IP. IP and two digits, such as IP55; X for a digit that is not given.
         */
        ip?: string | number | null;
        /**
         * Cooling. IC and its digits, such as IC411.
         */
        cooling?: string | number | null;
        /**
         * Rotor class. KL and tenths of rated torque, such as KL 10.
         */
        rotor_class?: string | number | null;
        /**
         * Grease quantity. Grams, one value or one for each end, such as 30 or 30/20 g.
         */
        grease_amount?: string | number | null;
        /**
         * Relubrication interval. Hours from 100 to 100 000, such as 8000 h.
         */
        grease_interval?: string | number | null;
        /**
         * Weight. Kilograms from 0.5 to 50 000. Pounds are accepted: 90 lb.
         */
        weight?: string | number | null;
        /**
         * Type. Up to 200 characters.
         */
        type?: string | number | null;
        /**
         * Order number. Up to 200 characters.
         */
        order_number?: string | number | null;
        /**
         * Serial number. Up to 200 characters.
         */
        serial?: string | number | null;
        /**
         * Year. Up to 200 characters.
         */
        year?: string | number | null;
        /**
         * Standard. Up to 200 characters.
         */
        standard?: string | number | null;
        /**
         * Conformity marks. Up to 200 characters.
         */
        marks?: string | number | null;
        /**
         * Frame. Up to 200 characters.
         */
        frame?: string | number | null;
        /**
         * Mounting. Up to 200 characters.
         */
        mounting?: string | number | null;
        /**
         * Enclosure. Up to 200 characters.
         */
        enclosure?: string | number | null;
        /**
         * Bearings. Up to 200 characters.
         */
        bearings?: string | number | null;
        /**
         * Grease. Up to 200 characters.
         */
        grease?: string | number | null;
        /**
         * Other nameplate data. Up to 200 characters.
         */
        remarks?: string | number | null;
    } | null;
    bench?: {
        /**
         * Real power. Power drawn, such as 1150 W or 2.2 kW; 0 for a capacitor.
         */
        power?: string | number | null;
        /**
         * Shaft output. kW or hp, such as 2.2 or 3 hp.
         */
        output?: string | number | null;
        /**
         * Efficiency. Percent from 5 to 99.99, such as 82.
         */
        efficiency?: string | number | null;
        /**
         * Current. Amperes, such as 8.2.
         */
        current?: string | number | null;
        /**
         * Power factor. A power factor from 0 to 1, such as 0.61 or 61 %.
         */
        power_factor?: string | number | null;
        /**
         * Current of the load. One of lagging, leading.
         */
        sense?: ('lagging' | 'leading' | null) | string;
    } | null;
    measure?: {
        /**
         * Measuring method. One of volts_amps, volts_amps_watts, power_factor_meter, line_angle, phase_angles, one_wattmeter, two_wattmeters, three_wattmeters, meter_disc, meter_pulses, brake, clamp_capacitor, scope_screen, before_after.
         */
        method?:
            | (
                  | 'volts_amps'
                  | 'volts_amps_watts'
                  | 'power_factor_meter'
                  | 'line_angle'
                  | 'phase_angles'
                  | 'one_wattmeter'
                  | 'two_wattmeters'
                  | 'three_wattmeters'
                  | 'meter_disc'
                  | 'meter_pulses'
                  | 'brake'
                  | 'clamp_capacitor'
                  | 'scope_screen'
                  | 'before_after'
                  | null
              )
            | string;
        /**
         * Voltage L1–L2. Volts from 1 to 2000.
         */
        volts_12?: string | number | null;
        /**
         * Voltage L2–L3. Volts from 1 to 2000.
         */
        volts_23?: string | number | null;
        /**
         * Voltage L3–L1. Volts from 1 to 2000.
         */
        volts_31?: string | number | null;
        /**
         * Voltage L1–N. Volts from 1 to 2000.
         */
        phase_volts_1?: string | number | null;
        /**
         * Current L1. Amperes from 0 to 20 000.
         */
        amps_1?: string | number | null;
        /**
         * Wattmeter in L1. Watts, negative if it reads backwards.
         */
        watts_1?: string | number | null;
        /**
         * Voltage L2–N. Volts from 1 to 2000.
         */
        phase_volts_2?: string | number | null;
        /**
         * Current L2. Amperes from 0 to 20 000.
         */
        amps_2?: string | number | null;
        /**
         * Wattmeter in L2. Watts, negative if it reads backwards.
         */
        watts_2?: string | number | null;
        /**
         * Voltage L3–N. Volts from 1 to 2000.
         */
        phase_volts_3?: string | number | null;
        /**
         * Current L3. Amperes from 0 to 20 000.
         */
        amps_3?: string | number | null;
        /**
         * Wattmeter in L3. Watts, negative if it reads backwards.
         */
        watts_3?: string | number | null;
        /**
         * Real power. Watts, negative if the meter reads backwards.
         */
        watts?: string | number | null;
        /**
         * Power factor shown. A power factor such as 0.85 or 85 %.
         */
        power_factor?: string | number | null;
        /**
         * Current leads or lags. One of lagging, leading.
         */
        sense?: ('lagging' | 'leading' | null) | string;
        /**
         * Phase sequence. One of 123, 132.
         */
        sequence?: ('123' | '132' | null) | string;
        /**
         * Voltage coil connected. One of neutral, pair, other_lines.
         */
        wattmeter?: ('neutral' | 'pair' | 'other_lines' | null) | string;
        /**
         * Voltage measured. One of 12, 13, 21, 23, 31, 32.
         */
        pair?: ('12' | '13' | '21' | '23' | '31' | '32' | null) | string;
        /**
         * Current measured in. One of 1, 2, 3.
         */
        line?: ('1' | '2' | '3' | null) | string;
        /**
         * Angle shown. Degrees from -180 to 180, positive if the current lags the voltage.
         */
        angle?: string | number | null;
        /**
         * Angle with the capacitor. Degrees from -90 to 90, positive if the current lags its phase voltage.
         */
        angle_after?: string | number | null;
        /**
         * Angle L1, to L1–N. Degrees from -180 to 180, positive if the current lags.
         */
        angle_1?: string | number | null;
        /**
         * Angle L2, to L2–N. Degrees from -180 to 180, positive if the current lags.
         */
        angle_2?: string | number | null;
        /**
         * Angle L3, to L3–N. Degrees from -180 to 180, positive if the current lags.
         */
        angle_3?: string | number | null;
        /**
         * Locked-rotor current, measured. Amperes from 0.1 to 100 000, in the line.
         */
        locked_rotor_amps?: string | number | null;
        /**
         * or its apparent power. kVA from 0.05 to 50 000, such as 180, or 850 VA.
         */
        locked_rotor_kva?: string | number | null;
        /**
         * at a voltage of. Volts from 5 to 1000, between lines.
         */
        locked_rotor_volts?: string | number | null;
        /**
         * Common line. One of 1, 2, 3.
         */
        common?: ('1' | '2' | '3' | null) | string;
        /**
         * Voltage leads reversed to get a reading. One of none, 1, 2, 3.
         */
        swapped?: ('none' | '1' | '2' | '3' | null) | string;
        /**
         * Type of load. One of balanced, unbalanced.
         */
        balanced?: ('balanced' | 'unbalanced' | null) | string;
        /**
         * Turns of the disc. Number of turns counted, such as 10.
         */
        revolutions?: string | number | null;
        /**
         * Disc constant. Wh per turn, such as 7.2.
         */
        disc_constant?: string | number | null;
        /**
         * Pulses. Number of pulses counted, such as 50.
         */
        pulses?: string | number | null;
        /**
         * Pulses per kWh. As printed on the meter, such as 1000.
         */
        pulses_per_kwh?: string | number | null;
        /**
         * in. Seconds, such as 36.
         */
        seconds?: string | number | null;
        /**
         * Current distortion (THD). Percent of the fundamental from 0 to 300, such as 18.
         */
        current_distortion?: string | number | null;
        /**
         * Current transformers. A ratio such as 200/5 or 40. Enter 1 if there are none.
         */
        current_ratio?: string | number | null;
        /**
         * Voltage transformers. A ratio such as 480/120 or 4. Enter 1 if there are none.
         */
        voltage_ratio?: string | number | null;
        /**
         * Instruments available. A list of instruments: voltmeter, clamp, wattmeter, two_wattmeters and so on.
         */
        instruments?: string[] | string | null;
        /**
         * Neutral available. One of present, absent.
         */
        neutral?: ('present' | 'absent' | null) | string;
        /**
         * Shunt resistance. Ohms, such as 1 mΩ or 0.01.
         */
        shunt_ohm?: string | number | null;
        /**
         * Shunt power rating. Watts, such as 5.
         */
        shunt_power?: string | number | null;
        /**
         * Speed. Revolutions per minute, such as 1490.
         */
        speed?: string | number | null;
        /**
         * Torque at the brake. N·m, such as 236. lb-ft is accepted.
         */
        torque?: string | number | null;
        /**
         * Current without the capacitor. Amperes from 0.01 to 20 000.
         */
        amps_before?: string | number | null;
        /**
         * Current with the capacitor. Amperes from 0 to 20 000.
         */
        amps_after?: string | number | null;
        /**
         * Current of the capacitor alone. Amperes from 0.01 to 20 000.
         */
        capacitor_amps?: string | number | null;
        /**
         * Capacitance. Microfarads, such as 40.
         */
        capacitor_uf?: string | number | null;
        /**
         * Power factor with the capacitor. From 0.01 to 1, such as 0.95.
         */
        power_factor_after?: string | number | null;
        /**
         * Height read as. One of peak, peak_to_peak.
         */
        scope_height?: ('peak' | 'peak_to_peak' | null) | string;
        /**
         * Both traces are sine waves. One of .
         */
        scope_sine?: boolean | string | number | null;
        /**
         * Voltage channel, V per division. Volts, such as 5 or 200 mV.
         */
        scope_volts_per_division?: string | number | null;
        /**
         * Voltage trace, divisions. Divisions from 0.1 to 20, such as 3.2.
         */
        scope_volts_divisions?: string | number | null;
        /**
         * Voltage probe, ×. A factor such as 10, 100 or 200.
         */
        scope_volts_probe?: string | number | null;
        /**
         * Current channel, V per division. Volts, such as 20 mV.
         */
        scope_amps_volts_per_division?: string | number | null;
        /**
         * Current trace, divisions. Divisions from 0.1 to 20, such as 2.4.
         */
        scope_amps_divisions?: string | number | null;
        /**
         * Current probe, mV per A. Millivolts per ampere, such as 10.
         */
        scope_millivolts_per_ampere?: string | number | null;
        /**
         * Time per division. Seconds, such as 2 ms.
         */
        scope_time_per_division?: string | number | null;
        /**
         * Between the zero crossings, divisions. Divisions from 0 to 20.
         */
        scope_delay_divisions?: string | number | null;
    } | null;
    windings?: {
        /**
         * Resistance of each winding. Ohms from 0.001 to 100 000.
         */
        impedance?: string | number | null;
        /**
         * Power factor of each winding. From 0.01 to 1; 1 for a heater.
         */
        power_factor?: string | number | null;
        /**
         * Power rating of one element. Watts, such as 2000 W or 2 kW.
         */
        element_power?: string | number | null;
        /**
         * Voltage rating of one element. Volts from 12 to 1000, such as 230.
         */
        element_voltage?: string | number | null;
        /**
         * Ohmmeter reading between two terminals. Ohms from 0.0001 to 100 000.
         */
        terminal_resistance?: string | number | null;
        /**
         * Connection. One of star, delta.
         */
        connected?: ('star' | 'delta' | null) | string;
    } | null;
    load?: {
        /**
         * Operating load. Percent of rated output from 0 to 125, such as 60.
         */
        output_percent?: string | number | null;
        /**
         * Driven machine. One of fan, pump, conveyor, compressor, saw, drum, other.
         */
        machine?: ('fan' | 'pump' | 'conveyor' | 'compressor' | 'saw' | 'drum' | 'other' | null) | string;
        /**
         * Operating duty. One of continuous, short_time, intermittent, periodic, varying.
         */
        service?: ('continuous' | 'short_time' | 'intermittent' | 'periodic' | 'varying' | null) | string;
        /**
         * Type of load torque. One of constant, linear, quadratic, constant_power, points.
         */
        kind?: ('constant' | 'linear' | 'quadratic' | 'constant_power' | 'points' | null) | string;
        /**
         * Load torque at full speed. Percent of rated torque from 0 to 300.
         */
        torque_percent?: string | number | null;
        /**
         * Load inertia. kg·m² above 0, such as 6.5.
         */
        inertia?: string | number | null;
        /**
         * Speed ratio, load ÷ motor. A ratio from 0.001 to 100.
         */
        speed_ratio?: string | number | null;
        /**
         * Breakaway torque. Percent of rated torque from 0 to 500.
         */
        breakaway_percent?: string | number | null;
        /**
         * Efficiency of the driven machine. Percent from 5 to 99.9, such as 72.
         */
        machine_efficiency?: string | number | null;
        /**
         * Hours per year at each load. Load and hours, such as 75 4000; 40 1500.
         */
        hours?: (number | string)[][] | string | null;
        /**
         * Effects on the motor. A list of: overhauling, back_spin, reversing, jogging, plugging, fast_reclosing.
         */
        traits?: string[] | string | null;
        /**
         * Load points. Percent of rated speed (to 120) and of rated torque, in the order of speed: 0 40; 50 30; 100 90.
         */
        points?: (number | string)[][] | string | null;
    } | null;
    starter?: {
        /**
         * Starting method. One of direct, star_delta, autotransformer, resistor, reactor, soft_starter, drive.
         */
        method?: ('direct' | 'star_delta' | 'autotransformer' | 'resistor' | 'reactor' | 'soft_starter' | 'drive' | null) | string;
        /**
         * Starter made for single-phase motors. One of .
         */
        for_one_phase?: boolean | string | number | null;
        /**
         * Run-up time. Seconds from 0.05 to 300, such as 5.
         */
        run_up_time?: string | number | null;
        changeover?: {
            /**
             * Changeover by. One of time, speed, hand.
             */
            by?: ('time' | 'speed' | 'hand' | null) | string;
            /**
             * Changeover. Seconds (timer or manual); percent of synchronous speed, or rpm (speed switch).
             */
            value?: string | number | null;
        } | null;
        /**
         * Transformer tap. Percent from 20 to 95.
         */
        tap_percent?: string | number | null;
        /**
         * Current limit. Percent of rated current from 100 to 800.
         */
        current_limit?: string | number | null;
        /**
         * Ramp time. Seconds from 0.1 to 300, such as 10.
         */
        ramp_time?: string | number | null;
        /**
         * Initial voltage. Percent from 10 to 100.
         */
        initial_voltage?: string | number | null;
        /**
         * Changeover interval. Seconds from 0 to 5, such as 50 ms.
         */
        gap?: string | number | null;
        /**
         * Transition. One of open, closed.
         */
        transition?: ('open' | 'closed' | null) | string;
        /**
         * Drive input current. Amperes.
         */
        drive_input_current?: string | number | null;
    } | null;
    cable?: {
        /**
         * Length, starter to motor. Metres up to 3000, such as 60 m. Feet are accepted: 200 ft.
         */
        length?: string | number | null;
        /**
         * Length, supply to starter. Metres up to 3000, such as 12 m.
         */
        line_length?: string | number | null;
        /**
         * Conductor material. One of copper, aluminium.
         */
        material?: ('copper' | 'aluminium' | null) | string;
        /**
         * Insulation. IEC: pvc or xlpe. NEC: TW, THW, THWN, XHHW, THHN, THWN-2 or XHHW-2. CE Code: TW, RW75, RW90 or T90.
         */
        insulation?: string | number | null;
        /**
         * Installation method. IEC: A1, A2, B1, B2, C, D1, D2, E or F. NEC: raceway. CE Code: raceway or free air.
         */
        method?: string | number | null;
        /**
         * Circuits grouped, motor run. Number of circuits installed together, counting this one: 1 to 20.
         */
        grouped_circuits?: string | number | null;
        /**
         * Circuits grouped, supply run. Number of circuits installed together there, counting this one: 1 to 20.
         */
        line_grouped_circuits?: string | number | null;
        /**
         * Parallel sets. 1 to 6.
         */
        sets?: string | number | null;
        /**
         * Raceways for six leads. 1 or 2.
         */
        raceways?: string | number | null;
        /**
         * Protective conductor. One of copper, aluminium.
         */
        protective_material?: ('copper' | 'aluminium' | null) | string;
        /**
         * Separate protective conductor. Yes or No.
         */
        protective_separate?: boolean | string | number | null;
        /**
         * Installed size, to motor. A standard size, such as 16 mm2, 6 AWG or 250 kcmil.
         */
        size?: string | number | null;
        /**
         * Installed size, to starter. A standard size, such as 16 mm2, 6 AWG or 250 kcmil.
         */
        line_size?: string | number | null;
        /**
         * Terminal temperature rating. 60, 75 or 90 °C under NEC and CE Code; 70 or 90 °C under IEC.
         */
        terminal_temperature?: string | number | null;
        /**
         * Raceway. One of steel, emt, aluminium, pvc.
         */
        raceway_material?: ('steel' | 'emt' | 'aluminium' | 'pvc' | null) | string;
        /**
         * Cores. 1 to 6.
         */
        cores?: string | number | null;
        /**
         * Cable support. One of perforated, ladder, bunched.
         */
        tray?: ('perforated' | 'ladder' | 'bunched' | null) | string;
        /**
         * Soil temperature. Degrees Celsius from -10 to 60.
         */
        soil_temperature?: string | number | null;
        /**
         * Soil resistivity. K·m/W from 0.5 to 3.
         */
        soil_resistivity?: string | number | null;
        /**
         * Wet location. Yes or No.
         */
        wet?: boolean | string | number | null;
    } | null;
    guard?: {
        /**
         * Protective device. One of breaker_b, breaker_c, breaker_d, fuse_gg, fuse_am, motor_breaker, fuse_dual_element, fuse_non_time_delay, breaker_inverse_time, breaker_instantaneous.
         */
        scpd?:
            | (
                  | 'breaker_b'
                  | 'breaker_c'
                  | 'breaker_d'
                  | 'fuse_gg'
                  | 'fuse_am'
                  | 'motor_breaker'
                  | 'fuse_dual_element'
                  | 'fuse_non_time_delay'
                  | 'breaker_inverse_time'
                  | 'breaker_instantaneous'
                  | null
              )
            | string;
        /**
         * Overload relay. One of line, delta.
         */
        overload_place?: ('line' | 'delta' | null) | string;
        /**
         * Trip class. One of 5, 10A, 10, 20, 30.
         */
        overload_class?: ('5' | '10A' | '10' | '20' | '30' | null) | string;
        start_exception?: {
            /**
             * Evidence that the motor did not start. Who saw it trip, when and at what setting.
             */
            evidence?: string | number | null;
            /**
             * Raise the overload setting too. Yes or No.
             */
            overload?: boolean | string | number | null;
        } | null;
        /**
         * Instantaneous trip setting as found. Amperes, such as 420.
         */
        instantaneous?: string | number | null;
        /**
         * Overload reset. One of manual, automatic.
         */
        reset?: ('manual' | 'automatic' | null) | string;
        /**
         * Earth-fault relay. One of present, absent.
         */
        earth_fault_relay?: ('present' | 'absent' | null) | string;
        /**
         * Breaking capacity. kA from 0.5 to 300, such as 25.
         */
        breaking_capacity_ka?: string | number | null;
        /**
         * Installed rating. Amperes, such as 63.
         */
        rating?: string | number | null;
        /**
         * Relay setting as found. Amperes, such as 38.
         */
        dial?: string | number | null;
        /**
         * Maximum device marked on the starter. Amperes.
         */
        marked_maximum?: string | number | null;
    } | null;
    correction?: {
        /**
         * Target power factor. A power factor from 0.5 to 1, such as 0.95, or tan φ, such as tan 0.4, or 0.4 kvar/kW.
         */
        target_power_factor?: string | number | null;
        /**
         * Capacitor per kW of load. kvar per kW from 0.01 to 3, such as 0.4.
         */
        kvar_per_kw?: string | number | null;
        /**
         * Position of the capacitor. One of none, board, before_controller, after_controller, behind_relay, at_motor.
         */
        place?: ('none' | 'board' | 'before_controller' | 'after_controller' | 'behind_relay' | 'at_motor' | null) | string;
        /**
         * Operating load. Percent of rated output from 10 to 125, such as 80.
         */
        load_percent?: string | number | null;
        /**
         * Lowest operating load. Percent of rated output from 0 to 125.
         */
        lowest_load_percent?: string | number | null;
        /**
         * Capacitor rated voltage. Volts from 100 to 1200, such as 440.
         */
        rated_voltage?: string | number | null;
        /**
         * Calculate from. One of calculated, measured.
         */
        basis?: ('calculated' | 'measured' | null) | string;
        /**
         * Capacitor rated frequency. Hertz from 40 to 70, such as 50.
         */
        rated_frequency?: string | number | null;
        /**
         * Detuning reactor. Percent from 1 to 20, such as 5.67, 7 or 14.
         */
        detuning_percent?: string | number | null;
        /**
         * Installed capacitor. µF from 0.1 to 100 000, such as 30.
         */
        capacitance?: string | number | null;
        /**
         * Installed discharge resistor. Ohms from 100 to 100 000 000, such as 270 kohm.
         */
        resistor_ohm?: string | number | null;
        /**
         * Connected by a plug. Yes or No.
         */
        pluggable?: boolean | string | number | null;
        /**
         * Price of the correction. A price such as 480, without the currency.
         */
        price?: string | number | null;
        /**
         * Real power, capacitor on. Watts or kW, such as 26.6 kW.
         */
        after_watts?: string | number | null;
        /**
         * Current, capacitor on. Amperes, such as 40.9.
         */
        after_amps?: string | number | null;
        /**
         * Voltage, capacitor on. Volts, such as 403.
         */
        after_volts?: string | number | null;
        /**
         * Installed capacitor. kvar from 0.1 to 5000, such as 12.5.
         */
        rated_kvar?: string | number | null;
        /**
         * Own contactor. Yes or No.
         */
        own_contactor?: boolean | string | number | null;
        /**
         * Length of the capacitor conductors. Metres from 0 to 100.
         */
        tap_length?: string | number | null;
    } | null;
    upgrade?: {
        /**
         * Better motor: efficiency. Percent such as 95.4.
         */
        efficiency?: string | number | null;
        /**
         * Better motor: or IE class. IE1 to IE4.
         */
        efficiency_class?: string | number | null;
        /**
         * Better motor: extra cost. A price such as 900, without the currency.
         */
        price?: string | number | null;
    } | null;
    settings?: {
        /**
         * Voltage drop limit, running. Percent from 0.5 to 20.
         */
        drop_limit_running?: string | number | null;
        /**
         * Voltage drop limit, starting. Percent from 1 to 40.
         */
        drop_limit_starting?: string | number | null;
        /**
         * Voltage dip limit at the bus. Percent from 0.5 to 40.
         */
        dip_limit_bus?: string | number | null;
        /**
         * Voltage dip limit on a generator. Percent from 0.5 to 40.
         */
        dip_limit_generator?: string | number | null;
        /**
         * Voltage dip limit at the motor. Percent from 1 to 60.
         */
        dip_limit_motor?: string | number | null;
        /**
         * Voltage tolerance. Percent from 1 to 15.
         */
        voltage_tolerance?: string | number | null;
        /**
         * Largest motor for direct-on-line start. kW.
         */
        direct_start_limit?: string | number | null;
        /**
         * Terminal temperature rating. 70 or 90 °C.
         */
        terminal_temperature?: string | number | null;
        /**
         * Largest single conductor. A standard size, such as 300 mm2 or 500 kcmil.
         */
        largest_single_size?: string | number | null;
        /**
         * Apply correction factors at terminations. Yes or No.
         */
        four_006_corrections?: boolean | string | number | null;
        /**
         * 10 A is a standard rating. Yes or No.
         */
        ten_ampere_rating?: boolean | string | number | null;
        /**
         * Overload setting based on. One of plate_current, service_factor.
         */
        overload_school?: ('plate_current' | 'service_factor' | null) | string;
        /**
         * Phase names. One of l1_l2_l3, r_y_b, a_b_c.
         */
        phase_names?: ('l1_l2_l3' | 'r_y_b' | 'a_b_c' | null) | string;
        /**
         * Cable support. One of perforated, ladder, bunched.
         */
        tray?: ('perforated' | 'ladder' | 'bunched' | null) | string;
        /**
         * Lowest changeover speed. Percent from 50 to 100.
         */
        changeover_minimum?: string | number | null;
        /**
         * Capacitors for single-phase loads. One of run, e6, e12.
         */
        capacitor_series?: ('run' | 'e6' | 'e12' | null) | string;
        /**
         * Insulation test interval. Months from 1 to 120, such as 12.
         */
        reading_months?: string | number | null;
        /**
         * Corrections of tables. A list: path, value, by, on, why.
         */
        corrections?: {
            [k: string]: unknown;
        };
        /**
         * What this site knows of its motors. A list: kind, pattern and what it says.
         */
        lessons?: {
            [k: string]: unknown;
        };
        tariff?: {
            /**
             * Energy price per kWh. A price such as 0.14, without the currency.
             */
            energy_price?: string | number | null;
            kva_demand?: {
                /**
                 * Demand charge per kVA and month. A price such as 6.50, without the currency.
                 */
                price?: string | number | null;
            } | null;
            kvarh?: {
                /**
                 * Reactive energy price per kvarh. A price such as 0.015, without the currency.
                 */
                price?: string | number | null;
                /**
                 * Free up to tan φ. From 0 to 2, such as 0.484.
                 */
                free_tan?: string | number | null;
            } | null;
            power_factor?: {
                /**
                 * Demand charge per kW and month. A price such as 9, without the currency.
                 */
                price?: string | number | null;
                /**
                 * Increased below power factor. A power factor from 0.5 to 1, such as 0.95.
                 */
                reference?: string | number | null;
            } | null;
        } | null;
        site_load?: {
            /**
             * Other load on the site, kW. kW from 0 to 1 000 000, such as 400.
             */
            power?: string | number | null;
            /**
             * Other load on the site, kvar. kvar from 0 to 1 000 000, such as 250.
             */
            reactive?: string | number | null;
        } | null;
    } | null;
    logbook?: {
        /**
         * Operating hours per day. Hours from 0.1 to 24, such as 16.
         */
        hours_a_day?: string | number | null;
        /**
         * Greasing interval. Hours from 100 to 100 000, such as 4000.
         */
        grease_interval?: string | number | null;
        /**
         * In service since. A date, such as 2017-05-02.
         */
        in_service?: string | number | null;
        /**
         * Warranty until. A date, such as 2027-05-02.
         */
        warranty_until?: string | number | null;
    } | null;
}

/**
 * All figures.
 */
export type FigureKey =
    | 'plate.kind'
    | 'plate.row'
    | 'plate.frequency'
    | 'plate.supply_voltage'
    | 'plate.connection'
    | 'plate.rated_voltage'
    | 'plate.pair'
    | 'plate.fit'
    | 'plate.winding_voltage'
    | 'plate.flux'
    | 'plate.current'
    | 'plate.poles'
    | 'plate.synchronous_speed'
    | 'plate.speed'
    | 'plate.slip'
    | 'plate.output'
    | 'plate.efficiency'
    | 'plate.power_factor'
    | 'plate.rated_torque'
    | 'plate.service_factor_output'
    | 'plate.service_factor_amps'
    | 'plate.derating_ambient'
    | 'plate.derating_altitude'
    | 'plate.derating_unbalance'
    | 'plate.usable_output'
    | 'power.voltage'
    | 'power.output'
    | 'power.input'
    | 'power.apparent'
    | 'power.reactive'
    | 'power.power_factor'
    | 'power.computed_current'
    | 'power.plate_current'
    | 'power.table_current'
    | 'power.design_current'
    | 'power.conductor_current'
    | 'power.overload_current'
    | 'power.current_difference'
    | 'power.table_difference'
    | 'power.part_load_way'
    | 'power.no_load_current'
    | 'power.load_at_supply_frequency'
    | 'power.load_output'
    | 'power.load_efficiency'
    | 'power.load_power_factor'
    | 'power.load_input'
    | 'power.load_apparent'
    | 'power.load_reactive'
    | 'power.load_current'
    | 'power.generator_share'
    | 'power.engine_share'
    | 'power.inverter_share'
    | 'power.inverter_share_corrected'
    | 'power.dc_power'
    | 'power.dc_power_corrected'
    | 'power.dc_current'
    | 'power.battery_hours'
    | 'measured.voltage'
    | 'measured.current'
    | 'measured.voltage_unbalance'
    | 'measured.negative_sequence'
    | 'measured.current_unbalance'
    | 'measured.current_unbalance_expected'
    | 'measured.phases_live'
    | 'measured.watts_1'
    | 'measured.watts_2'
    | 'measured.watts_3'
    | 'measured.apparent_1'
    | 'measured.apparent_2'
    | 'measured.apparent_3'
    | 'measured.power_factor_1'
    | 'measured.power_factor_2'
    | 'measured.power_factor_3'
    | 'measured.real'
    | 'measured.reactive'
    | 'measured.apparent'
    | 'measured.power_factor'
    | 'measured.angle'
    | 'measured.capacitor_current'
    | 'measured.reactive_current'
    | 'measured.real_low'
    | 'measured.real_high'
    | 'measured.power_factor_low'
    | 'measured.power_factor_high'
    | 'measured.power_factor_after'
    | 'measured.loss_drop'
    | 'measured.shaft'
    | 'measured.efficiency'
    | 'measured.load_by_power'
    | 'measured.load_by_power_low'
    | 'measured.load_by_power_high'
    | 'measured.load_by_slip'
    | 'measured.load_by_slip_low'
    | 'measured.load_by_slip_high'
    | 'measured.load_by_current'
    | 'measured.load_by_current_low'
    | 'measured.load_by_current_high'
    | 'measured.current_against_plate'
    | 'measured.run_up_time'
    | 'measured.changeover_time'
    | 'measured.run_up_verdict'
    | 'measured.run_up_change'
    | 'windings.each'
    | 'windings.ohms_star'
    | 'windings.ohms_delta'
    | 'windings.star_voltage'
    | 'windings.delta_voltage'
    | 'windings.star_current'
    | 'windings.delta_winding_current'
    | 'windings.delta_line_current'
    | 'windings.star_power'
    | 'windings.star_reactive'
    | 'windings.delta_power'
    | 'windings.delta_reactive'
    | 'start.method'
    | 'start.locked_rotor_current'
    | 'start.locked_rotor_current_low'
    | 'start.locked_rotor_current_high'
    | 'start.kva_per_hp'
    | 'start.code_letter'
    | 'start.locked_rotor_power_factor'
    | 'start.peak_first_half_cycle'
    | 'start.peak_estimate'
    | 'start.locked_rotor_torque'
    | 'start.star_line_current'
    | 'start.reclosing_peak'
    | 'start.star_torque'
    | 'start.delta_winding_current'
    | 'start.run_up_time'
    | 'start.star_time'
    | 'start.inertia'
    | 'start.steady_speed'
    | 'start.breakdown_speed'
    | 'start.standstill_current'
    | 'start.standstill_torque'
    | 'start.peak_line_current'
    | 'start.series_resistance'
    | 'start.series_reactance'
    | 'start.stall_speed'
    | 'start.reduced_speed'
    | 'start.changeover_speed'
    | 'start.reduced_time'
    | 'start.speed_after_gap'
    | 'start.changeover_current'
    | 'start.changeover_dip'
    | 'start.run_up_time_worst'
    | 'start.timer_first'
    | 'start.timer_last'
    | 'start.voltage_dip'
    | 'start.first_dip'
    | 'start.generator_least_kva'
    | 'start.starting_kva'
    | 'start.starting_kva_low'
    | 'start.starting_kva_high'
    | 'start.dip_at_motor'
    | 'start.torque_margin'
    | 'start.rotor_energy'
    | 'start.start_energy'
    | 'start.i2t'
    | 'start.starts_per_hour'
    | 'start.locked_rotor_time'
    | 'start.torque_step'
    | 'start.inertia_limit'
    | 'cable.required_ampacity'
    | 'cable.size'
    | 'cable.conductors'
    | 'cable.sets'
    | 'cable.ampacity'
    | 'cable.conductor_ampacity'
    | 'cable.derated_ampacity'
    | 'cable.size_by_ampacity'
    | 'cable.voltage_drop'
    | 'cable.total_drop'
    | 'cable.drop_with_feeder'
    | 'cable.starting_drop'
    | 'cable.total_starting_drop'
    | 'cable.protective_size'
    | 'cable.raceway_trade_size'
    | 'cable.raceway_fill'
    | 'cable.line_required_ampacity'
    | 'cable.line_size'
    | 'cable.line_sets'
    | 'cable.line_ampacity'
    | 'cable.line_conductor_ampacity'
    | 'cable.line_derated_ampacity'
    | 'cable.line_size_by_ampacity'
    | 'cable.line_drop'
    | 'cable.line_starting_drop'
    | 'cable.line_protective_size'
    | 'cable.line_raceway_trade_size'
    | 'cable.line_raceway_fill'
    | 'guard.source_impedance'
    | 'guard.prospective_current'
    | 'guard.scpd'
    | 'guard.scpd_limit'
    | 'guard.scpd_maximum_rating'
    | 'guard.scpd_rating'
    | 'guard.scpd_exception_limit'
    | 'guard.scpd_exception_rating'
    | 'guard.instantaneous_setting'
    | 'guard.overload_place'
    | 'guard.overload_setting'
    | 'guard.overload_dial'
    | 'guard.stuck_in_star'
    | 'guard.start_multiple'
    | 'guard.overload_class'
    | 'guard.disconnect_rating'
    | 'guard.disconnect_size'
    | 'guard.controller_power'
    | 'guard.contactor'
    | 'guard.contactor_main'
    | 'guard.contactor_delta'
    | 'guard.contactor_star'
    | 'guard.contactor_transformer'
    | 'guard.contactor_star_point'
    | 'guard.contactor_bypass'
    | 'guard.contactor_transition'
    | 'guard.earth_fault_current'
    | 'guard.loop_impedance'
    | 'guard.loop_impedance_limit'
    | 'guard.disconnection_time'
    | 'guard.disconnection_limit'
    | 'guard.let_through'
    | 'guard.near_let_through'
    | 'cable.withstand'
    | 'correct.no_load_current'
    | 'correct.no_load_reactive'
    | 'correct.load_power'
    | 'correct.load_reactive'
    | 'correct.load_current'
    | 'correct.fundamental_current'
    | 'correct.distortion_power'
    | 'correct.attainable_power_factor'
    | 'correct.reactive_required'
    | 'correct.reactive_limit'
    | 'correct.reactive_ceiling'
    | 'correct.capacitance_required'
    | 'correct.capacitor_units'
    | 'correct.choice_below_capacitance'
    | 'correct.choice_below_current'
    | 'correct.choice_below_power_factor'
    | 'correct.choice_above_capacitance'
    | 'correct.choice_above_current'
    | 'correct.choice_above_power_factor'
    | 'correct.rated_voltage'
    | 'correct.capacitor_voltage'
    | 'correct.tuning_order'
    | 'correct.tuning_frequency'
    | 'correct.reactor_inductance'
    | 'correct.capacitor_rating'
    | 'correct.reactive_chosen'
    | 'correct.capacitance_star'
    | 'correct.capacitance_delta'
    | 'correct.capacitor_current'
    | 'correct.capacitor_rated_current'
    | 'correct.discharge_resistance'
    | 'correct.discharge_recommended'
    | 'correct.discharge_power'
    | 'correct.discharge_rating'
    | 'correct.discharge_limit'
    | 'correct.discharge_time'
    | 'correct.resistor_power'
    | 'correct.corrected_current'
    | 'correct.corrected_power_factor'
    | 'correct.load_corrected_current'
    | 'correct.load_corrected_power_factor'
    | 'correct.lowest_corrected_power_factor'
    | 'correct.apparent_released'
    | 'correct.inverter_input'
    | 'correct.alone_current'
    | 'correct.conductor_ampacity'
    | 'correct.conductor_size'
    | 'correct.fuse_rating'
    | 'correct.disconnect_rating'
    | 'correct.after_reactive'
    | 'correct.after_power_factor'
    | 'correct.after_current_expected'
    | 'correct.after_current_low'
    | 'correct.after_current_high'
    | 'correct.after_share'
    | 'correct.after_verdict'
    | 'correct.contactor_rating'
    | 'correct.resonance_order'
    | 'correct.voltage_rise'
    | 'power.running_energy'
    | 'power.running_cost'
    | 'power.machine_loss_energy'
    | 'power.machine_loss_cost'
    | 'power.upgrade_energy'
    | 'power.upgrade_saving'
    | 'power.upgrade_payback'
    | 'correct.loss_saving'
    | 'correct.saving_losses'
    | 'correct.saving_tariff'
    | 'correct.payback'
    | 'bank.reactive_required'
    | 'bank.step'
    | 'bank.steps'
    | 'bank.reactive_installed'
    | 'bank.ck'
    | 'bank.ck_setting'
    | 'bank.switchings'
    | 'bank.lowest_power_factor'
    | 'bank.lowest_power_factor_before'
    | 'bank.current'
    | 'bank.conductor_ampacity'
    | 'bank.fuse_rating'
    | 'bank.individual_installed'
    | 'bank.individual_units'
    | 'waveform.frequency'
    | 'waveform.cycles'
    | 'waveform.harmonic_orders'
    | 'waveform.rms_v1'
    | 'waveform.rms_v2'
    | 'waveform.rms_v3'
    | 'waveform.rms_i1'
    | 'waveform.rms_i2'
    | 'waveform.rms_i3'
    | 'waveform.peak_v1'
    | 'waveform.peak_v2'
    | 'waveform.peak_v3'
    | 'waveform.peak_i1'
    | 'waveform.peak_i2'
    | 'waveform.peak_i3'
    | 'waveform.crest_v1'
    | 'waveform.crest_v2'
    | 'waveform.crest_v3'
    | 'waveform.crest_i1'
    | 'waveform.crest_i2'
    | 'waveform.crest_i3'
    | 'waveform.fundamental_v1'
    | 'waveform.fundamental_v2'
    | 'waveform.fundamental_v3'
    | 'waveform.fundamental_i1'
    | 'waveform.fundamental_i2'
    | 'waveform.fundamental_i3'
    | 'waveform.thd_v1'
    | 'waveform.thd_v2'
    | 'waveform.thd_v3'
    | 'waveform.thd_i1'
    | 'waveform.thd_i2'
    | 'waveform.thd_i3'
    | 'waveform.angle'
    | 'waveform.angle_1'
    | 'waveform.angle_2'
    | 'waveform.angle_3'
    | 'waveform.shift'
    | 'waveform.shift_1'
    | 'waveform.shift_2'
    | 'waveform.shift_3'
    | 'waveform.real'
    | 'waveform.real_1'
    | 'waveform.real_2'
    | 'waveform.real_3'
    | 'waveform.apparent'
    | 'waveform.apparent_1'
    | 'waveform.apparent_2'
    | 'waveform.apparent_3'
    | 'waveform.reactive'
    | 'waveform.power_factor'
    | 'waveform.displacement_factor'
    | 'waveform.distortion'
    | 'start.compare_direct_line_current'
    | 'start.compare_direct_peak'
    | 'start.compare_direct_torque'
    | 'start.compare_direct_torque_margin'
    | 'start.compare_direct_run_up_time'
    | 'start.compare_direct_voltage_dip'
    | 'start.compare_direct_dip_at_motor'
    | 'start.compare_direct_start_energy'
    | 'start.compare_direct_torque_step'
    | 'start.compare_direct_generator_kva'
    | 'start.compare_direct_verdict'
    | 'start.compare_star_delta_line_current'
    | 'start.compare_star_delta_peak'
    | 'start.compare_star_delta_torque'
    | 'start.compare_star_delta_torque_margin'
    | 'start.compare_star_delta_run_up_time'
    | 'start.compare_star_delta_voltage_dip'
    | 'start.compare_star_delta_dip_at_motor'
    | 'start.compare_star_delta_start_energy'
    | 'start.compare_star_delta_torque_step'
    | 'start.compare_star_delta_generator_kva'
    | 'start.compare_star_delta_verdict'
    | 'start.compare_star_delta_closed_line_current'
    | 'start.compare_star_delta_closed_peak'
    | 'start.compare_star_delta_closed_torque'
    | 'start.compare_star_delta_closed_torque_margin'
    | 'start.compare_star_delta_closed_run_up_time'
    | 'start.compare_star_delta_closed_voltage_dip'
    | 'start.compare_star_delta_closed_dip_at_motor'
    | 'start.compare_star_delta_closed_start_energy'
    | 'start.compare_star_delta_closed_torque_step'
    | 'start.compare_star_delta_closed_generator_kva'
    | 'start.compare_star_delta_closed_verdict'
    | 'start.compare_autotransformer_50_line_current'
    | 'start.compare_autotransformer_50_peak'
    | 'start.compare_autotransformer_50_torque'
    | 'start.compare_autotransformer_50_torque_margin'
    | 'start.compare_autotransformer_50_run_up_time'
    | 'start.compare_autotransformer_50_voltage_dip'
    | 'start.compare_autotransformer_50_dip_at_motor'
    | 'start.compare_autotransformer_50_start_energy'
    | 'start.compare_autotransformer_50_torque_step'
    | 'start.compare_autotransformer_50_generator_kva'
    | 'start.compare_autotransformer_50_verdict'
    | 'start.compare_autotransformer_65_line_current'
    | 'start.compare_autotransformer_65_peak'
    | 'start.compare_autotransformer_65_torque'
    | 'start.compare_autotransformer_65_torque_margin'
    | 'start.compare_autotransformer_65_run_up_time'
    | 'start.compare_autotransformer_65_voltage_dip'
    | 'start.compare_autotransformer_65_dip_at_motor'
    | 'start.compare_autotransformer_65_start_energy'
    | 'start.compare_autotransformer_65_torque_step'
    | 'start.compare_autotransformer_65_generator_kva'
    | 'start.compare_autotransformer_65_verdict'
    | 'start.compare_autotransformer_80_line_current'
    | 'start.compare_autotransformer_80_peak'
    | 'start.compare_autotransformer_80_torque'
    | 'start.compare_autotransformer_80_torque_margin'
    | 'start.compare_autotransformer_80_run_up_time'
    | 'start.compare_autotransformer_80_voltage_dip'
    | 'start.compare_autotransformer_80_dip_at_motor'
    | 'start.compare_autotransformer_80_start_energy'
    | 'start.compare_autotransformer_80_torque_step'
    | 'start.compare_autotransformer_80_generator_kva'
    | 'start.compare_autotransformer_80_verdict'
    | 'start.compare_resistor_line_current'
    | 'start.compare_resistor_peak'
    | 'start.compare_resistor_torque'
    | 'start.compare_resistor_torque_margin'
    | 'start.compare_resistor_run_up_time'
    | 'start.compare_resistor_voltage_dip'
    | 'start.compare_resistor_dip_at_motor'
    | 'start.compare_resistor_start_energy'
    | 'start.compare_resistor_torque_step'
    | 'start.compare_resistor_generator_kva'
    | 'start.compare_resistor_verdict'
    | 'start.compare_reactor_line_current'
    | 'start.compare_reactor_peak'
    | 'start.compare_reactor_torque'
    | 'start.compare_reactor_torque_margin'
    | 'start.compare_reactor_run_up_time'
    | 'start.compare_reactor_voltage_dip'
    | 'start.compare_reactor_dip_at_motor'
    | 'start.compare_reactor_start_energy'
    | 'start.compare_reactor_torque_step'
    | 'start.compare_reactor_generator_kva'
    | 'start.compare_reactor_verdict'
    | 'start.compare_soft_starter_line_current'
    | 'start.compare_soft_starter_peak'
    | 'start.compare_soft_starter_torque'
    | 'start.compare_soft_starter_torque_margin'
    | 'start.compare_soft_starter_run_up_time'
    | 'start.compare_soft_starter_voltage_dip'
    | 'start.compare_soft_starter_dip_at_motor'
    | 'start.compare_soft_starter_start_energy'
    | 'start.compare_soft_starter_torque_step'
    | 'start.compare_soft_starter_generator_kva'
    | 'start.compare_soft_starter_verdict'
    | 'start.compare_drive_line_current'
    | 'start.compare_drive_peak'
    | 'start.compare_drive_torque'
    | 'start.compare_drive_torque_margin'
    | 'start.compare_drive_run_up_time'
    | 'start.compare_drive_voltage_dip'
    | 'start.compare_drive_dip_at_motor'
    | 'start.compare_drive_start_energy'
    | 'start.compare_drive_torque_step'
    | 'start.compare_drive_generator_kva'
    | 'start.compare_drive_verdict'
    | 'prove.winding_resistance.verdict'
    | 'prove.winding_resistance.pattern'
    | 'prove.winding_resistance.measured'
    | 'prove.winding_resistance.expected'
    | 'prove.winding_resistance.low'
    | 'prove.winding_resistance.high'
    | 'prove.winding_resistance.unbalance'
    | 'prove.winding_resistance.unbalance_expected'
    | 'prove.winding_resistance.unbalance_low'
    | 'prove.winding_resistance.unbalance_high'
    | 'prove.winding_resistance.at_reference'
    | 'prove.winding_resistance.at_reference_expected'
    | 'prove.winding_resistance.at_reference_low'
    | 'prove.winding_resistance.at_reference_high'
    | 'prove.winding_resistance.change'
    | 'prove.winding_resistance.change_expected'
    | 'prove.winding_resistance.change_low'
    | 'prove.winding_resistance.change_high'
    | 'prove.winding_resistance.winding_1'
    | 'prove.winding_resistance.winding_1_expected'
    | 'prove.winding_resistance.winding_1_low'
    | 'prove.winding_resistance.winding_1_high'
    | 'prove.winding_resistance.winding_2'
    | 'prove.winding_resistance.winding_2_expected'
    | 'prove.winding_resistance.winding_2_low'
    | 'prove.winding_resistance.winding_2_high'
    | 'prove.winding_resistance.winding_3'
    | 'prove.winding_resistance.winding_3_expected'
    | 'prove.winding_resistance.winding_3_low'
    | 'prove.winding_resistance.winding_3_high'
    | 'prove.winding_resistance.main'
    | 'prove.winding_resistance.main_expected'
    | 'prove.winding_resistance.main_low'
    | 'prove.winding_resistance.main_high'
    | 'prove.winding_resistance.start'
    | 'prove.winding_resistance.start_expected'
    | 'prove.winding_resistance.start_low'
    | 'prove.winding_resistance.start_high'
    | 'prove.winding_resistance.start_over_main'
    | 'prove.winding_resistance.start_over_main_expected'
    | 'prove.winding_resistance.start_over_main_low'
    | 'prove.winding_resistance.start_over_main_high'
    | 'prove.motor_capacitor.verdict'
    | 'prove.motor_capacitor.pattern'
    | 'prove.motor_capacitor.measured'
    | 'prove.motor_capacitor.expected'
    | 'prove.motor_capacitor.low'
    | 'prove.motor_capacitor.high'
    | 'prove.panel_ohms.verdict'
    | 'prove.panel_ohms.pattern'
    | 'prove.panel_ohms.measured'
    | 'prove.panel_ohms.expected'
    | 'prove.panel_ohms.low'
    | 'prove.panel_ohms.high'
    | 'prove.insulation_resistance.verdict'
    | 'prove.insulation_resistance.pattern'
    | 'prove.insulation_resistance.measured'
    | 'prove.insulation_resistance.expected'
    | 'prove.insulation_resistance.low'
    | 'prove.insulation_resistance.high'
    | 'prove.insulation_resistance.minimum'
    | 'prove.insulation_resistance.minimum_expected'
    | 'prove.insulation_resistance.minimum_low'
    | 'prove.insulation_resistance.minimum_high'
    | 'prove.insulation_resistance.polarization_index'
    | 'prove.insulation_resistance.polarization_index_expected'
    | 'prove.insulation_resistance.polarization_index_low'
    | 'prove.insulation_resistance.polarization_index_high'
    | 'prove.relay_trip.verdict'
    | 'prove.relay_trip.pattern'
    | 'prove.relay_trip.measured'
    | 'prove.relay_trip.expected'
    | 'prove.relay_trip.low'
    | 'prove.relay_trip.high'
    | 'prove.supply_voltage.verdict'
    | 'prove.supply_voltage.pattern'
    | 'prove.supply_voltage.measured'
    | 'prove.supply_voltage.expected'
    | 'prove.supply_voltage.low'
    | 'prove.supply_voltage.high'
    | 'prove.supply_voltage.volts_23'
    | 'prove.supply_voltage.volts_23_expected'
    | 'prove.supply_voltage.volts_23_low'
    | 'prove.supply_voltage.volts_23_high'
    | 'prove.supply_voltage.volts_31'
    | 'prove.supply_voltage.volts_31_expected'
    | 'prove.supply_voltage.volts_31_low'
    | 'prove.supply_voltage.volts_31_high'
    | 'prove.supply_voltage.unbalance'
    | 'prove.supply_voltage.unbalance_expected'
    | 'prove.supply_voltage.unbalance_low'
    | 'prove.supply_voltage.unbalance_high'
    | 'prove.loop_impedance.verdict'
    | 'prove.loop_impedance.pattern'
    | 'prove.loop_impedance.measured'
    | 'prove.loop_impedance.expected'
    | 'prove.loop_impedance.low'
    | 'prove.loop_impedance.high'
    | 'prove.loop_impedance.limit_cold'
    | 'prove.loop_impedance.limit_cold_expected'
    | 'prove.loop_impedance.limit_cold_low'
    | 'prove.loop_impedance.limit_cold_high'
    | 'prove.rotation.verdict'
    | 'prove.rotation.pattern'
    | 'prove.no_load_current.verdict'
    | 'prove.no_load_current.pattern'
    | 'prove.no_load_current.measured'
    | 'prove.no_load_current.expected'
    | 'prove.no_load_current.low'
    | 'prove.no_load_current.high'
    | 'prove.inrush.verdict'
    | 'prove.inrush.pattern'
    | 'prove.inrush.measured'
    | 'prove.inrush.expected'
    | 'prove.inrush.low'
    | 'prove.inrush.high'
    | 'prove.run_up_time.verdict'
    | 'prove.run_up_time.pattern'
    | 'prove.run_up_time.measured'
    | 'prove.run_up_time.expected'
    | 'prove.run_up_time.low'
    | 'prove.run_up_time.high'
    | 'prove.line_current.verdict'
    | 'prove.line_current.pattern'
    | 'prove.line_current.measured'
    | 'prove.line_current.expected'
    | 'prove.line_current.low'
    | 'prove.line_current.high'
    | 'prove.line_current.unbalance'
    | 'prove.line_current.unbalance_expected'
    | 'prove.line_current.unbalance_low'
    | 'prove.line_current.unbalance_high'
    | 'prove.power.verdict'
    | 'prove.power.pattern'
    | 'prove.power.measured'
    | 'prove.power.expected'
    | 'prove.power.low'
    | 'prove.power.high'
    | 'prove.power.power_factor'
    | 'prove.power.power_factor_expected'
    | 'prove.power.power_factor_low'
    | 'prove.power.power_factor_high'
    | 'prove.power.load_implied'
    | 'prove.power.load_implied_expected'
    | 'prove.power.load_implied_low'
    | 'prove.power.load_implied_high'
    | 'prove.speed.verdict'
    | 'prove.speed.pattern'
    | 'prove.speed.measured'
    | 'prove.speed.expected'
    | 'prove.speed.low'
    | 'prove.speed.high'
    | 'prove.speed.load_implied'
    | 'prove.speed.load_implied_expected'
    | 'prove.speed.load_implied_low'
    | 'prove.speed.load_implied_high'
    | 'prove.capacitor.verdict'
    | 'prove.capacitor.pattern'
    | 'prove.capacitor.measured'
    | 'prove.capacitor.expected'
    | 'prove.capacitor.low'
    | 'prove.capacitor.high'
    | 'prove.capacitor.amps_2'
    | 'prove.capacitor.amps_2_expected'
    | 'prove.capacitor.amps_2_low'
    | 'prove.capacitor.amps_2_high'
    | 'prove.capacitor.amps_3'
    | 'prove.capacitor.amps_3_expected'
    | 'prove.capacitor.amps_3_low'
    | 'prove.capacitor.amps_3_high'
    | 'prove.correction.verdict'
    | 'prove.correction.pattern'
    | 'prove.correction.measured'
    | 'prove.correction.expected'
    | 'prove.correction.low'
    | 'prove.correction.high'
    | 'prove.correction.power_factor'
    | 'prove.correction.power_factor_expected'
    | 'prove.correction.power_factor_low'
    | 'prove.correction.power_factor_high'
    | 'prove.correction.share'
    | 'prove.correction.share_expected'
    | 'prove.correction.share_low'
    | 'prove.correction.share_high'
    | 'prove.vibration.verdict'
    | 'prove.vibration.pattern'
    | 'prove.vibration.measured'
    | 'prove.vibration.expected'
    | 'prove.vibration.low'
    | 'prove.vibration.high'
    | 'prove.vibration.zone'
    | 'prove.vibration.zone_expected'
    | 'prove.vibration.zone_low'
    | 'prove.vibration.zone_high'
    | 'prove.temperature.verdict'
    | 'prove.temperature.pattern'
    | 'prove.temperature.measured'
    | 'prove.temperature.expected'
    | 'prove.temperature.low'
    | 'prove.temperature.high'
    | 'prove.temperature_rise.verdict'
    | 'prove.temperature_rise.pattern'
    | 'prove.temperature_rise.measured'
    | 'prove.temperature_rise.expected'
    | 'prove.temperature_rise.low'
    | 'prove.temperature_rise.high'
    | 'prove.temperature_rise.limit'
    | 'prove.temperature_rise.limit_expected'
    | 'prove.temperature_rise.limit_low'
    | 'prove.temperature_rise.limit_high';
/**
 * The stations in their order on screen.
 */
export type StationName = 'plate' | 'power' | 'start' | 'cable' | 'guard' | 'correct' | 'prove' | 'sheet';
/**
 * All fields of a circuit.
 */
export type FieldPath =
    | 'tag'
    | 'drives'
    | 'area'
    | 'rule_book'
    | 'subject'
    | 'surroundings'
    | 'readings'
    | 'supply.voltage'
    | 'supply.frequency'
    | 'supply.phases'
    | 'supply.source'
    | 'supply.generator_kva'
    | 'supply.generator_kw'
    | 'supply.subtransient_percent'
    | 'supply.transient_percent'
    | 'supply.sustained_ratio'
    | 'supply.inverter_va'
    | 'supply.surge_va'
    | 'supply.surge_seconds'
    | 'supply.inverter_fault_ampere'
    | 'supply.battery_volts'
    | 'supply.battery_amp_hours'
    | 'supply.fault_level_kva'
    | 'supply.transformer_kva'
    | 'supply.transformer_impedance_percent'
    | 'supply.transformer_phases'
    | 'supply.x_over_r'
    | 'supply.voltage_factor'
    | 'supply.other_capacitors_kvar'
    | 'supply.inverter_efficiency'
    | 'supply.inverter_efficiency_points'
    | 'supply.ambient'
    | 'supply.altitude'
    | 'supply.unbalance'
    | 'supply.earthing'
    | 'supply.earth_loop_ohm'
    | 'supply.earthing_ohm'
    | 'supply.earthing_ampere'
    | 'supply.it_earthing'
    | 'supply.board.tag'
    | 'supply.board.resistance_ohm'
    | 'supply.board.reactance_ohm'
    | 'supply.board.fault_ampere'
    | 'supply.board.loop_resistance_ohm'
    | 'supply.board.loop_reactance_ohm'
    | 'supply.board.drop_percent'
    | 'supply.board.drop_limit_percent'
    | 'supply.board.fuse_ampere'
    | 'supply.board.long_time_ampere'
    | 'supply.board.short_time_ampere'
    | 'supply.board.instantaneous_ampere'
    | 'supply.board.long_time_seconds'
    | 'supply.board.short_time_seconds'
    | 'supply.board.assumed'
    | 'supply.board.waits'
    | 'supply.board.instead'
    | 'plate.power'
    | 'plate.voltage'
    | 'plate.current'
    | 'plate.speed'
    | 'plate.frequency'
    | 'plate.power_factor'
    | 'plate.efficiency'
    | 'plate.start_current_ratio'
    | 'plate.start_current_ratio_low'
    | 'plate.second.power'
    | 'plate.second.voltage'
    | 'plate.second.current'
    | 'plate.second.speed'
    | 'plate.second.frequency'
    | 'plate.second.power_factor'
    | 'plate.second.efficiency'
    | 'plate.second.start_current_ratio'
    | 'plate.efficiency_class'
    | 'plate.service_factor'
    | 'plate.code_letter'
    | 'plate.design_letter'
    | 'plate.start_torque_ratio'
    | 'plate.breakdown_torque_ratio'
    | 'plate.pull_up_torque_ratio'
    | 'plate.locked_rotor_time'
    | 'plate.inertia'
    | 'plate.no_load_current'
    | 'plate.no_load_power'
    | 'plate.service_factor_amps'
    | 'plate.temperature_rise'
    | 'plate.ambient'
    | 'plate.altitude'
    | 'plate.duty'
    | 'plate.leads'
    | 'plate.phases'
    | 'plate.kind'
    | 'plate.single_phase_type'
    | 'plate.start_capacitor'
    | 'plate.run_capacitor'
    | 'plate.thermal_protector'
    | 'plate.rotor_voltage'
    | 'plate.rotor_current'
    | 'plate.insulation_class'
    | 'plate.ip'
    | 'plate.cooling'
    | 'plate.rotor_class'
    | 'plate.grease_amount'
    | 'plate.grease_interval'
    | 'plate.weight'
    | 'plate.type'
    | 'plate.order_number'
    | 'plate.serial'
    | 'plate.year'
    | 'plate.standard'
    | 'plate.marks'
    | 'plate.frame'
    | 'plate.mounting'
    | 'plate.enclosure'
    | 'plate.bearings'
    | 'plate.grease'
    | 'plate.remarks'
    | 'bench.power'
    | 'bench.output'
    | 'bench.efficiency'
    | 'bench.current'
    | 'bench.power_factor'
    | 'bench.sense'
    | 'measure.method'
    | 'measure.volts_12'
    | 'measure.volts_23'
    | 'measure.volts_31'
    | 'measure.phase_volts_1'
    | 'measure.amps_1'
    | 'measure.watts_1'
    | 'measure.phase_volts_2'
    | 'measure.amps_2'
    | 'measure.watts_2'
    | 'measure.phase_volts_3'
    | 'measure.amps_3'
    | 'measure.watts_3'
    | 'measure.watts'
    | 'measure.power_factor'
    | 'measure.sense'
    | 'measure.sequence'
    | 'measure.wattmeter'
    | 'measure.pair'
    | 'measure.line'
    | 'measure.angle'
    | 'measure.angle_after'
    | 'measure.angle_1'
    | 'measure.angle_2'
    | 'measure.angle_3'
    | 'measure.locked_rotor_amps'
    | 'measure.locked_rotor_kva'
    | 'measure.locked_rotor_volts'
    | 'measure.common'
    | 'measure.swapped'
    | 'measure.balanced'
    | 'measure.revolutions'
    | 'measure.disc_constant'
    | 'measure.pulses'
    | 'measure.pulses_per_kwh'
    | 'measure.seconds'
    | 'measure.current_distortion'
    | 'measure.current_ratio'
    | 'measure.voltage_ratio'
    | 'measure.instruments'
    | 'measure.neutral'
    | 'measure.shunt_ohm'
    | 'measure.shunt_power'
    | 'measure.speed'
    | 'measure.torque'
    | 'measure.amps_before'
    | 'measure.amps_after'
    | 'measure.capacitor_amps'
    | 'measure.capacitor_uf'
    | 'measure.power_factor_after'
    | 'measure.scope_height'
    | 'measure.scope_sine'
    | 'measure.scope_volts_per_division'
    | 'measure.scope_volts_divisions'
    | 'measure.scope_volts_probe'
    | 'measure.scope_amps_volts_per_division'
    | 'measure.scope_amps_divisions'
    | 'measure.scope_millivolts_per_ampere'
    | 'measure.scope_time_per_division'
    | 'measure.scope_delay_divisions'
    | 'windings.impedance'
    | 'windings.power_factor'
    | 'windings.element_power'
    | 'windings.element_voltage'
    | 'windings.terminal_resistance'
    | 'windings.connected'
    | 'load.output_percent'
    | 'load.machine'
    | 'load.service'
    | 'load.kind'
    | 'load.torque_percent'
    | 'load.inertia'
    | 'load.speed_ratio'
    | 'load.breakaway_percent'
    | 'load.machine_efficiency'
    | 'load.hours'
    | 'load.traits'
    | 'load.points'
    | 'starter.method'
    | 'starter.for_one_phase'
    | 'starter.run_up_time'
    | 'starter.changeover.by'
    | 'starter.changeover.value'
    | 'starter.tap_percent'
    | 'starter.current_limit'
    | 'starter.ramp_time'
    | 'starter.initial_voltage'
    | 'starter.gap'
    | 'starter.transition'
    | 'starter.drive_input_current'
    | 'cable.length'
    | 'cable.line_length'
    | 'cable.material'
    | 'cable.insulation'
    | 'cable.method'
    | 'cable.grouped_circuits'
    | 'cable.line_grouped_circuits'
    | 'cable.sets'
    | 'cable.raceways'
    | 'cable.protective_material'
    | 'cable.protective_separate'
    | 'cable.size'
    | 'cable.line_size'
    | 'cable.terminal_temperature'
    | 'cable.raceway_material'
    | 'cable.cores'
    | 'cable.tray'
    | 'cable.soil_temperature'
    | 'cable.soil_resistivity'
    | 'cable.wet'
    | 'guard.scpd'
    | 'guard.overload_place'
    | 'guard.overload_class'
    | 'guard.start_exception.evidence'
    | 'guard.start_exception.overload'
    | 'guard.instantaneous'
    | 'guard.reset'
    | 'guard.earth_fault_relay'
    | 'guard.breaking_capacity_ka'
    | 'guard.rating'
    | 'guard.dial'
    | 'guard.marked_maximum'
    | 'correction.target_power_factor'
    | 'correction.kvar_per_kw'
    | 'correction.place'
    | 'correction.load_percent'
    | 'correction.lowest_load_percent'
    | 'correction.rated_voltage'
    | 'correction.basis'
    | 'correction.rated_frequency'
    | 'correction.detuning_percent'
    | 'correction.capacitance'
    | 'correction.resistor_ohm'
    | 'correction.pluggable'
    | 'correction.price'
    | 'upgrade.efficiency'
    | 'upgrade.efficiency_class'
    | 'upgrade.price'
    | 'correction.after_watts'
    | 'correction.after_amps'
    | 'correction.after_volts'
    | 'correction.rated_kvar'
    | 'correction.own_contactor'
    | 'correction.tap_length'
    | 'settings.drop_limit_running'
    | 'settings.drop_limit_starting'
    | 'settings.dip_limit_bus'
    | 'settings.dip_limit_generator'
    | 'settings.dip_limit_motor'
    | 'settings.voltage_tolerance'
    | 'settings.direct_start_limit'
    | 'settings.terminal_temperature'
    | 'settings.largest_single_size'
    | 'settings.four_006_corrections'
    | 'settings.ten_ampere_rating'
    | 'settings.overload_school'
    | 'settings.phase_names'
    | 'settings.tray'
    | 'settings.changeover_minimum'
    | 'settings.capacitor_series'
    | 'settings.reading_months'
    | 'settings.corrections'
    | 'settings.lessons'
    | 'settings.tariff.energy_price'
    | 'settings.tariff.kva_demand.price'
    | 'settings.tariff.kvarh.price'
    | 'settings.tariff.kvarh.free_tan'
    | 'settings.tariff.power_factor.price'
    | 'settings.tariff.power_factor.reference'
    | 'settings.site_load.power'
    | 'settings.site_load.reactive'
    | 'logbook.hours_a_day'
    | 'logbook.grease_interval'
    | 'logbook.in_service'
    | 'logbook.warranty_until';
/**
 * All findings.
 */
export type FindingCode =
    | 'correction_out_of_line'
    | 'unknown_fields'
    | 'row_in_use'
    | 'kind_not_computed'
    | 'three_phases_wanted'
    | 'no_connection_fits'
    | 'board_counts'
    | 'board_waits'
    | 'unused_fields'
    | 'voltage_off'
    | 'delta_assumed'
    | 'flux_too_high'
    | 'flux_low'
    | 'frequency_differs'
    | 'current_ratio'
    | 'current_disagrees'
    | 'power_unit_assumed'
    | 'horsepower_disagrees'
    | 'synchronous_speed_stamped'
    | 'slip_unusual'
    | 'efficiency_below_class'
    | 'frame_unusual'
    | 'year_disagrees'
    | 'service_factor'
    | 'service_factor_amps'
    | 'rise_above_class'
    | 'protection_unknown'
    | 'protection_too_low'
    | 'combustible_dust'
    | 'ambient_above_rating'
    | 'altitude_above_rating'
    | 'unbalance'
    | 'unbalance_too_large'
    | 'plate_value_assumed'
    | 'code_letter_disagrees'
    | 'lock_off_before_links'
    | 'slow_motor_uses_plate'
    | 'table_has_no_current'
    | 'load_grows_with_frequency'
    | 'plate_above_table'
    | 'plate_current_wanted'
    | 'no_machine_model'
    | 'model_flags'
    | 'element_burns_in_star'
    | 'element_burns_in_delta'
    | 'generator_overloaded'
    | 'generator_light'
    | 'inverter_overloaded'
    | 'windings_three_times'
    | 'voltages_no_triangle'
    | 'voltage_unbalance'
    | 'current_unbalance'
    | 'single_phasing'
    | 'overloaded'
    | 'sine_and_steady'
    | 'current_leads'
    | 'load_changed'
    | 'only_heat'
    | 'not_a_sine'
    | 'few_counts'
    | 'load_not_by_current'
    | 'power_backwards'
    | 'two_answers'
    | 'two_wattmeters_unbalanced'
    | 'wattmeters_disagree'
    | 'low_meter_negative'
    | 'code_letter_is_star'
    | 'star_delta_refused'
    | 'start_winding_time'
    | 'how_it_starts_unknown'
    | 'one_phase_method_refused'
    | 'reclosing_peak'
    | 'run_up_not_checked'
    | 'direct_above_limit'
    | 'inertia_above_limit'
    | 'stalls'
    | 'stalls_at_worst'
    | 'changeover_never'
    | 'changeover_early'
    | 'changeover_late'
    | 'changeover_by_hand'
    | 'dip_at_bus'
    | 'dip_at_motor'
    | 'locked_rotor_scaled'
    | 'locked_rotor_differs'
    | 'surge_too_small'
    | 'surge_too_short'
    | 'dip_not_checked'
    | 'control_supply_dips'
    | 'run_up_differs'
    | 'inertia_by_stopwatch'
    | 'stopwatch_impossible'
    | 'load_above_rating'
    | 'torque_margin_low'
    | 'run_up_by_stamps'
    | 'locked_rotor_time_exceeded'
    | 'drive_harmonics'
    | 'table_starts_here'
    | 'no_line_run'
    | 'installed_size_fails'
    | 'drop_not_checked'
    | 'starting_drop_not_checked'
    | 'aluminium_terminals'
    | 'parallel_alike'
    | 'terminal_step'
    | 'duty_as_continuous'
    | 'phases_together'
    | 'duct_bank'
    | 'aluminium_as_on_wall'
    | 'raceway_fill_not_computed'
    | 'soil_assumed'
    | 'size_by_drop'
    | 'line_size_by_drop'
    | 'drop_with_feeder'
    | 'insulation_too_cool'
    | 'fault_level_unknown'
    | 'breaking_capacity'
    | 'breaking_capacity_not_checked'
    | 'not_a_branch_device'
    | 'breaker_voltage'
    | 'no_breaker_carries_start'
    | 'no_device_fits'
    | 'scpd_may_trip_on_start'
    | 'small_fuse_has_no_gates'
    | 'fuse_between_gates'
    | 'starter_marking_wanted'
    | 'marked_maximum_too_small'
    | 'installed_device_too_large'
    | 'installed_device_too_small'
    | 'installed_device_may_trip'
    | 'installed_device_not_judged'
    | 'overload_reduced_by_capacitor'
    | 'overload_schools_differ'
    | 'stuck_in_star'
    | 'dial_is_not_the_limit'
    | 'installed_dial_too_high'
    | 'installed_dial_low'
    | 'no_class_holds_start'
    | 'class_trips_on_start'
    | 'class_not_checked'
    | 'installed_dial_trips'
    | 'worst_case_start'
    | 'worst_start_trips'
    | 'fire_pump'
    | 'hoist'
    | 'isolator_at_machine'
    | 'longer_start'
    | 'worst_start_melts'
    | 'slash_rating'
    | 'disconnect_in_sight'
    | 'horsepower_rated'
    | 'one_phase_relay_poles'
    | 'one_phase_switch'
    | 'thermal_protector_wanted'
    | 'thermal_protector'
    | 'thermal_protector_restarts'
    | 'phase_loss_sensitive'
    | 'slow_class'
    | 'rotor_withstand_assumed'
    | 'relay_outlasts_rotor'
    | 'exception_gives_nothing'
    | 'exception_used'
    | 'listed_combination'
    | 'instantaneous_too_high'
    | 'instantaneous_low'
    | 'relay_wanted'
    | 'no_motor_breaker'
    | 'automatic_restart'
    | 'contactor_of_heavy_duty'
    | 'contactor_hard_start'
    | 'repeated_starts'
    | 'coordination_by_maker'
    | 'fault_not_checked'
    | 'disconnection_time'
    | 'fault_withstand'
    | 'size_by_fault'
    | 'protective_enlarged'
    | 'residual_current_wanted'
    | 'near_end_withstand'
    | 'tester_limit'
    | 'short_time_may_count'
    | 'unearthed_supply'
    | 'earth_fault_relay'
    | 'touch_voltage'
    | 'weak_ground_path'
    | 'fault_by_drive'
    | 'filters_to_earth'
    | 'leads_in_parallel'
    | 'supply_sees_drive'
    | 'capacitor_excluded'
    | 'capacitor_needs_contactor'
    | 'capacitor_voltage'
    | 'installed_capacitor_too_large'
    | 'no_capacitor_needed'
    | 'no_step_fits'
    | 'target_not_reached'
    | 'leading'
    | 'left_on_alone'
    | 'above_no_load_reactive'
    | 'tap_protection_not_checked'
    | 'stored_charge'
    | 'resonance'
    | 'no_lowest_load'
    | 'leading_at_lowest_load'
    | 'capacitor_trait'
    | 'capacitor_frequency'
    | 'capacitor_overcurrent'
    | 'little_voltage_margin'
    | 'detuned_behind_controller'
    | 'undetuned_beside'
    | 'voltage_rise'
    | 'distortion'
    | 'dual_capacitor'
    | 'run_capacitor_stays'
    | 'run_not_start'
    | 'capacitor_on_generator'
    | 'inverter_saving'
    | 'resistor_too_large'
    | 'resistor_hot'
    | 'resistor_in_series'
    | 'measurement_not_used'
    | 'after_agrees'
    | 'after_differs'
    | 'after_not_comparable'
    | 'already_leading'
    | 'site_load_unknown'
    | 'does_not_pay'
    | 'faster_motor'
    | 'bank_coarse_step'
    | 'bank_quick_reclosing'
    | 'bank_resonance'
    | 'bank_target_missed'
    | 'bank_load_unknown'
    | 'distortion_not_capacitor'
    | 'lagging'
    | 'offset_v1'
    | 'offset_v2'
    | 'offset_v3'
    | 'offset_i1'
    | 'offset_i2'
    | 'offset_i3'
    | 'voltage_distorted'
    | 'few_samples'
    | 'winding_resistance'
    | 'motor_capacitor'
    | 'panel_ohms'
    | 'insulation_resistance'
    | 'relay_trip'
    | 'supply_voltage'
    | 'loop_impedance'
    | 'rotation'
    | 'no_load_current'
    | 'inrush'
    | 'run_up_time'
    | 'line_current'
    | 'power'
    | 'speed'
    | 'capacitor'
    | 'correction'
    | 'vibration'
    | 'temperature'
    | 'temperature_rise';

/**
 * Everything calculated for a circuit.
 */
export interface Solution {
    format: 'brave-anvil.solution/1';
    core: string;
    tag: string;
    rule_book: string;
    edition: string;
    figures: Figure[];
    findings: Finding[];
    errors: FieldError[];
    comparisons: ReadingComparison[];
    curves: Curves;
    /**
     * The result of each station in one sentence
     */
    sentences: Partial<Record<StationName, string>>;
    blocked: StationName[];
    /**
     * How each entry was read, by path
     */
    read: Partial<Record<FieldPath, string>>;
    words: Words;
    /**
     * The meaning of each nameplate entry, by path
     */
    meanings: Partial<Record<FieldPath, { text: string; figures: FigureKey[] }>>;
    /**
     * What the page shows beside each field, by path; empty without a rule book
     */
    fields: {
        tag?: FieldNote;
        drives?: FieldNote;
        area?: FieldNote;
        rule_book?: FieldNote;
        subject?: FieldNote;
        surroundings?: FieldNote;
        readings?: FieldNote;
        'supply.voltage'?: FieldNote;
        'supply.frequency'?: FieldNote;
        'supply.phases'?: FieldNote;
        'supply.source'?: FieldNote;
        'supply.generator_kva'?: FieldNote;
        'supply.generator_kw'?: FieldNote;
        'supply.subtransient_percent'?: FieldNote;
        'supply.transient_percent'?: FieldNote;
        'supply.sustained_ratio'?: FieldNote;
        'supply.inverter_va'?: FieldNote;
        'supply.surge_va'?: FieldNote;
        'supply.surge_seconds'?: FieldNote;
        'supply.inverter_fault_ampere'?: FieldNote;
        'supply.battery_volts'?: FieldNote;
        'supply.battery_amp_hours'?: FieldNote;
        'supply.fault_level_kva'?: FieldNote;
        'supply.transformer_kva'?: FieldNote;
        'supply.transformer_impedance_percent'?: FieldNote;
        'supply.transformer_phases'?: FieldNote;
        'supply.x_over_r'?: FieldNote;
        'supply.voltage_factor'?: FieldNote;
        'supply.other_capacitors_kvar'?: FieldNote;
        'supply.inverter_efficiency'?: FieldNote;
        'supply.inverter_efficiency_points'?: FieldNote;
        'supply.ambient'?: FieldNote;
        'supply.altitude'?: FieldNote;
        'supply.unbalance'?: FieldNote;
        'supply.earthing'?: FieldNote;
        'supply.earth_loop_ohm'?: FieldNote;
        'supply.earthing_ohm'?: FieldNote;
        'supply.earthing_ampere'?: FieldNote;
        'supply.it_earthing'?: FieldNote;
        'supply.board.tag'?: FieldNote;
        'supply.board.resistance_ohm'?: FieldNote;
        'supply.board.reactance_ohm'?: FieldNote;
        'supply.board.fault_ampere'?: FieldNote;
        'supply.board.loop_resistance_ohm'?: FieldNote;
        'supply.board.loop_reactance_ohm'?: FieldNote;
        'supply.board.drop_percent'?: FieldNote;
        'supply.board.drop_limit_percent'?: FieldNote;
        'supply.board.fuse_ampere'?: FieldNote;
        'supply.board.long_time_ampere'?: FieldNote;
        'supply.board.short_time_ampere'?: FieldNote;
        'supply.board.instantaneous_ampere'?: FieldNote;
        'supply.board.long_time_seconds'?: FieldNote;
        'supply.board.short_time_seconds'?: FieldNote;
        'supply.board.assumed'?: FieldNote;
        'supply.board.waits'?: FieldNote;
        'supply.board.instead'?: FieldNote;
        'plate.power'?: FieldNote;
        'plate.voltage'?: FieldNote;
        'plate.current'?: FieldNote;
        'plate.speed'?: FieldNote;
        'plate.frequency'?: FieldNote;
        'plate.power_factor'?: FieldNote;
        'plate.efficiency'?: FieldNote;
        'plate.start_current_ratio'?: FieldNote;
        'plate.start_current_ratio_low'?: FieldNote;
        'plate.second.power'?: FieldNote;
        'plate.second.voltage'?: FieldNote;
        'plate.second.current'?: FieldNote;
        'plate.second.speed'?: FieldNote;
        'plate.second.frequency'?: FieldNote;
        'plate.second.power_factor'?: FieldNote;
        'plate.second.efficiency'?: FieldNote;
        'plate.second.start_current_ratio'?: FieldNote;
        'plate.efficiency_class'?: FieldNote;
        'plate.service_factor'?: FieldNote;
        'plate.code_letter'?: FieldNote;
        'plate.design_letter'?: FieldNote;
        'plate.start_torque_ratio'?: FieldNote;
        'plate.breakdown_torque_ratio'?: FieldNote;
        'plate.pull_up_torque_ratio'?: FieldNote;
        'plate.locked_rotor_time'?: FieldNote;
        'plate.inertia'?: FieldNote;
        'plate.no_load_current'?: FieldNote;
        'plate.no_load_power'?: FieldNote;
        'plate.service_factor_amps'?: FieldNote;
        'plate.temperature_rise'?: FieldNote;
        'plate.ambient'?: FieldNote;
        'plate.altitude'?: FieldNote;
        'plate.duty'?: FieldNote;
        'plate.leads'?: FieldNote;
        'plate.phases'?: FieldNote;
        'plate.kind'?: FieldNote;
        'plate.single_phase_type'?: FieldNote;
        'plate.start_capacitor'?: FieldNote;
        'plate.run_capacitor'?: FieldNote;
        'plate.thermal_protector'?: FieldNote;
        'plate.rotor_voltage'?: FieldNote;
        'plate.rotor_current'?: FieldNote;
        'plate.insulation_class'?: FieldNote;
        'plate.ip'?: FieldNote;
        'plate.cooling'?: FieldNote;
        'plate.rotor_class'?: FieldNote;
        'plate.grease_amount'?: FieldNote;
        'plate.grease_interval'?: FieldNote;
        'plate.weight'?: FieldNote;
        'plate.type'?: FieldNote;
        'plate.order_number'?: FieldNote;
        'plate.serial'?: FieldNote;
        'plate.year'?: FieldNote;
        'plate.standard'?: FieldNote;
        'plate.marks'?: FieldNote;
        'plate.frame'?: FieldNote;
        'plate.mounting'?: FieldNote;
        'plate.enclosure'?: FieldNote;
        'plate.bearings'?: FieldNote;
        'plate.grease'?: FieldNote;
        'plate.remarks'?: FieldNote;
        'bench.power'?: FieldNote;
        'bench.output'?: FieldNote;
        'bench.efficiency'?: FieldNote;
        'bench.current'?: FieldNote;
        'bench.power_factor'?: FieldNote;
        'bench.sense'?: FieldNote;
        'measure.method'?: FieldNote;
        'measure.volts_12'?: FieldNote;
        'measure.volts_23'?: FieldNote;
        'measure.volts_31'?: FieldNote;
        'measure.phase_volts_1'?: FieldNote;
        'measure.amps_1'?: FieldNote;
        'measure.watts_1'?: FieldNote;
        'measure.phase_volts_2'?: FieldNote;
        'measure.amps_2'?: FieldNote;
        'measure.watts_2'?: FieldNote;
        'measure.phase_volts_3'?: FieldNote;
        'measure.amps_3'?: FieldNote;
        'measure.watts_3'?: FieldNote;
        'measure.watts'?: FieldNote;
        'measure.power_factor'?: FieldNote;
        'measure.sense'?: FieldNote;
        'measure.sequence'?: FieldNote;
        'measure.wattmeter'?: FieldNote;
        'measure.pair'?: FieldNote;
        'measure.line'?: FieldNote;
        'measure.angle'?: FieldNote;
        'measure.angle_after'?: FieldNote;
        'measure.angle_1'?: FieldNote;
        'measure.angle_2'?: FieldNote;
        'measure.angle_3'?: FieldNote;
        'measure.locked_rotor_amps'?: FieldNote;
        'measure.locked_rotor_kva'?: FieldNote;
        'measure.locked_rotor_volts'?: FieldNote;
        'measure.common'?: FieldNote;
        'measure.swapped'?: FieldNote;
        'measure.balanced'?: FieldNote;
        'measure.revolutions'?: FieldNote;
        'measure.disc_constant'?: FieldNote;
        'measure.pulses'?: FieldNote;
        'measure.pulses_per_kwh'?: FieldNote;
        'measure.seconds'?: FieldNote;
        'measure.current_distortion'?: FieldNote;
        'measure.current_ratio'?: FieldNote;
        'measure.voltage_ratio'?: FieldNote;
        'measure.instruments'?: FieldNote;
        'measure.neutral'?: FieldNote;
        'measure.shunt_ohm'?: FieldNote;
        'measure.shunt_power'?: FieldNote;
        'measure.speed'?: FieldNote;
        'measure.torque'?: FieldNote;
        'measure.amps_before'?: FieldNote;
        'measure.amps_after'?: FieldNote;
        'measure.capacitor_amps'?: FieldNote;
        'measure.capacitor_uf'?: FieldNote;
        'measure.power_factor_after'?: FieldNote;
        'measure.scope_height'?: FieldNote;
        'measure.scope_sine'?: FieldNote;
        'measure.scope_volts_per_division'?: FieldNote;
        'measure.scope_volts_divisions'?: FieldNote;
        'measure.scope_volts_probe'?: FieldNote;
        'measure.scope_amps_volts_per_division'?: FieldNote;
        'measure.scope_amps_divisions'?: FieldNote;
        'measure.scope_millivolts_per_ampere'?: FieldNote;
        'measure.scope_time_per_division'?: FieldNote;
        'measure.scope_delay_divisions'?: FieldNote;
        'windings.impedance'?: FieldNote;
        'windings.power_factor'?: FieldNote;
        'windings.element_power'?: FieldNote;
        'windings.element_voltage'?: FieldNote;
        'windings.terminal_resistance'?: FieldNote;
        'windings.connected'?: FieldNote;
        'load.output_percent'?: FieldNote;
        'load.machine'?: FieldNote;
        'load.service'?: FieldNote;
        'load.kind'?: FieldNote;
        'load.torque_percent'?: FieldNote;
        'load.inertia'?: FieldNote;
        'load.speed_ratio'?: FieldNote;
        'load.breakaway_percent'?: FieldNote;
        'load.machine_efficiency'?: FieldNote;
        'load.hours'?: FieldNote;
        'load.traits'?: FieldNote;
        'load.points'?: FieldNote;
        'starter.method'?: FieldNote;
        'starter.for_one_phase'?: FieldNote;
        'starter.run_up_time'?: FieldNote;
        'starter.changeover.by'?: FieldNote;
        'starter.changeover.value'?: FieldNote;
        'starter.tap_percent'?: FieldNote;
        'starter.current_limit'?: FieldNote;
        'starter.ramp_time'?: FieldNote;
        'starter.initial_voltage'?: FieldNote;
        'starter.gap'?: FieldNote;
        'starter.transition'?: FieldNote;
        'starter.drive_input_current'?: FieldNote;
        'cable.length'?: FieldNote;
        'cable.line_length'?: FieldNote;
        'cable.material'?: FieldNote;
        'cable.insulation'?: FieldNote;
        'cable.method'?: FieldNote;
        'cable.grouped_circuits'?: FieldNote;
        'cable.line_grouped_circuits'?: FieldNote;
        'cable.sets'?: FieldNote;
        'cable.raceways'?: FieldNote;
        'cable.protective_material'?: FieldNote;
        'cable.protective_separate'?: FieldNote;
        'cable.size'?: FieldNote;
        'cable.line_size'?: FieldNote;
        'cable.terminal_temperature'?: FieldNote;
        'cable.raceway_material'?: FieldNote;
        'cable.cores'?: FieldNote;
        'cable.tray'?: FieldNote;
        'cable.soil_temperature'?: FieldNote;
        'cable.soil_resistivity'?: FieldNote;
        'cable.wet'?: FieldNote;
        'guard.scpd'?: FieldNote;
        'guard.overload_place'?: FieldNote;
        'guard.overload_class'?: FieldNote;
        'guard.start_exception.evidence'?: FieldNote;
        'guard.start_exception.overload'?: FieldNote;
        'guard.instantaneous'?: FieldNote;
        'guard.reset'?: FieldNote;
        'guard.earth_fault_relay'?: FieldNote;
        'guard.breaking_capacity_ka'?: FieldNote;
        'guard.rating'?: FieldNote;
        'guard.dial'?: FieldNote;
        'guard.marked_maximum'?: FieldNote;
        'correction.target_power_factor'?: FieldNote;
        'correction.kvar_per_kw'?: FieldNote;
        'correction.place'?: FieldNote;
        'correction.load_percent'?: FieldNote;
        'correction.lowest_load_percent'?: FieldNote;
        'correction.rated_voltage'?: FieldNote;
        'correction.basis'?: FieldNote;
        'correction.rated_frequency'?: FieldNote;
        'correction.detuning_percent'?: FieldNote;
        'correction.capacitance'?: FieldNote;
        'correction.resistor_ohm'?: FieldNote;
        'correction.pluggable'?: FieldNote;
        'correction.price'?: FieldNote;
        'upgrade.efficiency'?: FieldNote;
        'upgrade.efficiency_class'?: FieldNote;
        'upgrade.price'?: FieldNote;
        'correction.after_watts'?: FieldNote;
        'correction.after_amps'?: FieldNote;
        'correction.after_volts'?: FieldNote;
        'correction.rated_kvar'?: FieldNote;
        'correction.own_contactor'?: FieldNote;
        'correction.tap_length'?: FieldNote;
        'settings.drop_limit_running'?: FieldNote;
        'settings.drop_limit_starting'?: FieldNote;
        'settings.dip_limit_bus'?: FieldNote;
        'settings.dip_limit_generator'?: FieldNote;
        'settings.dip_limit_motor'?: FieldNote;
        'settings.voltage_tolerance'?: FieldNote;
        'settings.direct_start_limit'?: FieldNote;
        'settings.terminal_temperature'?: FieldNote;
        'settings.largest_single_size'?: FieldNote;
        'settings.four_006_corrections'?: FieldNote;
        'settings.ten_ampere_rating'?: FieldNote;
        'settings.overload_school'?: FieldNote;
        'settings.phase_names'?: FieldNote;
        'settings.tray'?: FieldNote;
        'settings.changeover_minimum'?: FieldNote;
        'settings.capacitor_series'?: FieldNote;
        'settings.reading_months'?: FieldNote;
        'settings.corrections'?: FieldNote;
        'settings.lessons'?: FieldNote;
        'settings.tariff.energy_price'?: FieldNote;
        'settings.tariff.kva_demand.price'?: FieldNote;
        'settings.tariff.kvarh.price'?: FieldNote;
        'settings.tariff.kvarh.free_tan'?: FieldNote;
        'settings.tariff.power_factor.price'?: FieldNote;
        'settings.tariff.power_factor.reference'?: FieldNote;
        'settings.site_load.power'?: FieldNote;
        'settings.site_load.reactive'?: FieldNote;
        'logbook.hours_a_day'?: FieldNote;
        'logbook.grease_interval'?: FieldNote;
        'logbook.in_service'?: FieldNote;
        'logbook.warranty_until'?: FieldNote;
    };
}
/**
 * One calculated value with its explanation.
 */
export interface Figure {
    key: FigureKey;
    station: StationName;
    label: string;
    value: number | string;
    unit:
        | ''
        | 'V'
        | 'A'
        | 'W'
        | 'VA'
        | 'var'
        | 'Ω'
        | 'F'
        | 'H'
        | 'Hz'
        | 'rpm'
        | 'N·m'
        | 'kg·m²'
        | 's'
        | 'h'
        | 'years'
        | 'm'
        | 'mm²'
        | '°C'
        | 'K'
        | 'K·m/W'
        | '%'
        | '°'
        | 'J'
        | 'A²s'
        | 'Wh'
        | 'Ah'
        | 'mm/s'
        | 'g'
        | 'kg'
        | 'hp'
        | 'kVA/hp'
        | '×'
        | '× rated';
    /**
     * rounded for reading, with its unit
     */
    shown: string;
    formula: string;
    working: string;
    /**
     * Lineage: the figures and fields used as inputs
     */
    from: Origin[];
    source: string;
    assumed: boolean;
    assumptions: string[];
    /**
     * why the table value is not verified
     */
    uncertain: string | null;
    /**
     * the table value, as corrections name it
     */
    uncertain_entry: string | null;
    /**
     * whether it uses a table value corrected by this site
     */
    corrected: boolean;
}
/**
 * A figure, or a field that was entered.
 */
export interface Origin {
    placeholder: string;
    figure?: FigureKey;
    field?: FieldPath;
}
export interface Finding {
    grade: 'stop' | 'caution' | 'note';
    station: StationName;
    code: FindingCode;
    title: string;
    text: string;
    action: string;
    figures: FigureKey[];
    source: string;
    /**
     * paths of the fields that it refers to
     */
    fields: FieldPath[];
}
export interface FieldError {
    path: string;
    text: string;
    accepted: string;
    kind: 'unreadable' | 'impossible' | 'missing' | 'refused';
}
/**
 * One reading compared with the circuit as it is calculated now.
 */
export interface ReadingComparison {
    reading: number;
    kind:
        | 'winding_resistance'
        | 'motor_capacitor'
        | 'panel_ohms'
        | 'insulation_resistance'
        | 'relay_trip'
        | 'supply_voltage'
        | 'loop_impedance'
        | 'rotation'
        | 'no_load_current'
        | 'inrush'
        | 'run_up_time'
        | 'line_current'
        | 'power'
        | 'speed'
        | 'capacitor'
        | 'correction'
        | 'vibration'
        | 'temperature'
        | 'temperature_rise'
        | '';
    verdict: 'agrees' | 'differs' | 'cannot_be_compared';
    grade: 'stop' | 'caution' | 'note' | null;
    pattern:
        | 'low_winding'
        | 'high_winding'
        | 'open_winding'
        | 'lost_phase'
        | 'blown_fuse'
        | 'one_element_dead'
        | 'two_elements_dead'
        | 'wrong_size'
        | 'not_connected'
        | null;
    wanted: string[];
    missing: string[];
    points_to: string[];
    next: string;
    says: string;
    quantities: ComparedQuantity[];
}
export interface ComparedQuantity {
    name: string;
    measured: number | string | null;
    expected: number | null;
    low: number | null;
    high: number | null;
    unit:
        | ''
        | 'V'
        | 'A'
        | 'W'
        | 'VA'
        | 'var'
        | 'Ω'
        | 'F'
        | 'H'
        | 'Hz'
        | 'rpm'
        | 'N·m'
        | 'kg·m²'
        | 's'
        | 'h'
        | 'years'
        | 'm'
        | 'mm²'
        | '°C'
        | 'K'
        | 'K·m/W'
        | '%'
        | '°'
        | 'J'
        | 'A²s'
        | 'Wh'
        | 'Ah'
        | 'mm/s'
        | 'g'
        | 'kg'
        | 'hp'
        | 'kVA/hp'
        | '×'
        | '× rated';
    label: string;
    shown: string;
    expected_shown: string;
    band_shown: string;
}
/**
 * Series for the pictures; absent while their station has no result.
 */
export interface Curves {
    run?: RunCurve;
    connection?: ConnectionCurve;
    triangle?: TriangleCurve;
    part_load?: PartLoadCurve;
    schools?: School[];
    phasors?: PhasorCurve;
    ladder?: SizeLadder;
    line_ladder?: SizeLadder;
    ratings?: RatingsCurve;
    faults?: FaultsCurve;
    margins?: MarginsCurve;
    time_current?: TimeCurrentCurve;
    wiring?: WiringCurve;
    one_phase_wiring?: OnePhaseWiringCurve;
    learned?: LearnedCurve;
    sensitivity?: SensitivityCurve;
    readiness?: ReadinessCurve;
    tables?: TablesCurve;
    comparison?: Comparison;
    torque_speed?: TorqueSpeedCurve;
    start_course?: StartCourse;
    correction?: CorrectionCurve;
    placement?: PlacementCurve;
    money?: MoneyCurve;
    bank_day?: BankDayCurve;
    resonance?: ResonanceCurve;
    plan?: PlanCurve;
    measuring?: MethodCurve;
    trial?: TrialCurve;
    after_fitting?: AfterCurve;
}
/**
 * What flows in each position of the switches.
 */
export interface RunCurve {
    six_leads: boolean;
    drawing: 'contactor' | 'six_leads' | 'tapped_winding' | 'series_resistor' | 'series_reactor' | 'thyristors' | 'converter';
    phases: number;
    refused: boolean;
    output: string | null;
    length: string | null;
    running: {
        before: RunFlow;
        after: RunFlow | null;
        torque: Shown | null;
        winding: Shown | null;
    };
    starting: {
        line: Shown | null;
        lead: Shown | null;
        direct: Shown | null;
        torque: Shown | null;
        winding: Shown | null;
    };
}
export interface RunFlow {
    line: Shown | null;
    lead: Shown | null;
    power_factor: Shown | null;
}
/**
 * A number for drawing, with the text to show.
 */
export interface Shown {
    value: number;
    shown: string;
}
/**
 * The terminal box: the links for this supply, and for the other voltage on the nameplate.
 */
export interface ConnectionCurve {
    /**
     * @minItems 3
     * @maxItems 3
     */
    starts: [string, string, string];
    /**
     * @minItems 3
     * @maxItems 3
     */
    ends: [string, string, string];
    supply: Shown;
    connection: 'star' | 'delta' | 'parallel' | 'series' | 'single' | 'none';
    leads: 3 | 6 | 9;
    star_volts: Shown;
    delta_volts: Shown;
    winding_volts: Shown | null;
    other: {
        connection: 'star' | 'delta' | 'parallel' | 'series' | 'single' | 'none';
        volts: string;
        winding_volts: Shown | null;
    } | null;
}
export interface TriangleCurve {
    output: Shown;
    input: Shown;
    losses: Shown;
    reactive: Shown;
    apparent: Shown;
    power_factor: Shown;
}
export interface PartLoadCurve {
    way: string;
    rows: PartLoadRow[];
    line: PartLoadPoint[];
    most_current: Shown;
}
export interface PartLoadRow {
    load: Shown;
    efficiency: Shown;
    power_factor: Shown;
    current: Shown;
    input: Shown;
    reactive: Shown;
    slip: Shown | null;
}
export interface PartLoadPoint {
    percent: number;
    efficiency: number;
    power_factor: number;
    current: number;
}
export interface School {
    name: string;
    used: boolean;
    table: Shown | null;
    table_from: string | null;
    design: Shown | null;
    design_from: string;
}
export interface PhasorCurve {
    from: string;
    angle: number;
    lag: Shown;
    current: number;
    volts: number;
    star: Arrows;
    delta: Arrows;
}
export interface Arrows {
    lagging: Arrow[];
    leading: Arrow[];
}
export interface Arrow {
    name: string;
    of: 'phase voltage' | 'line voltage' | 'winding current' | 'line current';
    size: number;
    angle: number;
    shown: string;
}
export interface SizeLadder {
    required: Shown;
    drop_limit: Shown;
    starting_drop_limit: Shown;
    installed: boolean;
    faults: boolean;
    rows: SizeRow[];
}
export interface SizeRow {
    size: string;
    ampacity: Shown;
    drop: Shown | null;
    starting_drop: Shown | null;
    fails: ('ampacity' | 'terminals' | 'running drop' | 'starting drop' | 'disconnection' | 'line withstand' | 'protective withstand')[];
    rejected_by: string;
    chosen: boolean;
}
export interface RatingsCurve {
    device: string;
    start: string;
    current: Shown;
    limit: Shown | null;
    maximum: number | null;
    chosen: number | null;
    rows: RatingRow[];
}
export interface RatingRow {
    rating: Shown;
    carries: boolean;
    allowed: boolean;
    reason: string;
}
export interface FaultsCurve {
    title: string;
    rows: FaultRow[];
}
export interface FaultRow {
    label: string;
    value: FigureKey | null;
    limit: FigureKey | null;
    verdict: 'passes' | 'fails' | 'told' | 'asks' | 'not_checked';
    why: string;
}
/**
 * Only if requested.
 */
export interface MarginsCurve {
    rows: MarginRow[];
}
export interface MarginRow {
    field: string;
    label: string;
    now: Shown;
    until: Shown | null;
    then: string | null;
}
/**
 * Device, relay, start, rotor and conductors over current and time.
 */
export interface TimeCurrentCurve {
    amperes: number[];
    seconds: number[];
    device: TimeCurrentBand;
    setting: Shown | null;
    relay: TimeCurrentBand;
    feeder: TimeCurrentBand | null;
    traces: TimeCurrentTrace[];
    first_peak: Shown;
    rotor: TimeCurrentRotor | null;
    smallest: Shown | null;
    largest: Shown | null;
    readings: TimeCurrentReading[];
    checks: TimeCurrentCheck[];
}
export interface TimeCurrentBand {
    name: string;
    asks: string;
    lower: number[][];
    upper: number[][];
}
export interface TimeCurrentTrace {
    kind: 'start' | 'start_at_relay' | 'conductor' | 'protective';
    name: string;
    points: number[][];
}
export interface TimeCurrentRotor {
    amperes: Shown;
    seconds: Shown;
    usual: boolean;
}
export interface TimeCurrentReading {
    amperes: Shown;
    says: TimeCurrentSaying[];
}
export interface TimeCurrentSaying {
    name: string;
    text: string;
}
export interface TimeCurrentCheck {
    label: string;
    verdict: 'passes' | 'fails' | 'told' | 'asks' | 'not_checked';
    why: string;
}
/**
 * How motor and starter are wired.
 */
export interface WiringCurve {
    symbols: 'international' | 'american';
    drawing: 'contactor' | 'six_leads' | 'tapped_winding' | 'series_resistor' | 'series_reactor' | 'thyristors' | 'converter';
    phases: PhaseMark[];
    /**
     * @minItems 3
     * @maxItems 3
     */
    starts: [string, string, string];
    /**
     * @minItems 3
     * @maxItems 3
     */
    ends: [string, string, string];
    boxes: TerminalBox[];
    crossed: CrossedLeads[];
    exchanged: {
        says: string;
        shown_by: string;
    };
    found: FoundLinks[];
    /**
     * @minItems 3
     * @maxItems 3
     */
    reversed: [string, string, string];
    sequence: ContactorTime[];
    ohms: TerminalOhms[];
}
export interface PhaseMark {
    name: string;
    colour: 'brown' | 'black' | 'grey' | 'red' | 'yellow' | 'blue' | 'orange' | 'white';
}
export interface TerminalBox {
    key: string;
    leads: number;
    title: string;
    now: boolean;
    rows: string[][];
    joins: TerminalJoin[];
}
export interface TerminalJoin {
    terminals: string[];
    line: number | null;
}
export interface CrossedLeads {
    /**
     * @minItems 3
     * @maxItems 3
     */
    lines: [string, string, string];
    does: 'runs' | 'runs_harshly' | 'coasts' | 'growls' | 'reversed';
    says: string;
    shown_by: string;
    /**
     * @minItems 3
     * @maxItems 3
     */
    volts: [string, string, string];
}
export interface FoundLinks {
    found: 'star' | 'delta' | 'none';
    name: string;
    right: boolean;
    winding: string;
    says: string;
}
export interface ContactorTime {
    name: string;
    from: number;
    to: number;
    shown: string;
}
export interface TerminalOhms {
    pairs: string[];
    none: string;
    star: string;
    delta: string;
}
/**
 * How a single-phase motor is wired.
 */
export interface OnePhaseWiringCurve {
    symbols: 'international' | 'american';
    wires: PhaseMark[];
    has_neutral: boolean;
    /**
     * @minItems 2
     * @maxItems 2
     */
    main: [string, string];
    /**
     * @minItems 2
     * @maxItems 2
     */
    start: [string, string];
    type: ('split_phase' | 'capacitor_start' | 'permanent_capacitor' | 'capacitor_start_run') | null;
    has_switch: boolean;
    has_start_capacitor: boolean;
    has_run_capacitor: boolean;
    start_capacitor: string;
    run_capacitor: string;
    sequence: string[];
    reversing: string;
}
/**
 * Only if requested.
 */
export interface LearnedCurve {
    rows: LearnedRow[];
}
export interface LearnedRow {
    figure: string;
    says: string;
    gives: string;
    off: string;
    near: boolean;
    holds: string;
    fails: string;
}
/**
 * Only if requested.
 */
export interface SensitivityCurve {
    says: string;
    rows: SweptRow[];
    steady: string[];
}
export interface SweptRow {
    kind: 'assumed' | 'entry';
    at: string;
    label: string;
    taken: string;
    tries: {
        value: string;
        flips: Flip[];
    }[];
}
export interface Flip {
    label: string;
    from: string;
    to: string;
}
export interface ReadinessCurve {
    hindrances: Hindrance[];
    acknowledgements: Acknowledgement[];
}
export interface Hindrance {
    text: string;
    station: ('plate' | 'power' | 'start' | 'cable' | 'guard' | 'correct' | 'prove' | 'sheet') | null;
}
export interface Acknowledgement {
    key: string;
    says: string;
    entry: string;
    sizes: string[];
}
/**
 * Only if requested.
 */
export interface TablesCurve {
    rows: TableRow[];
}
export interface TableRow {
    name: string;
    source: string;
    edition: string;
    sha256: string;
    corrected: boolean;
}
/**
 * Every starting method for this motor and load.
 */
export interface Comparison {
    sentence: string;
    rows: ComparedRow[];
}
export interface ComparedRow {
    key:
        | 'direct'
        | 'star_delta'
        | 'star_delta_closed'
        | 'autotransformer_50'
        | 'autotransformer_65'
        | 'autotransformer_80'
        | 'resistor'
        | 'reactor'
        | 'soft_starter'
        | 'drive';
    name: string;
    chosen: boolean;
    recommended: boolean;
    verdict: 'runs_up' | 'refused' | 'stalls' | 'may_stall' | 'dips_bus' | 'dips_motor' | 'little_torque' | 'trips_relay' | 'above_limit';
    verdict_word: string;
    reason: string;
    line: Shown | null;
    peak: Shown | null;
    torque: Shown | null;
    margin: Shown | null;
    time: Shown | null;
    worst: Shown | null;
    dip: Shown | null;
    dip_at_motor: Shown | null;
    heat: Shown | null;
    step: Shown | null;
    generator: Shown | null;
    parts: string[];
    sets: {
        method: string;
        tap_percent: string | null;
        transition: string | null;
    };
    course: {
        time: number;
        line: number;
        speed: number;
    }[];
}
/**
 * Torque and current over speed, in N·m, A and rpm.
 */
export interface TorqueSpeedCurve {
    first: string;
    synchronous: Shown;
    points: TorqueSpeedPoint[];
    stall: Shown | null;
    changeover: Shown | null;
    steady: Shown | null;
}
export interface TorqueSpeedPoint {
    speed: number;
    torque: number;
    load: number;
    line: number;
    full_torque: number | null;
    full_line: number | null;
}
/**
 * The start over time.
 */
export interface StartCourse {
    first: string;
    points: StartMoment[];
    worst: WorstMoment[];
    supply: Shown;
    runs_up: boolean;
    runs_up_at_worst: boolean;
}
export interface StartMoment {
    phase: 'first' | 'gap' | 'full';
    time: Shown;
    speed: Shown;
    line: Shown;
    volts: Shown;
    torque: Shown;
    load: Shown;
}
export interface WorstMoment {
    time: number;
    speed: number;
    line: number;
}
export interface CorrectionCurve {
    load: string;
    power: Shown;
    reactive: Shown;
    chosen: Shown;
    left: Shown;
    full_load_left: Shown;
    current_before: Shown;
    current_after: Shown;
    over_load: CorrectedPoint[];
    steps: CapacitorStep[];
}
export interface CorrectedPoint {
    load: Shown;
    before: Shown;
    after: Shown;
    factor_before: Shown;
    factor_after: Shown;
    leads: boolean;
}
export interface CapacitorStep {
    kvar: string;
    chosen: boolean;
    refused: boolean;
    reason: string;
}
export interface PlacementCurve {
    place: string;
    name: string;
    overload: string;
    fuse: boolean;
    disconnect: boolean;
    discharge: string;
    schools: string[];
}
export interface MoneyCurve {
    rows: MoneyRow[];
    energy: string;
    form: string;
    bill: MoneyBill[];
}
export interface MoneyRow {
    load: string;
    hours: string;
    power: string;
    energy: string;
    cost: string;
}
export interface MoneyBill {
    label: string;
    before: string;
    after: string;
    saved: string;
}
export interface BankDayCurve {
    step: Shown;
    steps: number;
    target: string;
    intervals: BankInterval[];
}
export interface BankInterval {
    from: number;
    until: number;
    clock: string;
    power: Shown;
    reactive: Shown;
    need: Shown;
    on: number;
    given: Shown;
    before: string;
    after: string;
}
export interface ResonanceCurve {
    points: ResonancePoint[];
    order: Shown;
    detuned: boolean;
}
export interface ResonancePoint {
    order: number;
    times: number;
}
export interface PlanCurve {
    next:
        | 'winding_resistance'
        | 'motor_capacitor'
        | 'panel_ohms'
        | 'insulation_resistance'
        | 'relay_trip'
        | 'supply_voltage'
        | 'loop_impedance'
        | 'rotation'
        | 'no_load_current'
        | 'inrush'
        | 'run_up_time'
        | 'line_current'
        | 'power'
        | 'speed'
        | 'capacitor'
        | 'correction'
        | 'vibration'
        | 'temperature'
        | 'temperature_rise'
        | null;
    phases: PlanPhase[];
}
export interface PlanPhase {
    phase: 'dead' | 'live' | 'first_start' | 'under_load';
    label: string;
    caution: string;
    steps: PlanStep[];
}
export interface PlanStep {
    kind:
        | 'winding_resistance'
        | 'motor_capacitor'
        | 'panel_ohms'
        | 'insulation_resistance'
        | 'relay_trip'
        | 'supply_voltage'
        | 'loop_impedance'
        | 'rotation'
        | 'no_load_current'
        | 'inrush'
        | 'run_up_time'
        | 'line_current'
        | 'power'
        | 'speed'
        | 'capacitor'
        | 'correction'
        | 'vibration'
        | 'temperature'
        | 'temperature_rise';
    label: string;
    needed: boolean;
    proves: string;
    expects: string;
    before: string[];
    state: 'open' | 'simulated' | 'agrees' | 'differs' | 'cannot_be_compared';
    reading: number | null;
}
export interface MethodCurve {
    ways: MeasuringWay[];
    scope: string[];
    shunt: string;
}
export interface MeasuringWay {
    way: string;
    label: string;
    shows: string;
    cannot: string;
    lacks: string;
}
export interface TrialCurve {
    minutes: number;
    steps: string[];
}
export interface AfterCurve {
    rows: AfterRow[];
    before: AfterSide;
    after: AfterSide;
}
export interface AfterRow {
    label: string;
    before: string;
    after: string;
    expected: string;
}
export interface AfterSide {
    real: Shown;
    reactive: Shown;
    current: Shown;
    in_phase: number;
    behind: number;
}
/**
 * The rule book’s terms
 */
export interface Words {
    name?: string;
    star?: string;
    star_delta?: string;
    earth?: string;
    protective?: string;
    protective_short?: string;
    cable?: string;
    scpd?: string;
    disconnect?: string;
    plate_layout?: string;
    ampacity?: string;
    breaking_capacity?: string;
    fault_current?: string;
    prove_dead?: string;
    lock_off?: string;
    design_current?: string;
    direct?: string;
}
/**
 * What the page shows beside one field of this circuit. Empty parts are absent.
 */
export interface FieldNote {
    empty?: string;
    why?: string;
    choices?: FieldChoice[];
    unused?: boolean;
    label?: string;
    hint?: string;
}
export interface FieldChoice {
    value: string;
    label: string;
}

/**
 * What the service answers, by name. A circuit inside is that of circuit.schema.json.
 */
export interface Service {
    session?: SessionAnswer;
    sign_ins?: SignInsAnswer;
    person?: Person;
    people?: PeopleAnswer;
    site?: Site;
    sites?: SitesAnswer;
    register?: Register;
    circuit?: CircuitResource;
    saved?: Saved;
    revision_row?: RevisionRow;
    revisions?: RevisionsAnswer;
    revision?: Revision;
    problem?: Problem;
    leads?: NamedLeads;
    readings?: ReadingsAnswer;
    reading?: Reading;
    spares?: SparesAnswer;
    spare?: Spare;
    photograph?: PhotographAnswer;
    replacement?: ReplacementAnswer;
    waveform?: WaveformAnswer;
    tables?: TablesAnswer;
    bank?: BankAnswer;
    simulated_reading?: SimulatedReading;
    drills?: DrillsAnswer;
    drill_read?: DrillReadAnswer;
    analysers?: AnalysersAnswer;
    log?: LogAnswer;
    due?: DueAnswer;
    paper?: PaperAnswer;
    paperJob?: PaperJob;
    review?: ReviewAnswer;
    compare?: CompareAnswer;
    import?: Import;
    imports?: ImportsAnswer;
    importRows?: ImportRowsAnswer;
    importCurrents?: ImportCurrentsAnswer;
    rounds?: RoundsAnswer;
    round?: Round;
    roundMotor?: RoundMotorAnswer;
    record?: RecordAnswer;
    trial?: TrialAnswer;
    taken?: TakenAnswer;
    reading_check?: ReadingCheck;
    carried?: CarriedParts;
    difference?: CarriedDifference;
    extra?: ExtraAnswer;
    parts_to_solve?: PartsToSolve;
    parts?: SolutionParts;
    board?: BoardAnswer;
    boards?: BoardsAnswer;
}
export interface SessionAnswer {
    person: Person | null;
}
export interface Person {
    id: number;
    name: string;
    login: string;
    role: 'viewer' | 'electrician' | 'reviewer' | 'administrator';
    active: boolean;
    standing_read: boolean;
    version: number;
}
export interface SignInsAnswer {
    sign_ins: SignIn[];
}
/**
 * One place where a person is signed in; `present` is the one that asks.
 */
export interface SignIn {
    id: number;
    machine: string;
    whence: string;
    began_at: string;
    seen_at: string;
    present: boolean;
}
export interface PeopleAnswer {
    people: Person[];
}
export interface Site {
    id: number;
    name: string;
    rule_book: string;
    /**
     * Its supply and rule book, as a person reads them.
     */
    facts: string;
    supply: {
        [k: string]: string | number | null;
    };
    settings: {
        [k: string]: string | number | boolean | null | unknown[] | {};
    };
    areas: string[];
    version: number;
}
export interface SitesAnswer {
    sites: Site[];
}
export interface Register {
    circuits: CircuitRow[];
    total: number;
    page: number;
    page_size: number;
    /**
     * how many share what was asked for as `group`, the most first
     */
    groups: CircuitGroup[];
}
export interface CircuitRow {
    id: number;
    site_id: number;
    tag: string;
    area: string;
    drives: string;
    rule_book: string;
    worst: 'stop' | 'caution' | 'note' | 'none';
    stops: number;
    cautions: number;
    notes: number;
    errors: number;
    /**
     * the worst finding, empty where there is none
     */
    worst_says: string;
    /**
     * where it belongs
     */
    worst_station: 'plate' | 'power' | 'start' | 'cable' | 'guard' | 'correct' | 'prove' | 'sheet' | null;
    /**
     * as a person reads it, like the figures after it
     */
    output: string | null;
    /**
     * how far its start pulls the bus down
     */
    dip: string | null;
    current: string | null;
    /**
     * method, in the word of its rule book
     */
    starting: string | null;
    cable: string | null;
    /**
     * type and rating of the protective device
     */
    device: string | null;
    dial: string | null;
    updated_at: string;
    /**
     * Tag of the board that feeds it.
     */
    board: string | null;
}
export interface CircuitGroup {
    value: string;
    label: string;
    count: number;
}
export interface CircuitResource {
    id: number;
    version: number;
    site: Site;
    /**
     * The board that feeds it.
     */
    board: FedBy | null;
    circuit: Record<string, unknown>;
    updated_at: string;
    save_key: string;
    updated_by: string | null;
}
export interface FedBy {
    id: number;
    tag: string;
}
export interface Saved {
    id: number;
    version: number;
    updated_at: string;
    updated_by: string | null;
}
export interface RevisionRow {
    id: number;
    number: number;
    name: string;
    core: string;
    created_by: string;
    created_at: string;
    state: 'draft' | 'in_review' | 'returned' | 'issued' | 'superseded' | 'withdrawn';
    kind: '' | 'for_use' | 'as_found';
    steps: RevisionStep[];
}
export interface RevisionStep {
    step: 'sent' | 'returned' | 'issued' | 'superseded' | 'withdrawn';
    kind: '' | 'for_use' | 'as_found';
    remark: string;
    by: string;
    at: string;
}
export interface RevisionsAnswer {
    revisions: RevisionRow[];
}
export interface Revision {
    id: number;
    number: number;
    name: string;
    core: string;
    created_by: string;
    created_at: string;
    circuit: Record<string, unknown>;
    solution: Record<string, unknown>;
    state: 'draft' | 'in_review' | 'issued' | 'superseded' | 'withdrawn';
    kind: '' | 'for_use' | 'as_found';
    steps: RevisionStep[];
}
/**
 * An error (RFC 9457), with the fields it is about.
 */
export interface Problem {
    type: string;
    title: string;
    status: number;
    detail: string;
    errors: {
        path: string;
        text: string;
        accepted: string;
    }[];
    /**
     * the present state that stands against the request
     */
    current?: Record<string, unknown>;
}
export interface NamedLeads {
    labels: {
        [k: string]: string;
    };
    refusal: string | null;
}
export interface ReadingsAnswer {
    readings: Reading[];
}
/**
 * A measurement as it was taken; it is withdrawn with a reason, never changed.
 */
export interface Reading {
    id: number;
    kind: ReadingKind;
    load_percent: string | null;
    simulated: boolean;
    /**
     * as the open format has it
     */
    document: Record<string, unknown>;
    method: string;
    instrument: string;
    note: string;
    core: string;
    taken_at: string;
    taken_by: string;
    values: Record<string, unknown>;
    figures: Figure[];
    withdrawn: Withdrawal | null;
}
export interface Withdrawal {
    at: string;
    by: string;
    why: string;
}
export interface SparesAnswer {
    spares: Spare[];
}
/**
 * A spare motor in the store of a site.
 */
export interface Spare {
    id: number;
    name: string;
    place: string;
    plate: Record<string, unknown>;
    version: number;
    updated_at: string;
}
export interface PhotographAnswer {
    photograph: Photograph | null;
}
export interface Photograph {
    width: number;
    height: number;
    bytes: number;
    taken_at: string;
    url: string;
}
export interface ReplacementAnswer {
    verdict: 'stop' | 'caution' | 'unknown' | 'better' | 'equal';
    sentence: string;
    points: ReplacementPoint[];
    errors: FieldError[];
}
export interface ReplacementPoint {
    point: string;
    present: string;
    offered: string;
    verdict: 'stop' | 'caution' | 'unknown' | 'better' | 'equal';
    text: string;
}
export interface WaveformAnswer {
    core: string;
    columns: WaveformColumn[];
    samples: number;
    figures: Figure[];
    findings: Finding[];
    errors: FieldError[];
    curves: WaveformCurves | null;
}
export interface WaveformColumn {
    name: string;
    role: string;
}
export interface WaveformCurves {
    /**
     * largest of what is drawn, by role and of power
     */
    largest: Partial<Record<string, string>>;
    /**
     * time that is drawn
     */
    drawn: string;
    /**
     * time of the whole record
     */
    whole: string;
    /**
     * how far the current is ahead or behind
     */
    shift: string | null;
    detail: Record<string, [number, number][]>;
    record: Record<string, [number, number][]>;
    power: [number, number][] | null;
    harmonics: Record<string, { order: number; rms: number; percent: number; angle: number; shown: string }[]>;
    crossings: Record<string, number>;
    system: string;
    seconds: number;
}
export interface TablesAnswer {
    site: Site;
    doubts: TableDoubt[];
    corrections: TableCorrection[];
    recompute: RecomputeProgress | null;
}
export interface TableDoubt {
    /**
     * as corrections name it
     */
    path: string;
    table: string;
    edition: string;
    unit: string;
    /**
     * rows and column
     */
    place: string;
    value: number | null;
    /**
     * why memory is not sure of it
     */
    reason: string | null;
    circuits: number;
    /**
     * the value as a person reads it
     */
    shown: string;
}
export interface TableCorrection {
    /**
     * as corrections name it
     */
    path: string;
    table: string;
    edition: string;
    unit: string;
    /**
     * rows and column
     */
    place: string;
    value: number | null;
    /**
     * why memory is not sure of it
     */
    reason: string | null;
    /**
     * as a person reads it
     */
    shipped: string;
    by: string;
    on: string;
    why: string;
    page: string;
    /**
     * the value as a person reads it
     */
    shown: string;
    /**
     * whether it stands as it was shipped
     */
    confirmed: boolean;
}
export interface RecomputeProgress {
    done: number;
    total: number;
    state: 'under_way' | 'done' | 'cancelled' | 'failed';
}
export interface BankAnswer {
    site: Site;
    version: number;
    typed: {
        [k: string]: string;
    };
    tags: string[];
    figures: BankFigure[];
    findings: BankFinding[];
    errors: BankError[];
    sentence: string;
    day: BankDay | null;
}
export interface BankFigure {
    key: string;
    label: string;
    shown: string;
    working: string;
    assumed: boolean;
}
export interface BankFinding {
    grade: 'stop' | 'caution' | 'note';
    code: string;
    title: string;
    text: string;
    action: string;
}
export interface BankError {
    path: string;
    text: string;
    accepted: string;
}
export interface BankDay {
    step: BankShown;
    steps: number;
    target: string;
    intervals: BankDayInterval[];
}
export interface BankShown {
    value: number;
    shown: string;
}
export interface BankDayInterval {
    from: number;
    until: number;
    clock: string;
    power: BankPower;
    reactive: BankReactive;
    need: BankNeed;
    on: number;
    given: BankGiven;
    before: string;
    after: string;
}
export interface BankPower {
    value: number;
    shown: string;
}
export interface BankReactive {
    value: number;
    shown: string;
}
export interface BankNeed {
    value: number;
    shown: string;
}
export interface BankGiven {
    value: number;
    shown: string;
}
/**
 * What a stand-in shows on a circuit, beside what was to be expected.
 */
export interface SimulatedReading {
    kind: ReadingKind;
    load_percent: string;
    instrument: string;
    values: Record<string, unknown>;
    comparison: ReadingComparison | null;
}
export interface DrillsAnswer {
    drills: Drill[];
    faults: FaultChoice[];
}
/**
 * A hidden fault to be found; what it is stays out until it is named.
 */
export interface Drill {
    id: number;
    set_by: string;
    begun_at: string;
    load_percent: string;
    ended_at: string | null;
    named: string | null;
    taken: DrillReading[];
    fault: FoundFault | null;
    right: boolean | null;
    assessment: DrillAssessment | null;
}
export interface DrillReading {
    kind: ReadingKind;
    values: Record<string, unknown>;
    /**
     * Null where the circuit cannot be calculated any more.
     */
    comparison: ReadingComparison | null;
}
export interface FoundFault {
    kind: string;
    label: string;
}
export interface DrillAssessment {
    told: ReadingKind[];
    needless: ReadingKind[];
    possible: string[];
}
export interface FaultChoice {
    value: string;
    label: string;
}
export interface DrillReadAnswer {
    reading: SimulatedReading;
    drill: Drill;
}
export interface AnalysersAnswer {
    analysers: Analyser[];
}
/**
 * An instrument on Modbus TCP that an administrator named.
 */
export interface Analyser {
    id: number;
    name: string;
    host: string;
    port: number;
    unit: number;
    map: Record<string, unknown>;
}
export interface LogAnswer {
    entries: LogEntry[];
    state: LogState;
}
/**
 * What happened to a motor; withdrawn with a reason, never changed.
 */
export interface LogEntry {
    id: number;
    kind: EntryKind;
    happened_at: string;
    recorded_by: string;
    values: Record<string, unknown>;
    withdrawn: Withdrawal | null;
}
export interface LogState {
    hours: string;
    trips: TripState;
    warranty: string;
    greasing: GreasingState;
}
export interface TripState {
    says: string;
    in_a_year: number;
    last_at: string | null;
    dial_found: DialFound | null;
}
export interface DialFound {
    value: number;
    shown: string;
}
export interface GreasingState {
    state: 'none' | 'unknown' | 'ok' | 'due' | 'overdue';
    says: string;
    due_at: string | null;
    working: string[];
    task: string[];
    plate: GreasePlate;
}
export interface GreasePlate {
    grease: string;
    grams: string;
    ends: GreaseEnd[];
}
export interface GreaseEnd {
    end: 'de' | 'nde';
    amount: string;
    last_at: string | null;
}
export interface DueAnswer {
    site: string;
    items: DueItem[];
    calendar: string | null;
}
export interface DueItem {
    circuit: number | null;
    /**
     * Where it is about a board.
     */
    board: number | null;
    tag: string;
    area: string;
    drives: string;
    what: string;
    state: 'none' | 'unknown' | 'ok' | 'due' | 'overdue';
    due_at: string | null;
    says: string;
}
export interface PaperAnswer {
    html: string;
    css: string;
    foot: string;
    revision: RevisionRow | null;
    /**
     * Why a draft is not the sheet in force, where only its board has changed; else empty.
     */
    since: string;
}
export interface PaperJob {
    id: number;
    name: string;
    state: 'waiting' | 'under_way' | 'done' | 'failed' | 'cancelled';
}
export interface ReviewAnswer {
    revision: RevisionRow;
    questions: SheetQuestion[];
    hindrances: string[];
    changed_by: string[];
    compared_with: {
        id: number;
        number: number;
        name: string;
    } | null;
    changes: SheetChange[];
    main: SheetMoved[];
    findings: SheetFinding[];
}
export interface SheetQuestion {
    key: string;
    says: string;
    sizes: string[];
    wants_words: boolean;
}
export interface SheetChange {
    kind: 'field' | 'figure' | 'finding';
    station: string;
    label: string;
    from: string;
    to: string;
    because: string[];
}
export interface SheetMoved {
    station: string;
    label: string;
    from: string;
    to: string;
}
export interface SheetFinding {
    grade: 'stop' | 'caution';
    title: string;
    text: string;
    is_new: boolean;
}
export interface CompareAnswer {
    changes: SheetChange[];
}
export interface Import {
    id: number;
    site: number;
    what: 'circuits' | 'readings';
    name: string;
    state: 'reading' | 'preview' | 'applying' | 'done' | 'cancelled' | 'failed';
    message: string;
    columns: {
        decided: boolean;
        unit: string;
        letter: string;
        head: string;
        path: string | null;
        examples: string[];
    }[];
    rows: number;
    counts: {
        new: number;
        changed: number;
        unchanged: number;
        refused: number;
    };
    applied: number;
    by: string;
    at: string;
    sheets: string[];
    sheet: string;
}
export interface ImportsAnswer {
    imports: Import[];
}
export interface ImportRowsAnswer {
    rows: ImportedRow[];
    total: number;
    page: number;
    pages: number;
}
export interface ImportedRow {
    number: number;
    tag: string;
    action: 'new' | 'changed' | 'unchanged' | 'refused';
    applied: boolean;
    changes: {
        read: string;
        label: string;
        from: string;
        to: string;
    }[];
    problems: {
        column: string;
        cell: string;
        text: string;
        accepted: string;
    }[];
}
export interface ImportCurrentsAnswer {
    currents: ImportCurrent[];
}
export interface ImportCurrent {
    number: number;
    tag: string;
    computed: string;
    own: string;
    difference: string;
    unusual: boolean;
}
export interface RoundsAnswer {
    rounds: RoundRow[];
}
export interface RoundRow {
    id: number;
    site: number;
    area: string;
    by: string;
    at: string;
    ended: boolean;
}
export interface Round {
    id: number;
    site: number;
    area: string;
    by: string;
    at: string;
    ended: boolean;
    motors: RoundMotor[];
    defects: RoundDefect[];
}
export interface RoundMotor {
    id: number;
    tag: string;
    drives: string;
    checks: RoundCheck[];
}
export interface RoundCheck {
    item: 'rating' | 'dial' | 'class' | 'timer' | 'cable' | 'links';
    label: string;
    expected: string;
    same: boolean;
    found: string;
    grade: '' | 'stop' | 'caution' | 'note';
    says: string;
}
export interface RoundDefect {
    circuit: number;
    tag: string;
    drives: string;
    item: 'rating' | 'dial' | 'class' | 'timer' | 'cable' | 'links';
    label: string;
    expected: string;
    same: boolean;
    found: string;
    grade: '' | 'stop' | 'caution' | 'note';
    says: string;
}
export interface RoundMotorAnswer {
    items: RoundItem[];
}
export interface RoundItem {
    item: 'rating' | 'dial' | 'class' | 'timer' | 'cable' | 'links';
    label: string;
    expected: string;
}
export interface RecordAnswer {
    events: HouseEvent[];
    total: number;
    page: number;
    pages: number;
    kinds: {
        value: string;
        label: string;
    }[];
}
export interface HouseEvent {
    id: number;
    at: string;
    who: string;
    whence: string;
    what: string;
    label: string;
    about: string;
}
export interface TrialAnswer {
    rows: TrialRow[];
    unchanged: number;
    next: number | null;
    total: number;
}
export interface TrialRow {
    circuit: number;
    tag: string;
    drives: string;
    version: number;
    was: string;
    moved: SheetMoved[];
    gained: TrialFinding[];
    lost: TrialFinding[];
    problem: string;
}
export interface TrialFinding {
    grade: 'stop' | 'caution';
    station: string;
    title: string;
}
export interface TakenAnswer {
    circuits: TakenCircuit[];
}
export interface TakenCircuit {
    circuit: number;
    tag: string;
    problem: string;
}
export interface ReadingCheck {
    errors: {
        path: string;
        text: string;
        accepted: string;
    }[];
}
export interface CarriedParts {
    core: string;
    archive: CarriedPart;
    php: CarriedPart;
}
export interface CarriedPart {
    name: string;
    /**
     * As it is fetched.
     */
    bytes: number;
    /**
     * Of what it unpacks to.
     */
    sha256: string;
}
export interface CarriedDifference {
    /**
     * Where the solutions differ.
     */
    path: string;
    /**
     * Hash of the core of both.
     */
    archive: string;
}
export interface ExtraAnswer {
    core: string;
    /**
     * The picture that was asked for, or none where the circuit does not give it.
     */
    curves: Solution['curves'];
}
export interface PartsToSolve {
    circuit: CircuitToSolve;
    want: WantedParts;
}
/**
 * A circuit of the open format as it stands on the bench, with what its site says beside it.
 */
export interface CircuitToSolve {
    site_settings?: {
        [k: string]: unknown;
    };
    [k: string]: unknown;
}
/**
 * Without a station: of all of them, with every picture.
 */
export interface WantedParts {
    station?: StationName;
    curves?: readonly (keyof Curves)[];
    /**
     * Fingerprints of the parts that the page has, by name.
     */
    held: Readonly<Record<string, string>>;
}
export interface SolutionParts {
    format: 'brave-anvil.parts/1';
    core: string;
    /**
     * A part that is not there is not wanted, or the circuit does not give it.
     */
    parts: {
        [k: string]: SolutionPart;
    };
}
export interface SolutionPart {
    /**
     * Its fingerprint.
     */
    is: string;
    /**
     * Not there where the page holds the same.
     */
    body?: unknown;
}
export interface BoardAnswer {
    id: number;
    site: Site;
    tag: string;
    version: number;
    fed_by: number | null;
    typed: Readonly<Record<string, unknown>>;
    stale: boolean;
    placed: BoardPlaced[];
    updated_by: string | null;
    updated_at: string;
    others: BoardOther[];
    solved: BoardSolved | null;
    form: BoardForm;
    in_force: SheetInForce | null;
}
export interface BoardPlaced {
    id: number;
    tag: string;
    drives: string;
    place: Readonly<Record<string, unknown>>;
}
export interface BoardOther {
    id: number;
    tag: string;
    fed_by: number | null;
}
export interface BoardSolved {
    figures: BoardFigure[];
    findings: BoardFinding[];
    errors: BoardError[];
    circuits: BoardCircuit[];
    boards: BoardBelow[];
    coils: BoardCoil[];
    timetable: BoardStep[];
    others: BoardLoad[];
    source: string;
    /**
     * Sizes of the feeder around the chosen one.
     */
    ladder: BoardRung[];
    /**
     * What takes most of a figure.
     */
    shares: BoardShares[];
    /**
     * Who may start with whom.
     */
    pairs: StartPair[];
    /**
     * What stands against a sheet for use.
     */
    hindrances: string[];
    /**
     * How each device stands to the feeders before it.
     */
    matrix: SelectivityRow[];
}
export interface BoardFigure {
    key: string;
    label: string;
    value: number | string;
    shown: string;
    working: string;
    source: string;
    assumptions: string[];
    doubt: string | null;
}
export interface BoardFinding {
    grade: 'stop' | 'caution' | 'note';
    code: string;
    title: string;
    text: string;
    action: string;
}
export interface BoardError {
    path: string;
    text: string;
    accepted: string;
}
export interface BoardCircuit {
    id: number;
    tag: string;
    drives: string;
    device: string | null;
    figures: BoardFigure[];
    counts: boolean;
}
export interface BoardBelow {
    id: number;
    tag: string;
    figures: BoardFigure[];
}
export interface BoardCoil {
    tag: string;
    pull_in: string;
    drop_out: string;
    inrush_voltage: string | null;
}
export interface BoardStep {
    at: string;
    at_seconds: number;
    tags: string[];
    dip: string | null;
    dip_percent: number | null;
    current: string;
    run_up: string;
    run_up_seconds: number;
}
export interface BoardLoad {
    tag: string;
    amperes: number;
    current: string;
}
export interface BoardRung {
    size: string;
    ampacity: string;
    drop: string;
    starting: string;
    fails: string;
    chosen: boolean;
}
export interface BoardShares {
    key: string;
    label: string;
    rows: BoardShare[];
}
export interface BoardShare {
    tag: string;
    shown: string;
    percent: number;
}
export interface StartPair {
    first: string;
    second: string;
    dip: string;
    allowed: boolean;
    dip_percent: number | null;
}
export interface SelectivityRow {
    tag: string;
    feeders: SelectivityCell[];
}
export interface SelectivityCell {
    feeder: string;
    shown: string;
    wrong: boolean;
}
export interface BoardForm {
    groups: BoardFieldGroup[];
    lists: BoardFieldList[];
}
export interface BoardFieldGroup {
    title: string;
    fields: BoardField[];
}
export interface BoardField {
    path: string;
    label: string;
    unit: string;
    hint: string;
    choices: BoardChoice[];
}
export interface BoardChoice {
    value: string;
    label: string;
}
export interface BoardFieldList {
    path: string;
    title: string;
    add: string;
    fields: BoardField[];
}
export interface SheetInForce {
    id: number;
    number: number;
    name: string;
    /**
     * Whether the board is still as it was signed.
     */
    unchanged: boolean;
}
export interface BoardsAnswer {
    site: Site;
    boards: BoardRow[];
}
export interface BoardRow {
    id: number;
    tag: string;
    fed_by: number | null;
    worst: 'stop' | 'caution' | 'note' | 'none';
    circuits: number;
    demand: string | null;
    device: string | null;
    conductors: string | null;
    fault: string | null;
    dip: string | null;
    loading: string | null;
    problem: string;
}
export interface BankBody {
    version: number;
    typed: Readonly<Record<string, unknown>>;
}
export interface NewCircuit {
    site_id: number;
    /**
     * Sent again with the same one, it is the same circuit.
     */
    key?: string;
    circuit?: Readonly<Record<string, unknown>>;
}
export interface CircuitBody {
    version: number;
    key?: string;
    circuit: Readonly<Record<string, unknown>>;
}
export interface SeenVersion {
    version: number;
}
export interface AskedReading {
    kind: ReadingKind;
    where?: string | null;
}
export interface NewDrill {
    fault?: string | null;
}
export interface NamedFault {
    fault: string;
}
export interface NewAnalyser {
    name: string;
    host: string;
    port: number | string;
    unit: number | string;
    map: string;
}
export interface AskedLeads {
    rule_book: string;
    pairs: readonly (readonly (number | string)[])[];
    second_forward?: boolean | null;
    third_forward?: boolean | null;
}
export interface NewLogEntry {
    kind: EntryKind;
    values: Readonly<Record<string, unknown>>;
    happened_at?: string | null;
    is_minded?: boolean;
}
export interface Why {
    why: string;
}
export interface NewPerson {
    name: string;
    login: string;
    role: string;
    password: string;
}
export interface PersonBody {
    name: string;
    role: string;
    active: boolean;
    password?: string | null;
    version: number;
}
export interface ReadingToCheck {
    rule_book: string;
    kind: ReadingKind;
    values: Readonly<Record<string, unknown>>;
    load_percent?: string | null;
}
export interface MeasuredReading {
    version: number;
    instrument: string;
    note?: string | null;
    taken_at?: string | null;
}
export interface TypedReading {
    kind: ReadingKind;
    values: Readonly<Record<string, unknown>>;
    load_percent?: string | null;
    instrument: string;
    note?: string | null;
    taken_at?: string | null;
}
export interface TimedStart {
    seconds: number | string;
    changeover?: number | string | null;
    note?: string | null;
    taken_at?: string | null;
}
export interface AskedSchedule {
    name: string;
    as: 'csv' | 'pdf';
}
export interface ImportColumns {
    columns: readonly (string | null)[];
}
export interface ImportSheet {
    sheet: string;
}
export interface NewRevision {
    name: string;
    version: number;
}
export interface NewRound {
    area: string | null;
}
export interface FoundOnRound {
    item: string;
    same: boolean;
    found?: string | null;
    seen?: boolean;
}
export interface Credentials {
    login: string;
    password: string;
}
export interface PasswordBody {
    present: string;
    password: string;
}
export interface AskedPaper {
    paper: 'door' | 'file';
    circuit: Readonly<Record<string, unknown>>;
}
export interface SentSheet {
    kind: string;
    remark?: string | null;
}
export interface ReturnedSheet {
    remark: string;
}
export interface SignedSheet {
    password: string;
    remark?: string | null;
    decisions: readonly SheetDecision[];
}
export interface SheetDecision {
    key: string;
    taken: boolean;
    why?: string | null;
}
export interface NewSite {
    name: string;
    rule_book: string;
    supply?: Readonly<Record<string, unknown>>;
    settings?: Readonly<Record<string, unknown>>;
    areas?: readonly string[];
}
export interface SiteBody {
    name: string;
    rule_book: string;
    supply?: Readonly<Record<string, unknown>>;
    settings?: Readonly<Record<string, unknown>>;
    areas?: readonly string[];
    version: number;
}
export interface NewSpare {
    name: string;
    place?: string;
    plate: Readonly<Record<string, unknown>>;
}
export interface SpareBody {
    name: string;
    place?: string;
    plate: Readonly<Record<string, unknown>>;
    version: number;
}
export interface OfferedMotor {
    circuit: Readonly<Record<string, unknown>>;
    plate: Readonly<Record<string, unknown>>;
}
export interface NewCorrection {
    path: string;
    value: number | string;
    why: string;
    page?: string | null;
    version: number;
}
export interface RemovedCorrection {
    path: string;
    version: number;
}
export interface TriedSupply {
    supply: Readonly<Record<string, unknown>>;
    after?: number | null;
}
export interface TakenSupply {
    supply: Readonly<Record<string, unknown>>;
    key: string;
    circuits: readonly { circuit: number; version: number }[];
}
export interface AnalyserValues {
    values: {
        [k: string]: string;
    };
}
export interface CalendarAddress {
    calendar: string;
}
export interface NewBoard {
    tag: string;
}
export interface BoardBody {
    version: number;
    tag: string;
    fed_by: number | null;
    typed: Readonly<Record<string, unknown>>;
    circuits: BoardBodyCircuit[];
}
export interface BoardBodyCircuit {
    id: number;
    place: Readonly<Record<string, unknown>>;
}
export interface BoardDocument {
    document: Readonly<Record<string, unknown>>;
}
export interface AskedWorkbook {
    as: 'xlsx' | 'ods';
    /**
     * A form to fill in, instead of what the site has.
     */
    empty: boolean;
}

/** What never changes about a field: its label, the unit of a bare typed number, and a line below it. */
export const FIELDS: Readonly<Record<FieldPath, { label: string; unit: string; hint: string }>> = {
    tag: { label: 'Tag', unit: '', hint: '' },
    drives: { label: 'Drives', unit: '', hint: '' },
    area: { label: 'Area', unit: '', hint: '' },
    rule_book: { label: 'Rule book', unit: '', hint: '' },
    subject: { label: 'Type of circuit', unit: '', hint: '' },
    surroundings: { label: 'Location', unit: '', hint: '' },
    readings: { label: 'Readings', unit: '', hint: '' },
    'supply.voltage': { label: 'Supply voltage', unit: 'V', hint: '' },
    'supply.frequency': { label: 'Supply frequency', unit: 'Hz', hint: '' },
    'supply.phases': { label: 'Phases of the supply', unit: '', hint: '' },
    'supply.source': { label: 'Source', unit: '', hint: '' },
    'supply.generator_kva': { label: 'Generator rating', unit: 'kVA', hint: 'Continuous (prime) rating of the alternator.' },
    'supply.generator_kw': { label: 'Engine power', unit: 'kW', hint: 'Electrical kW that the engine can drive continuously.' },
    'supply.subtransient_percent': { label: 'Subtransient reactance X″d', unit: '%', hint: 'Saturated, on the rating of the alternator.' },
    'supply.transient_percent': { label: 'Transient reactance X′d', unit: '%', hint: 'Saturated, on the rating of the alternator.' },
    'supply.sustained_ratio': {
        label: 'Sustained short-circuit current',
        unit: '× rated',
        hint: 'What the alternator keeps up for seconds, × rated current.',
    },
    'supply.inverter_va': { label: 'Inverter rating', unit: 'VA', hint: 'Continuous.' },
    'supply.surge_va': { label: 'Surge rating', unit: 'VA', hint: '' },
    'supply.surge_seconds': { label: 'Surge time', unit: 's', hint: 'For which the surge rating holds.' },
    'supply.inverter_fault_ampere': {
        label: 'Short-circuit current of the inverter',
        unit: 'A',
        hint: 'That it keeps up until a device has cleared.',
    },
    'supply.battery_volts': { label: 'Battery voltage', unit: 'V', hint: '' },
    'supply.battery_amp_hours': { label: 'Battery capacity', unit: 'Ah', hint: '' },
    'supply.fault_level_kva': { label: 'Fault level', unit: 'kVA', hint: 'At the bus; if a transformer is entered, on its primary side.' },
    'supply.transformer_kva': { label: 'Transformer rating', unit: 'kVA', hint: '' },
    'supply.transformer_impedance_percent': { label: 'Transformer impedance', unit: '%', hint: '' },
    'supply.transformer_phases': { label: 'Phases of the transformer or generator', unit: '', hint: 'For a single-phase circuit.' },
    'supply.x_over_r': { label: 'X/R', unit: '', hint: '' },
    'supply.voltage_factor': { label: 'Voltage factor of the fault currents', unit: '', hint: '' },
    'supply.other_capacitors_kvar': { label: 'Other capacitors on the bus', unit: 'kvar', hint: 'They all resonate together.' },
    'supply.inverter_efficiency': { label: 'Inverter efficiency', unit: '%', hint: 'If an inverter supplies the circuit.' },
    'supply.inverter_efficiency_points': {
        label: 'Inverter efficiency by load',
        unit: '',
        hint: 'load % efficiency %; such as 25 84; 50 90; 100 88',
    },
    'supply.ambient': { label: 'Ambient temperature', unit: '°C', hint: '' },
    'supply.altitude': { label: 'Altitude', unit: 'm', hint: '' },
    'supply.unbalance': { label: 'Voltage unbalance', unit: '%', hint: 'or three line voltages, 400/404/390' },
    'supply.earthing': { label: 'Earthing system', unit: '', hint: '' },
    'supply.earth_loop_ohm': { label: 'Earth-fault loop impedance at the supply (Ze)', unit: 'Ω', hint: '' },
    'supply.earthing_ohm': { label: 'Earthing resistor', unit: 'Ω', hint: 'Between star point and earth.' },
    'supply.earthing_ampere': { label: 'Earth-fault current limit', unit: 'A', hint: '' },
    'supply.it_earthing': { label: 'Exposed-conductive-parts earthed', unit: '', hint: '' },
    'supply.board.tag': { label: 'Board', unit: '', hint: '' },
    'supply.board.resistance_ohm': { label: 'Source resistance at the board', unit: 'Ω', hint: '' },
    'supply.board.reactance_ohm': { label: 'Source reactance at the board', unit: 'Ω', hint: '' },
    'supply.board.fault_ampere': { label: 'Fault current at the board', unit: 'A', hint: '' },
    'supply.board.loop_resistance_ohm': { label: 'Resistance of the earth loop at the board', unit: 'Ω', hint: '' },
    'supply.board.loop_reactance_ohm': { label: 'Reactance of the earth loop at the board', unit: 'Ω', hint: '' },
    'supply.board.drop_percent': { label: 'Voltage drop of the board’s feeder', unit: '%', hint: '' },
    'supply.board.drop_limit_percent': { label: 'Voltage drop limit, feeder and circuit', unit: '%', hint: '' },
    'supply.board.fuse_ampere': { label: 'gG fuse of the board’s feeder', unit: 'A', hint: '' },
    'supply.board.long_time_ampere': { label: 'Long-time setting of the feeder’s breaker', unit: 'A', hint: '' },
    'supply.board.short_time_ampere': { label: 'Short-time setting of the feeder’s breaker', unit: 'A', hint: '' },
    'supply.board.instantaneous_ampere': { label: 'Instantaneous setting of the feeder’s breaker', unit: 'A', hint: '' },
    'supply.board.long_time_seconds': { label: 'Long-time delay of the feeder’s breaker', unit: 's', hint: '' },
    'supply.board.short_time_seconds': { label: 'Short-time delay of the feeder’s breaker', unit: 's', hint: '' },
    'supply.board.assumed': { label: 'Assumed at the board', unit: '', hint: '' },
    'supply.board.waits': { label: 'Used while the board cannot be calculated', unit: '', hint: '' },
    'supply.board.instead': { label: 'Typed here, and other at the board', unit: '', hint: '' },
    'plate.power': { label: 'Rated output', unit: 'W', hint: '' },
    'plate.voltage': { label: 'Rated voltage', unit: 'V', hint: '' },
    'plate.current': { label: 'Rated current', unit: 'A', hint: '' },
    'plate.speed': { label: 'Rated speed', unit: 'rpm', hint: '' },
    'plate.frequency': { label: 'Rated frequency', unit: 'Hz', hint: '' },
    'plate.power_factor': { label: 'Power factor', unit: '', hint: '' },
    'plate.efficiency': { label: 'Efficiency', unit: '', hint: '' },
    'plate.start_current_ratio': { label: 'Ia/In', unit: '', hint: '' },
    'plate.start_current_ratio_low': { label: 'Ia/In, low end', unit: '', hint: 'Where a range is stamped, such as 6-7.' },
    'plate.second.power': { label: 'Second row: rated output', unit: 'W', hint: '' },
    'plate.second.voltage': { label: 'Second row: rated voltage', unit: 'V', hint: '' },
    'plate.second.current': { label: 'Second row: rated current', unit: 'A', hint: '' },
    'plate.second.speed': { label: 'Second row: rated speed', unit: 'rpm', hint: '' },
    'plate.second.frequency': { label: 'Second row: rated frequency', unit: 'Hz', hint: '' },
    'plate.second.power_factor': { label: 'Second row: power factor', unit: '', hint: '' },
    'plate.second.efficiency': { label: 'Second row: efficiency', unit: '', hint: '' },
    'plate.second.start_current_ratio': { label: 'Second row: Ia/In', unit: '', hint: '' },
    'plate.efficiency_class': { label: 'Efficiency class', unit: '', hint: '' },
    'plate.service_factor': { label: 'Service factor', unit: '', hint: '' },
    'plate.code_letter': { label: 'Code letter', unit: '', hint: '' },
    'plate.design_letter': { label: 'Design letter', unit: '', hint: '' },
    'plate.start_torque_ratio': { label: 'Tst/Tn', unit: '', hint: '' },
    'plate.breakdown_torque_ratio': { label: 'Tmax/Tn', unit: '', hint: '' },
    'plate.pull_up_torque_ratio': { label: 'Tu/Tn', unit: '', hint: '' },
    'plate.locked_rotor_time': { label: 'Locked-rotor time', unit: 's', hint: '' },
    'plate.inertia': { label: 'Rotor inertia', unit: 'kg·m²', hint: '' },
    'plate.no_load_current': { label: 'No-load current', unit: 'A', hint: '' },
    'plate.no_load_power': { label: 'No-load power', unit: 'W', hint: '' },
    'plate.service_factor_amps': { label: 'Service-factor amperes', unit: 'A', hint: '' },
    'plate.temperature_rise': { label: 'Temperature rise', unit: 'K', hint: '' },
    'plate.ambient': { label: 'Rated ambient', unit: '°C', hint: '' },
    'plate.altitude': { label: 'Rated altitude', unit: 'm', hint: '' },
    'plate.duty': { label: 'Duty', unit: '', hint: '' },
    'plate.leads': { label: 'Leads', unit: '', hint: '' },
    'plate.phases': { label: 'Phases', unit: '', hint: '' },
    'plate.kind': { label: 'Type of motor', unit: '', hint: '' },
    'plate.single_phase_type': { label: 'How it starts on one phase', unit: '', hint: '' },
    'plate.start_capacitor': { label: 'Start capacitor', unit: 'F', hint: '' },
    'plate.run_capacitor': { label: 'Run capacitor', unit: 'F', hint: '' },
    'plate.thermal_protector': { label: 'Built-in thermal protector', unit: '', hint: '' },
    'plate.rotor_voltage': { label: 'Rotor voltage', unit: 'V', hint: '' },
    'plate.rotor_current': { label: 'Rotor current', unit: 'A', hint: '' },
    'plate.insulation_class': { label: 'Insulation class', unit: '', hint: '' },
    'plate.ip': { label: 'IP', unit: '', hint: '' },
    'plate.cooling': { label: 'Cooling', unit: '', hint: '' },
    'plate.rotor_class': { label: 'Rotor class', unit: '', hint: '' },
    'plate.grease_amount': { label: 'Grease quantity', unit: 'g', hint: '' },
    'plate.grease_interval': { label: 'Relubrication interval', unit: 'h', hint: '' },
    'plate.weight': { label: 'Weight', unit: 'kg', hint: '' },
    'plate.type': { label: 'Type', unit: '', hint: '' },
    'plate.order_number': { label: 'Order number', unit: '', hint: '' },
    'plate.serial': { label: 'Serial number', unit: '', hint: '' },
    'plate.year': { label: 'Year', unit: '', hint: '' },
    'plate.standard': { label: 'Standard', unit: '', hint: '' },
    'plate.marks': { label: 'Conformity marks', unit: '', hint: '' },
    'plate.frame': { label: 'Frame', unit: '', hint: '' },
    'plate.mounting': { label: 'Mounting', unit: '', hint: '' },
    'plate.enclosure': { label: 'Enclosure', unit: '', hint: '' },
    'plate.bearings': { label: 'Bearings', unit: '', hint: '' },
    'plate.grease': { label: 'Grease', unit: '', hint: '' },
    'plate.remarks': { label: 'Other nameplate data', unit: '', hint: '' },
    'bench.power': { label: 'Real power', unit: 'W', hint: 'two of these three' },
    'bench.output': { label: 'Shaft output', unit: 'kW', hint: 'Of a motor, kW or hp: with its efficiency it gives the real power.' },
    'bench.efficiency': { label: 'Efficiency', unit: '%', hint: '' },
    'bench.current': { label: 'Current', unit: 'A', hint: '' },
    'bench.power_factor': { label: 'Power factor', unit: '', hint: '' },
    'bench.sense': { label: 'Current of the load', unit: '', hint: '' },
    'measure.method': { label: 'Measuring method', unit: '', hint: '' },
    'measure.volts_12': { label: 'Voltage L1–L2', unit: 'V', hint: '' },
    'measure.volts_23': { label: 'Voltage L2–L3', unit: 'V', hint: '' },
    'measure.volts_31': { label: 'Voltage L3–L1', unit: 'V', hint: '' },
    'measure.phase_volts_1': { label: 'Voltage L1–N', unit: 'V', hint: '' },
    'measure.amps_1': { label: 'Current L1', unit: 'A', hint: '' },
    'measure.watts_1': { label: 'Wattmeter in L1', unit: 'W', hint: '' },
    'measure.phase_volts_2': { label: 'Voltage L2–N', unit: 'V', hint: '' },
    'measure.amps_2': { label: 'Current L2', unit: 'A', hint: '' },
    'measure.watts_2': { label: 'Wattmeter in L2', unit: 'W', hint: '' },
    'measure.phase_volts_3': { label: 'Voltage L3–N', unit: 'V', hint: '' },
    'measure.amps_3': { label: 'Current L3', unit: 'A', hint: '' },
    'measure.watts_3': { label: 'Wattmeter in L3', unit: 'W', hint: '' },
    'measure.watts': { label: 'Real power', unit: 'W', hint: '' },
    'measure.power_factor': { label: 'Power factor shown', unit: '', hint: '' },
    'measure.sense': { label: 'Current leads or lags', unit: '', hint: '' },
    'measure.sequence': { label: 'Phase sequence', unit: '', hint: '' },
    'measure.wattmeter': { label: 'Voltage coil connected', unit: '', hint: '' },
    'measure.pair': { label: 'Voltage measured', unit: '', hint: '' },
    'measure.line': { label: 'Current measured in', unit: '', hint: '' },
    'measure.angle': { label: 'Angle shown', unit: '°', hint: 'positive: the current lags' },
    'measure.angle_after': { label: 'Angle with the capacitor', unit: '°', hint: 'positive: the current lags' },
    'measure.angle_1': { label: 'Angle L1, to L1–N', unit: '°', hint: 'positive: the current lags' },
    'measure.angle_2': { label: 'Angle L2, to L2–N', unit: '°', hint: 'positive: the current lags' },
    'measure.angle_3': { label: 'Angle L3, to L3–N', unit: '°', hint: 'positive: the current lags' },
    'measure.locked_rotor_amps': { label: 'Locked-rotor current, measured', unit: 'A', hint: 'At full voltage, rotor held.' },
    'measure.locked_rotor_kva': { label: 'or its apparent power', unit: 'kVA', hint: '' },
    'measure.locked_rotor_volts': { label: 'at a voltage of', unit: 'V', hint: '' },
    'measure.common': { label: 'Common line', unit: '', hint: '' },
    'measure.swapped': { label: 'Voltage leads reversed to get a reading', unit: '', hint: '' },
    'measure.balanced': { label: 'Type of load', unit: '', hint: '' },
    'measure.revolutions': { label: 'Turns of the disc', unit: '', hint: '' },
    'measure.disc_constant': { label: 'Disc constant', unit: 'Wh', hint: 'per turn' },
    'measure.pulses': { label: 'Pulses', unit: '', hint: '' },
    'measure.pulses_per_kwh': { label: 'Pulses per kWh', unit: '', hint: '' },
    'measure.seconds': { label: 'in', unit: 's', hint: '' },
    'measure.current_distortion': { label: 'Current distortion (THD)', unit: '%', hint: 'If the meter shows it.' },
    'measure.current_ratio': { label: 'Current transformers', unit: '', hint: '200/5, or 1 if none' },
    'measure.voltage_ratio': { label: 'Voltage transformers', unit: '', hint: '480/120, or 1 if none' },
    'measure.instruments': { label: 'Instruments available', unit: '', hint: '' },
    'measure.neutral': { label: 'Neutral available', unit: '', hint: '' },
    'measure.shunt_ohm': { label: 'Shunt resistance', unit: 'Ω', hint: 'for an oscilloscope; leave empty to have one proposed' },
    'measure.shunt_power': { label: 'Shunt power rating', unit: 'W', hint: '' },
    'measure.speed': { label: 'Speed', unit: 'rpm', hint: 'by tachometer, if you have one' },
    'measure.torque': { label: 'Torque at the brake', unit: 'N·m', hint: '' },
    'measure.amps_before': { label: 'Current without the capacitor', unit: 'A', hint: '' },
    'measure.amps_after': { label: 'Current with the capacitor', unit: 'A', hint: '' },
    'measure.capacitor_amps': { label: 'Current of the capacitor alone', unit: 'A', hint: 'or its capacitance' },
    'measure.capacitor_uf': { label: 'Capacitance', unit: 'µF', hint: 'three phases: of each element in delta' },
    'measure.power_factor_after': { label: 'Power factor with the capacitor', unit: '', hint: 'one of the two is enough' },
    'measure.scope_height': { label: 'Height read as', unit: '', hint: '' },
    'measure.scope_sine': { label: 'Both traces are sine waves', unit: '', hint: '' },
    'measure.scope_volts_per_division': { label: 'Voltage channel, V per division', unit: 'V', hint: '' },
    'measure.scope_volts_divisions': { label: 'Voltage trace, divisions', unit: '', hint: '' },
    'measure.scope_volts_probe': { label: 'Voltage probe, ×', unit: '', hint: '' },
    'measure.scope_amps_volts_per_division': { label: 'Current channel, V per division', unit: 'V', hint: '' },
    'measure.scope_amps_divisions': { label: 'Current trace, divisions', unit: '', hint: '' },
    'measure.scope_millivolts_per_ampere': { label: 'Current probe, mV per A', unit: '', hint: 'or the resistance of the shunt' },
    'measure.scope_time_per_division': { label: 'Time per division', unit: 's', hint: '' },
    'measure.scope_delay_divisions': { label: 'Between the zero crossings, divisions', unit: '', hint: '' },
    'windings.impedance': { label: 'Resistance of each winding', unit: 'Ω', hint: 'or the rating of an element, or an ohmmeter reading' },
    'windings.power_factor': { label: 'Power factor of each winding', unit: '', hint: '' },
    'windings.element_power': { label: 'Power rating of one element', unit: 'W', hint: '' },
    'windings.element_voltage': { label: 'Voltage rating of one element', unit: 'V', hint: '' },
    'windings.terminal_resistance': { label: 'Ohmmeter reading between two terminals', unit: 'Ω', hint: '' },
    'windings.connected': { label: 'Connection', unit: '', hint: '' },
    'load.output_percent': { label: 'Operating load', unit: '%', hint: 'of rated output, 0 to 125' },
    'load.machine': { label: 'Driven machine', unit: '', hint: '' },
    'load.service': { label: 'Operating duty', unit: '', hint: '' },
    'load.kind': { label: 'Type of load torque', unit: '', hint: '' },
    'load.torque_percent': { label: 'Load torque at full speed', unit: '%', hint: '' },
    'load.inertia': { label: 'Load inertia', unit: 'kg·m²', hint: 'at the load shaft, without the motor' },
    'load.speed_ratio': { label: 'Speed ratio, load ÷ motor', unit: '', hint: 'of the belt or gear' },
    'load.breakaway_percent': { label: 'Breakaway torque', unit: '%', hint: '' },
    'load.machine_efficiency': { label: 'Efficiency of the driven machine', unit: '%', hint: 'Of the pump or fan itself.' },
    'load.hours': { label: 'Hours per year at each load', unit: '', hint: '75 4000; 40 1500' },
    'load.traits': { label: 'Effects on the motor', unit: '', hint: '' },
    'load.points': { label: 'Load points', unit: '', hint: 'speed % torque %; such as 0 40; 50 30; 100 90' },
    'starter.method': { label: 'Starting method', unit: '', hint: '' },
    'starter.for_one_phase': { label: 'Starter made for single-phase motors', unit: '', hint: '' },
    'starter.run_up_time': { label: 'Run-up time', unit: 's', hint: 'Measured at the motor, from switching on to full speed.' },
    'starter.changeover.by': { label: 'Changeover by', unit: '', hint: '' },
    'starter.changeover.value': { label: 'Changeover', unit: '', hint: '' },
    'starter.tap_percent': { label: 'Transformer tap', unit: '%', hint: '' },
    'starter.current_limit': { label: 'Current limit', unit: '%', hint: '' },
    'starter.ramp_time': { label: 'Ramp time', unit: 's', hint: '' },
    'starter.initial_voltage': { label: 'Initial voltage', unit: '%', hint: '' },
    'starter.gap': { label: 'Changeover interval', unit: 's', hint: '' },
    'starter.transition': { label: 'Transition', unit: '', hint: '' },
    'starter.drive_input_current': { label: 'Drive input current', unit: 'A', hint: '' },
    'cable.length': { label: 'Length, starter to motor', unit: 'm', hint: '' },
    'cable.line_length': { label: 'Length, supply to starter', unit: 'm', hint: '' },
    'cable.material': { label: 'Conductor material', unit: '', hint: '' },
    'cable.insulation': { label: 'Insulation', unit: '', hint: '' },
    'cable.method': { label: 'Installation method', unit: '', hint: '' },
    'cable.grouped_circuits': { label: 'Circuits grouped, motor run', unit: '', hint: 'Count this circuit too.' },
    'cable.line_grouped_circuits': { label: 'Circuits grouped, supply run', unit: '', hint: '' },
    'cable.sets': { label: 'Parallel sets', unit: '', hint: 'Conductors in parallel per phase, both runs.' },
    'cable.raceways': { label: 'Raceways for six leads', unit: '', hint: 'With two: T1 to T3 in one, T4 to T6 in the other.' },
    'cable.protective_material': { label: 'Protective conductor', unit: '', hint: '' },
    'cable.protective_separate': { label: 'Separate protective conductor', unit: '', hint: 'Not in the cable and not bunched with it.' },
    'cable.size': { label: 'Installed size, to motor', unit: '', hint: 'The program checks this size instead of choosing one.' },
    'cable.line_size': { label: 'Installed size, to starter', unit: '', hint: '' },
    'cable.terminal_temperature': { label: 'Terminal temperature rating', unit: '°C', hint: '' },
    'cable.raceway_material': { label: 'Raceway', unit: '', hint: '' },
    'cable.cores': { label: 'Cores', unit: '', hint: '' },
    'cable.tray': { label: 'Cable support', unit: '', hint: '' },
    'cable.soil_temperature': { label: 'Soil temperature', unit: '°C', hint: '' },
    'cable.soil_resistivity': { label: 'Soil resistivity', unit: 'K·m/W', hint: '' },
    'cable.wet': { label: 'Wet location', unit: '', hint: '' },
    'guard.scpd': { label: 'Protective device', unit: '', hint: '' },
    'guard.overload_place': { label: 'Overload relay', unit: '', hint: '' },
    'guard.overload_class': { label: 'Trip class', unit: '', hint: '' },
    'guard.start_exception.evidence': {
        label: 'Evidence that the motor did not start',
        unit: '',
        hint: 'Needed to use the starting exception; printed on the sheet.',
    },
    'guard.start_exception.overload': { label: 'Raise the overload setting too', unit: '', hint: '' },
    'guard.instantaneous': {
        label: 'Instantaneous trip setting as found',
        unit: 'A',
        hint: 'The program checks this setting instead of choosing one.',
    },
    'guard.reset': { label: 'Overload reset', unit: '', hint: '' },
    'guard.earth_fault_relay': { label: 'Earth-fault relay', unit: '', hint: '' },
    'guard.breaking_capacity_ka': { label: 'Breaking capacity', unit: 'kA', hint: '' },
    'guard.rating': { label: 'Installed rating', unit: 'A', hint: 'The program checks this rating instead of choosing one.' },
    'guard.dial': { label: 'Relay setting as found', unit: 'A', hint: 'The program checks this setting instead of choosing one.' },
    'guard.marked_maximum': {
        label: 'Maximum device marked on the starter',
        unit: 'A',
        hint: 'Largest protective device that the starter label allows.',
    },
    'correction.target_power_factor': { label: 'Target power factor', unit: '', hint: 'Such as 0.95, tan 0.4, or 0.4 kvar/kW.' },
    'correction.kvar_per_kw': { label: 'Capacitor per kW of load', unit: '', hint: 'In place of a target power factor.' },
    'correction.place': { label: 'Position of the capacitor', unit: '', hint: '' },
    'correction.load_percent': { label: 'Operating load', unit: '%', hint: '' },
    'correction.lowest_load_percent': {
        label: 'Lowest operating load',
        unit: '%',
        hint: 'The power factor must not go leading at this load.',
    },
    'correction.rated_voltage': { label: 'Capacitor rated voltage', unit: 'V', hint: '' },
    'correction.basis': { label: 'Calculate from', unit: '', hint: 'Measured values are entered under Power.' },
    'correction.rated_frequency': { label: 'Capacitor rated frequency', unit: 'Hz', hint: '' },
    'correction.detuning_percent': { label: 'Detuning reactor', unit: '%', hint: '' },
    'correction.capacitance': { label: 'Installed capacitor', unit: 'µF', hint: 'The program checks this value instead of choosing one.' },
    'correction.resistor_ohm': { label: 'Installed discharge resistor', unit: 'Ω', hint: 'One across each element. Checked, not chosen.' },
    'correction.pluggable': { label: 'Connected by a plug', unit: '', hint: 'The pins must be dead one second after unplugging.' },
    'correction.price': { label: 'Price of the correction', unit: '', hint: 'Installed, in the currency of the tariff.' },
    'upgrade.efficiency': { label: 'Better motor: efficiency', unit: '', hint: '' },
    'upgrade.efficiency_class': { label: 'Better motor: or IE class', unit: '', hint: '' },
    'upgrade.price': { label: 'Better motor: extra cost', unit: '', hint: '' },
    'correction.after_watts': { label: 'Real power, capacitor on', unit: 'W', hint: 'Measured with the capacitor on.' },
    'correction.after_amps': { label: 'Current, capacitor on', unit: 'A', hint: '' },
    'correction.after_volts': { label: 'Voltage, capacitor on', unit: 'V', hint: '' },
    'correction.rated_kvar': { label: 'Installed capacitor', unit: 'kvar', hint: 'The program checks this value instead of choosing one.' },
    'correction.own_contactor': { label: 'Own contactor', unit: '', hint: '' },
    'correction.tap_length': { label: 'Length of the capacitor conductors', unit: 'm', hint: '' },
    'settings.drop_limit_running': {
        label: 'Voltage drop limit, running',
        unit: '%',
        hint: 'Largest voltage drop from supply to motor at full load.',
    },
    'settings.drop_limit_starting': {
        label: 'Voltage drop limit, starting',
        unit: '%',
        hint: 'Largest voltage drop while a motor starts.',
    },
    'settings.dip_limit_bus': { label: 'Voltage dip limit at the bus', unit: '%', hint: 'What other equipment on the bus tolerates.' },
    'settings.dip_limit_generator': {
        label: 'Voltage dip limit on a generator',
        unit: '%',
        hint: 'ISO 8528-5: G1 25 %, G2 20 %, G3 15 %.',
    },
    'settings.dip_limit_motor': { label: 'Voltage dip limit at the motor', unit: '%', hint: 'At the motor terminals during the start.' },
    'settings.voltage_tolerance': {
        label: 'Voltage tolerance',
        unit: '%',
        hint: 'Largest difference between supply and nameplate voltage.',
    },
    'settings.direct_start_limit': {
        label: 'Largest motor for direct-on-line start',
        unit: 'kW',
        hint: 'A direct-on-line start above this gets a note.',
    },
    'settings.terminal_temperature': { label: 'Terminal temperature rating', unit: '°C', hint: 'For lugs and devices without a marking.' },
    'settings.largest_single_size': { label: 'Largest single conductor', unit: '', hint: 'Above this, parallel conductors are used.' },
    'settings.four_006_corrections': { label: 'Apply correction factors at terminations', unit: '', hint: '' },
    'settings.ten_ampere_rating': { label: '10 A is a standard rating', unit: '', hint: 'In the list of protective devices.' },
    'settings.overload_school': { label: 'Overload setting based on', unit: '', hint: 'The current used to set an overload relay.' },
    'settings.phase_names': { label: 'Phase names', unit: '', hint: '' },
    'settings.tray': { label: 'Cable support', unit: '', hint: '' },
    'settings.changeover_minimum': { label: 'Lowest changeover speed', unit: '%', hint: '' },
    'settings.capacitor_series': { label: 'Capacitors for single-phase loads', unit: '', hint: 'Series of standard values.' },
    'settings.reading_months': { label: 'Insulation test interval', unit: '', hint: 'months; used for the due list' },
    'settings.corrections': { label: 'Corrections of tables', unit: '', hint: '' },
    'settings.lessons': { label: 'What this site knows of its motors', unit: '', hint: '' },
    'settings.tariff.energy_price': { label: 'Energy price per kWh', unit: '', hint: '' },
    'settings.tariff.kva_demand.price': {
        label: 'Demand charge per kVA and month',
        unit: '',
        hint: 'One of the three reactive-power tariffs.',
    },
    'settings.tariff.kvarh.price': { label: 'Reactive energy price per kvarh', unit: '', hint: 'One of the three reactive-power tariffs.' },
    'settings.tariff.kvarh.free_tan': { label: 'Free up to tan φ', unit: '', hint: '' },
    'settings.tariff.power_factor.price': {
        label: 'Demand charge per kW and month',
        unit: '',
        hint: 'One of the three reactive-power tariffs: increased at a low power factor.',
    },
    'settings.tariff.power_factor.reference': { label: 'Increased below power factor', unit: '', hint: '' },
    'settings.site_load.power': { label: 'Other load on the site, kW', unit: 'kW', hint: 'At the same time, without this circuit.' },
    'settings.site_load.reactive': { label: 'Other load on the site, kvar', unit: 'kvar', hint: '' },
    'logbook.hours_a_day': { label: 'Operating hours per day', unit: 'h', hint: '' },
    'logbook.grease_interval': { label: 'Greasing interval', unit: 'h', hint: '' },
    'logbook.in_service': { label: 'In service since', unit: '', hint: '' },
    'logbook.warranty_until': { label: 'Warranty until', unit: '', hint: '' },
};

export type ReadingKind =
    | 'winding_resistance'
    | 'motor_capacitor'
    | 'panel_ohms'
    | 'insulation_resistance'
    | 'relay_trip'
    | 'supply_voltage'
    | 'loop_impedance'
    | 'rotation'
    | 'no_load_current'
    | 'inrush'
    | 'run_up_time'
    | 'line_current'
    | 'power'
    | 'speed'
    | 'capacitor'
    | 'correction'
    | 'vibration'
    | 'temperature'
    | 'temperature_rise';
export type EntryKind = 'greased' | 'hours' | 'trip' | 'repair' | 'part' | 'inspection' | 'note';
export interface ReadingField {
    name: string;
    label: string;
    unit: string;
    accepted: string;
    empty: string;
    several: boolean;
    choices: readonly { value: string; label: string }[];
}
