<?php

declare(strict_types=1);

namespace Tests\House\Analysis;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use PhpParser\Node;
use PhpParser\Node\Expr\MethodCall;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\ObjectType;

/**
 * A field of a circuit is asked by a path that is one, and as what it is: a choice by its own enum, a number as a number.
 *
 * @implements Rule<MethodCall>
 */
final class FieldRule implements Rule
{
    private const ASKS = [
        'number', 'chosen', 'several', 'flag', 'word', 'stamped', 'has', 'missing', 'bad', 'assumed', 'defaultOf', 'typedIn', 'about',
    ];

    /** Kinds that are read as something else than a number. */
    private const NO_NUMBER = [
        FieldKind::Anything, FieldKind::Text, FieldKind::Flag, FieldKind::Choice, FieldKind::Letter, FieldKind::Points, FieldKind::Traits,
        FieldKind::LoadHours, FieldKind::Power, FieldKind::PlateVoltage, FieldKind::PlateCurrent, FieldKind::Speed, FieldKind::Duty,
        FieldKind::Insulation, FieldKind::Installation, FieldKind::Size,
    ];

    public function getNodeType(): string
    {
        return MethodCall::class;
    }

    /** @return list<IdentifierRuleError> */
    public function processNode(Node $node, Scope $scope): array
    {
        $ask = $node->name instanceof Node\Identifier ? $node->name->name : '';
        if (! in_array($ask, self::ASKS, true) || ! (new ObjectType(Circuit::class))->isSuperTypeOf($scope->getType($node->var))->yes()) {
            return [];
        }
        $says = [];
        foreach ($node->getArgs() as $i => $argument) {
            if ($argument->value instanceof Node\Scalar\String_ && ($i === 0 || ! in_array($ask, ['chosen', 'several'], true))) {
                $path = $argument->value->value;
                $field = Fields::find($path);
                $says[] = $field === null ? "There is no field “{$path}”." : self::askedAs($ask, $field, $node, $scope);
            }
        }

        return array_map(
            static fn (string $text): IdentifierRuleError => RuleErrorBuilder::message($text)->identifier('house.field')->build(),
            array_values(array_filter($says, static fn (?string $one): bool => $one !== null)),
        );
    }

    private static function askedAs(string $ask, Field $field, MethodCall $node, Scope $scope): ?string
    {
        $choices = match ($field->kind) {
            FieldKind::Insulation => Insulation::class,
            FieldKind::Installation => Installation::class,
            default => $field->choices,
        };
        $class = $ask === 'chosen' || $ask === 'several'
            ? $scope->getType($node->getArgs()[1]->value)->getClassStringObjectType()->getObjectClassNames()[0] ?? null : null;

        return match (true) {
            $class !== null && $class !== $choices => "“{$field->path}” is no choice of $class.",
            $ask === 'number' && in_array($field->kind, self::NO_NUMBER, true) => "“{$field->path}” is no number.",
            $ask === 'flag' && $field->kind !== FieldKind::Flag => "“{$field->path}” is no flag.",
            $ask === 'word' && $choices !== null => "“{$field->path}” is a choice of $choices.",
            default => null,
        };
    }
}
