<?php

declare(strict_types=1);

namespace BraveAnvil\Compare;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\Motor;
use BraveAnvil\RuleBook\Practice\RunUpPractice;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;
use BraveAnvil\Start\Motion\Dip;

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
            return [Verdict::Refused, $attempt->refused === null ? 'It cannot be worked out.' : $attempt->refused->short];
        }
        $course = $runUp->course;
        if ($course->stallSpeed !== null || $course->runUpTime === null) {
            $speed = $course->stallSpeed ?? $course->reducedSpeed ?? 0.0;

            return [
                Verdict::Stalls,
                $speed <= 0 ? 'It does not break away.' : 'It stays behind at '.Show::quantity($speed, Unit::Rpm, 3).'.',
            ];
        }
        $worst = $runUp->worst;
        if ($worst->runUpTime === null || $worst->stallSpeed !== null) {
            $speed = $worst->stallSpeed ?? 0.0;

            return [Verdict::MayStall, 'With 15 % less torque it '.
                ($speed <= 0 ? 'does not break away.' : 'stays behind at '.Show::quantity($speed, Unit::Rpm, 3).'.')];
        }

        return $this->keeps($attempt) ?? [
            Verdict::RunsUp, 'Up in '.Show::quantity($course->runUpTime, Unit::Second, 2).', '.
                Show::quantity($worst->runUpTime, Unit::Second, 2).' at worst.',
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
                Verdict::DipsBus, 'The bus falls by '.$percent($bus).', '.$percent($this->dipAtBus).' is the most.',
            ],
            $motor !== null && $motor > $this->dipAtMotor => [
                Verdict::DipsMotor, 'The motor loses '.$percent($motor).' of its voltage, '.$percent($this->dipAtMotor).' is the most.',
            ],
            $margin !== null && $margin < $this->margin => [
                Verdict::LittleTorque, 'Only '.Show::number($margin, 3).' times the load’s torque at one speed.',
            ],
            ! $attempt->relayHolds => [
                Verdict::TripsRelay, 'No relay up to class 30 lets a start of '.
                    Show::quantity($runUp->course->runUpTime ?? 0.0, Unit::Second, 2).' pass.',
            ],
            $method->takesAll() && $this->directLimit !== null && $this->output !== null
                && $this->output > $this->directLimit * (1 + 1e-9) => [
                    Verdict::AboveLimit, 'The site starts motors direct up to '.Show::quantity($this->directLimit, Unit::Watt).' only.',
                ],
            default => null,
        };
    }
}
