<?php

declare(strict_types=1);

namespace Tests\House\Mutants;

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** Which functions of the core a test walks through: each function says so at its start, in a copy that only this run loads. */
final class Walks
{
    /** @var array<string, true> functions since the last test ended */
    public static array $walked = [];

    public static function name(string $class, string $method): string
    {
        return "$class::$method";
    }

    /** The code of a file in which every function first puts its name down. */
    public static function written(string $code): string
    {
        $visitor = new class extends NodeVisitorAbstract
        {
            private string $class = '';

            /** @var array<int, string> position in the file => function */
            public array $starts = [];

            public function enterNode(Node $node): null
            {
                if ($node instanceof Node\Stmt\ClassLike && $node->name !== null) {
                    $this->class = $node->name->name;
                } elseif ($node instanceof Node\Stmt\ClassMethod && isset($node->stmts[0])) {
                    $this->starts[$node->stmts[0]->getStartFilePos()] = Walks::name($this->class, $node->name->name);
                }

                return null;
            }
        };
        (new NodeTraverser($visitor))->traverse((new ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? []);
        krsort($visitor->starts);
        foreach ($visitor->starts as $at => $name) {
            $code = substr_replace($code, '\\'.self::class.'::$walked['.var_export($name, true).'] = true; ', $at, 0);
        }

        return $code;
    }
}
