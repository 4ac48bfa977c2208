<?php

declare(strict_types=1);

namespace Tests\House\Analysis;

use BraveAnvil\Ground\HowKnown;
use PhpParser\Node;
use PhpParser\Node\Scalar\String_;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * How something is known is never spelt out: a published source is a `Standard` with its place, the rest a `HowKnown`.
 *
 * @implements Rule<String_>
 */
final class SourceRule implements Rule
{
    public function getNodeType(): string
    {
        return String_::class;
    }

    /** @return list<IdentifierRuleError> */
    public function processNode(Node $node, Scope $scope): array
    {
        return $scope->getClassReflection()?->getName() === HowKnown::class
            || preg_match('~from mem\w*\b|\bmemory\)~i', $node->value) !== 1 ? []
            : [RuleErrorBuilder::message('“'.$node->value.'” spells out how something is known.')->identifier('house.source')->build()];
    }
}
