<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

/**
 * Which line comes to the far end of each winding when delta closes, with the starts on the lines in order; and what the motor does
 * then. Each winding sees what lies between its two lines.
 */
final readonly class CrossedLeads
{
    /** Lines at the ends of the first, second and third winding. */
    private const ORDERS = [[2, 0, 1], [1, 2, 0], [0, 1, 2], [0, 2, 1], [1, 0, 2], [2, 1, 0]];

    /**
     * @param  array{int, int, int}  $lines  0 to 2, at the end of each winding
     * @param  array{bool, bool, bool}  $live  whether the line voltage stands across each winding
     */
    private function __construct(public array $lines, public array $live)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(
            static fn (array $lines): self => new self($lines, [$lines[0] !== 0, $lines[1] !== 1, $lines[2] !== 2]), self::ORDERS,
        );
    }

    /** @return list<array{int, int}> terminals that the delta contactor joins then, counted U1, V1, W1, U2, V2, W2 */
    public function joins(): array
    {
        return array_map(static fn (int $line, int $winding): array => [$line, 3 + $winding], $this->lines, [0, 1, 2]);
    }

    public function does(): CrossedOutcome
    {
        return match (count(array_filter($this->live))) {
            3 => $this->lines === [2, 0, 1] ? CrossedOutcome::Runs : CrossedOutcome::RunsHarshly,
            0 => CrossedOutcome::Coasts,
            default => CrossedOutcome::Growls,
        };
    }
}
