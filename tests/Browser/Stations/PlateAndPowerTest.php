<?php

declare(strict_types=1);

namespace Tests\Browser\Stations;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\Hand;

/** Plates of both worlds, a replacement, measurements, waveforms, a photograph: as people do it. */
final class PlateAndPowerTest extends BrowserTestCase
{
    private function begun(string $site): Hand
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $hand->press('New circuit');
        $hand->press($site);
        $hand->see('Enter the nameplate');

        return $hand;
    }

    public function test_an_iec_plate_is_explained_stamp_by_stamp(): void
    {
        $hand = $this->begun('Larkrigg Mill: 400 V, 50 Hz, IEC 60364');
        foreach (
            [
                'Phases' => '3~', 'Volts' => 'Δ/Y 400/690', 'Hz' => '50', 'Output, kW or hp' => '37 kW', 'Amps' => '66/38',
                'rpm' => '1.482', 'cos φ' => '0,85', 'Efficiency, %' => 'IE3 - 93.9 %', 'Ia/In' => '7,0', 'Tst/Tn' => '240 %',
                'Duty' => 'S3 40 %', 'Ins. class' => 'F/B', 'Frame' => '225S', 'Bearings DE, NDE' => '6313-C3/6213-C3',
                'Other stamps' => 'INV DUTY',
            ] as $label => $stamped
        ) {
            $hand->fill($label, $stamped);
        }
        $hand->fill('IP', 'IP55');
        $hand->see('First digit 5: dust-protected');
        $hand->see('4 poles, 1.2 % slip');
        foreach (
            [
                'Duty' => '40 % of each cycle', 'Ins. class' => 'rise of class B', 'Frame' => '356 mm across, 286 mm along',
                'Bearings DE, NDE' => 'bore 65 mm, clearance larger', 'Other stamps' => 'frequency converter',
                'rpm' => 'Synchronous speed',
            ] as $label => $meaning
        ) {
            $hand->field($label)->click();
            $hand->see($meaning);
        }
        $hand->fill('IP', 'IP99');
        $hand->see('is not an IP code');
        self::assertSame('IP99', $hand->value('IP'));
        $hand->saved();
    }

    public function test_a_plate_for_two_frequencies_uses_the_row_of_the_supply(): void
    {
        $hand = $this->begun('Larkrigg Mill: 400 V, 50 Hz, IEC 60364');
        foreach (
            ['Volts' => '400/690', 'Hz' => '50', 'Output, kW or hp' => '37 kW', 'Amps' => '66/38', 'rpm' => '1482'] as $label => $stamped
        ) {
            $hand->fill($label, $stamped);
        }
        $hand->press('50/60 Hz row');
        foreach (
            [
                'Hz, 2nd row' => '60', 'Volts, 2nd row' => '460', 'Output, kW or hp, 2nd row' => '43 kW', 'Amps, 2nd row' => '66',
                'rpm, 2nd row' => '1780',
            ] as $label => $stamped
        ) {
            $hand->fill($label, $stamped);
        }
        $hand->see('Nameplate row used: 50 Hz');
        $hand->fill('Supply voltage', '460');
        $hand->fill('Frequency', '60');
        $hand->see('Nameplate row used: 60 Hz');
        $hand->field('rpm, 2nd row')->click();
        $hand->see('1800 rpm');
        $hand->saved();
        $hand->driver->navigate()->refresh();
        $hand->see('Nameplate row used: 60 Hz');
        self::assertSame('1780', $hand->value('rpm, 2nd row'));
    }

    public function test_a_nema_plate_is_filled_in_as_it_stands(): void
    {
        $hand = $this->begun('Cold Brook Yard: 480Y/277 V, 60 Hz, NEC');
        foreach (
            [
                'Output, hp or kW' => '50 HP', 'Volts' => '230/460', 'Amps' => '122/61', 'rpm' => '1775', 'Hz' => '60', 'S.F.' => '1.15',
                'SFA' => '140/70', 'Code' => 'G', 'Design' => 'B', 'Nom. eff., %' => '94.5', 'PF' => '85', 'Frame' => '326T',
                'Encl.' => 'TEFC', 'Max amb.' => '40C',
            ] as $label => $stamped
        ) {
            $hand->fill($label, $stamped);
        }
        $hand->field('SFA')->click();
        $hand->see('70 A with the connection for this supply');
        $hand->fill('SFA', '190/95');
        $hand->see('Service-factor amperes do not match');
        $hand->fill('SFA', '138/69');
        $hand->see('connect the windings in series');
        foreach (
            ['Code' => '5.6 to 6.29 kVA', 'Frame' => 'shaft height 8 in', 'Encl.' => 'own fan', 'S.F.' => '115 %'] as $label => $meaning
        ) {
            $hand->field($label)->click();
            $hand->see($meaning);
        }
        $hand->saved();
    }

    public function test_a_replacement_is_checked_against_the_store_another_circuit_and_a_typed_plate(): void
    {
        $hand = $this->hand();
        $hand->signIn('administrator');
        $this->openCircuit($hand, 'KF-202', 'plate?view=replacement');
        $hand->choose('Spare motor', '37 kW, four poles, Motor store, rack 2');
        $hand->see('May be suitable');
        $hand->see('Same height, other feet');
        $hand->choose('or the motor of another circuit', 'SP-401, Sump pump');
        $hand->see('Not suitable');
        $hand->press('Enter a nameplate');
        $hand->see('No problem found');
        $hand->fill('Volts', '500');
        $hand->fill('Output, kW or hp', '37 kW');
        $hand->see('Not suitable: voltage and connection');
        $hand->fill('Volts', '400/690');
        $hand->press('Add to spares');
        $hand->fill('Name', 'Typed at the bench');
        $hand->press('Save');
        $hand->see('Nameplate of the replacement, Typed at the bench');
        $this->openCircuit($hand, 'KF-202');
        self::assertSame('400/690', $hand->value('Volts'), 'the circuit itself stays as it is');
    }

    public function test_two_wattmeters_are_read_and_the_reading_is_kept_and_withdrawn(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'HP-210', 'power?view=measure');
        $hand->choose('Measuring method', 'Two wattmeters');
        $hand->see('one wattmeter alone tells you nothing');
        $hand->fill('Wattmeter in L1', '-1240');
        $hand->fill('Wattmeter in L3', '5820');
        $hand->choose('Voltage leads reversed to get a reading', 'on neither');
        $hand->choose('Type of load', 'balanced');
        $hand->choose('Phase sequence', 'L1-L2-L3');
        $hand->fill('Voltage L1–L2', '400');
        $hand->see('4.58 kW');
        $hand->see('12.2 kvar');
        $hand->see('69.5 °');
        $hand->press('Save this reading');
        $hand->press('Save');
        $hand->see('instrument');
        $hand->fill('Instrument', 'wattmeter set 2');
        $hand->press('Save');
        $hand->see('wattmeter set 2');
        $hand->see('Shift electrician B');
        $hand->press('Withdraw');
        $hand->fill('Reason', 'wrong range');
        $hand->press('Withdraw reading');
        $hand->see('withdrawn by Shift electrician B: wrong range');
    }

    public function test_a_clamp_alone_finds_a_lost_phase(): void
    {
        $hand = $this->hand();
        $hand->signIn('administrator');
        $this->openCircuit($hand, 'HP-210', 'power?view=measure');
        $hand->choose('Measuring method', 'Clamp meter and voltmeter only');
        foreach (['Current L1' => '0', 'Current L2' => '61', 'Current L3' => '62'] as $label => $shown) {
            $hand->fill($label, $shown);
        }
        $hand->see('No current in L1: the motor is single-phasing');
        foreach (['Current L1' => '33', 'Current L2' => '34', 'Current L3' => '33,5'] as $label => $shown) {
            $hand->fill($label, $shown);
        }
        $hand->see('Compared with the nameplate');
        self::assertFalse($hand->has('the motor is single-phasing'));
    }

    public function test_a_waveform_is_opened_scaled_and_kept_and_a_bad_one_is_told_with_its_line(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-204', 'power?view=waveform');
        $root = dirname(__DIR__, 3).'/public/samples';
        $hand->upload("$root/drive-input-humps.csv");
        $hand->see('a capacitor does not correct it');
        $hand->see('0.691');
        $hand->upload("$root/grinder-lagging.csv");
        $hand->see('The current lags');
        $hand->choose('Clamp (mV) scaled', 'clamp meter, mV per A');
        $hand->see('Enter a value');
        $hand->fill('Clamp (mV) by', '10');
        $hand->see('487 W');
        $hand->press('Save this reading');
        $hand->fill('Instrument', 'scope, clamp 10 mV/A');
        $hand->press('Save');
        $hand->see('Saved with the readings');
        $bad = tempnam(sys_get_temp_dir(), 'anvil-bad').'.csv';
        file_put_contents(
            $bad,
            "t,v,i\n".
                implode(
                    "\n",
                    array_map(
                        static fn (int $k): string => $k === 57
                            ? '0.0057,overload,1'
                            : sprintf('%.4f,%.2f,%.2f', $k / 10000, 325 * sin($k / 31.83), 10 * sin($k / 31.83 - 0.5)),
                        range(0, 500),
                    ),
                ),
        );
        $hand->upload($bad);
        $hand->see('Line 59, column 2: “overload” is not a number');
        unlink($bad);
        $this->openCircuit($hand, 'KF-204', 'power?view=measure');
        $hand->see('scope, clamp 10 mV/A');
    }

    public function test_a_photograph_of_the_plate_stands_beside_the_stamps(): void
    {
        $hand = $this->hand();
        $hand->signIn('administrator');
        $this->openCircuit($hand, 'CV-115');
        $image = imagecreatetruecolor(900, 600);
        $file = tempnam(sys_get_temp_dir(), 'anvil-plate').'.png';
        imagepng($image, $file);
        $hand->upload($file, 'image/png');
        $hand->until(
            fn (): bool => (int) $hand->driver->executeScript(
                'return document.querySelector("img[alt^=\'The nameplate\']")?.naturalWidth ?? 0',
            ) === 900,
        );
        $hand->see('Another photograph');
        unlink($file);
        $file .= '.not.png';
        file_put_contents($file, 'no picture at all');
        $hand->upload($file, 'image/png');
        $hand->see('This is not a JPEG, PNG or WebP picture');
        unlink($file);
        $hand->press('Remove');
        $hand->until(fn (): bool => $hand->driver->findElements(WebDriverBy::cssSelector('img[alt^="The nameplate"]')) === []);
    }

    public function test_a_bench_load_of_one_phase_needs_no_plate(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'DE-410', 'power');
        $hand->see('702');
        $hand->see('at power factor 0.598');
        $hand->fill('Real power', '9 kW');
        $hand->see('Real power is never more than apparent power');
        $hand->fill('Real power', '702 W');
        $hand->see('940 var');
    }

    /** On a phone what a stamp means stands over the foot of the plate, and must not hide the stamp. */
    public function test_a_stamp_that_is_typed_on_a_phone_is_in_sight(): void
    {
        $hand = $this->hand(390, 844);
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-202');
        foreach (['plate.power', 'plate.voltage', 'plate.speed', 'plate.power_factor', 'plate.current'] as $path) {
            $hand->type($path, $hand->typed($path));
            $hand->until(static fn (): bool => $hand->driver->executeScript(
                <<<'JS'
                const field = document.querySelector(`input[data-path='${arguments[0]}']`);
                const { x, y, width, height } = field.getBoundingClientRect();
                return field.contains(document.elementFromPoint(x + width / 2, y + height / 2));
                JS,
                [$path],
            ) === true, 20, "$path is hidden while it is typed");
        }
    }
}
