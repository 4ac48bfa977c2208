<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Stamps as metal plates really write them, of our own making; about a third are bad. Read back in one spelling; null is refused. */
final class PlateStringsTest extends CoreTestCase
{
    /** @return list<array{string, string, string|null}> field, stamped, read back */
    public static function stamps(): array
    {
        return [
            ['power', '0,75 kW', '750 W'], ['power', '5.5KW', '5.5 kW'], ['power', 'HP', null],
            ['power', '50 HP', '37.3 kW (746 W/hp)'],
            ['power', '1.5 HP / 1.1 kW', '1.1 kW'],
            ['power', '110 kW (150 hp)', '110 kW'],
            ['power', '30/34.5 kW', '30 kW; 34.5 kW'], ['power', '30 kW / 34,5 kW', '30 kW; 34.5 kW'], ['power', '15/18', '15 kW; 18 kW'],
            ['power', '4/0.9 kW', null], ['power', '3/4 HP', null], ['power', '2.2 cv', '1.6181 kW'], ['power', '315 000 W', '315 kW'],
            ['power', '55 kVA', null], ['power', 'kW', null], ['power', '1.1.1 kW', null], ['power', '90 kW 125', null],
            ['power', '90/125', '90 kW'],

            ['voltage', '400V D', '400 V delta'], ['voltage', 'Y 400', '400 V star'], ['voltage', '3~', null],
            ['voltage', '220-240 Δ / 380-415 Y', '220–240 V delta, 380–415 V star'], ['voltage', '220/380 V', '220 V delta, 380 V star'],
            ['voltage', '230 V Δ / 400 V Y', '230 V delta, 400 V star'], ['voltage', '400 V Δ / 690 V Y', '400 V delta, 690 V star'],
            ['voltage', 'D/Y 230/400', '230 V delta, 400 V star'], ['voltage', '400/690 DY', '400 V delta, 690 V star'],
            ['voltage', '208-230/460', '208–230 V parallel, 460 V series'], ['voltage', '230/460 VOLTS', '230 V parallel, 460 V series'],
            ['voltage', '460', '460 V'], ['voltage', '575 V', '575 V'], ['voltage', '415 VAC', '415 V'],
            ['voltage', '380-420/440-480', '380–420 V; 440–480 V'], ['voltage', '400/480', '400 V; 480 V'],
            ['voltage', '400/690; 460', '400 V delta, 690 V star; 460 V'], ['voltage', '±10 %', null],
            ['voltage', '400,5 V', '400.5 V'], ['voltage', '40O', null], ['voltage', '4OO', null], ['voltage', '230//400', null],
            ['voltage', '230/400/690', null], ['voltage', '11 kV', null], ['voltage', '220 240', null], ['voltage', '400 D D D', null],
            ['voltage', '208/230', null], ['voltage', '200-400/690', '200–400 V delta, 690 V star'], ['voltage', '6600', null],
            ['voltage', '-400', null], ['voltage', '12', null],

            ['current', '10,8/6,2', '10.8 / 6.2 A'], ['current', '10.8A D / 6.2A Y', '10.8 / 6.2 A'], ['current', '122/61', '122 / 61 A'],
            ['current', '4.2-4.0/2.0', '4.2–4 / 2 A'], ['current', '66', '66 A'], ['current', '66 AMPS', '66 A'],
            ['current', '13.2-12.4/6.2', '13.2–12.4 / 6.2 A'], ['current', 'FLA 66', '66 A'], ['current', '66/38/22', null],
            ['current', 'A', null], ['current', '0', null], ['current', '66 kA', null], ['current', '6..6', null],
            ['current', '66/', '66 A'], ['current', '1,250', null], ['current', 'sixty', null], ['current', '66 / x', null],

            ['speed', '1482', '1482 rpm'], ['speed', '1.482 min⁻¹', '1482 rpm'], ['speed', '1 482 r/min', '1482 rpm'],
            ['speed', '1,482 RPM', '1482 rpm'], ['speed', '2 955 1/min', '2955 rpm'], ['speed', '1450/1750', '1450 rpm; 1750 rpm'],
            ['speed', '1470/1770 rpm', '1470 rpm; 1770 rpm'], ['speed', '730', '730 rpm'], ['speed', '1450/2900', null],
            ['speed', '720/1450', null], ['speed', '14a0', null], ['speed', '50', null], ['speed', '99999', null], ['speed', 'RPM', null],
            ['speed', '1450/1750/2900', null],

            ['frequency', '50', '50 Hz'], ['frequency', '50HZ', '50 Hz'], ['frequency', '50/60 Hz', '50 / 60 Hz'],
            ['frequency', '60-50', '60 / 50 Hz'], ['frequency', '60 cycles', '60 Hz'], ['frequency', '400 Hz', null],
            ['frequency', '16 2/3', null], ['frequency', '50/60/70', null], ['frequency', 'DC', null], ['frequency', '50 / 50', '50 Hz'],

            ['power_factor', '0.85', '0.85'], ['power_factor', 'cos φ 0,85', '0.85'], ['power_factor', 'cosφ=0.85', '0.85'],
            ['power_factor', 'PF 85', '0.85'], ['power_factor', 'P.F. 85 %', '0.85'], ['power_factor', '.86', '0.86'],
            ['power_factor', '0.85/0.83', '0.85 / 0.83'], ['power_factor', '1.85', null], ['power_factor', '0', null],
            ['power_factor', '120 %', null], ['power_factor', 'good', null], ['power_factor', '-0.85', null],

            ['efficiency', '93.9', '93.9 %'], ['efficiency', 'η 93,9 %', '93.9 %'], ['efficiency', 'EFF. 93.9', '93.9 %'],
            ['efficiency', '0.939', '93.9 %'], ['efficiency', 'IE3', 'the class IE3 alone'],
            ['efficiency', 'IE3 - 93.9 %', 'IE3 - 93.9 %'],
            ['efficiency', 'IE2 (91,4)', 'IE2 - 91.4 %'],
            ['efficiency', 'NEMA NOM EFF 94.5', '94.5 %'], ['efficiency', '93.9/94.1', '93.9 % / 94.1 %'], ['efficiency', '101', null],
            ['efficiency', '100 %', null], ['efficiency', 'IE7', null], ['efficiency', 'EFF1', null], ['efficiency', '3', null],

            ['service_factor', '1.15', '1.15'], ['service_factor', '1,0', '1'], ['service_factor', '0.9', null],
            ['service_factor', '3', null], ['code_letter', 'g', ''], ['code_letter', 'O', null], ['code_letter', 'GG', null],
            ['design_letter', 'B', ''], ['design_letter', 'Z', null],

            ['start_current_ratio', '7.0', '7'], ['start_current_ratio', 'Ia/In 7,0', '7'], ['start_current_ratio', 'IA/IN = 6.8', '6.8'],
            ['start_current_ratio', '700 %', '7'], ['start_current_ratio', '700', null], ['start_current_ratio', '462 A', null],
            ['start_current_ratio', '1.0', null], ['start_torque_ratio', 'MA/MN 2.4', '2.4'], ['start_torque_ratio', 'LRT 150 %', '1.5'],
            ['start_torque_ratio', 'Tst/Tn 2,4', '2.4'], ['start_torque_ratio', '240 %', '2.4'], ['start_torque_ratio', '24', null],
            ['start_torque_ratio', '2.4 Nm', null], ['breakdown_torque_ratio', 'Tk 2.9', '2.9'],
            ['breakdown_torque_ratio', 'BDT 200 %', '2'], ['breakdown_torque_ratio', 'MK/MN 3,0', '3'],
            ['breakdown_torque_ratio', '0.5', null], ['pull_up_torque_ratio', 'Tu/Tn 1.7', '1.7'],

            ['duty', 'S1', 'S1, continuous'], ['duty', 'CONT', 'S1, continuous'], ['duty', 'CONT. DUTY', 'S1, continuous'],
            ['duty', 'S2 30 min', 'S2, 30 min, then rest until cold'], ['duty', 'S2-60MIN', 'S2, 60 min, then rest until cold'],
            ['duty', 'S3 40 %', 'S3, 40 % of each cycle'], ['duty', 'S3-25%', 'S3, 25 % of each cycle'],
            ['duty', 'S6 40% 10 min', 'S6, 40 % of each cycle'], ['duty', 'S11', null], ['duty', 'S3 140 %', null],
            ['duty', 'S2 40 %', null], ['duty', 'always', null],

            ['insulation_class', 'F', 'F'], ['insulation_class', 'Iso.Kl. F', 'F'], ['insulation_class', 'INS CL F', 'F'],
            ['insulation_class', 'Th.Cl. 200', null],
            ['insulation_class', 'F/B', 'F/B'], ['insulation_class', 'class H', 'H'], ['insulation_class', 'B/F', null],
            ['insulation_class', 'G', null], ['insulation_class', 'R', 'R'], ['temperature_rise', '80 K', '80 K'],
            ['temperature_rise', '80 °C', '80 K'], ['temperature_rise', '800', null], ['ambient', '40 °C', '40 °C'],
            ['ambient', '104 F', '40 °C'], ['ambient', 'cold', null], ['altitude', '1000 m', '1000 m'],
            ['altitude', '3300 ft', '1005.84 m'], ['altitude', '1000 kg', null], ['ip', 'IP55', 'IP55'], ['ip', 'ip 65', 'IP65'],
            ['ip', 'IP-54', 'IP54'], ['ip', '23', 'IP23'], ['ip', 'IP 7 5', null], ['ip', 'IP555', null], ['ip', 'NEMA 4X', null],
            ['cooling', 'IC 411', 'IC411'], ['cooling', '411', 'IC411'], ['cooling', 'IC4A1A1', 'IC4A1A1'], ['cooling', 'ICE', null],
            ['rotor_class', 'KL 10', 'KL 10'], ['rotor_class', 'kl16', 'KL 16'], ['rotor_class', 'KL 99', null], ['phases', '3~', '3'],
            ['phases', '3 PH', '3'], ['phases', '1~', '1'], ['phases', '2', null], ['leads', '12', '12'], ['leads', '7', null],
            ['grease_amount', '30 g', '30 g'], ['grease_amount', '30/20', '30 / 20 g'], ['grease_amount', '1/2/3', null],
            ['grease_interval', '8000 h', '8000 h'], ['grease_interval', '5 h', null], ['weight', '310 kg', '310 kg'],
            ['weight', '683 lb', '309.804 kg'], ['weight', 'heavy', null], ['no_load_current', '19,8 A', '19.8 A'],
            ['inertia', '0.36 kgm²', '0.36 kg·m²'], ['inertia', '8.5 lb ft2', '0.358191 kg·m²'], ['inertia', '0.36 kg', null],
            ['service_factor_amps', '76 A', '76 A'], ['service_factor_amps', '138/69', '138 / 69 A'], ['rotor_voltage', '250 V', '250 V'],
            ['rotor_current', '95 A', '95 A'], ['rotor_current', '95 V', null],
        ];
    }

