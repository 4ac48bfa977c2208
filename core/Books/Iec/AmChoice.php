<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\Rung;
use BraveAnvil\Stations\Guard\ScpdChoice;
use BraveAnvil\Tables\Table;

/** aM fuses: the smallest whose gates let the start pass. They leave overloads to the relay. */
final readonly class AmChoice implements DeviceChoice
{
    private const TOLERANCE = 1e-6;

    /** A, from which this kind is looked at. */
    private const SMALLEST = 16.0;

    /** Multiple of the rating above which it may melt at once. */
    private const INSTANT = 10.0;

    public function __construct(private Table $table, private FuseGates $ratings)
    {
    }

    public function known(): array
    {
        return [Scpd::FuseAm];
    }

    /** @param  float  $rating  A */
    public function device(Scpd $scpd, float $rating, float $dial): AmFuse
    {
        $carries = [];
        $operates = [];
        foreach ($this->table->keys('gates') as $gate) {
            $times = $this->table->must('gates', $gate, 'x_In');
            $holds = $this->table->number('gates', $gate, 'no_melt_s');
            if ($holds === null) {
                $operates[] = [$times, $this->table->must('gates', $gate, 'operates_within_s')];
            } else {
                $carries[] = [$times, $holds];
            }
        }

        if ($carries === [] || $operates === []) {
            throw Defect::noEntry($this->table->name->value, 'gates');
        }

        return new AmFuse($rating, $carries, $operates);
    }

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice
    {
        $ladder = [];
        $chosen = null;
        $needed = null;
        foreach ($this->ratings->ratings() as $rating) {
            if ($rating < self::SMALLEST) {
                continue;
            }
            $fuse = $this->device($scpd, $rating, 0.0);
            $carriesLoad = $rating >= $duty->design->number() * (1 - self::TOLERANCE);
            $instant = $duty->inrush->moment->number() <= self::INSTANT * $rating * (1 + self::TOLERANCE);
            $share = $carriesLoad && $instant ? $duty->share($fuse) : INF;
            $carries = $share <= 1 + self::TOLERANCE;
            $allowed = $duty->markedAllows($rating);
            if ($carries) {
                $needed ??= $rating;
                $chosen ??= $allowed ? $fuse : null;
            }
            $far = $rating < 0.5 * $duty->design->number() || ($needed !== null && $rating > 2.1 * $needed);
            if ($far && ! $duty->isInstalled($rating)) {
                continue;
            }
            $times = Show::number($duty->inrush->moment->number() / $rating, 3).' times its rating';
            $ladder[] = new Rung($rating, $carries, $allowed, match (true) {
                ! $carriesLoad => 'below the motor current',
                ! $instant => 'the start is '.$times.'; above 10 it may melt at once',
                ! $carries => 'the start needs '.($share > 10 ? 'far more than' : Show::number($share, 2).' times what').' it carries',
                ! $allowed => 'above the maximum marked on the starter',
                default => 'the start, '.$times.', uses '.Show::number(100 * $share, 2).' % of what it carries',
            });
        }
        if ($chosen === null) {
            $stop = $duty->markingStops($needed);

            return new ScpdChoice(
                $ladder, maximum: $duty->markedMaximum(), findings: $stop === null ? [] : [$stop], explained: $stop !== null, certain: true,
            );
        }

        return new ScpdChoice($ladder, $this->figure($chosen, $duty), maximum: $duty->markedMaximum(), findings: [
            Finding::caution(GuardFinding::RelayWanted)
                ->title('aM fuse: short-circuit protection only')
                ->because('An aM fuse does not clear an overload, and a lasting overload may destroy it. Only the relay protects '.
                    'against overload.')
                ->do('Never run this circuit without its overload relay.')
                ->source(Standard::Iec60269_2->at())
                ->on(GuardFigure::ScpdRating, GuardFigure::OverloadDial),
        ], certain: true);
    }

    private function figure(AmFuse $chosen, DeviceDuty $duty): Figure
    {
        $lockedRotor = $duty->inrush->moment->number();

        return Figure::work(GuardFigure::ScpdRating)
            ->labelled('aM fuse')
            ->from(t: $duty->inrush->time, lrc: $duty->inrush->moment, I: $duty->design)
            ->as(
                'smallest that carries the start',
                '{lrc} is '.Show::number($lockedRotor / $chosen->rating(), 4).' times '.Show::number($chosen->rating()).
                ' A; the start of {t} uses '.Show::number(100 * $duty->share($chosen), 3).' % of what it carries',
            )
            ->equals($chosen->rating())
            ->source($this->table->cited())
            ->doubted($this->table->doubt('gates', '3', 'no_melt_s'))
            ->make();
    }
}
