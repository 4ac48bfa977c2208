<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\RuleBook\Cec\CecRuleBook;
use BraveAnvil\RuleBook\Iec\IecRuleBook;
use BraveAnvil\RuleBook\Nec\NecRuleBook;

/** The rule books by their identifier. */
final class RuleBooks
{
    public static function of(string $id): ?RuleBook
    {
        return match ($id) {
            'iec' => new IecRuleBook,
            'nec' => new NecRuleBook,
            'cec' => new CecRuleBook,
            default => null,
        };
    }

    /** @return list<RuleBook> */
    public static function all(): array
    {
        return [new IecRuleBook, new NecRuleBook, new CecRuleBook];
    }
}
