<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Replace;

use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;

/** Whether another motor fits in the place of this one: both are solved in this circuit and held side by side, point by point. */
final class Replacement
{
    /**
     * @param  array<array-key, mixed>  $circuit  the circuit with the motor that is there
     * @param  array<array-key, mixed>  $plate  the plate of the motor that is offered
     * @return array{verdict: string, sentence: string, points: list<array{point: string, present: string, offered: string, verdict: string, text: string}>, errors: list<array{path: string, text: string, accepted: string, kind: string}>}
     */
    public static function check(array $circuit, array $plate): array
    {
        $motors = Motors::of($circuit, $plate);
        $points = self::points($motors);
        $wrong = array_filter($motors->offered->errors, static fn (FieldError $error): bool => str_starts_with($error->path, 'plate.'));

        return [
            'verdict' => FitVerdict::worst($points)->value,
            'sentence' => self::sentence($points),
            'points' => array_map(static fn (Point $point): array => $point->toArray(), $points),
            'errors' => array_map(static fn (FieldError $error): array => $error->toArray(), array_values($wrong)),
        ];
    }

    /** @return list<Point> in the order in which they are checked at the motor */
    private static function points(Motors $motors): array
    {
        $place = new Place($motors);
        $supply = new Supply($motors);
        $work = new Work($motors);
        $points = [
            $place->frame(), $place->mounting(), $supply->connection(), $work->power(), $work->speed(), $supply->startingCurrent(),
            $work->startingTorque(), $work->breakdownTorque(), $place->duty(), $place->ambient(), $place->protection(),
            $work->efficiency(), $work->year(), $supply->starter(), $supply->kind(),
        ];

        return array_values(array_filter($points));
    }

    /** @param  list<Point>  $points */
    private static function sentence(array $points): string
    {
        $worst = FitVerdict::worst($points);
        $those = $worst->in($points);
        $count = count($those);

        return match ($worst) {
            FitVerdict::Stop => 'Not suitable: '.implode(', ', array_map(
                static fn (Point $point): string => Show::inside($point->name), $those,
            )).'.',
            FitVerdict::Caution => "May be suitable: check $count ".($count === 1 ? 'item' : 'items').' first.',
            FitVerdict::Unknown => "No problem found, but $count ".($count === 1 ? 'item is' : 'items are').' unknown.',
            FitVerdict::Better, FitVerdict::Equal => 'Suitable.',
        };
    }
}
