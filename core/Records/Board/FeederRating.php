<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** The rating of a feeder's device: chosen, or typed and checked. */
final readonly class FeederRating
{
    public function __construct(
        private FeederDocument $document,
        private RuleBook $book,
        private BoardDemand $demand,
        private Tables $tables,
        private Ledger $ledger,
    ) {
    }

    /**
     * The rating of the feeder's device, A; null where none follows.
     *
     * @param  list<float|null>  $below  ratings of the fuses of boards that this one feeds, A
     */
    public function choose(array $below): ?Figure
    {
        $device = new FeederDevice($this->demand, $this->book->sizing()->devices, $this->tables, array_filter($below, is_float(...)));
        $typed = $this->document->feeder->number('guard.rating')?->number();
        if ($this->document->isAdjustable()) {
            if ($typed !== null) {
                return $this->ledger->work(FeederFigure::ScpdRating)->equals($typed)->source(HowKnown::Entered)->write();
            }

            return null;
        }
        if ($this->document->isAmerican()) {
            return $this->american($device, $typed);
        }
        $chosen = null;
        foreach ($device->fuses() as $rating) {
            if ($device->passes($rating)) {
                $chosen = $rating;
                break;
            }
        }
        if ($typed !== null && ! $device->passes($typed)) {
            $this->rating('The '.Show::quantity($typed, Unit::Ampere).
                ' fuse does not carry the board with its largest start, or melts before a fuse of a circuit.', $chosen);
        }
        $rating = $typed ?? $chosen;

        return $rating === null ? null : $this->ledger->work(FeederFigure::ScpdRating)->equals($rating)
            ->saying('carries the demand and every start in it, and every fuse of a circuit melts before it')
            ->source($typed === null ? Standard::Iec60269_2->at() : HowKnown::Entered)->write();
    }

    private function american(FeederDevice $device, ?float $typed): ?Figure
    {
        $limit = $device->limit();
        if ($limit === null) {
            return $typed === null ? null
                : $this->ledger->work(FeederFigure::ScpdRating)->equals($typed)->source(HowKnown::Entered)->write();
        }
        $nec = $this->book->id() === RuleBookName::Nec;
        $figure = $this->ledger->work(FeederFigure::ScpdLimit)->equals($limit)
            ->saying('the largest device of a branch, and the currents of all else')
            ->source($nec ? Standard::Nec->at('430.62, 430.63') : Standard::CeCode->at('28-204'))->write();
        $standard = $device->standardBelow($limit, $nec ? TableName::NecStandardRatings : TableName::CecStandardRatings);
        if ($typed !== null && $typed > $limit * (1 + 1e-6)) {
            $this->rating('The '.Show::quantity($typed, Unit::Ampere).' device is above the limit of '.$figure->shown(4).'.', $standard);
        }
        $rating = $typed ?? $standard;
        if ($rating === null) {
            return null;
        }
        $written = $this->ledger->work(FeederFigure::ScpdRating)->from(l: $figure)->equals($rating)
            ->saying($typed === null ? 'largest standard rating up to '.$figure->shown(4) : 'entered')->write();
        if ($rating < $this->demand->running() * (1 - 1e-6)) {
            $this->ledger->stop(FeederFinding::RatingLow)->title('Feeder device smaller than the running current')
                ->because('It is rated '.Show::quantity($rating, Unit::Ampere).', the board takes '.
                    Show::quantity($this->demand->running(), Unit::Ampere, 3).'.')
                ->do('Use a larger device within the limit.')->on(FeederFigure::ScpdRating);
        }

        return $written;
    }

    private function rating(string $because, ?float $passes): void
    {
        $this->ledger->stop(FeederFinding::Rating)->title('Feeder device does not fit')->because($because)
            ->do($passes === null ? 'No standard rating fits.' : Show::quantity($passes, Unit::Ampere).' fits.')
            ->on(FeederFigure::ScpdRating)->about('guard.rating');
    }
}
