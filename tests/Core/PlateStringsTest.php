<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\CircuitReader;
use PHPUnit\Framework\Attributes\DataProvider;

/** Stamps as metal plates really write them, of our own making; about a third are bad. Read back in one spelling; null is refused. */
final class PlateStringsTest extends CoreTestCase
{
    /** @return list<array{string, string, string|null}> field, stamped, read back */
    public static function stamps(): array
    {
        return [
            ['power', '0,75 kW', '750 W'], ['power', '5.5KW', '5.5 kW'], ['power', 'HP 50', null],
            ['power', '50 HP', '37.3 kW (746 W/hp)'],
            ['power', '1.5 HP / 1.1 kW', '1.1 kW'],
            ['power', '110 kW (150 hp)', '110 kW'],
            ['power', '30/34.5 kW', '30 kW; 34.5 kW'], ['power', '30 kW / 34,5 kW', '30 kW; 34.5 kW'], ['power', '15/18', '15 kW; 18 kW'],
            ['power', '4/0.9 kW', null], ['power', '3/4 HP', null], ['power', '2.2 cv', '1.6181 kW'], ['power', '315 000 W', '315 kW'],
            ['power', '55 kVA', null], ['power', 'kW', null], ['power', '1.1.1 kW', null], ['power', '90 kW 125', null],
            ['power', '90/125', '90 kW'],

            ['voltage', '400V D', '400 V delta'], ['voltage', 'Y 400', '400 V star'], ['voltage', '3~ 400', null],
            ['voltage', '220-240 Δ / 380-415 Y', '220–240 V delta, 380–415 V star'], ['voltage', '220/380 V', '220 V delta, 380 V star'],
            ['voltage', '230 V Δ / 400 V Y', '230 V delta, 400 V star'], ['voltage', '400 V Δ / 690 V Y', '400 V delta, 690 V star'],
            ['voltage', 'D/Y 230/400', '230 V delta, 400 V star'], ['voltage', '400/690 DY', '400 V delta, 690 V star'],
            ['voltage', '208-230/460', '208–230 V parallel, 460 V series'], ['voltage', '230/460 VOLTS', '230 V parallel, 460 V series'],
            ['voltage', '460', '460 V'], ['voltage', '575 V', '575 V'], ['voltage', '415 VAC', '415 V'],
            ['voltage', '380-420/440-480', '380–420 V; 440–480 V'], ['voltage', '400/480', '400 V; 480 V'],
            ['voltage', '400/690; 460', '400 V delta, 690 V star; 460 V'], ['voltage', '400 ±10 %', null],
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
            ['insulation_class', 'Th.Cl. 155(F)', null],
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
