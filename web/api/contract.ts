// Generated from contract/*.schema.json by contract/generate.mjs. Do not edit.

/**
 * One motor branch circuit as a person typed it. Unknown keys are kept and reported as a note.
 */
export interface Circuit {
    format?: 'brave-anvil.circuit/1';
    /**
     * Tag. Text up to 200 characters.
     */
    tag?: string | number | null;
    /**
     * Drives. Text up to 200 characters.
     */
    drives?: string | number | null;
    /**
     * Area. Text up to 200 characters.
     */
    area?: string | number | null;
    /**
     * Rule book
     */
    rule_book: string;
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
         * Phases. 3, or 1 for a bench load.
         */
        phases?: string | number | null;
        /**
         * Fault level. kVA from 10 to 10 000 000, such as 25000 or 25 MVA.
         */
        fault_level_kva?: string | number | null;
        /**
         * Transformer. kVA from 1 to 100 000, such as 1000.
         */
        transformer_kva?: string | number | null;
        /**
         * Transformer impedance. Percent from 0.5 to 30, such as 6.
         */
        transformer_impedance_percent?: string | number | null;
        /**
         * X/R. A ratio from 0.1 to 100, such as 8.
         */
        x_over_r?: string | number | null;
        /**
         * Ambient. Degrees Celsius from -40 to 85, such as 30; 86 F is read too.
         */
        ambient?: string | number | null;
        /**
         * Altitude. Metres from -500 to 6000.
         */
        altitude?: string | number | null;
        /**
         * Earthing system. One of tn_s, tn_c_s, tt, it.
         */
        earthing?: ('tn_s' | 'tn_c_s' | 'tt' | 'it' | null) | string;
        /**
         * Earth loop impedance. Ohms from 0.0001 to 2000.
         */
        earth_loop_ohm?: string | number | null;
        /**
         * Voltage unbalance. Percent from 0 to 20, or the three line voltages such as 400/404/390.
         */
        unbalance?: string | number | null;
    } | null;
    plate?: {
        /**
         * Rated output. A power such as 37 kW, 50 hp or 37/50, from 10 W to 10 MW.
         */
        power?: string | number | null;
        /**
         * Rated voltage. Volts as stamped, such as 400, 230/400, D 400 or 208-230/460.
         */
        voltage?: string | number | null;
        /**
         * Rated current. Amperes as stamped, such as 66, 66/38 or 4.2-4.0/2.0.
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
         * Ia/In. Starting current over rated current from 1.5 to 15, such as 7.0 or 700 %.
         */
        start_current_ratio?: string | number | null;
        /**
         * Tst/Tn. Starting torque over rated torque from 0.2 to 6, such as 2.4 or 240 %.
         */
        start_torque_ratio?: string | number | null;
        /**
         * Tmax/Tn. Breakdown torque over rated torque from 1 to 8, such as 2.9.
         */
        breakdown_torque_ratio?: string | number | null;
        /**
         * Tu/Tn. Pull-up torque over rated torque from 0.1 to 6.
         */
        pull_up_torque_ratio?: string | number | null;
        /**
         * Rotor inertia. kg·m², such as 0.36; 8 lb ft2 is read too.
         */
        inertia?: string | number | null;
        /**
         * No-load current. Amperes.
         */
        no_load_current?: string | number | null;
        /**
         * Service-factor amperes. Amperes as stamped, such as 69 or 138/69.
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
         * Insulation class. A class such as F, or F/B for insulation F used to the rise of B: Y, A, E, B, F, H, N or R.
         */
        insulation_class?: string | number | null;
        /**
         * IP. IP and two digits, such as IP55; X for a digit that is not stated.
         */
        ip?: string | number | null;
        /**
         * Type. Text up to 200 characters.
         */
        type?: string | number | null;
        /**
         * Serial number. Text up to 200 characters.
         */
        serial?: string | number | null;
        /**
         * Year. Text up to 200 characters.
         */
        year?: string | number | null;
        /**
         * Standard. Text up to 200 characters.
         */
        standard?: string | number | null;
        /**
         * Frame. Text up to 200 characters.
         */
        frame?: string | number | null;
        /**
         * Mounting. Text up to 200 characters.
         */
        mounting?: string | number | null;
        /**
         * Cooling. IC and its digits, such as IC411.
         */
        cooling?: string | number | null;
        /**
         * Enclosure. Text up to 200 characters.
         */
        enclosure?: string | number | null;
        /**
         * Bearings. Text up to 200 characters.
         */
        bearings?: string | number | null;
        /**
         * Grease. Text up to 200 characters.
         */
        grease?: string | number | null;
        /**
         * Rotor class. KL and tenths of rated torque, such as KL 13.
         */
        rotor_class?: string | number | null;
        /**
         * Second row of a plate for two frequencies
         */
        second?: {
            /**
             * Second row: rated output. A power such as 37 kW, 50 hp or 37/50, from 10 W to 10 MW.
             */
            power?: string | number | null;
            /**
             * Second row: rated voltage. Volts as stamped, such as 400, 230/400, D 400 or 208-230/460.
             */
            voltage?: string | number | null;
            /**
             * Second row: rated current. Amperes as stamped, such as 66, 66/38 or 4.2-4.0/2.0.
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
             * Second row: Ia/In. Starting current over rated current from 1.5 to 15, such as 7.0 or 700 %.
             */
            start_current_ratio?: string | number | null;
        } | null;
        /**
         * Phases. 3 or 1, such as 3~, 3 PH or 1~.
         */
        phases?: string | number | null;
        /**
         * Kind of motor. One of cage, wound_rotor, two_speed, part_winding, single_phase.
         */
        kind?: ('cage' | 'wound_rotor' | 'two_speed' | 'part_winding' | 'single_phase' | null) | string;
        /**
         * Rotor voltage. Volts from 10 to 5000, such as 250.
         */
        rotor_voltage?: string | number | null;
        /**
         * Rotor current. Amperes.
         */
        rotor_current?: string | number | null;
        /**
         * Grease amount. Grams, one or one for each end, such as 30 or 30/20 g.
         */
        grease_amount?: string | number | null;
        /**
         * Relubrication. Hours from 100 to 100 000, such as 8000 h.
         */
        grease_interval?: string | number | null;
        /**
         * Weight. Kilograms from 0.5 to 50 000; lb is read too.
         */
        weight?: string | number | null;
        /**
         * Order number. Text up to 200 characters.
         */
        order_number?: string | number | null;
        /**
         * Conformity marks. Text up to 200 characters.
         */
        marks?: string | number | null;
        /**
         * Other stamps. Text up to 200 characters.
         */
        remarks?: string | number | null;
    } | null;
    load?: {
        /**
         * Load. One of constant, linear, quadratic, constant_power, points.
         */
        kind?: ('constant' | 'linear' | 'quadratic' | 'constant_power' | 'points' | null) | string;
        /**
         * Load torque. Percent of rated torque from 0 to 300.
         */
        torque_percent?: string | number | null;
        /**
         * Load inertia. kg·m².
         */
        inertia?: string | number | null;
        /**
         * Load speed over motor speed. A ratio from 0.001 to 100.
         */
        speed_ratio?: string | number | null;
        /**
         * Breakaway torque. Percent of rated torque from 0 to 500.
         */
        breakaway_percent?: string | number | null;
        /**
         * Load points. A list of [speed %, torque %].
         */
        points?: (number | string)[][] | null;
        /**
         * Load it runs at. Percent of rated output from 0 to 125, such as 60.
         */
        output_percent?: string | number | null;
    } | null;
    starter?: {
        /**
         * Starting method. One of direct, star_delta, autotransformer, resistor, soft_starter, drive.
         */
        method?: ('direct' | 'star_delta' | 'autotransformer' | 'resistor' | 'soft_starter' | 'drive' | null) | string;
        /**
         * Run-up time. Seconds from 0.05 to 300, such as 5.
         */
        run_up_time?: string | number | null;
        /**
         * When the starter changes over
         */
        changeover?: {
            /**
             * Changeover by. One of time, speed.
             */
            by?: ('time' | 'speed' | null) | string;
            /**
             * Changeover. Seconds by time, or percent of synchronous speed by speed.
             */
            value?: string | number | null;
        } | null;
        /**
         * Tap. Percent from 20 to 95.
         */
        tap_percent?: string | number | null;
        /**
         * Current limit. Percent of rated current from 100 to 800.
         */
        current_limit?: string | number | null;
        /**
         * Ramp time. Seconds from 0 to 300.
         */
        ramp_time?: string | number | null;
        /**
         * Initial voltage. Percent from 10 to 100.
         */
        initial_voltage?: string | number | null;
        /**
         * Changeover gap. Seconds from 0 to 5, such as 50 ms.
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
         * Length, starter to motor. Metres up to 3000, such as 60 m; 200 ft is read too.
         */
        length?: string | number | null;
        /**
         * Length, supply to starter. Metres up to 3000, such as 12 m.
         */
        line_length?: string | number | null;
        /**
         * Conductor. One of copper, aluminium.
         */
        material?: ('copper' | 'aluminium' | null) | string;
        /**
         * Insulation. IEC: pvc or xlpe. NEC: TW, THW, THWN, XHHW, THHN, THWN-2 or XHHW-2.
         */
        insulation?: string | number | null;
        /**
         * Method. IEC: A1, A2, B1, B2, C, E or F. NEC: raceway.
         */
        method?: string | number | null;
        /**
         * Grouped circuits. How many circuits lie together, this one included: 1 to 20.
         */
        grouped_circuits?: string | number | null;
        /**
         * Size, starter to motor. A standard size, such as 16 mm2, 6 AWG or 250 kcmil.
         */
        size?: string | number | null;
        /**
         * Size, supply to starter. A standard size, such as 16 mm2, 6 AWG or 250 kcmil.
         */
        line_size?: string | number | null;
        /**
         * Terminal temperature. 60, 75 or 90 °C under NEC; 70 or 90 °C under IEC.
         */
        terminal_temperature?: string | number | null;
        /**
         * Raceway. One of steel, aluminium, pvc.
         */
        raceway_material?: ('steel' | 'aluminium' | 'pvc' | null) | string;
        /**
         * Cores. 1 to 6.
         */
        cores?: string | number | null;
        /**
         * Support. One of perforated, ladder, bunched.
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
         * Wet place
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
         * Overload place. One of line, delta.
         */
        overload_place?: ('line' | 'delta' | null) | string;
        /**
         * Trip class. One of 5, 10A, 10, 20, 30.
         */
        overload_class?: ('5' | '10A' | '10' | '20' | '30' | null) | string;
        /**
         * Start exception. Evidence that the motor did not start.
         */
        start_exception?: {
            [k: string]: unknown;
        };
        /**
         * Breaking capacity. kA from 0.5 to 300, such as 25.
         */
        breaking_capacity_ka?: string | number | null;
        /**
         * Installed rating. Amperes, such as 63.
         */
        rating?: string | number | null;
        /**
         * Installed relay dial. Amperes, such as 38.
         */
        dial?: string | number | null;
        /**
         * Largest device marked on the starter. Amperes.
         */
        marked_maximum?: string | number | null;
    } | null;
    correction?: {
        /**
         * Target power factor. A power factor from 0.5 to 1, such as 0.95.
         */
        target_power_factor?: string | number | null;
        /**
         * Capacitor. One of none, board, before_controller, after_controller, at_motor.
         */
        place?: ('none' | 'board' | 'before_controller' | 'after_controller' | 'at_motor' | null) | string;
        /**
         * Load it runs at. Percent of rated output from 10 to 125, such as 80.
         */
        load_percent?: string | number | null;
        /**
         * Lowest load. Percent of rated output from 0 to 125.
         */
        lowest_load_percent?: string | number | null;
        /**
         * Capacitor rated voltage. Volts from 100 to 1200, such as 440.
         */
        rated_voltage?: string | number | null;
        /**
         * Installed capacitor. kvar from 0.1 to 5000, such as 12.5.
         */
        rated_kvar?: string | number | null;
        /**
         * Own contactor
         */
        own_contactor?: boolean | string | number | null;
        /**
         * Tap length. Metres from 0 to 100.
         */
        tap_length?: string | number | null;
    } | null;
    settings?: {
        /**
         * Drop limit running. Percent from 0.5 to 20.
         */
        drop_limit_running?: string | number | null;
        /**
         * Drop limit starting. Percent from 1 to 40.
         */
        drop_limit_starting?: string | number | null;
        /**
         * Dip limit at the bus. Percent from 0.5 to 40.
         */
        dip_limit_bus?: string | number | null;
        /**
         * Voltage tolerance. Percent from 1 to 15.
         */
        voltage_tolerance?: string | number | null;
        /**
         * Largest motor started direct. kW.
         */
        direct_start_limit?: string | number | null;
        /**
         * Terminal temperature. 70 or 90 °C.
         */
        terminal_temperature?: string | number | null;
        /**
         * Corrections at terminations
         */
        four_006_corrections?: boolean | string | number | null;
        /**
         * 10 A is a standard rating
         */
        ten_ampere_rating?: boolean | string | number | null;
        /**
         * Overload practice. One of plate_current, service_factor.
         */
        overload_school?: ('plate_current' | 'service_factor' | null) | string;
        /**
         * Support. One of perforated, ladder, bunched.
         */
        tray?: ('perforated' | 'ladder' | 'bunched' | null) | string;
        /**
         * Changeover speed, at least. Percent from 50 to 100.
         */
        changeover_minimum?: string | number | null;
        /**
         * Tariff. Not used yet.
         */
        tariff?: {
            [k: string]: unknown;
        };
    } | null;
    /**
     * What stands here. One of motor, bench_load.
     */
    subject?: ('motor' | 'bench_load' | null) | string;
    /**
     * Surroundings. One of dry, damp, outdoor, wash_down, dust, combustible_dust.
     */
    surroundings?: ('dry' | 'damp' | 'outdoor' | 'wash_down' | 'dust' | 'combustible_dust' | null) | string;
    bench?: {
        /**
         * Real power. Watts it draws, such as 1150 W or 2.2 kW.
         */
        power?: string | number | null;
        /**
         * Current. Amperes, such as 8.2.
         */
        current?: string | number | null;
        /**
         * Power factor. A power factor such as 0.61 or 61 %.
         */
        power_factor?: string | number | null;
        /**
         * Current is. One of lagging, leading.
         */
        sense?: ('lagging' | 'leading' | null) | string;
    } | null;
    measure?: {
        /**
         * Method. One of volts_amps, volts_amps_watts, power_factor_meter, line_angle, one_wattmeter, two_wattmeters, three_wattmeters, meter_disc, meter_pulses, brake.
         */
        method?:
            | (
                  | 'volts_amps'
                  | 'volts_amps_watts'
                  | 'power_factor_meter'
                  | 'line_angle'
                  | 'one_wattmeter'
                  | 'two_wattmeters'
                  | 'three_wattmeters'
                  | 'meter_disc'
                  | 'meter_pulses'
                  | 'brake'
                  | null
              )
            | string;
        /**
         * Volts L1–L2. Volts from 1 to 2000.
         */
        volts_12?: string | number | null;
        /**
         * Volts L2–L3. Volts from 1 to 2000.
         */
        volts_23?: string | number | null;
        /**
         * Volts L3–L1. Volts from 1 to 2000.
         */
        volts_31?: string | number | null;
        /**
         * Volts L1–N. Volts from 1 to 2000.
         */
        phase_volts_1?: string | number | null;
        /**
         * Amps L1. Amperes from 0 to 20 000.
         */
        amps_1?: string | number | null;
        /**
         * Wattmeter in L1. Watts, negative when it reads backwards.
         */
        watts_1?: string | number | null;
        /**
         * Volts L2–N. Volts from 1 to 2000.
         */
        phase_volts_2?: string | number | null;
        /**
         * Amps L2. Amperes from 0 to 20 000.
         */
        amps_2?: string | number | null;
        /**
         * Wattmeter in L2. Watts, negative when it reads backwards.
         */
        watts_2?: string | number | null;
        /**
         * Volts L3–N. Volts from 1 to 2000.
         */
        phase_volts_3?: string | number | null;
        /**
         * Amps L3. Amperes from 0 to 20 000.
         */
        amps_3?: string | number | null;
        /**
         * Wattmeter in L3. Watts, negative when it reads backwards.
         */
        watts_3?: string | number | null;
        /**
         * Watts. Watts, negative when the meter reads backwards.
         */
        watts?: string | number | null;
        /**
         * Power factor shown. A power factor such as 0.85 or 85 %.
         */
        power_factor?: string | number | null;
        /**
         * Current is. One of lagging, leading.
         */
        sense?: ('lagging' | 'leading' | null) | string;
        /**
         * Phase sequence. One of 123, 132.
         */
        sequence?: ('123' | '132' | null) | string;
        /**
         * Its voltage coil. One of neutral, pair, other_lines.
         */
        wattmeter?: ('neutral' | 'pair' | 'other_lines' | null) | string;
        /**
         * Voltage from line to line. One of 12, 13, 21, 23, 31, 32.
         */
        pair?: ('12' | '13' | '21' | '23' | '31' | '32' | null) | string;
        /**
         * Current in line. One of 1, 2, 3.
         */
        line?: ('1' | '2' | '3' | null) | string;
        /**
         * Angle shown. Degrees from -180 to 180, positive when the current is behind the voltage.
         */
        angle?: string | number | null;
        /**
         * Line common to both. One of 1, 2, 3.
         */
        common?: ('1' | '2' | '3' | null) | string;
        /**
         * Leads swapped to read it. One of none, 1, 2, 3.
         */
        swapped?: ('none' | '1' | '2' | '3' | null) | string;
        /**
         * Load. One of balanced, unbalanced.
         */
        balanced?: ('balanced' | 'unbalanced' | null) | string;
        /**
         * Turns of the disc. How many turns were counted, such as 10.
         */
        revolutions?: string | number | null;
        /**
         * Disc constant. Wh for each turn, such as 7.2.
         */
        disc_constant?: string | number | null;
        /**
         * Pulses. How many pulses were counted, such as 50.
         */
        pulses?: string | number | null;
        /**
         * Pulses for each kWh. As printed on the meter, such as 1000.
         */
        pulses_per_kwh?: string | number | null;
        /**
         * In. Seconds, such as 36.
         */
        seconds?: string | number | null;
        /**
         * Current transformers. A ratio such as 200/5 or 40; 1 without.
         */
        current_ratio?: string | number | null;
        /**
         * Voltage transformers. A ratio such as 480/120 or 4; 1 without.
         */
        voltage_ratio?: string | number | null;
        /**
         * Speed. Revolutions per minute, such as 1490.
         */
        speed?: string | number | null;
        /**
         * Torque at the brake. N·m, such as 236; lb-ft is read too.
         */
        torque?: string | number | null;
    } | null;
    windings?: {
        /**
         * Impedance of one winding. Ohms from 0.001 to 100 000.
         */
        impedance?: string | number | null;
        /**
         * Power factor of a winding. From 0.01 to 1; 1 for a heater.
         */
        power_factor?: string | number | null;
        /**
         * Rating of one element. Watts, such as 2000 W or 2 kW.
         */
        element_power?: string | number | null;
        /**
         * Voltage of one element. Volts from 12 to 1000, such as 230.
         */
        element_voltage?: string | number | null;
        /**
         * Ohmmeter between two terminals. Ohms from 0.0001 to 100 000.
         */
        terminal_resistance?: string | number | null;
        /**
         * Connected in. One of star, delta.
         */
        connected?: ('star' | 'delta' | null) | string;
    } | null;
}

