<?php

declare(strict_types=1);

namespace BraveAnvil\Books;

use BraveAnvil\Books\Cec\CecRuleBook;
use BraveAnvil\Books\Iec\IecRuleBook;
use BraveAnvil\Books\Nec\NecRuleBook;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Tables\Tables;

/** The rule books over one set of tables. */
final readonly class RuleBooks
{
    public function __construct(private Tables $tables)
    {
    }

    /** The book of that identifier, or null where there is none. */
    public function named(string $id): ?RuleBook
    {
        $name = RuleBookName::tryFrom($id);

        return $name === null ? null : $this->of($name);
    }

    public function of(RuleBookName $name): RuleBook
    {
        return match ($name) {
            RuleBookName::Iec => new IecRuleBook($this->tables),
            RuleBookName::Nec => new NecRuleBook($this->tables),
            RuleBookName::Cec => new CecRuleBook($this->tables),
        };
    }

    /** @return non-empty-list<RuleBook> */
    public function all(): array
    {
        return array_map($this->of(...), RuleBookName::cases());
    }
}
