<?php

declare(strict_types=1);

namespace Tests\House\Mutants;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/**
 * Where a file of the core can be changed so that it still compiles: a number becomes a tenth larger (a whole one by one), a comparison
 * turns round or, against a number that is written out, moves its boundary; a sign turns. To how many digits a value is shown is left alone, and so is what only evens out
 * rounding: numbers of a ten-thousandth and less, and the signs and comparisons beside a tolerance.
 */
final class Points extends NodeVisitorAbstract
{
    private const TURNED = [
        BinaryOp\Smaller::class => ['<', '>='], BinaryOp\SmallerOrEqual::class => ['<=', '>'],
        BinaryOp\Greater::class => ['>', '<='], BinaryOp\GreaterOrEqual::class => ['>=', '<'],
        BinaryOp\Identical::class => ['===', '!=='], BinaryOp\NotIdentical::class => ['!==', '==='],
    ];

    private const MOVED = [
        BinaryOp\Smaller::class => ['<', '<='], BinaryOp\SmallerOrEqual::class => ['<=', '<'],
        BinaryOp\Greater::class => ['>', '>='], BinaryOp\GreaterOrEqual::class => ['>=', '>'],
    ];

    private const SIGNS = [
        BinaryOp\Plus::class => ['+', '-'], BinaryOp\Minus::class => ['-', '+'],
        BinaryOp\Mul::class => ['*', '/'], BinaryOp\Div::class => ['/', '*'],
    ];

    /** @var list<Point> */
    private array $points = [];

    /** @var list<string> */
    private array $functions = [];

    private string $class = '';

    /** @var array<int, true> where digits of a shown value stand */
    private array $digits = [];

    private function __construct(private readonly string $file, private readonly string $code)
    {
    }

    /** @return list<Point> */
    public static function of(string $file): array
    {
        $code = (string) file_get_contents($file);
        $found = new self($file, $code);
        (new NodeTraverser($found))->traverse((new ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? []);

        return $found->points;
    }

    public function enterNode(Node $node): ?int
    {
        if ($node instanceof Node\Stmt\Declare_ || $node instanceof Node\AttributeGroup || $node instanceof Node\Stmt\EnumCase) {
            return self::DONT_TRAVERSE_CHILDREN;
        }
        if ($node instanceof Node\Stmt\ClassLike && $node->name !== null) {
            $this->class = $node->name->name;
        } elseif ($node instanceof Node\Stmt\ClassMethod) {
            $this->functions[] = Walks::name($this->class, $node->name->name);
        } elseif ($node instanceof Expr\MethodCall || $node instanceof Expr\StaticCall) {
            $this->leaveDigits($node);
        } elseif ($node instanceof Scalar\Int_ || $node instanceof Scalar\Float_) {
            if (! isset($this->digits[$node->getStartFilePos()]) && ($node->value === 0 || $node->value === 0.0 || abs($node->value) > 1e-4)) {
                $this->number($node);
            }
        } elseif ($node instanceof Expr\UnaryMinus) {
            $this->at('sign', $node, $node->getStartFilePos(), 1, '-', '');
        } elseif ($node instanceof BinaryOp) {
            $this->operator($node);
        }

        return null;
    }

    public function leaveNode(Node $node): null
    {
        if ($node instanceof Node\Stmt\ClassMethod) {
            array_pop($this->functions);
        }

        return null;
    }

    private function leaveDigits(Expr\MethodCall|Expr\StaticCall $call): void
    {
        $shows = $call->name instanceof Node\Identifier && $call->name->name === 'shown'
            || $call instanceof Expr\StaticCall && $call->class instanceof Node\Name && $call->class->getLast() === 'Show';
        foreach ($shows ? $call->getArgs() : [] as $argument) {
            if ($argument->value instanceof Scalar\Int_) {
                $this->digits[$argument->value->getStartFilePos()] = true;
            }
        }
    }

    private function number(Scalar\Int_|Scalar\Float_ $node): void
    {
        $from = $node->getStartFilePos();
        $length = $node->getEndFilePos() - $from + 1;
        $after = $node instanceof Scalar\Int_ ? $node->value + 1 : ($node->value == 0.0 ? 1.0 : $node->value * 1.1);
        $this->at('number', $node, $from, $length, substr($this->code, $from, $length), var_export($after, true));
    }

    private function operator(BinaryOp $node): void
    {
        if (preg_match('~TOLERANCE|\b1e-\d~', substr($this->code, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1)) === 1) {
            return;
        }
        foreach (['comparison' => self::TURNED, 'boundary' => self::MOVED, 'sign' => self::SIGNS] as $kind => $list) {
            [$before, $after] = $list[$node::class] ?? [null, null];
            $left = $node->left->getEndFilePos() + 1;
            $between = substr($this->code, $left, $node->right->getStartFilePos() - $left);
            $where = $before === null ? false : strpos($between, $before);
            // Two computed values are never quite equal: only a written limit has a boundary.
            $limit = array_filter([$node->left, $node->right], static fn (Expr $side): bool => $side instanceof Scalar
                || $side instanceof Expr\ClassConstFetch);
            if ($before !== null && $after !== null && $where !== false && ($kind !== 'boundary' || $limit !== [])) {
                $this->at($kind, $node, $left + $where, strlen($before), $before, $after);
            }
        }
    }

    private function at(string $kind, Node $node, int $from, int $length, string $before, string $after): void
    {
        $line = substr_count($this->code, "\n", 0, $from) + 1;
        $function = end($this->functions);
        $this->points[] = new Point($this->file, $line, $kind, $from, $length, $before, $after, $function === false ? null : $function);
    }
}
