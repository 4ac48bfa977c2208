<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\RunUp\BusDipLimit;
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
            BusDipLimit::of($circuit, $practice)->percent,
            $circuit->number('settings.dip_limit_motor')?->number() ?? $practice->dipLimitMotor(),
            $practice->torqueMargin(), $circuit->number('settings.direct_start_limit')?->number(), $motor->output?->number(),
        );
    }

    /** @return array{MethodVerdict, string} and why, as a sentence */
    public function judge(MethodAttempt $attempt): array
    {
        $runUp = $attempt->runUp;
        if ($attempt->refused !== null || $runUp === null) {
            return [MethodVerdict::Refused, $attempt->refused === null ? 'Not calculated.' : $attempt->refused->short];
        }
        $course = $runUp->course;
        if ($course->stallSpeed !== null || $course->runUpTime === null) {
            $speed = $course->stallSpeed ?? $course->reducedSpeed ?? 0.0;

            return [
                MethodVerdict::Stalls,
                $speed <= 0 ? 'It cannot start the load (no breakaway).' : 'It stalls at '.Show::quantity($speed, Unit::Rpm, 3).'.',
            ];
        }
        $worst = $runUp->worst;
        if ($worst->runUpTime === null || $worst->stallSpeed !== null) {
            $speed = $worst->stallSpeed ?? 0.0;

            return [MethodVerdict::MayStall, 'With 15 % less torque it '.($speed <= 0 ? 'cannot start the load (no breakaway).'
                : 'stalls at '.Show::quantity($speed, Unit::Rpm, 3).'.')];
        }

        return $this->keeps($attempt) ?? [
            MethodVerdict::RunsUp, 'Run-up '.Show::quantity($course->runUpTime, Unit::Second, 2).
            (Show::quantity($worst->runUpTime, Unit::Second, 2) === Show::quantity($course->runUpTime, Unit::Second, 2) ? ''
                : ' (worst case '.Show::quantity($worst->runUpTime, Unit::Second, 2).')').'.',
        ];
    }

    /** @return array{MethodVerdict, string}|null null where it keeps them all */
    private function keeps(MethodAttempt $attempt): ?array
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
                MethodVerdict::DipsBus, 'Voltage dip at the bus '.$percent($bus).'; the limit is '.$percent($this->dipAtBus).'.',
            ],
            $motor !== null && $motor > $this->dipAtMotor => [
                MethodVerdict::DipsMotor, 'Voltage drop at the motor '.$percent($motor).'; the limit is '.$percent($this->dipAtMotor).'.',
            ],
            $margin !== null && $margin < $this->margin => [
                MethodVerdict::LittleTorque, 'Torque margin only '.Show::number($margin, 3).' at one speed.',
            ],
            ! $attempt->relayHolds => [
                MethodVerdict::TripsRelay, 'Even a class 30 relay trips on a start of '.
                Show::quantity($runUp->course->runUpTime ?? 0.0, Unit::Second, 2).'.',
            ],
            $method->takesAll() && $this->directLimit !== null && $this->output !== null
                && $this->output > $this->directLimit * (1 + 1e-9) => [
                    MethodVerdict::AboveLimit, 'This site allows direct-on-line starting only up to '.
                    Show::quantity($this->directLimit, Unit::Watt).'.',
                ],
            default => null,
        };
    }
}
