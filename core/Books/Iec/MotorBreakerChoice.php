<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\Rung;
use BraveAnvil\Stations\Guard\ScpdChoice;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Tables\Table;

/** Motor circuit-breakers by their range: no list of ranges is standard, so that the usual steps are assumed. */
final readonly class MotorBreakerChoice implements DeviceChoice
{
    private const TOLERANCE = 1e-6;

    /** First peak over √2 times the locked-rotor current. */
    private const PEAK = 1.8;

    public function __construct(private Table $table)
    {
    }

    public function known(): array
    {
        return [Scpd::MotorBreaker];
    }

    /** @param  float  $dial  A */
    public function device(Scpd $scpd, float $top, float $dial): MotorBreaker
    {
        return new MotorBreaker($top, $dial, $this->table->must('magnetic_lower'), $this->table->must('magnetic_upper'));
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        $current = $duty->design->number();
        $ladder = [];
        $chosen = null;
        $bottom = 0.0;
        foreach ($this->table->numbers('range_tops') as $top) {
            $holds = $current >= $bottom * (1 - self::TOLERANCE) && $current < $top * (1 - self::TOLERANCE);
            if ($holds && $bottom > 0) {
                $chosen = $this->device($scpd, $top, $current);
            }
            if ($top > 0.2 * $current && ($chosen === null || $top <= 3 * $chosen->rating())) {
                $ladder[] = new Rung($top, $holds, $duty->markedAllows($top), match (true) {
                    $holds => 'range '.Show::number($bottom).' to '.Show::number($top).' A covers the motor current',
                    $top <= $current => 'below the motor current',
                    default => 'its range starts at '.Show::number($bottom).' A',
                });
            }
            $bottom = $top;
        }
        if ($chosen === null) {
            return new ScpdChoice($ladder, maximum: $duty->markedMaximum(), findings: [
                Finding::stop(GuardFinding::NoMotorBreaker)
                    ->title('No motor-protective circuit-breaker for this current')
                    ->because('The usual ranges end at '.Show::number($bottom).' A; the motor takes '.$duty->design->shown().'.')
                    ->do('Choose a fuse, or a circuit-breaker with a relay from the manufacturer’s data.')
                    ->source($this->table->cited())
                    ->on(GuardFigure::Scpd),
            ], explained: true, certain: true);
        }
        if (! $duty->markedAllows($chosen->rating())) {
            return new ScpdChoice(
                $ladder, maximum: $duty->markedMaximum(), findings: array_filter([$duty->markingStops($chosen->rating())]),
                explained: true, certain: true,
            );
        }

        return new ScpdChoice(
            $ladder,
            Figure::work(GuardFigure::ScpdRating)
                ->labelled('Motor-protective circuit-breaker, top of its range')
                ->from(I: $duty->design)
                ->as('range that covers I', '{I} is in the range up to '.Show::number($chosen->rating()).' A')
                ->equals($chosen->rating())
                ->source($this->table->cited())
                ->assuming('usual ranges of motor-protective circuit-breakers')
                ->make(),
            maximum: $duty->markedMaximum(),
            findings: $this->low($chosen, $duty),
            certain: true,
        );
    }

    /** @return list<FindingBuilder> */
    private function low(MotorBreaker $chosen, DeviceDuty $duty): array
    {
        $needed = self::PEAK * $duty->inrush->moment->number();

        return $chosen->magneticEdge() >= $needed * (1 - self::TOLERANCE) ? [] : [
            Finding::caution(GuardFinding::InstantaneousLow)
                ->title('The device may trip on the first half cycle')
                ->because(
                    'Its magnetic release may trip from '.Show::number($chosen->magneticEdge(), 3).
                    ' A; the first peak of the start may be '.Show::number($needed, 3).' A rms.',
                )
                ->do('Choose one with a higher magnetic release from the manufacturer’s data.')
                ->source($this->table->cited())
                ->on(GuardFigure::ScpdRating, StartFigure::LockedRotorCurrent),
        ];
    }
}