    /**
     * Names, units and signs as plates put them before, behind and between. By field and by what it means; null is refused.
     *
     * @return list<array{string, string|null, list<string>}>
     */
    private static function met(): array
    {
        return [
            ['voltage', '415 V delta', ['415-D', '415-Δ', '415(D)', 'D-415', 'Δ 415', 'Δ415V', 'VOLTS: 415 DELTA', 'DELTA 415',
                'MESH 415', '415 V D CONN', '415 V DELTA CONNECTED']],
            ['voltage', '415 V', ['415 V ±10%', 'AC 415 V', '415V AC', '415 ± 10 %', '415 +/- 10%', '415 V +6% -10%', 'VOLTS 415',
                '3×415 V', '415 VOLTS A.C.', '415 V A.C.', '415v']],
            ['voltage', '400 V delta', ['400 VΔ']],
            ['voltage', '400 V delta, 690 V star', ['400VΔ/690VY', '400Δ/690Y', '400Δ / 690Y V', 'Δ/Y 400/690 V', 'D/S 400/690',
                '400/690 V', '400-690']],
            ['voltage', '230 V delta, 400 V star', ['Δ/Y 230/400V', 'Y/D 400/230', '400Y/230D', '230-400']],
            ['voltage', '220 V delta, 380 V star', ['220D/380Y', '220/380 D/Y', '220-380 V']],
            ['voltage', '380–415 V delta', ['380-415 V Δ', '380-415D', '380–415 D', '380..415 D', '380 to 415 D']],
            ['voltage', '230 V parallel, 460 V series', ['V 230/460', '230/460V', '230V/460V']],
            ['voltage', '208–230 V parallel, 460 V series', ['208-230/460 V', '208–230 / 460']],
            ['voltage', '200 V parallel, 400 V series', ['200/400']],
            ['voltage', '115 V parallel, 230 V series', ['115/230']],
            ['voltage', '115 V parallel, 208–230 V series', ['115/208-230']],
            ['voltage', '575 V', ['575']],
            ['voltage', '460 V', ['460 V~', '~460 V', '3~ 460V', '460V 60Hz']],
            ['voltage', '400 V', ['3x400 V', '3 x 400V', '400 V 3~', '400 V 3PH', '400 V 3 PHASE', '400V 50Hz']],
            ['voltage', '400 V star', ['400 STAR', 'STAR 400']],
            ['voltage', '380 V delta, 660 V star', ['660Y/380D', '380V D / 660V Y']],
            ['voltage', '525 V', ['525 V']],
            ['voltage', '690 V star', ['690 V Y']],
            ['power', '1.119 kW (746 W/hp)', ['1½ HP', '1-1/2 HP', '1 1/2 HP', '1.5HP']],
            ['power', '373 W (746 W/hp)', ['½ HP']],
            ['power', null, ['1/2 HP', '3/4 HP', '5.5 / 7.5 HP']],
            ['power', '559.5 W (746 W/hp)', ['¾ HP', '¾HP']],
            ['power', '5.595 kW (746 W/hp)', ['7½ HP', '7 1/2 HP', '7-1/2HP']],
            ['power', '30 kW', ['KW/HP 30/40', 'HP/KW 40/30', '30/40 KW/HP', 'kW/HP: 30/40', '30KW 40HP', '30KW/40HP', '30 kW (40 HP)',
                '40 HP (30 kW)', '40HP/30KW', 'KW 30', 'KW: 30', 'kW = 30', '30.0 KW', '30,0 kW', 'OUTPUT 30 kW', 'RATED OUTPUT 30 KW',
                'P 30 kW', 'Pn 30 kW', 'P2 30 kW', '30 K.W.']],
            ['power', '29.84 kW (746 W/hp)', ['HP 40', 'HP: 40', 'H.P. 40', '40 H.P.', '40 BHP']],
            ['power', '22 kW', ['22KW-30HP', '22 kW - 30 HP', '22 kW, 30 HP', '22kW=30HP']],
            ['power', '1.1 kW', ['1.1KW 1.5HP', '1.1 / 1.5 kW/HP', '1100W']],
            ['power', '750 W', ['750 WATTS', '0.75kW(1HP)']],
            ['power', '2.2065 kW', ['3 PS']],
            ['power', '2.942 kW', ['4 CV']],
            ['power', '370 W', ['0.37 kW / 0.5 HP']],
            ['power', '5.5 kW', ['5.5/7.5', '5,5/7,5 kW/CV']],
            ['power', '75 kW', ['100 HP 75 KW']],
            ['power_factor', '0.82', ['cos θ 0.82', '0.82 lag', '0.82 LAG.', '0.82 lagging', 'COS Ø 0.82', 'cosØ0.82', 'COS PHI 0.82',
                'COS.PHI 0,82', 'cos ϕ 0.82', 'cos⌀ 0.82', 'P.F 0.82', 'PF: 0.82', 'p.f. .82', 'POWER FACTOR 0.82', '0.82 PF', '82%',
                'COS 0.82']],
            ['ambient', '50 °C', ['AMB 50°C', 'Ta: 50']],
            ['ambient', '40 °C', ['MAX AMB 40C', 'AMB. 40 °C', '40C AMB', '40°C AMB.', 'MAX. AMB. TEMP. 40°C', 'Tamb 40°C', 'Ta 40°C',
                '40 DEG C', '40 deg.C', '-20°C...+40°C', '-20 to +40 °C', '104°F']],
            ['ambient', '45 °C', ['AMB TEMP 45 C', 'AMBIENT 45']],
            ['duty', 'S1, continuous', ['DUTY S1', 'TIME RATING CONT', 'CONTINUOUS', 'DUTY: CONT.', 'CONT', 'CONT.', 'TIME CONT',
                'RATING CONT', 'RATING: CMR', 'CMR', 'MCR', 'TYPE S1', 'S1 CONT', 'S1 (CONT.)', 'DUTY TYPE S1', 'S1-CONTINUOUS',
                '24 HR', '24 HOURS']],
            ['duty', 'S2, 30 min, then rest until cold', ['30 MIN']],
            ['duty', 'S3, 40 % of each cycle', ['DUTY S3 40%', 'S3 - 40 % ED']],
            ['duty', 'S4, 40 % of each cycle', ['S4-40%']],
            ['duty', null, ['INT']],
            ['duty', 'S9', ['S9']],
            ['service_factor', '1.15', ['SF 1.15', 'S.F. 1.15', '115%', 'SERVICE FACTOR 1.15', 'SER. FACTOR 1.15', '1.15 SF',
                '1.15 S.F.']],
            ['service_factor', '1', ['SF1.0']],
            ['service_factor', '1.25', ['S.F: 1.25']],
            ['service_factor', null, ['SF 115']],
            ['grease_amount', '90 / 70 g', ['DE 90 g NDE 70 g']],
            ['grease_amount', '40 g', ['40 gm', '40 gms', '40 GRAMS']],
            ['grease_amount', '40 / 30 g', ['DE 40g / NDE 30g', 'DE: 40 NDE: 30', '40/30 g', 'DE/NDE 40/30 g',
                'D.E. 40 g N.D.E. 30 g']],
            ['grease_amount', '39.6893 g', ['1.4 oz']],
            ['grease_interval', '4000 h', ['4000 HRS', '4000 hours', 'EVERY 4000 h']],
            ['grease_interval', null, ['6 months', '1 year']],
            ['weight', '140 kg', ['WT 140', 'WT. 140 KG', 'WEIGHT 140 kg', '140KGS', 'MASS 140 kg', 'm=140 kg']],
            ['weight', '140.614 kg', ['WT 310 LBS', '310 LB']],
            ['weight', '1200 kg', ['1.2 t']],
            ['phases', '3', ['3P', '3PH', '3 PHASE', 'PH 3', 'PHASE 3', 'PH. 3', 'PHASES: 3', 'Ø 3', '3Ø', '3 ø', '3 ~', '~3',
                'THREE PHASE', 'TRI']],
            ['phases', '1', ['1PH', '1 PHASE', 'PH 1', 'SINGLE PHASE', 'SINGLE', '1Ø', 'MONO']],
            ['start_current_ratio', '6–7', ['6-7', '600-700 %', '6 to 7', '6...7']],
            ['start_current_ratio', '6.5', ['Ist/In 6.5', 'Is/In: 6.5', '650%', '6.5 x In', '6.5xIn', '6.5 In', 'Ia/In=6.5',
                'LRC 650%', 'STARTING CURRENT 6.5']],
            ['start_current_ratio', '7.2', ['IL/IN 7.2']],
            ['speed', '1460 rpm', ['RPM 1460', '1460 RPM', '1460RPM', 'R.P.M. 1460', '1460 r.p.m.', '1460 REV/MIN', '1460 rev./min',
                '1460/MIN', '1460 min-1', 'n 1460', 'n=1460', 'SPEED 1460', 'SPEED: 1460 RPM', '1460 T/MIN', '1460 U/MIN',
                '1460 tr/min', '1460 obr/min', '1460 G/min']],
            ['frequency', '50 Hz', ['HZ 50', '50 c/s', '50 CPS', '50~', 'FREQ 50', 'FREQ. 50 HZ', 'Hz: 50', '50 Hz ±5%', '50 ± 5 % Hz',
                'f 50 Hz']],
            ['frequency', '60 Hz', ['CYCLES 60', '60 CY']],
            ['current', '55 A', ['AMP 55', 'AMPS 55', 'AMPS: 55.0', 'A 55', 'FL AMPS 55', 'F.L.A. 55', 'FLC 55 A', '55 AMP', '55A',
                '55.0 A', 'IN 55 A', 'In=55A', 'I 55 A', 'RATED CURRENT 55 A', 'FULL LOAD AMPS 55', '55 A.', '55 Amps.', 'AMPERES 55']],
            ['current', '55 / 32 A', ['55 A Δ / 32 A Y', '55/32 A', '55Δ/32Y']],
            ['efficiency', '93.6 %', ['EFF 93.6', 'EFF.: 93.6%', 'EFF% 93.6', 'EFF (%) 93.6', 'η 93.6', 'η=93.6%', 'ŋ 93.6',
                'NOM. EFF. 93.6', 'NEMA NOM. EFF. 93.6 %', 'EFFICIENCY 93.6', 'F.L. EFF. 93.6']],
            ['efficiency', 'IE3 - 93.6 %', ['IE3 93.6%', 'IE3-93.6', 'IE3 (93.6)']],
            ['efficiency', null, ['93.6 % at 100 %', '93.6-93.9-93.2', '100% 93.6 75% 93.9 50% 93.2']],
            ['insulation_class', 'F', ['INS F', 'INS. CLASS F', 'INSUL. CLASS F', 'INSULATION CLASS F', 'CL. F', 'CLASS F', 'CL F',
                'ISOL. F', 'ISO F', 'TH.CL. F', 'Th. Cl. 155', '155 (F)', 'INS. CL.: F', 'F (155)', 'I.CL. F']],
            ['temperature_rise', '80 K', ['TEMP RISE 80K', 'RISE 80 K', 'ΔT 80 K', '80C RISE', 'Δθ 80K']],
            ['temperature_rise', null, ['TEMP. RISE B']],
            ['altitude', '1000 m', ['ALT 1000 m', 'ALT. 1000M', '≤1000 m', '<1000m', 'H ≤ 1000 m', '1000 m a.s.l.', '1000 MASL',
                'ALTITUDE 1000', 'MAX 1000 m']],
            ['altitude', '1005.84 m', ['3300 FT']],
            ['ip', 'IP55', ['IP 55', 'IP-55', 'PROT. IP55', 'ENCL IP55', 'DEGREE OF PROTECTION IP 55', 'IP 5 5']],
            ['ip', 'IP55W', ['IP55W', 'IPW55']],
            ['ip', null, ['TEFC', 'IP54/IP55']],
            ['inertia', '0.36 kg·m²', ['J 0.36 kgm2', 'J=0,36 kgm²', 'J 0.36', 'GD2 1.44 kgm2', 'GD² 1.44', 'PD2 1.44']],
            ['inertia', '0.358191 kg·m²', ['WK2 8.5 lb-ft2']],
            ['start_torque_ratio', '2.4', ['MA/MN 2.4', 'Ms/Mn 2.4', 'Tl/Tn 2.4', 'TS/TN=2.4', '2.4 x Tn']],
            ['start_torque_ratio', '2.2', ['2.2-2.6']],
            ['cooling', 'IC411', ['IC411', 'IC 0141', 'TEFC', 'COOLING IC411', 'IC 411 (TEFC)']],
            ['service_factor_amps', '63 A', ['SFA 63', 'S.F.A. 63', 'SF AMPS 63', '63 SFA']],
        ];
    }

