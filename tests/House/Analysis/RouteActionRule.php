<?php

declare(strict_types=1);

namespace Tests\House\Analysis;

use PhpParser\Node;
use PhpParser\Node\Expr\Array_;
use PhpParser\Node\Expr\ClassConstFetch;
use PhpParser\Node\Scalar\String_;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\ObjectType;

/**
 * What a route names as its action, a class and a method of it, is there.
 *
 * @implements Rule<Array_>
 */
final class RouteActionRule implements Rule
{
    public function getNodeType(): string
    {
        return Array_::class;
    }

    /** @return list<IdentifierRuleError> */
    public function processNode(Node $node, Scope $scope): array
    {
        [$class, $method] = [($node->items[0] ?? null)?->value, ($node->items[1] ?? null)?->value];
        if (! str_contains($scope->getFile(), '/routes/') || count($node->items) !== 2 || ! $class instanceof ClassConstFetch
            || ! $class->class instanceof Node\Name || ! $method instanceof String_) {
            return [];
        }
        $controller = new ObjectType($scope->resolveName($class->class));

        return $controller->hasMethod($method->value)->yes() ? [] : [
            RuleErrorBuilder::message($controller->getClassName().' has no method “'.$method->value.'”.')
                ->identifier('house.route')->build(),
        ];
    }
}
