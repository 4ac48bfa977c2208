<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/** What the stamps of a plate say. Codes by IEC 60034-5, -6, -7, NEMA MG 1 and IEC 60072-1, from memory. */
final class MeaningsTest extends CoreTestCase
{
    /** @return list<array{string, string, list<string>}> field, stamped, words of its meaning */
    public static function stamps(): array
    {
        return [
            ['plate.ip', 'IP55', ['dust-protected', 'water jets']],
            ['plate.ip', 'ip 65', ['dust-tight', 'water jets']],
            ['plate.ip', '23', ['fingers', 'spray']],
            ['plate.ip', 'IPX4', ['solids not stated', 'splash']],
            ['plate.ip', 'IP55W', ['letters behind it']],
            ['plate.ip', 'watertight', ['Not decoded']],
            ['plate.cooling', 'IC411', ['own shaft-mounted external fan']],
            ['plate.cooling', 'IC 416', ['separately driven fan']],
            ['plate.cooling', 'IC999', ['Not decoded']],
            ['plate.mounting', 'IM B3', ['feet down', 'horizontal']],
            ['plate.mounting', 'V1', ['shaft end down']],
            ['plate.mounting', 'IM 3001', ['large flange', 'IM B5']],
            ['plate.mounting', 'on the wall', ['Not decoded']],
            ['plate.duty', 'S1', ['thermal equilibrium']],
            ['plate.duty', 'S3 40 %', ['intermittent']],
            ['plate.insulation_class', 'F', ['155 °C', '105 K']],
            ['plate.insulation_class', 'F/B', ['155 °C', 'rise of class B', '80 K']],
            ['plate.insulation_class', 'Cl. H', ['180 °C']],
            ['plate.insulation_class', 'best', ['Not decoded']],
            ['plate.code_letter', 'G', ['5.6 to 6.29 kVA']],
            ['plate.code_letter', 'V', ['22.4 kVA or more']],
            ['plate.design_letter', 'B', ['general purpose', 'slip 5']],
            ['plate.design_letter', 'D', ['high slip']],
            ['plate.design_letter', 'N', ['IEC design N']],
            ['plate.efficiency_class', 'IE3', ['Premium', '93.9 %', '37 kW']],
            ['plate.frame', '225S', ['shaft height 225 mm', 'short body', '60 × 140']],
            ['plate.frame', '250M', ['250 mm', 'medium body']],
            ['plate.frame', '56', ['IEC frame', '56 mm']],
            ['plate.frame', '56C', ['3.5 in', '88.9 mm']],
            ['plate.frame', '286T', ['7 in', '177.8 mm']],
            ['plate.frame', 'large', ['Not decoded']],
            ['plate.rotor_class', 'KL 13', ['1.3 times']],
            ['plate.enclosure', 'TEFC', ['own fan']],
            ['plate.enclosure', 'odp', ['drip-proof']],
            ['plate.leads', '9', ['joined inside']],
            ['plate.voltage', '400/690', ['400 V in delta', '690 V in star', '√3']],
            ['plate.voltage', '230/460', ['parallel for 230 V', 'series for 460 V']],
            ['plate.voltage', 'D 400', ['whole 400 V']],
            ['plate.voltage', '400', ['not stamped']],
            ['plate.service_factor', '1.15', ['115 %']],
            ['plate.service_factor', '1.0', ['No reserve']],
            ['plate.power', '37/50', ['37 kW', 'shaft']],
            ['plate.current', '66/38', ['66 A', 'Line current']],
            ['plate.speed', '1482', ['4 poles turn 1500 rpm', '1.2 % slip']],
            ['plate.efficiency', '93.9', ['93.9 W reach the shaft']],
            ['plate.start_current_ratio', '7.0', ['7 times']],
            ['plate.start_torque_ratio', '240 %', ['2.4 times', 'third']],
            ['plate.breakdown_torque_ratio', '2.9', ['2.9 times']],
            ['plate.no_load_current', '19', ['19 A']],
        ];
    }

    /** @param  list<string>  $words */
    #[DataProvider('stamps')]
    public function test_a_stamp_says(string $path, string $stamped, array $words): void
    {
        $meaning = str_replace("\u{00A0}", ' ', Circuits::solve(Circuits::kilnFan(), [$path => $stamped])->meanings[$path] ?? '');
        foreach ($words as $word) {
            self::assertStringContainsStringIgnoringCase($word, $meaning);
        }
    }

    public function test_the_same_number_is_another_frame_under_the_nec(): void
    {
        self::assertStringContainsString('NEMA', Circuits::solve(Circuits::fiftyHorsepower(), ['plate.frame' => '56'])->meanings['plate.frame'] ?? '');
    }

    public function test_nothing_stamped_says_nothing(): void
    {
        self::assertSame([], array_diff(array_keys(Circuits::solve(['rule_book' => 'iec'])->meanings), []));
    }
}
