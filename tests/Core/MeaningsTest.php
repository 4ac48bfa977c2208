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
            ['plate.ip', 'IP55W', ['weather']],
            ['plate.ip', 'IP55K', ['K is not explained']],
            ['plate.cooling', 'IC411', ['own shaft-mounted external fan']],
            ['plate.cooling', 'IC 416', ['separately driven fan']],
            ['plate.cooling', 'IC999', ['Not explained']],
            ['plate.cooling', 'IC46', ['cooled over its frame', 'independent fan on the machine']],
            ['plate.cooling', 'IC86', ['heat exchanger on top', 'independent fan']],
            ['plate.mounting', 'IM B3', ['feet down', 'horizontal']],
            ['plate.mounting', 'V1', ['shaft end down']],
            ['plate.mounting', 'IM 3001', ['large flange', 'IM B5']],
            ['plate.mounting', 'on the wall', ['Not explained']],
            ['plate.duty', 'S1', ['thermal equilibrium']],
            ['plate.duty', 'S3 40 %', ['intermittent', '40 % of each cycle']],
            ['plate.duty', 'S2 30 min', ['short-time', '30 min']],
            ['plate.insulation_class', 'F', ['155 °C', '105 K']],
            ['plate.insulation_class', 'F/B', ['155 °C', 'rise of class B', '80 K']],
            ['plate.insulation_class', 'Cl. H', ['180 °C']],
            ['plate.code_letter', 'G', ['5.6 to 6.29 kVA']],
            ['plate.code_letter', 'V', ['22.4 kVA or more']],
            ['plate.design_letter', 'B', ['general purpose', 'slip 5']],
            ['plate.design_letter', 'D', ['high slip']],
            ['plate.design_letter', 'N', ['IEC design N']],
            ['plate.efficiency_class', 'IE3', ['Premium', '93.9 %', '37 kW']],
            ['plate.frame', '225S', ['shaft height 225 mm', 'short body', '60 × 140']],
            ['plate.frame', '250M', ['250 mm', 'medium body']],
            ['plate.frame', '56', ['IEC frame', '56 mm']],
            ['plate.frame', '145TC', ['3.5 in', '88.9 mm']],
            ['plate.frame', '254T', ['6.25 in', '158.8 mm']],
            ['plate.frame', 'large', ['Not explained']],
            ['plate.frame', '143T', ['3.5 in', '5.5 in across, 4 in along', '0.875 in']],
            ['plate.frame', 'IEC 132M', ['132 mm', '216 mm across, 178 mm along']],
            ['plate.frame', '324TS', ['8 in', 'short shaft']],
            ['plate.frame', '90L', ['140 mm across, 125 mm along', '24 × 50 mm']],
            ['plate.rotor_class', 'KL 10', ['1 times']],
            ['plate.enclosure', 'TEFC', ['own fan']],
            ['plate.enclosure', 'odp', ['drip-proof']],
            ['plate.enclosure', 'armoured', ['Not explained']],
            ['plate.bearings', '6312-C3 / 6212-C3', ['Drive end: deep-groove ball, bore 60 mm, clearance larger', 'Non-drive end']],
            ['plate.bearings', '6203 2RS', ['bore 17 mm', 'lubricated for life']],
            ['plate.bearings', 'NU 2218', ['Not explained']],
            ['plate.bearings', 'NU318', ['cylindrical roller, bore 90 mm']],
            ['plate.grease', 'lithium complex', ['thickener']],
            ['plate.grease_amount', '30/20 g', ['30 g into the drive end, 20 g']],
            ['plate.grease_interval', '8000 h', ['8000 operating hours', '48 weeks']],
            ['plate.standard', 'IEC 60034-1', ['international']],
            ['plate.standard', 'IS:12615', ['Not explained']],
            ['plate.standard', 'NEMA MG-1', ['USA']],
            ['plate.standard', 'NEMA MG 1', ['USA']],
            ['plate.remarks', 'INV DUTY, PTC 150 °C', ['frequency converter', 'thermistors', 'insulation tester']],
            ['plate.remarks', 'usable at 208 V', ['208 V']],
            ['plate.phases', '3~', ['Three phases']],
            ['plate.weight', '310 kg', ['310 kg']],
            ['plate.rotor_voltage', '250 V', ['slip rings', '250 V']],
            ['plate.leads', '9', ['connected inside']],
            ['plate.voltage', '400/690', ['400 V in delta', '690 V in star', '√3']],
            ['plate.voltage', '230/460', ['parallel for 230 V', 'series for 460 V']],
            ['plate.voltage', 'D 400', ['full 400 V']],
            ['plate.voltage', '400', ['does not show']],
            ['plate.service_factor', '1.15', ['115 %']],
            ['plate.service_factor', '1.0', ['No service margin']],
            ['plate.power', '37/50', ['37 kW', 'shaft']],
            ['plate.current', '66/38', ['66 A', 'Line current']],
            ['plate.speed', '1482', ['4 poles give 1500 rpm', '1.2 % slip']],
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
        $meaning = str_replace("\u{00A0}", ' ', Circuits::solve(Circuits::kilnFan(), [$path => $stamped])->meanings[$path]['text'] ?? '');
        foreach ($words as $word) {
            self::assertStringContainsStringIgnoringCase($word, $meaning);
        }
    }

    public function test_the_same_number_is_another_frame_under_the_nec(): void
    {
        self::assertStringContainsString(
            'NEMA',
            Circuits::solve(Circuits::fiftyHorsepower(), ['plate.frame' => '56'])->meanings['plate.frame']['text'] ?? '',
        );
    }

    public function test_nothing_stamped_says_nothing(): void
    {
        self::assertSame([], array_diff(array_keys(Circuits::solve(['rule_book' => 'iec'])->meanings), []));
    }

    /** What is shown beside a stamp takes it, by its lineage; a stamp that nothing takes has nothing beside it. */
    public function test_what_follows_from_a_stamp_rests_on_it(): void
    {
        $solution = Circuits::solve(Circuits::fanWithItsLoad());
        $rests = static function (string $key, string $field) use (&$rests, $solution): bool {
            foreach ($solution->figure($key)->from ?? [] as $origin) {
                if ($origin === $field || $rests($origin, $field)) {
                    return true;
                }
            }

            return false;
        };
        foreach ($solution->meanings as $path => $meaning) {
            foreach ($meaning['figures'] as $key) {
                self::assertTrue($rests($key, "field:$path"), "$key rests on $path");
            }
        }
        self::assertContains('power.input', $solution->meanings['plate.power']['figures'] ?? []);
        self::assertContains('power.design_current', $solution->meanings['plate.current']['figures'] ?? []);
        self::assertSame([], $solution->meanings['plate.ip']['figures'] ?? null);
    }
}
