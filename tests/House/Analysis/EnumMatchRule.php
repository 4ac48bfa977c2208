<?php

declare(strict_types=1);

namespace Tests\House\Analysis;

use PhpParser\Node;
use PhpParser\Node\Expr\Match_;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\TypeCombinator;

/**
 * A `match` over an enum of our own has no `default`: whoever adds a case is told by the analysis where it has to be decided.
 *
 * @implements Rule<Match_>
 */
final class EnumMatchRule implements Rule
{
    public function getNodeType(): string
    {
        return Match_::class;
    }

    /** @return list<IdentifierRuleError> */
    public function processNode(Node $node, Scope $scope): array
    {
        $type = TypeCombinator::removeNull($scope->getType($node->cond));
        $enum = $type->getEnumCases()[0] ?? null;
        if ($enum === null || ! str_starts_with($enum->getClassName(), 'BraveAnvil\\')) {
            return [];
        }
        foreach ($node->arms as $arm) {
            // One that throws is no way on: it says which cases never come here.
            if ($arm->conds === null && ! $arm->body instanceof Node\Expr\Throw_) {
                return [RuleErrorBuilder::message('A match over '.$enum->getClassName().' has a default.')->line($arm->getStartLine())
                    ->identifier('house.enumDefault')->build()];
            }
        }

        return [];
    }
}
