<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** Who decides what an empty field is taken as. */
enum DefaultReason: string
{
    case Site = 'site';
    case RuleBook = 'rule_book';
    case Practice = 'practice';

    /** As it stands in brackets behind the value that is taken. */
    public function word(): string
    {
        return match ($this) {
            self::Site => 'site',
            self::RuleBook, self::Practice => 'assumed',
        };
    }
}
