<?php

declare(strict_types=1);

namespace App\Carried;

use Illuminate\Support\Facades\Cache;

/** The core as pages carry it with them: what bin/device packed, and how often a solution of it differed from ours. */
final class CarriedCore
{
    private const COUNT = 'carried-differences';

    /** @var array{core: string, archive: array{name: string, bytes: int, sha256: string}, php: array{name: string, bytes: int, sha256: string}}|null */
    private static ?array $parts = null;

    /** @return array{core: string, archive: array{name: string, bytes: int, sha256: string}, php: array{name: string, bytes: int, sha256: string}}|null null where the page was built without */
    public static function parts(): ?array
    {
        if (self::$parts === null) {
            $file = public_path('build/device/parts.json');
            /** @var array{core: string, archive: array{name: string, bytes: int, sha256: string}, php: array{name: string, bytes: int, sha256: string}}|null $read as bin/device wrote it */
            $read = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
            self::$parts = $read;
        }

        return self::$parts;
    }

    /** Hash of the core that answers here; empty where it was not packed. */
    public static function archive(): string
    {
        return self::parts()['archive']['sha256'] ?? '';
    }

    public static function count(): void
    {
        Cache::add(self::COUNT, 0);
        Cache::increment(self::COUNT);
    }

    /** Solutions of a tablet that were not ours, though both were of one core. */
    public static function differences(): int
    {
        $count = Cache::get(self::COUNT, 0);

        return is_numeric($count) ? (int) $count : 0;
    }
}
