<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Parse\Quantity;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;

/**
 * What the columns of a file are: time, voltages, currents, and by how much each is to be multiplied. What nobody says is
 * guessed from the headings, and the guess is answered so that it can be seen.
 */
final readonly class Channels
{
    public const ROLES = ['t', 'v1', 'v2', 'v3', 'i1', 'i2', 'i3', ''];

    /** How a column becomes volts or amperes. */
    public const WAYS = ['direct', 'probe', 'shunt', 'clamp'];

    /**
     * @param  list<string>  $roles  one a column
     * @param  array<string, float>  $factors  by role
     * @param  array<string, FieldError>  $errors
     */
    private function __construct(public array $roles, public array $factors, public array $errors)
    {
    }

    /** @param  list<array{role?: mixed, way?: mixed, value?: mixed, turned?: mixed}>|null  $typed  one a column; null: guess */
    public static function of(CapturedTrace $trace, ?array $typed): self
    {
        $roles = [];
        $factors = [];
        $errors = [];
        $guessed = self::guessed($trace);
        foreach (array_keys($trace->columns) as $i) {
            $said = $typed[$i] ?? [];
            $role =
                is_string($said['role'] ?? null) && in_array($said['role'], self::ROLES, true)
                    ? $said['role']
                    : ($typed === null
                        ? $guessed[$i]
                        : '');
            if ($role !== '' && in_array($role, $roles, true)) {
                $errors["columns.$i.role"] = new FieldError("columns.$i.role", 'Another column has this role already.',
                    'Use each role once.');
                $role = '';
            }
            $roles[] = $role;
            if ($role === '' || $role === 't') {
                continue;
            }
            $factor = self::factor(
                is_string($said['way'] ?? null) ? $said['way'] : 'direct',
                is_scalar($said['value'] ?? null) ? (string) $said['value'] : '',
                self::milli($trace->names[$i] ?? ''),
            );
            if ($factor instanceof Refusal) {
                $errors["columns.$i.value"] = new FieldError(
                    "columns.$i.value",
                    $factor->text,
                    'A number above zero: 10 for a 10:1 probe, 0.1 ohm for a shunt, 100 for a clamp meter with 100 mV per ampere.',
                );
                $factor = 1.0;
            }
            $factors[$role] = (($said['turned'] ?? false) === true ? -1 : 1) * $factor;
        }

        return new self($roles, $factors, $errors);
    }

    public function column(string $role): ?int
    {
        $at = array_search($role, $this->roles, true);

        return $at === false ? null : $at;
    }

    /** Multiplies what stands in the file. */
    private static function factor(string $way, string $value, float $unit): float|Refusal
    {
        $plain = Typed::plain($value);
        if ($way === 'direct' || ! in_array($way, self::WAYS, true)) {
            return $unit;
        }
        if ($plain === '') {
            return new Refusal('Enter a value.');
        }
        $bare = $way === 'probe' ? (string) preg_replace('~^(\d+(?:[.,]\d+)?)\s*:\s*1$|^x\s*~i', '$1', $plain) : $plain;
        $number =
            $way === 'shunt'
                ? Quantity::parse($bare, FieldKind::Ohms)
                : Typed::number(trim((string) preg_replace('~\s*mV\s*/\s*A$|\s*x$~i', '', $bare)));
        if ($number instanceof Refusal) {
            return $number;
        }
        if ($number < 1e-6 || $number > 1e6) {
            return new Refusal(Show::number($number).' is not possible here.');
        }

        return match ($way) {
            'probe' => $number * $unit, 'shunt' => $unit / $number, default => 1000 * $unit / $number,
        };
    }

    /** A thousandth where the heading says mV or mA. */
    private static function milli(string $name): float
    {
        return preg_match('/(?<![a-z])m[VA](?![a-z])/', $name) === 1
            ? 1e-3
            : (preg_match('/(?<![a-z])k[VA](?![a-z])/', $name) === 1
                ? 1e3
                : 1.0);
    }

    /** @return list<string> */
    private static function guessed(CapturedTrace $trace): array
    {
        $roles = array_fill(0, count($trace->columns), '');
        $used = [];
        $take = static function (int $i, string $role) use (&$roles, &$used): void {
            if ($roles[$i] === '' && ! isset($used[$role])) {
                $roles[$i] = $role;
                $used[$role] = true;
            }
        };
        foreach ($trace->names as $i => $name) {
            $name = strtolower($name);
            if (preg_match('/^\s*(t|x)\b|time|zeit|second|\(m?s\)|\[m?s\]/', $name) === 1 && self::climbs($trace->columns[$i])) {
                $take($i, 't');
            }
        }
        if (! isset($used['t']) && count($trace->columns) > 1 && self::climbs($trace->columns[0])) {
            $take(0, 't');
        }
        foreach ($trace->names as $i => $name) {
            $phase = preg_match('/(?:l|phase |u|v|i)\s*([123])(?!\d)/i', $name, $m) === 1 ? $m[1] : '';
            if (preg_match('/clamp|shunt/', $name) === 1) {
                foreach ($phase === '' ? ['1', '2', '3'] : [$phase] as $line) {
                    $take($i, 'i'.$line);
                }
            }
            $patterns = [
                'v' => '/volt|\bv\b|\(m?k?v\)|\[m?k?v\]|^u\b|^[uv][123]?\b/i',
                'i' => '/curr|amp|\ba\b|\(m?k?a\)|\[m?k?a\]|^i[123]?\b/i',
            ];
            foreach ($patterns as $kind => $pattern) {
                if (preg_match($pattern, $name) === 1) {
                    foreach ($phase === '' ? ['1', '2', '3'] : [$phase] as $line) {
                        $take($i, $kind.$line);
                        if ($roles[$i] !== '') {
                            break;
                        }
                    }
                }
            }
        }
        // Two signals in volts are a voltage and a current over a shunt or clamp.
        if (isset($used['v1'], $used['v2']) && ! isset($used['v3']) && ! isset($used['i1'])) {
            $roles[(int) array_search('v2', $roles, true)] = 'i1';
            unset($used['v2']);
            $used['i1'] = true;
        }
        // Without headings: three or fewer columns of signals are voltage and current, six are three of each.
        $left = array_keys(array_filter($roles, static fn (string $role): bool => $role === ''));
        $free = array_values(array_diff(count($left) > 3 ? ['v1', 'v2', 'v3', 'i1', 'i2', 'i3'] : ['v1', 'i1'], array_keys($used)));
        foreach ($left as $n => $i) {
            $roles[$i] = $free[$n] ?? '';
        }

        return array_values($roles);
    }

    /** @param  list<float>  $values */
    private static function climbs(array $values): bool
    {
        $last = count($values) - 1;
        for ($k = 0; $k < 20; $k++) {
            $at = intdiv($k * $last, 20);
            if ($values[min($last, $at + max(1, intdiv($last, 20)))] <= $values[$at]) {
                return false;
            }
        }

        return true;
    }
}