/**
 * All that is computed from a circuit.
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
    curves: Curves;
    /**
     * The outcome of each station in one sentence
     */
    sentences: {
        [k: string]: string;
    };
    blocked: ('plate' | 'power' | 'start' | 'cable' | 'guard' | 'correct')[];
    /**
     * What typed text was read as, by path
     */
    read: {
        [k: string]: string;
    };
    /**
     * The rule book’s terms
     */
    words: {
        [k: string]: string;
    };
    /**
     * what the stamps of the plate say, by path
     */
    meanings: {
        [k: string]: Meaning;
    };
}
/**
 * One computed value with all that explains it.
 */
export interface Figure {
    key: string;
    label: string;
    value: number | string;
    unit: string;
    /**
     * rounded for reading, with unit
     */
    shown: string;
    formula: string;
    working: string;
    source: string;
    assumed: boolean;
    assumptions: string[];
    uncertain: string | null;
}
export interface Finding {
    grade: 'stop' | 'caution' | 'note';
    station: 'plate' | 'power' | 'start' | 'cable' | 'guard' | 'correct';
    code: string;
    title: string;
    text: string;
    action: string;
    figures: string[];
    source: string;
    /**
     * paths of the fields that it is about
     */
    fields: string[];
}
export interface FieldError {
    path: string;
    text: string;
    accepted: string;
    kind: 'unreadable' | 'impossible' | 'missing' | 'refused';
}
/**
 * Series for the pictures; absent where their station waits.
 */
