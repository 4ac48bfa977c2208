<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use Closure;

/** What would change the answer, the most decisive first, and what was tried without changing anything. */
final readonly class SensitivityCurve implements Curve
{
    /**
     * @param  list<Swept>  $rows  the most decisive first
     * @param  Closure(string): string  $say  puts a text into the words of the rule book
     */
    public function __construct(private array $rows, private Closure $say)
    {
    }

    public function name(): string
    {
        return 'sensitivity';
    }

    public function toArray(): array
    {
        $say = $this->say;
        $rows = [];
        $steady = [];
        foreach ($this->rows as $row) {
            $candidate = $row->candidate;
            if ($row->weight() <= 0) {
                $steady[] = $say($candidate->label);

                continue;
            }
            $attempts = array_values(array_filter($row->attempts, static fn (TriedValue $attempt): bool => $attempt->flips !== []));
            $rows[] = [
                'kind' => $candidate->kind->value, 'at' => $candidate->at, 'label' => $say($candidate->label),
                'taken' => $say($candidate->taken),
                'tries' => array_map(static fn (TriedValue $attempt): array => [
                    'value' => $say($attempt->value),
                    'flips' => array_map(static fn (Flip $flip): array => [
                        'label' => $say($flip->label), 'from' => $say($flip->from), 'to' => $say($flip->to),
                    ], $attempt->flips),
                ], $attempts),
            ];
        }

        return ['says' => self::says($rows, $steady), 'rows' => $rows, 'steady' => $steady];
    }

    /**
     * @param  list<array{label: string}>  $rows
     * @param  list<string>  $steady
     */
    private static function says(array $rows, array $steady): string
    {
        if ($rows === []) {
            return $steady === []
                ? 'No assumption or unverified value has a range to try.'
                : 'No assumption or unverified value changes a size, device, setting or verdict within its usual range.';
        }
        $first = array_map(static fn (array $row): string => Show::inside($row['label']), array_slice($rows, 0, 2));
        $one = count($first) === 1;

        return ($one ? 'Check this one before you sign: ' : 'Check these two before you sign: ').implode(', ', $first).
            (count($rows) > 2 ? '. '.(count($rows) - 2).' more could change the result.' : '.');
    }

    public static function schema(): array
    {
        $flip = Shape::object(['label' => Shape::text(), 'from' => Shape::text(), 'to' => Shape::text()], 'Flip');
        $row = Shape::object([
            'kind' => Shape::oneOf(array_column(Doubted::cases(), 'value')), 'at' => Shape::text(), 'label' => Shape::text(),
            'taken' => Shape::text(),
            'tries' => Shape::list(Shape::object(['value' => Shape::text(), 'flips' => Shape::list($flip)])),
        ], 'SweptRow');

        return Shape::object(
            ['says' => Shape::text(), 'rows' => Shape::list($row), 'steady' => Shape::list(Shape::text())],
            'SensitivityCurve', 'Only if requested.',
        );
    }
}
