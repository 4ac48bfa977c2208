<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;

/** A larger device because the motor did not start with what the rule allows: with evidence only, one rating up, under a ceiling. */
final readonly class StartException
{
    private const TOLERANCE = 1e-6;

    private float $ceiling;

    private string $how;

    /**
     * @param  list<float>  $ratings  standard, A
     * @param  float|null  $maximum  rating without exception, A
     */
    public function __construct(
        private DevicePercents $percents,
        Scpd $scpd,
        private array $ratings,
        private ?float $maximum,
        private DeviceDuty $duty,
    ) {
        [$this->ceiling, $this->how] = $percents->ceiling($scpd, $duty->design->number());
    }

    /** Whether somebody says what did not start. */
    public function isOpen(): bool
    {
        return $this->duty->evidence() !== null;
    }

    /** A, unrounded */
    public function limit(): Figure
    {
        return Figure::work(GuardFigure::ScpdExceptionLimit)
            ->from(I: $this->duty->design)
            ->as('exception percentage · '.$this->percents->current(), $this->how)
            ->equals($this->ceiling)
            ->source($this->percents->exceptionSource())
            ->make();
    }

    /** Largest standard rating under the ceiling, A; null where that is no more than without exception. */
    public function ceilingRating(): ?Figure
    {
        $below = array_filter(
            $this->ratings,
            fn (float $rating): bool => $rating <= $this->ceiling * (1 + self::TOLERANCE) && $this->duty->markedAllows($rating),
        );
        $largest = max([$this->maximum ?? 0.0, ...$below]);

        return $largest <= 0.0 ? null : Figure::work(GuardFigure::ScpdExceptionRating)
            ->from(ceiling: $this->limit())
            ->as('largest standard rating ≤ limit', $below === [] ? 'no more than without the exception: {ceiling} at most'
                : 'largest standard rating up to {ceiling}')
            ->equals($largest)
            ->source($this->percents->exceptionSource())
            ->make();
    }

    /** One standard rating above the one without exception where the ceiling lets it be, A; null where nothing is raised. */
    public function rating(): ?float
    {
        if (! $this->isOpen() || $this->maximum === null) {
            return null;
        }
        foreach ($this->ratings as $rating) {
            if ($rating > $this->maximum) {
                return $rating <= $this->ceiling * (1 + self::TOLERANCE) && $this->duty->markedAllows($rating) ? $rating : null;
            }
        }

        return null;
    }

    /** @return list<FindingBuilder> */
    public function findings(): array
    {
        if (! $this->isOpen() || $this->maximum === null) {
            return [];
        }
        if ($this->rating() === null) {
            return [
                Finding::note(GuardFinding::ExceptionGivesNothing)
                    ->title('Starting exception allows no larger rating')
                    ->because(
                        'The next standard rating above '.Show::number($this->maximum).' A is more than the limit of the exception, '.
                        $this->limit()->shown().', or than the starter marking allows.',
                    )
                    ->do('Choose another type of device, or a reduced-voltage start.')
                    ->source($this->percents->exceptionSource())
                    ->on(GuardFigure::ScpdExceptionLimit, GuardFigure::ScpdRating)
                    ->about('guard.start_exception.evidence'),
            ];
        }

        return [
            Finding::caution(GuardFinding::ExceptionUsed)
                ->title('Starting exception used: larger device')
                ->because('Evidence: '.$this->duty->evidence().'.')
                ->do('The evidence is printed on the sheet. Do not go larger than the start needs.')
                ->source($this->percents->exceptionSource())
                ->on(GuardFigure::ScpdRating)
                ->about('guard.start_exception.evidence'),
        ];
    }
}