export interface Curves {
    run?: RunCurve;
    connection?: ConnectionCurve;
    triangle?: TriangleCurve;
    ladder?: SizeLadder;
    line_ladder?: SizeLadder;
    ratings?: RatingsCurve;
    correction?: CorrectionCurve;
    placement?: PlacementCurve;
    part_load?: PartLoadCurve;
    schools?: School[];
    phasors?: PhasorCurve;
}
export interface RunCurve {
    six_leads: boolean;
    running: {
        before: {
            line: number | null;
            lead: number | null;
            power_factor: number | null;
        };
        after: {
            line: number | null;
            lead: number | null;
            power_factor: number | null;
        } | null;
    };
    starting: {
        line: number | null;
        lead: number | null;
        direct: number | null;
    };
}
export interface ConnectionCurve {
    supply: number;
    connection: string;
    leads: number;
    other: string | null;
    other_volts: number[] | null;
    winding_volts: number | null;
    other_winding_volts: number | null;
}
export interface TriangleCurve {
    output: number;
    input: number;
    reactive: number;
    apparent: number;
    power_factor: number;
}
export interface SizeLadder {
    required: number;
    drop_limit: number;
    starting_drop_limit: number;
    installed: boolean;
    rows: LadderRow[];
}
export interface LadderRow {
    size: string;
    ampacity: number;
    derated: number;
    terminal: number;
    drop: number | null;
    starting_drop: number | null;
    fails: ('ampacity' | 'terminals' | 'running drop' | 'starting drop')[];
    chosen: boolean;
    working: string;
}
export interface RatingsCurve {
    device: string;
    current: number;
    limit: number | null;
    maximum: number | null;
    chosen: number | null;
    rows: RatingRow[];
}
export interface RatingRow {
    rating: number;
    carries: boolean;
    allowed: boolean;
    reason: string;
}
export interface CorrectionCurve {
    power: number;
    reactive: number;
    chosen: number;
    left: number;
    full_load: {
        power: number;
        reactive: number;
    };
    current_before: number;
    current_after: number;
    supply: number;
    steps: CapacitorStep[];
}
export interface CapacitorStep {
    kvar: number;
    site: number;
    chosen: boolean;
    reason: string;
}
export interface PlacementCurve {
    place: string;
    name: string;
    overload: string;
    fuse: boolean;
    disconnect: boolean;
    discharge: string;
}
export interface PartLoadCurve {
    way: string;
    rows: PartLoadRow[];
    line: PartLoadPoint[];
}
export interface PartLoadRow {
    percent: number;
    output: number;
    input: number;
    reactive: number;
    current: number;
    efficiency: number;
    power_factor: number;
    slip: number | null;
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
    table: number | null;
    table_from: string | null;
    design: number | null;
    design_from: string;
}
export interface PhasorCurve {
    from: string;
    angle: number;
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
    of: string;
    size: number;
    angle: number;
}
export interface Meaning {
    text: string;
    /**
     * figures that follow from it
     */
    figures: string[];
}

