<?php

declare(strict_types=1);

namespace Tests\House\Analysis;

use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\TableName;
use PhpParser\Node;
use PhpParser\Node\Expr\MethodCall;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\ObjectType;

/**
 * A key that code writes out is in a table.
 *
 * @implements Rule<MethodCall>
 */
final class TableKeyRule implements Rule
{
    private const ASKS = [
        'number', 'must', 'entry', 'text', 'list', 'numbers', 'series', 'column', 'keys', 'doubt', 'has', 'isEntry', 'row', 'correction',
    ];

    /** @var array<string, true> every key at any depth of any table */
    private array $keys = [];

    public function getNodeType(): string
    {
        return MethodCall::class;
    }

    /** @return list<IdentifierRuleError> */
    public function processNode(Node $node, Scope $scope): array
    {
        if (! $node->name instanceof Node\Identifier || ! in_array($node->name->name, self::ASKS, true)
            || ! (new ObjectType(Table::class))->isSuperTypeOf($scope->getType($node->var))->yes()) {
            return [];
        }
        $errors = [];
        foreach ($node->getArgs() as $argument) {
            // Of a choice, a table may leave some cases out: only what is written out has to be there.
            $written = $argument->value instanceof Node\Scalar\String_ || $argument->value instanceof Node\Expr\BinaryOp\Concat;
            foreach ($written ? $scope->getType($argument->value)->getConstantStrings() : [] as $key) {
                if (! isset($this->keys()[$key->getValue()])) {
                    $errors[] = RuleErrorBuilder::message('No table has the key “'.$key->getValue().'”.')
                        ->identifier('house.tableKey')->build();
                }
            }
        }

        return $errors;
    }

    /** @return array<string, true> */
    private function keys(): array
    {
        if ($this->keys === []) {
            foreach (TableName::cases() as $name) {
                $file = Table::decoded($name);
                $this->collect(is_array($file) ? $file['data'] ?? [] : []);
            }
        }

        return $this->keys;
    }

    private function collect(mixed $data): void
    {
        foreach (is_array($data) ? $data : [] as $key => $inner) {
            $this->keys[(string) $key] = true;
            $this->collect($inner);
        }
    }
}
