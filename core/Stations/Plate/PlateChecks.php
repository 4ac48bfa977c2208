<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\Surroundings;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\PlateCurrent;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\Practice;

/** Cross-checks of the plate against itself and its surroundings. */
final readonly class PlateChecks
{
    /** Kilowatts and horsepower of one plate that are further apart than this, in percent. */
    private const HORSEPOWER_OFF = 3;

    private const HORSEPOWER_FAR_OFF = 8;

    /** %. Common practice. */
    private const USUAL_SLIP = [0.2, 10];

    public function __construct(private Practice $practice)
    {
    }

    /** @return Figure|null current at the service factor, A */
    public function solve(Circuit $circuit, Motor $motor, Ledger $ledger): ?Figure
    {
        self::horsepower($circuit, $ledger);
        self::slip($motor, $ledger);
        $this->efficiencyClass($circuit, $motor, $ledger);
        self::year($circuit, $ledger);
        (new FrameCheck($this->practice->stamps()))->solve($circuit, $motor, $ledger);
        self::serviceFactor($circuit, $motor, $ledger);
        $amps = self::serviceFactorAmps($circuit, $motor, $ledger);
        $this->temperatureRise($circuit, $ledger);
        $this->surroundings($circuit, $ledger);
        (new Derating($this->practice->derating()))->solve($circuit, $motor, $ledger);
        self::assumptions($motor, $ledger);

        return $amps;
    }

    private static function horsepower(Circuit $circuit, Ledger $ledger): void
    {
        $power = $circuit->stamp('plate.power', Power::class);
        if ($power === null) {
            return;
        }
        if (! $power->unitTyped) {
            $ledger
                ->note(PlateFinding::PowerUnitAssumed)
                ->title('Read as '.($power->unit === 'hp' ? 'horsepower' : 'kilowatts'))
                ->because('The output has no unit. Under this rule book it is read as '.$power->echo().'.')
                ->do('Enter the unit: kW or hp.')
                ->on(PlateFigure::Output)
                ->about('plate.power');
        }
        if ($power->horsepowerWatts === null) {
            return;
        }
        $off = 100 * abs($power->horsepowerWatts / $power->watts - 1);
        if ($off > self::HORSEPOWER_OFF) {
            $far = $off > self::HORSEPOWER_FAR_OFF;
            $ledger
                ->find($far ? Grade::Caution : Grade::Note, PlateFinding::HorsepowerDisagrees)
                ->title('Kilowatts and horsepower do not match')
                ->because(
                    Show::quantity($power->watts, Unit::Watt).' and '.Show::number($power->horsepowerWatts / Power::HORSEPOWER).' hp ('.
                    Show::quantity($power->horsepowerWatts, Unit::Watt).') differ by '.Show::number($off, 3).' %.'.
                    ($far ? '' : ' A standard series of sizes may be the reason.'),
                )
                ->do('Read both again on the nameplate.')
                ->source('1 hp = 746 W in code practice, 745.7 W exactly')
                ->on(PlateFigure::Output)
                ->about('plate.power');
        }
    }

    /** The year that is stamped against the one that the site reads from the serial number. */
    private static function year(Circuit $circuit, Ledger $ledger): void
    {
        $made = SiteLessons::read($circuit->lessons())->madeIn($circuit->stamped('plate.serial'));
        $stamped = preg_match('~\b(?:19|20)\d\d\b~', $circuit->stamped('plate.year') ?? '', $m) === 1 ? (int) $m[0] : null;
        if ($made !== null && $stamped !== null && $made->year !== $stamped) {
            $ledger
                ->note(PlateFinding::YearDisagrees)
                ->title('Year and serial number do not match')
                ->because('Year '.$stamped.'; the serial number says '.$made->year.', by the pattern of this site.')
                ->do('Read both again, or correct the pattern on the site’s page.')
                ->source('patterns of this site')
                ->about('plate.year', 'plate.serial');
        }
    }

    private static function slip(Motor $motor, Ledger $ledger): void
    {
        $slip = $motor->slip;
        if ($slip === null) {
            return;
        }
        if ($motor->speed?->source !== 'nameplate') {
            $ledger
                ->note(PlateFinding::SynchronousSpeedStamped)
                ->title('Stamped speed is the synchronous speed')
                ->because('A slip of '.$slip->shown(3).' is assumed.')
                ->do('Measure the speed under load, or enter it from the data sheet.')
                ->on(PlateFigure::Slip)
                ->about('plate.speed');
        } elseif ($slip->number() < self::USUAL_SLIP[0] || $slip->number() > self::USUAL_SLIP[1]) {
            $ledger
                ->caution(PlateFinding::SlipUnusual)
                ->title('Unusual slip')
                ->because('A slip of '.$slip->shown(3).' is outside the usual range, 0.2 to 10 %.'.self::otherFrequency($motor))
                ->do('Read speed and frequency again on the nameplate.')
                ->source(HowKnown::CommonPractice)
                ->on(PlateFigure::Slip)
                ->about('plate.speed');
        }
    }

    /** The other mains frequency, where the speed fits it: `1450 rpm` at 60 Hz. */
    private static function otherFrequency(Motor $motor): string
    {
        $rpm = $motor->speed?->number();
        $hertz = $motor->frequency?->number();
        if ($rpm === null || $hertz === null) {
            return '';
        }
        $other = abs($hertz - 50) < 1 ? 60.0 : 50.0;
        $poles = 2 * floor(60 * $other / $rpm);
        $slip = $poles < 2 ? 0.0 : 100 * (1 - $rpm * $poles / (120 * $other));

        return $slip < self::USUAL_SLIP[0] || $slip > self::USUAL_SLIP[1] ? ''
            : ' It would fit '.Show::number($other).' Hz: a slip of '.Show::number($slip, 3).' %.';
    }

    private function efficiencyClass(Circuit $circuit, Motor $motor, Ledger $ledger): void
    {
        $class = $circuit->word('plate.efficiency_class');
        $efficiency = $circuit->number('plate.efficiency');
        $poles = $motor->poleCount();
        if ($class === null || $efficiency === null || $poles === null || $motor->output === null) {
            return;
        }
        $hertz = $motor->frequency?->number() ?? 50.0;
        $classes = $this->practice->efficiencyClasses();
        $nominal = $classes->nominal($class, $motor->output->number(), $poles, $hertz);
        if ($nominal !== null && 100 * $efficiency->number() < $nominal - 0.05) {
            $ledger
                ->caution(PlateFinding::EfficiencyBelowClass)
                ->title('Efficiency below its class')
                ->because(
                    'Nameplate '.Show::number(100 * $efficiency->number()).' %; class '.$class.' requires '.Show::number($nominal).
                    ' % at '.Show::number($hertz).' Hz.'.($classes->doubt($class, $motor->output->number(), $poles, $hertz) === null ? ''
                    : ' That value is not verified.'),
                )
                ->do('Read both again on the nameplate.')
                ->source($classes->cited($hertz))
                ->on(PlateFigure::Efficiency)
                ->about('plate.efficiency');
        }
    }

    private static function serviceFactor(Circuit $circuit, Motor $motor, Ledger $ledger): void
    {
        $factor = $circuit->number('plate.service_factor');
        if ($factor === null || $factor->number() <= 1) {
            return;
        }
        if ($motor->output !== null) {
            $ledger
                ->work(PlateFigure::ServiceFactorOutput)
                ->from(P: $motor->output, k: $factor)
                ->as('P · SF', '{P} × {k}')
                ->equals($motor->output->number() * $factor->number())
                ->source(Standard::NemaMg1->at())
                ->write();
        }
        $ledger
            ->note(PlateFinding::ServiceFactor)
            ->title('Service factor '.Show::number($factor->number()))
            ->because(
                'The motor can give '.Show::number($factor->number() * 100).
                ' % of rated output at rated voltage, frequency and ambient, but runs hotter and lasts less long. It does not apply on '.
                'a drive, at another voltage, above 1000 m or above 40 °C.',
            )
            ->do('Do not use it for continuous design.')
            ->source(Standard::NemaMg1->at())
            ->about('plate.service_factor');
    }

    private function surroundings(Circuit $circuit, Ledger $ledger): void
    {
        $place = $circuit->chosen('surroundings', Surroundings::class);
        $code = $circuit->stamped('plate.ip');
        if ($place === null) {
            return;
        }
        $need = $this->practice->stamps()->leastProtection($place->value);
        $name = str_replace('_', ' ', $place->value);
        if ($code === null) {
            if ($place !== Surroundings::Dry && ! $circuit->bad('plate.ip')) {
                $ledger
                    ->note(PlateFinding::ProtectionUnknown)
                    ->title('Degree of protection (IP) not known')
                    ->because('Location: '.$name.'. No IP code is entered.')
                    ->do('Read the IP code, or check how the motor is enclosed.')
                    ->source(HowKnown::CommonPractice)
                    ->about('plate.ip', 'surroundings');
            }
        } elseif (preg_match('/^IP([0-9X])([0-9X])/', $code, $m) === 1) {
            $less = static fn (string $digit, float $least): bool => $digit === 'X' || (float) $digit < $least;
            $short = array_keys(array_filter(['solids' => $less($m[1], $need[0]), 'water' => $less($m[2], $need[1])]));
            if ($short !== []) {
                $ledger
                    ->caution(PlateFinding::ProtectionTooLow)
                    ->title($code.' is not enough for this location')
                    ->because(
                        'Location: '.$name.'. Usual is at least IP'.Show::number($need[0]).Show::number($need[1]).'; '.$code.
                        ' gives too little protection against '.implode(' and ', $short).'.',
                    )
                    ->do('Choose a motor with a higher IP code, or shield it.')
                    ->source(HowKnown::CommonPractice)
                    ->about('plate.ip', 'surroundings');
            }
        }
        if ($place === Surroundings::CombustibleDust) {
            $ledger
                ->caution(PlateFinding::CombustibleDust)
                ->title('Combustible dust')
                ->because(
                    'Where dust can burn, the motor, its seals and its surface temperature must be certified for the zone or class. '.
                    'This is not checked here.',
                )
                ->do('Check the area classification and the motor certificate.')
                ->source(Standard::Iec60079_31->at()->and(Standard::Nec->at('502')))
                ->about('surroundings');
        }
    }

    private static function serviceFactorAmps(Circuit $circuit, Motor $motor, Ledger $ledger): ?Figure
    {
        $groups = $circuit->stamp('plate.service_factor_amps', PlateCurrent::class)?->groups;
        $rated = $motor->current;
        if ($groups === null && ! $circuit->bad('plate.service_factor_amps')) {
            return self::expectedServiceFactorAmps($circuit, $motor, $ledger);
        }
        if ($groups === null || $motor->supplied === null || $rated === null) {
            return null;
        }
        // Paired with the voltages like the rated currents: the lower voltage takes more.
        usort($groups, static fn (array $a, array $b): int => max([0.0, ...$b]) <=> max([0.0, ...$a]));
        $group = $groups[$motor->supplied->pair] ?? $groups[0];
        $amps = $ledger
            ->work(PlateFigure::ServiceFactorAmps)
            ->equals($group[0])
            ->saying('the one for '.$rated->shown())
            ->source(HowKnown::Nameplate)
            ->write();
        $factor = $circuit->number('plate.service_factor');
        if ($factor === null) {
            return $amps;
        }
        $ratio = $amps->number() / $rated->number();
        if ($ratio < 1 || $ratio > 1.15 * $factor->number()) {
            $ledger
                ->caution(PlateFinding::ServiceFactorAmps)
                ->title('Service-factor amperes do not match')
                ->because(
                    Show::number($ratio, 3).' times rated current; the service factor is '.Show::number($factor->number(), 3).
                    '. They should be between rated current and about service factor × rated current.',
                )
                ->do('Read both again, and check that they belong to the same voltage.')
                ->source(HowKnown::CommonPractice)
                ->on(PlateFigure::Current)
                ->about('plate.service_factor_amps');
        }

        return $amps;
    }

    /** What the fitted machine draws at its service factor, where the plate does not say. */
    private static function expectedServiceFactorAmps(Circuit $circuit, Motor $motor, Ledger $ledger): ?Figure
    {
        $factor = $circuit->number('plate.service_factor');
        $machine = $motor->fit?->machine;
        if ($machine === null || $motor->output === null || $factor === null || $factor->number() <= 1) {
            return null;
        }
        $slip = $machine->slipFor($factor->number() * $motor->output->number());

        return $slip === null
            ? null
            : $ledger
                ->work(PlateFigure::ServiceFactorAmps)
                ->from(P: $motor->output, k: $factor)
                ->as('equivalent circuit at P · SF', 'the motor model at {P} × {k}')
                ->equals($machine->at($slip)['current'])
                ->source(HowKnown::Calculated)
                ->assuming('service-factor amperes by the motor model')
                ->write();
    }

    private function temperatureRise(Circuit $circuit, Ledger $ledger): void
    {
        $class = $circuit->stamped('plate.insulation_class');
        $rise = $circuit->number('plate.temperature_rise');
        if ($class === null || $rise === null) {
            return;
        }
        $limit = $this->practice->stamps()->temperatureRise($class[0]);
        if ($limit !== null && $rise->number() > $limit + 10) {
            $ledger
                ->caution(PlateFinding::RiseAboveClass)
                ->title('Temperature rise too high for the insulation class')
                ->because(
                    'Nameplate rise '.$rise->shown().'; class '.$class[0].' allows '.Show::number($limit).' K above 40 °C.',
                )
                ->do('Read both again on the nameplate.')
                ->source(Standard::Iec60034_1->at())
                ->about('plate.temperature_rise', 'plate.insulation_class');
        }
    }

    private static function assumptions(Motor $motor, Ledger $ledger): void
    {
        $names = [];
        $figures = [];
        $paths = [];
        if ($motor->efficiency !== null && $motor->efficiency->assumed()) {
            $names[] = 'efficiency '.Show::number(100 * $motor->efficiency->number(), 3).' %';
            $figures[] = PlateFigure::Efficiency;
            $paths[] = 'plate.efficiency';
        }
        if ($motor->powerFactor !== null && $motor->powerFactor->assumed()) {
            $names[] = 'power factor '.Show::number($motor->powerFactor->number(), 3);
            $figures[] = PlateFigure::PowerFactor;
            $paths[] = 'plate.power_factor';
        }
        if ($names !== []) {
            $them = count($names) > 1 ? 'them' : 'it';
            $ledger
                ->note(PlateFinding::PlateValueAssumed)
                ->title('Assumed: '.implode(' and ', $names))
                ->because('Not on the nameplate. Results that use '.$them.' have a dotted line.')
                ->do(count($names) === 1 ? 'Enter it from the data sheet, or measure it.'
                    : 'Enter them from the data sheet, or measure them.')
                ->on(...$figures)
                ->about(...$paths);
        }
    }
}
