<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Sheet;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\SiteSettings;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Version;
use BraveAnvil\Records\Board\FeederStation;
use BraveAnvil\Tables\SiteCorrections;
use BraveAnvil\Tables\Tables;

/** Whether the record of a sheet is as it was signed, in sentences. */
final readonly class Verification
{
    /** Figures of one core from one circuit are the same; what JSON may lose of them is far less than this. */
    private const SAME = 1e-9;

    /** Figures that are named where they do not follow. */
    private const MOST = 10;

    /** @param  list<string>  $sentences */
    private function __construct(public bool $holds, public array $sentences)
    {
    }

    /** @param  string  $json  the record as it was handed out */
    public static function of(string $json): self
    {
        $wrong = SealedSheet::mismatches($json);
        if ($wrong !== []) {
            return new self(false, [...$wrong, 'This is not the sheet that was signed.']);
        }
        $sheet = SealedSheet::read($json);
        $record = $sheet->record;
        $name = is_string($record['tag'] ?? null) ? $record['tag'] : '';
        $number = is_array($record['revision'] ?? null) && is_int($record['revision']['number'] ?? null) ? $record['revision']['number']
            : 0;
        $seal = substr($sheet->seal(), 0, SealedSheet::PRINTED);
        $whole = "$name, revision $number: the record is unchanged. Its seal begins with $seal: compare it with the seal on paper.";
        if (($record['core'] ?? '') !== Version::CORE) {
            $core = is_string($record['core'] ?? null) ? $record['core'] : '';

            return new self(true, [
                $whole, "It was calculated with core $core; this is core ".Version::CORE.'. The figures are not recalculated.',
            ]);
        }
        $stray = self::stray($record);

        return $stray === []
            ? new self(true, [$whole, 'The figures follow from the entered values.'])
            : new self(false, [...$stray, 'The seal matches the content, but these figures do not follow from the entered values.']);
    }

    /**
     * @param  array<string, mixed>  $record
     * @return list<string>
     */
    private static function stray(array $record): array
    {
        $computed = [];
        foreach (self::solved($record) as $figure) {
            $computed[$figure->key()] = $figure->value;
        }
        $told = [];
        $seen = [];
        foreach (is_array($record['figures'] ?? null) ? $record['figures'] : [] as $figure) {
            if (! is_array($figure) || ! is_string($figure['key'] ?? null)) {
                continue;
            }
            $key = $figure['key'];
            $seen[$key] = true;
            $value = $figure['value'] ?? null;
            $now = $computed[$key] ?? null;
            if (! self::same($value, $now)) {
                $told[] = "$key is ".self::said($value).' in the record and '.self::said($now).' when calculated.';
            }
        }
        foreach (array_diff_key($computed, $seen) as $key => $value) {
            $told[] = "$key is missing in the record; calculated it is ".self::said($value).'.';
        }

        return array_slice($told, 0, self::MOST);
    }

    /**
     * @param  array<string, mixed>  $record
     * @return list<Figure> of the circuit, or of the board, as it is solved now
     */
    private static function solved(array $record): array
    {
        if (! is_array($record['board'] ?? null)) {
            return Bench::solve(self::document($record))->figures;
        }
        // A board below another one is what it is behind that one.
        $isBelow = is_array($record['above'] ?? null) && $record['above'] !== [];
        $document = $isBelow ? $record['above'] : $record['board'];
        $corrections = is_array($record['settings'] ?? null) ? $record['settings']['corrections'] ?? null : null;
        $solution = FeederStation::solve($document, SiteCorrections::read($corrections, Tables::shipped())->tables);
        foreach ($isBelow && is_array($record['path'] ?? null) ? $record['path'] : [] as $place) {
            $solution = is_int($place) ? $solution->boards[$place] ?? $solution : $solution;
        }

        return $solution->feeder->figures;
    }

    /**
     * @param  array<string, mixed>  $record
     * @return array<array-key, mixed> the circuit that was solved: a site's settings under its own, and its readings
     */
    private static function document(array $record): array
    {
        $circuit = is_array($record['circuit'] ?? null) ? $record['circuit'] : [];
        $settings = is_array($record['settings'] ?? null) ? $record['settings'] : [];
        $readings = [];
        foreach (is_array($record['readings'] ?? null) ? $record['readings'] : [] as $reading) {
            $readings[] = is_array($reading) ? $reading['document'] ?? null : null;
        }

        return [...SiteSettings::under($circuit, $settings), 'readings' => $readings];
    }

    private static function same(mixed $value, mixed $now): bool
    {
        if ((is_int($value) || is_float($value)) && (is_int($now) || is_float($now))) {
            return abs($value - $now) <= self::SAME * max(abs($value), abs($now), self::SAME);
        }

        return $value === $now;
    }

    private static function said(mixed $value): string
    {
        return match (true) {
            is_string($value) => $value, is_int($value), is_float($value) => Show::number($value, 6), default => 'missing',
        };
    }
}
