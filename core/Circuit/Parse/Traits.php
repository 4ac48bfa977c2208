<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;

/** Several of a field's choices, as a list or parted by commas. */
final class Traits
{
    private const MOST = 20;

    /** Reads a text or a list; null where it is empty. */
    public static function parse(Field $field, mixed $value): TypedValue|Refusal|null
    {
        $words = is_string($value) ? preg_split('~\s*[,;]\s*~', trim($value)) : $value;
        if (! is_array($words)) {
            return new Refusal('Enter a list of its choices.');
        }
        if (count($words) > self::MOST) {
            return new Refusal('At most '.self::MOST.' words.');
        }
        $chosen = [];
        foreach ($words as $word) {
            if ($word === '') {
                continue;
            }
            $wanted = is_string($word) ? strtolower(str_replace([' ', '-'], '_', trim($word))) : '';
            $found = null;
            foreach ($field->cases() as $case) {
                $found = $case->value === $wanted ? $case : $found;
            }
            if ($found === null) {
                return new Refusal((is_string($word) ? Typed::quoted($word) : 'This entry').' is not one of the choices.');
            }
            $chosen[(string) $found->value] = true;
        }

        return $chosen === [] ? null : new TypedValue(array_keys($chosen), '');
    }
}
