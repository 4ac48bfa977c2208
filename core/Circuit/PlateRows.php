<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Parse\PlateCurrent;
use BraveAnvil\Circuit\Parse\PlateVoltage;

/**
 * A plate for two frequencies holds two rows of rated values. They are typed as two rows, or pair by pair with a slash
 * (`50/60`, `1450/1750`); here the pairs are parted, so that everybody else finds rows.
 */
final class PlateRows
{
    /**
     * @param  array<string, TypedValue>  $entries
     * @param  array<string, \BraveAnvil\Ground\FieldError>  $errors
     * @return array{array<string, TypedValue>, array<string, string>} the entries, and what is wrong by path
     */
    public static function parted(array $entries, array $errors): array
    {
        $wrong = [];
        $paired = [];
        foreach (Fields::RATED as $name) {
            if (($entries['plate.'.$name] ?? null)?->second !== null) {
                $paired[] = $name;
            }
        }
        $known = isset($entries['plate.second.frequency']) || isset($errors['plate.second.frequency']) || isset($errors['plate.frequency']);
        if ($paired !== [] && ! $known && ! in_array('frequency', $paired, true)) {
            if (isset($entries['plate.frequency'])) {
                foreach ($paired as $name) {
                    $wrong['plate.'.$name] = 'Two values but one frequency: enter both frequencies, such as 50/60.';
                    unset($entries['plate.'.$name]);
                }

                return [$entries, $wrong];
            }
            $why = 'a plate for 50 and 60 Hz';
            $entries['plate.frequency'] = new TypedValue(50.0, '', $why, new TypedValue(60.0, '', $why));
            $paired[] = 'frequency';
        }
        $entries = self::currents($entries, $known || in_array('frequency', $paired, true));
        foreach ($paired as $name) {
            $second = $entries['plate.'.$name]->second;
            if ($second !== null) {
                $entries['plate.second.'.$name] ??= $second;
            }
        }
        if (in_array('frequency', $paired, true)) {
            // `400 V 50/60 Hz`: what is stamped once holds for both, but never the speed.
            foreach (array_diff(Fields::RATED, ['speed']) as $name) {
                $once = $entries['plate.'.$name] ?? null;
                if ($once !== null && ! isset($errors['plate.second.'.$name])) {
                    $entries['plate.second.'.$name] ??= $once;
                }
            }
        }

        return [$entries, $wrong];
    }

    /**
     * Two currents on one voltage belong to two frequencies.
     *
     * @param  array<string, TypedValue>  $entries
     * @return array<string, TypedValue>
     */
    private static function currents(array $entries, bool $two): array
    {
        $current = $entries['plate.current'] ?? null;
        $voltage = ($entries['plate.voltage'] ?? null)?->value;
        if (
            $two &&
            ! isset($entries['plate.second.current']) &&
            $current?->value instanceof PlateCurrent &&
            count($current->value->groups) === 2 &&
            $voltage instanceof PlateVoltage &&
            count($voltage->pairs) === 1
        ) {
            [$first, $second] = array_map(static fn (array $group): PlateCurrent => new PlateCurrent([$group]), $current->value->groups);
            $entries['plate.current'] = new TypedValue($first, $current->echo);
            $entries['plate.second.current'] = new TypedValue($second, '');
        }

        return $entries;
    }
}
