<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds for every field of the format alike. */
final class FieldsTest extends TestCase
{
    /** @return iterable<string, array{Field}> */
    public static function fields(): iterable
    {
        foreach (Fields::all() as $path => $field) {
            yield $path => [$field];
        }
    }

    #[DataProvider('fields')]
    public function test_it_says_what_it_is_and_what_is_accepted(Field $field): void
    {
        self::assertNotSame('', $field->label);
        self::assertNotSame('', $field->accepted());
        self::assertSame($field, Fields::find($field->path));
        self::assertMatchesRegularExpression('/^[a-z_]+(\.[a-z_0-9]+){0,3}$/', $field->path);
        self::assertLessThanOrEqual($field->high, $field->low);
    }

    /** @return array<string, mixed> a circuit with nothing but one field */
    private static function only(string $path, mixed $value): array
    {
        foreach (array_reverse(explode('.', $path)) as $key) {
            $value = [$key => $value];
        }

        return ['rule_book' => 'iec', ...$value];
    }

    /** @return iterable<string, array{Field}> fields of one number between limits */
    public static function limited(): iterable
    {
        foreach (Fields::all() as $path => $field) {
            if ($field->high > $field->low && ! in_array($field->kind, [FieldKind::Count, FieldKind::Text], true)) {
                yield $path => [$field];
            }
        }
    }

    /** Far beyond its limits nothing is taken as something else: it is refused, in words, at its field. */
    #[DataProvider('limited')]
    public function test_a_number_far_beyond_its_limits_is_refused(Field $field): void
    {
        foreach (['9999999999999', '-9999999999999'] as $typed) {
            $circuit = CircuitReader::read(self::only($field->path, $typed));
            self::assertArrayHasKey($field->path, $circuit->errors, "$typed is taken as ".($circuit->read()[$field->path] ?? 'nothing'));
            self::assertNotSame('', $circuit->errors[$field->path]->text);
            self::assertNotSame('', $circuit->errors[$field->path]->accepted);
        }
    }

    #[DataProvider('fields')]
    public function test_an_empty_field_is_no_error_and_no_value(Field $field): void
    {
        if ($field->path === 'rule_book') {
            self::assertArrayHasKey('rule_book', CircuitReader::read(['rule_book' => ''])->errors);

            return;
        }
        // A yes or no is chosen, so nobody types spaces there.
        foreach ($field->kind === FieldKind::Flag ? ['', null] : ['', '   ', null] as $empty) {
            $circuit = CircuitReader::read(self::only($field->path, $empty));
            self::assertArrayNotHasKey($field->path, $circuit->errors);
            self::assertArrayNotHasKey($field->path, $circuit->read());
            self::assertSame([], $circuit->unknown);
        }
    }

    /** @return iterable<string, array{Field}> */
    public static function chosen(): iterable
    {
        foreach (Fields::all() as $path => $field) {
            if ($field->choices !== null && $field->kind !== FieldKind::Anything) {
                yield $path => [$field];
            }
        }
    }

    #[DataProvider('chosen')]
    public function test_every_choice_is_read_and_has_a_label_in_every_rule_book(Field $field): void
    {
        foreach ((new RuleBooks(Tables::shipped()))->all() as $book) {
            $labels = array_map(static fn (Choice $choice): string => $choice->label($book->words()), $field->cases());
            self::assertNotContains('', $labels);
            self::assertSame($labels, array_unique($labels), 'two choices by one name');
        }
        foreach ($field->cases() as $choice) {
            $circuit = CircuitReader::read(self::only($field->path, (string) $choice->value));
            self::assertArrayNotHasKey($field->path, $circuit->errors, (string) $choice->value);
        }
        $wrong = CircuitReader::read(self::only($field->path, 'no_such_choice'));
        self::assertArrayHasKey($field->path, $wrong->errors);
    }

    public function test_a_path_that_is_not_a_field_is_a_fault_of_the_program(): void
    {
        self::assertNull(Fields::find('plate.colour'));
        $this->expectException(Defect::class);
        (new \ReflectionMethod(Fields::class, 'named'))->invoke(null, 'plate.colour');
    }

    public function test_what_is_not_a_field_is_kept_and_told(): void
    {
        $circuit = CircuitReader::read(['rule_book' => 'iec', 'plate' => ['colour' => 'green']]);
        self::assertSame(['plate.colour'], $circuit->unknown);
        self::assertSame([], $circuit->errors);
    }
}
