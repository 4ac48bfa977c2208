<?php

declare(strict_types=1);

namespace App\Exchange;

use DateTimeImmutable;
use DateTimeZone;
use Exception;

/** A moment in a cell, in UTC, to the second. */
final readonly class WorkbookDate
{
    /** Days from the one that spreadsheets count as nought to the one that computers do. */
    private const EPOCH_DAYS = 25569;

    private const DAY_S = 86400;

    private function __construct(public int $timestamp)
    {
    }

    /** Null where the text is no moment. */
    public static function read(string $text): ?self
    {
        if (preg_match('~^\d{4}-\d{2}-\d{2}([T ]\d{2}:\d{2}(:\d{2})?)?~', $text) !== 1) {
            return null;
        }
        try {
            return new self((new DateTimeImmutable($text, new DateTimeZone('UTC')))->getTimestamp());
        } catch (Exception) {
            return null;
        }
    }

    /** @param  float  $serial  as a spreadsheet counts days */
    public static function ofSerial(float $serial): self
    {
        return new self((int) round(($serial - self::EPOCH_DAYS) * self::DAY_S));
    }

    public function serial(): float
    {
        return self::EPOCH_DAYS + $this->timestamp / self::DAY_S;
    }

    /** `2026-11-24T10:00:00Z`, and the day alone where it begins one. */
    public function text(): string
    {
        return gmdate($this->timestamp % self::DAY_S === 0 ? 'Y-m-d' : 'Y-m-d\TH:i:s\Z', $this->timestamp);
    }
}
