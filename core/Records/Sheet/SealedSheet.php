<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Sheet;

use BraveAnvil\Ground\Canonical;

/**
 * The record of one issued sheet: what was typed, what was computed, which tables, corrections and readings it rests on, what was decided
 * and by whom. Its seal is the SHA-256 over its canonical JSON; a digest of each part tells where somebody changed it.
 *
 * @phpstan-type Record array<string, mixed>
 */
final readonly class SealedSheet
{
    public const FORMAT = 'brave-anvil.sheet/1';

    /** Digits of the seal that stand on paper. */
    public const PRINTED = 12;

    /** Parts that are looked at by what is in them, so that a change is found where it is. */
    private const BY_KEY = ['figures' => 'key', 'findings' => 'code', 'readings' => 'id', 'decisions' => 'key', 'tables' => 'name',
        'circuits' => 'tag'];

    /** What was typed: a change is found at its section. */
    private const TYPED = ['circuit', 'board'];

    /** @param  Record  $record  without its seal */
    private function __construct(public array $record)
    {
    }

    /** @param  Record  $record */
    public static function of(array $record): self
    {
        return new self(['format' => self::FORMAT, ...$record]);
    }

    /**
     * A sheet as it was kept.
     *
     * @throws \JsonException when it is not JSON
     */
    public static function read(string $json): self
    {
        $record = json_decode($json, true, 512, JSON_THROW_ON_ERROR);
        $named = [];
        foreach (is_array($record) ? $record : [] as $name => $content) {
            if ($name !== 'seal') {
                $named[(string) $name] = $content;
            }
        }

        return new self($named);
    }

    public function seal(): string
    {
        return Canonical::digest($this->record);
    }

    /** The whole as it is kept and handed out. */
    public function toJson(): string
    {
        return Canonical::text([...$this->record, 'seal' => ['sha256' => $this->seal(), 'parts' => self::parts($this->record)]]);
    }

    /**
     * What of a sheet is not as it was issued.
     *
     * @param  string  $json  a sheet as it was handed out
     * @return list<string> each in a sentence; none where it is whole
     */
    public static function mismatches(string $json): array
    {
        $sheet = json_decode($json, true, 512);
        if (! is_array($sheet) || ($sheet['format'] ?? null) !== self::FORMAT || ! is_array($sheet['seal'] ?? null)) {
            return ['This is not a sheet record: choose a JSON file of the format '.self::FORMAT.'.'];
        }
        $seal = $sheet['seal'];
        unset($sheet['seal']);
        $kept = is_array($seal['parts'] ?? null) ? $seal['parts'] : [];
        $now = self::parts($sheet);
        $told = [];
        foreach ($now as $part => $digest) {
            if (! isset($kept[$part])) {
                $told[] = "$part was added after it was issued.";
            } elseif ($kept[$part] !== $digest) {
                $told[] = "$part was changed after it was issued.";
            }
        }
        foreach (array_diff_key($kept, $now) as $part => $digest) {
            $told[] = "$part was removed after it was issued.";
        }
        if ($told === [] && Canonical::digest($sheet) !== ($seal['sha256'] ?? null)) {
            $told[] = 'The seal does not match the content.';
        }

        return $told;
    }

    /** @return string the seal that a sheet bears, or an empty text */
    public static function sealOf(string $json): string
    {
        $sheet = json_decode($json, true, 512);
        $seal = is_array($sheet) && is_array($sheet['seal'] ?? null) ? $sheet['seal']['sha256'] ?? '' : '';

        return is_string($seal) ? $seal : '';
    }

    /**
     * @param  array<array-key, mixed>  $record
     * @return array<string, string> digest by part, `circuit.plate` or `figures cable.size`
     */
    private static function parts(array $record): array
    {
        $parts = [];
        foreach ($record as $name => $content) {
            $by = self::BY_KEY[$name] ?? null;
            if (is_array($content) && ($by !== null || in_array($name, self::TYPED, true))) {
                foreach ($content as $key => $inner) {
                    $named = $by === null ? null : (is_array($inner) ? $inner[$by] ?? null : null);
                    $label = $by === null ? "$name.$key" : $name.' '.(is_scalar($named) ? $named : $key);
                    // Two findings may bear one code.
                    while (isset($parts[$label])) {
                        $label .= ' again';
                    }
                    $parts[$label] = Canonical::digest($inner);
                }
            } else {
                $parts[(string) $name] = Canonical::digest($content);
            }
        }
        ksort($parts);

        return $parts;
    }
}
