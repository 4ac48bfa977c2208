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
use BraveAnvil\Ground\Defect;

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

    /** @var list<string>|null */
    private static ?array $paths = null;

    /** @var array<string, true>|null */
    private static ?array $speaking = null;

    /** @var array<string, true> */
    private static array $groups = [];

    /** @return list<string> */
    public static function paths(): array
    {
        return self::$paths ??= array_keys(array_merge(...self::LISTS));
    }

    /** @return array<string, Field> by path */
    public static function all(): array
    {
        $all = [];
        foreach (self::paths() as $path) {
            $all[$path] = self::at($path);
        }

        return $all;
    }

    /** @return array<string, true> paths of those that have choices or a word for being empty: what can be said of the others depends on the circuit */
    public static function speaking(): array
    {
        if (self::$speaking === null) {
            self::$speaking = [];
            foreach (self::LISTS as $list) {
                foreach ($list as $path => $as) {
                    if (isset($as['choices']) || isset($as['empty']) || $as['kind'] === FieldKind::Flag) {
                        self::$speaking[$path] = true;
                    }
                }
            }
        }

        return self::$speaking;
    }

    /** Whether fields stand in a group of this path inside a section, such as `starter.changeover`. */
    public static function isGroup(string $path): bool
    {
        foreach (self::$groups === [] ? self::paths() : [] as $field) {
            while (substr_count($field, '.') > 1) {
                $field = substr($field, 0, (int) strrpos($field, '.'));
                self::$groups[$field] = true;
            }
        }

        return isset(self::$groups[$path]);
    }

    /** @param  FieldPath  $path */
    public static function named(string $path): Field
    {
        return self::at($path);
    }

    /** The field at a path that somebody typed, or null where the format has none. */
    public static function find(string $path): ?Field
    {
        foreach (self::LISTS as $list) {
            if (isset($list[$path])) {
                return self::at($path);
            }
        }

        return null;
    }

    /**
     * The field at a path that comes from data; code that writes one out asks `named`.
     *
     * @throws Defect when there is none
     */
    public static function at(string $path): Field
    {
        if (isset(self::$made[$path])) {
            return self::$made[$path];
        }
        foreach (self::LISTS as $list) {
            if (isset($list[$path])) {
                return self::$made[$path] = Field::of($path, $list[$path]);
            }
        }

        throw Defect::unknownField($path);
    }
}
