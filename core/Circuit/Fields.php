<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Field\CableFields;
use BraveAnvil\Circuit\Field\CorrectionFields;
use BraveAnvil\Circuit\Field\GuardFields;
use BraveAnvil\Circuit\Field\HeadFields;
use BraveAnvil\Circuit\Field\LogbookFields;
use BraveAnvil\Circuit\Field\PlateFields;
use BraveAnvil\Circuit\Field\PowerFields;
use BraveAnvil\Circuit\Field\SettingsFields;
use BraveAnvil\Circuit\Field\StartFields;
use BraveAnvil\Circuit\Field\SupplyFields;
use BraveAnvil\Solution\Fault;

/**
 * Every field of a circuit that the core knows: the one list, from which contract and page are made. Other keys of a
 * document are kept and reported as a note.
 *
 * A path is one of this list by type, so that a misspelt one does not pass the static analysis.
 *
 * @phpstan-type FieldPath key-of<HeadFields::LIST>|key-of<SupplyFields::LIST>|key-of<PlateFields::LIST>|key-of<PowerFields::LIST>|key-of<StartFields::LIST>|key-of<CableFields::LIST>|key-of<GuardFields::LIST>|key-of<CorrectionFields::LIST>|key-of<SettingsFields::LIST>|key-of<LogbookFields::LIST>
 */
final class Fields
{
    private const LISTS = [
        HeadFields::LIST, SupplyFields::LIST, PlateFields::LIST, PowerFields::LIST, StartFields::LIST,
        CableFields::LIST, GuardFields::LIST, CorrectionFields::LIST, SettingsFields::LIST,
        LogbookFields::LIST,
    ];

    /** What a plate for two frequencies gives twice: once in each row. */
    public const RATED = ['frequency', 'voltage', 'current', 'power', 'speed', 'power_factor', 'efficiency', 'start_current_ratio'];

    /** @var array<string, Field> */
    private static array $made = [];

    /** @return list<string> */
    public static function paths(): array
    {
        return array_keys(array_merge(...self::LISTS));
    }

    /** @return array<string, Field> by path */
    public static function all(): array
    {
        $all = [];
        foreach (self::paths() as $path) {
            $all[$path] = self::made($path);
        }

        return $all;
    }

    /**
     * @param  FieldPath  $path
     */
    public static function named(string $path): Field
    {
        return self::made($path);
    }

    /** The field at a path that somebody typed, or null where the format has none. */
    public static function find(string $path): ?Field
    {
        foreach (self::LISTS as $list) {
            if (isset($list[$path])) {
                return self::made($path);
            }
        }

        return null;
    }

    private static function made(string $path): Field
    {
        if (isset(self::$made[$path])) {
            return self::$made[$path];
        }
        foreach (self::LISTS as $list) {
            if (isset($list[$path])) {
                return self::$made[$path] = Field::of($path, $list[$path]);
            }
        }

        throw Fault::unknownField($path);
    }
}
