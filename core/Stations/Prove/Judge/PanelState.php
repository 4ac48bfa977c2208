<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Physics\Machine\WindingNetwork;
use BraveAnvil\Stations\Prove\Choice\ContactorsIn;
use BraveAnvil\Stations\Start\Wiring\CrossedLeads;
use BraveAnvil\Stations\Start\Wiring\CrossedOutcome;

/**
 * What may stand behind a star-delta starter, and what each pair of its motor terminals then reads, in resistances of one winding.
 * Terminals are counted U1, V1, W1, U2, V2, W2.
 */
final readonly class PanelState
{
    public const MARKS = ['U1', 'V1', 'W1', 'U2', 'V2', 'W2'];

    private const LEADS = [0, 1, 2, 3, 4, 5];

    private const STAR = [3, 4, 5];

    /** Share of its resistance that a winding with shorted turns may have left. */
    private const SHORTED = [0.05, 0.15, 0.25, 0.35, 0.45, 0.55, 0.65, 0.75, 0.85];

    /**
     * @param  string  $says  what it is, as a sentence; empty where all is right
     * @param  bool  $runs  whether the motor runs so all the same
     */
    private function __construct(public string $says, private WindingNetwork $network, public bool $runs = false)
    {
    }

    /** @return float between two terminals, in resistances of one winding: 0 where joined, INF where open */
    public function reads(int $one, int $other): float
    {
        return $this->network->between($one, $other);
    }

    public static function right(ContactorsIn $in): self
    {
        return new self('', self::network(self::joins($in)));
    }

    /** @return list<self> what one fault each would do, the likeliest first */
    public static function faults(ContactorsIn $in): array
    {
        return [...self::exchanged($in), ...self::contactor($in), ...self::open($in)];
    }

    /** @return list<self> windings with shorted turns, which anything else comes before */
    public static function shorted(ContactorsIn $in): array
    {
        $states = [];
        foreach (self::SHORTED as $left) {
            foreach (['U', 'V', 'W'] as $i => $mark) {
                $ohms = [1.0, 1.0, 1.0];
                $ohms[$i] = $left;
                $states[] = new self(
                    'Winding '.$mark.' is low: shorted turns.',
                    new WindingNetwork([$ohms[0], $ohms[1], $ohms[2]], self::LEADS, self::joins($in)),
                );
            }
        }

        return $states;
    }

    /** @return list<list<int>> */
    private static function joins(ContactorsIn $in): array
    {
        return match ($in) {
            ContactorsIn::None => [],
            ContactorsIn::Star => [self::STAR],
            ContactorsIn::Delta => CrossedLeads::all()[0]->joins(),
        };
    }

    /** @param  list<list<int>>  $joined */
    private static function network(array $joined): WindingNetwork
    {
        return new WindingNetwork([1.0, 1.0, 1.0], self::LEADS, $joined);
    }

    /** @return list<self> two leads at each other’s terminal; start and end of one winding exchanged reads the same and is left out */
    private static function exchanged(ContactorsIn $in): array
    {
        $states = [];
        for ($one = 0; $one < 6; $one++) {
            for ($other = $one + 1; $other < 6; $other++) {
                if ($other !== $one + 3) {
                    $leads = self::LEADS;
                    [$leads[$one], $leads[$other]] = [$other, $one];
                    $states[] = new self(
                        'The leads '.self::MARKS[$one].' and '.self::MARKS[$other].' are exchanged.',
                        new WindingNetwork([1.0, 1.0, 1.0], $leads, self::joins($in)),
                    );
                }
            }
        }

        return $states;
    }

    /** @return list<self> a contactor that closes other terminals than it should, not all of its poles, or none */
    private static function contactor(ContactorsIn $in): array
    {
        if ($in === ContactorsIn::None) {
            return [
                new self('The star contactor is closed: stuck, or welded.', self::network([self::STAR])),
                new self('The delta contactor is closed: stuck, or welded.', self::network(CrossedLeads::all()[0]->joins())),
            ];
        }
        $states = [new self('The contactor is not closed.', self::network([]))];
        foreach ($in === ContactorsIn::Delta ? array_slice(CrossedLeads::all(), 1) : [] as $order) {
            $joins = $order->joins();
            $states[] = new self('Delta joins '.implode(', ', array_map(
                static fn (array $join): string => self::MARKS[$join[1]].'–'.self::MARKS[$join[0]], $joins,
            )).': '.lcfirst($order->does()->says()), self::network($joins), $order->does() === CrossedOutcome::RunsHarshly);
        }
        foreach ([0, 1, 2] as $pole) {
            $joins = self::joins($in);
            $left = $in === ContactorsIn::Star
                ? [array_values(array_diff(self::STAR, [3 + $pole]))] : array_values(array_diff_key($joins, [$pole => true]));
            $states[] = new self('The pole of '.self::MARKS[3 + $pole].' does not close.', self::network($left));
        }

        return $states;
    }

    /** @return list<self> */
    private static function open(ContactorsIn $in): array
    {
        return array_map(static fn (int $winding): self => new self(
            'Winding '.['U', 'V', 'W'][$winding].', or one of its leads, is open.', new WindingNetwork([
                $winding === 0 ? INF : 1.0, $winding === 1 ? INF : 1.0, $winding === 2 ? INF : 1.0,
            ], self::LEADS, self::joins($in)),
        ), [0, 1, 2]);
    }
}
