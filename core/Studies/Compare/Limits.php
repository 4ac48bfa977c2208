<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Start\Motion\Dip;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** What a start must keep to be taken, and which of it an attempt fails first. */
final readonly class Limits
{
    private function __construct(
        private float $dipAtBus,
        private float $dipAtMotor,
        private float $margin,
        private ?float $directLimit,
        private ?float $output,
    ) {
    }

    public static function of(Circuit $circuit, Motor $motor, RunUpPractice $practice): self
    {
        return new self(
            $circuit->number('settings.dip_limit_bus')?->number() ?? $practice->dipLimitBus(),
            $circuit->number('settings.dip_limit_motor')?->number() ?? $practice->dipLimitMotor(),
            $practice->torqueMargin(), $circuit->number('settings.direct_start_limit')?->number(), $motor->output?->number(),
        );
    }

    /** @return array{Verdict, string} and why, as a sentence */
    public function judge(Attempt $attempt): array
    {
        $runUp = $attempt->runUp;
        if ($attempt->refused !== null || $runUp === null) {
            return [Verdict::Refused, $attempt->refused === null ? 'Not calculated.' : $attempt->refused->short];
        }
        $course = $runUp->course;
        if ($course->stallSpeed !== null || $course->runUpTime === null) {
            $speed = $course->stallSpeed ?? $course->reducedSpeed ?? 0.0;

            return [
                Verdict::Stalls,
                $speed <= 0 ? 'It cannot start the load (no breakaway).' : 'It stalls at '.Show::quantity($speed, Unit::Rpm, 3).'.',
            ];
        }
        $worst = $runUp->worst;
        if ($worst->runUpTime === null || $worst->stallSpeed !== null) {
            $speed = $worst->stallSpeed ?? 0.0;

            return [Verdict::MayStall, 'With 15 % less torque it '.($speed <= 0 ? 'cannot start the load (no breakaway).' : 'stalls at '.
                Show::quantity($speed, Unit::Rpm, 3).'.')];
        }

        return $this->keeps($attempt) ?? [
            Verdict::RunsUp, 'Run-up '.Show::quantity($course->runUpTime, Unit::Second, 2).
            (Show::quantity($worst->runUpTime, Unit::Second, 2) === Show::quantity($course->runUpTime, Unit::Second, 2) ? ''
                : ' (worst case '.Show::quantity($worst->runUpTime, Unit::Second, 2).')').'.',
        ];
    }

    /** @return array{Verdict, string}|null null where it keeps them all */
    private function keeps(Attempt $attempt): ?array
    {
        $runUp = $attempt->runUp;
        $method = $attempt->method;
        if ($runUp === null) {
            return null;
        }
        $first = Dip::atBus($runUp->plan, $runUp->train, $runUp->course);
        $after = $runUp->course->changeover?->after->flow->bus;
        $bus = $first === null ? null : max($first, $after === null ? 0.0 : Dip::ofBus($runUp->feed->feed, $after) ?? 0.0);
        $motor = Dip::atMotor($runUp->plan, $runUp->train, $method);
        $margin = $runUp->torqueMargin();
        $percent = static fn (float $value): string => Show::quantity($value, Unit::Percent, 3);

        return match (true) {
            $bus !== null && $bus > $this->dipAtBus => [
                Verdict::DipsBus, 'Voltage dip at the bus '.$percent($bus).'; the limit is '.$percent($this->dipAtBus).'.',
            ],
            $motor !== null && $motor > $this->dipAtMotor => [
                Verdict::DipsMotor, 'Voltage drop at the motor '.$percent($motor).'; the limit is '.$percent($this->dipAtMotor).'.',
            ],
            $margin !== null && $margin < $this->margin => [
                Verdict::LittleTorque, 'Torque margin only '.Show::number($margin, 3).' at one speed.',
            ],
            ! $attempt->relayHolds => [
                Verdict::TripsRelay, 'Even a class 30 relay trips on a start of '.
                Show::quantity($runUp->course->runUpTime ?? 0.0, Unit::Second, 2).'.',
            ],
            $method->takesAll() && $this->directLimit !== null && $this->output !== null
                && $this->output > $this->directLimit * (1 + 1e-9) => [
                    Verdict::AboveLimit, 'This site allows direct-on-line starting only up to '.
                    Show::quantity($this->directLimit, Unit::Watt).'.',
                ],
            default => null,
        };
    }
}