/**
 * What the service answers, by name. A circuit inside is that of circuit.schema.json.
 */
export interface Service {
    session?: SessionAnswer;
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
    readings?: ReadingsAnswer;
    reading?: Reading;
    spares?: SparesAnswer;
    spare?: Spare;
    photograph?: PhotographAnswer;
    replacement?: ReplacementAnswer;
    waveform?: WaveformAnswer;
}
export interface SessionAnswer {
    person: Person | null;
}
export interface Person {
    id: number;
    name: string;
    login: string;
    role: 'viewer' | 'electrician' | 'administrator';
    active: boolean;
    standing_read: boolean;
}
export interface PeopleAnswer {
    people: Person[];
}
export interface Site {
    id: number;
    name: string;
    rule_book: 'iec' | 'nec' | 'cec';
    supply: {
        [k: string]: string | number | null;
    };
    settings: {
        [k: string]: string | number | boolean | null;
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
    output_w: number | null;
    current_a: number | null;
    method: string | null;
    cable: string | null;
    scpd_a: number | null;
    dial_a: number | null;
    updated_at: string;
}
export interface CircuitResource {
    id: number;
    version: number;
    site: Site;
    circuit: Record<string, unknown>;
    updated_at: string;
    updated_by: string | null;
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
export interface ReadingsAnswer {
    readings: Reading[];
}
/**
 * A measurement as it was taken; it is withdrawn with a reason, never changed.
 */
export interface Reading {
    id: number;
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
    detail: Record<string, [number, number][]>;
    record: Record<string, [number, number][]>;
    power: [number, number][] | null;
    harmonics: Record<string, { order: number; rms: number; percent: number; angle: number }[]>;
    crossings: Record<string, number>;
    system: string;
    seconds: number;
}
