<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Rules\RuleBook;

/** Choices of a table in the words of its rule book, and back to those of the open format. */
final class ChoiceWords
{
    /** @var array<string, array<string, string>> words by value, by path */
    private array $known = [];

    public function __construct(private readonly RuleBook $book)
    {
    }

    /** @return array<string, string> words by value; empty where the field is no choice */
    public function of(string $path): array
    {
        return $this->known[$path] ??= $this->listed($path);
    }

    /** As people read it; what is no choice stays as it is. */
    public function said(string $path, string $value): string
    {
        return $this->of($path)[$value] ?? $value;
    }

    /** The value of the open format that somebody's words mean; what is none of them stays as it is. */
    public function value(string $path, string $text): string
    {
        $words = $this->of($path);
        if ($text === '' || $words === [] || isset($words[$text])) {
            return $text;
        }
        $plain = static fn (string $one): string => strtolower(trim((string) preg_replace('~[\s\-–]+~u', ' ', $one)));
        foreach ($words as $value => $said) {
            if ($plain($said) === $plain($text)) {
                return $value;
            }
        }

        return $text;
    }

    /** @return array<string, string> */
    private function listed(string $path): array
    {
        $own = $this->book->choices()[$path] ?? null;
        $field = Fields::find($path);
        $words = $own === null ? [] : array_combine(array_map(strval(...), array_keys($own)), array_values($own));
        foreach ($own !== null || $field === null || $field->kind !== FieldKind::Choice ? [] : $field->cases() as $choice) {
            /** @var Choice $choice */
            $words[(string) $choice->value] = $choice->label($this->book->words());
        }

        // Two that are said alike are told apart by the words of the format alone.
        return count(array_unique(array_map(strtolower(...), $words))) === count($words) ? $words : [];
    }
}