    public function test_a_value_is_read_whatever_a_plate_puts_around_it(): void
    {
        $count = 0;
        foreach (self::met() as [$field, $means, $stamped]) {
            foreach ($stamped as $text) {
                $typed = CircuitReader::read(['rule_book' => 'iec', 'plate' => [$field => $text]]);
                $error = $typed->errors['plate.'.$field] ?? null;
                $count++;
                if ($means === null) {
                    self::assertNotNull($error, $text);
                    self::assertNotSame('', $error->accepted);

                    continue;
                }
                self::assertNull($error, $text.': '.($error->text ?? ''));
                $read = str_replace(["\u{00A0}", "\u{202F}"], ' ', $typed->read()['plate.'.$field] ?? '');
                self::assertSame($means, $read, $text);
                // What is told back can be typed, and means the same.
                $again = CircuitReader::read(['rule_book' => 'iec', 'plate' => [$field => $read]]);
                self::assertSame(str_replace(' (746 W/hp)', '', $means), str_replace(["\u{00A0}", "\u{202F}"], ' ',
                    $again->read()['plate.'.$field] ?? ''), $text);
            }
        }
        self::assertGreaterThanOrEqual(350, $count);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function letters(): iterable
    {
        foreach (['CODE G', 'KVA CODE G', 'CODE: G', 'kVA CODE: G', 'CODE LETTER G', 'LR CODE G', 'G', 'g'] as $text) {
            yield $text => ['plate.code_letter', $text, 'G'];
        }
        foreach (['DES B', 'DESIGN B', 'NEMA DESIGN B', 'DES. B', 'DESIGN: B', 'NEMA B', 'B'] as $text) {
            yield $text => ['plate.design_letter', $text, 'B'];
        }
    }

    /** @param  'plate.code_letter'|'plate.design_letter'  $path */
    #[DataProvider('letters')]
    public function test_a_letter_is_read_behind_its_name(string $path, string $stamped, string $letter): void
    {
        $typed = CircuitReader::read(['rule_book' => 'nec', 'plate' => [substr($path, 6) => $stamped]]);
        self::assertSame([], $typed->errors);
        self::assertSame($letter, $typed->word($path));
    }

    /** Of `6-7` the larger counts, and the smaller is the low end of the starting current. */
    public function test_a_range_of_starting_currents_counts_by_its_larger_end(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.start_current_ratio' => '6-7']);
        self::assertFigures([
            'start.locked_rotor_current' => 462, 'start.locked_rotor_current_low' => 396, 'start.locked_rotor_current_high' => 554.4,
        ], $solution);
        self::assertErrorAt('plate.start_current_ratio', Circuits::solve(Circuits::kilnFan(), ['plate.start_current_ratio' => '7-6']),
            ErrorKind::Unreadable);
    }

    /** A voltage with its frequency says both. */
    public function test_the_hertz_behind_a_voltage_are_taken(): void
    {
        $typed = CircuitReader::read(['rule_book' => 'iec', 'plate' => ['voltage' => '460V 60Hz']]);
        self::assertSame(60.0, $typed->number('plate.frequency')?->number());
        $both = CircuitReader::read(['rule_book' => 'iec', 'plate' => ['frequency' => '50', 'voltage' => '400 V 50 Hz']]);
        self::assertSame(50.0, $both->number('plate.frequency')?->number());
    }

    /** What is refused is repeated as it was typed, signs and all. */
    public function test_a_refusal_repeats_what_was_typed(): void
    {
        $typed = CircuitReader::read(['rule_book' => 'iec', 'plate' => ['ambient' => 'MAX AMB hot °C']]);
        self::assertStringContainsString('“MAX AMB hot °C”', $typed->errors['plate.ambient']->text);
    }

    #[DataProvider('stamps')]
    public function test_a_stamp_is_read(string $field, string $stamped, ?string $read): void
    {
        $path = 'plate.'.$field;
        $typed = CircuitReader::read([
            'rule_book' => 'iec',
            'plate' => [$field => $stamped] +
                (str_contains((string) $read, ';') || str_contains((string) $read, ' / ') ? ['frequency' => '50/60'] : []),
        ]);
        if ($read === null) {
            self::assertTrue(isset($typed->errors[$path]), "$stamped is taken as ".($typed->read()[$path] ?? ''));
            self::assertNotSame('', $typed->errors[$path]->text);
            self::assertNotSame('', $typed->errors[$path]->accepted);
        } else {
            self::assertFalse(isset($typed->errors[$path]), "$stamped is refused: ".($typed->errors[$path]->text ?? ''));
            self::assertSame($read, str_replace("\u{00A0}", ' ', $typed->read()[$path] ?? ''));
        }
    }

    public function test_the_list_is_long_and_a_third_of_it_is_bad(): void
    {
        $bad = count(array_filter(self::stamps(), static fn (array $stamp): bool => $stamp[2] === null));
        self::assertGreaterThanOrEqual(150, count(self::stamps()));
        self::assertGreaterThan(0.3, $bad / count(self::stamps()));
    }
}
