<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\FieldReader;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Unit;

/** Reads a bank document: what is typed in it, each with its error at its place. */
final class BankReader
{
    public const FORMAT = 'brave-anvil.bank/1';

    public const MOST_CIRCUITS = 500;

    private const MOST_INTERVALS = 2000;

    /** @var array<string, FieldError> by path */
    private array $errors = [];

    /** @var array<string, float|null> */
    private array $numbers = [];

    private FieldReader $reader;

    /** @param  array<array-key, mixed>  $document */
    public function __construct(private readonly array $document)
    {
        $this->reader = new FieldReader(false);
        if (($document['format'] ?? self::FORMAT) !== self::FORMAT) {
            $this->fail('format', 'This is not a capacitor bank.', 'Choose a bank file of this program, '.self::FORMAT.'.');
        }
        // All of them, so that whatever is wrong is told at once.
        $bank = is_array($document['bank'] ?? null) ? $document['bank'] : [];
        foreach (self::fields() as $key => $field) {
            $this->numbers[$key] = $this->read($field, $bank[$key] ?? null);
        }
    }

    /** @return list<FieldError> */
    public function errors(): array
    {
        return array_values($this->errors);
    }

    /** @return array<string, Field> by their key below `bank` */
    private static function fields(): array
    {
        return [
            'target_power_factor' => new Field('bank.target_power_factor', FieldKind::Fraction, 'Target power factor',
                'A power factor from 0.5 to 1, such as 0.95.', low: 0.5, high: 1),
            'step_kvar' => new Field('bank.step_kvar', FieldKind::Kilovars, 'Step rating',
                'kvar from 0.5 to 1000, such as 12.5.', Unit::Var, 500, 1e6),
            'steps' => new Field('bank.steps', FieldKind::Count, 'Number of steps', 'A whole number from 1 to 24.', low: 1, high: 24),
            'rated_voltage' => new Field('bank.rated_voltage', FieldKind::Volts, 'Rated voltage of the capacitors',
                'Volts from 100 to 1200, such as 440.', Unit::Volt, 100, 1200),
            'detuning_percent' => new Field('bank.detuning_percent', FieldKind::Percent, 'Detuning reactors',
                'Percent from 1 to 20.', Unit::Percent, 1, 20),
            'current_transformer' => new Field('bank.current_transformer', FieldKind::TransformerRatio, 'Current transformer',
                'A ratio such as 300/5.', low: 1, high: 10000),
        ];
    }

    /** A number below `bank` in base units; null where it is empty or bad. */
    public function number(string $key): ?float
    {
        return $this->numbers[$key] ?? null;
    }

    private function read(Field $field, mixed $value): ?float
    {
        if ($value === null || $value === '') {
            return null;
        }
        $read = $this->reader->read($field, $value);
        if ($read instanceof Refusal) {
            $this->fail($field->path, $read->text, $field->accepted());

            return null;
        }

        return is_float($read?->value) ? $read->value : null;
    }

    public function tag(): string
    {
        return is_string($this->document['tag'] ?? null) ? $this->document['tag'] : '';
    }

    /** Share of all loads that run at the same time, where no pattern says more. */
    public function simultaneity(): float
    {
        $field = new Field('simultaneity', FieldKind::Fraction, 'Diversity factor', 'From 0.05 to 1, such as 0.7.', low: 0.05, high: 1);

        return $this->read($field, $this->document['simultaneity'] ?? null) ?? 1.0;
    }

    /** @return array<array-key, mixed> supply and rule book that a circuit takes where it has none of its own */
    public function supply(): array
    {
        $supply = $this->document['supply'] ?? [];

        return is_array($supply) ? $supply : [];
    }

    public function ruleBook(): string
    {
        return is_string($this->document['rule_book'] ?? null) ? $this->document['rule_book'] : '';
    }

    /** @return list<array<array-key, mixed>> circuits with supply, settings and rule book of the bank under their own */
    public function circuits(): array
    {
        $circuits = $this->document['circuits'] ?? [];
        if (! is_array($circuits) || count($circuits) > self::MOST_CIRCUITS) {
            $this->fail('circuits', 'This is not a list of circuits.', 'At most '.self::MOST_CIRCUITS.' circuits.');

            return [];
        }
        $all = [];
        foreach (array_values($circuits) as $i => $circuit) {
            if (! is_array($circuit)) {
                $this->fail("circuits.$i", 'This is not a circuit.', 'An object with the sections of a circuit.');

                continue;
            }
            $own = is_array($circuit['supply'] ?? null) ? $circuit['supply'] : [];
            $all[] = [
                ...$circuit, 'rule_book' => $circuit['rule_book'] ?? $this->ruleBook(),
                'supply' => [...$this->supply(), ...array_filter($own, static fn (mixed $value): bool => $value !== null && $value !== '')],
                'settings' => $circuit['settings'] ?? $this->document['settings'] ?? null,
            ];
        }

        return $all;
    }

    /** @return array{float, float} real W and reactive var of all else */
    public function others(): array
    {
        $power = 0.0;
        $reactive = 0.0;
        $loads = $this->document['other_loads'] ?? [];
        foreach (is_array($loads) ? array_values($loads) : [] as $i => $load) {
            $at = static fn (string $key): mixed => is_array($load) ? $load[$key] ?? null : null;
            $power += $this->read(
                new Field("other_loads.$i.power", FieldKind::Kilowatts, 'Power', 'kW, such as 40.', Unit::Watt, 0, 1e9), $at('power'),
            ) ?? 0.0;
            $reactive += $this->read(
                new Field("other_loads.$i.reactive", FieldKind::Kilovars, 'Reactive power', 'kvar, such as 30.', Unit::Var, 0, 1e9),
                $at('reactive'),
            ) ?? 0.0;
        }

        return [$power, $reactive];
    }

    /**
     * @param  list<string>  $known  tags of the circuits
     * @return list<array{float, list<string>}>|null minutes with what runs; null where no pattern is typed
     */
    public function pattern(array $known): ?array
    {
        $pattern = $this->document['pattern'] ?? null;
        if ($pattern === null || $pattern === []) {
            return null;
        }
        if (! is_array($pattern) || count($pattern) > self::MOST_INTERVALS) {
            $this->fail(
                'pattern', 'This is not a list of intervals.', 'At most '.self::MOST_INTERVALS.
                ' intervals: minutes and the circuits that run.',
            );

            return null;
        }
        $read = [];
        foreach (array_values($pattern) as $i => $interval) {
            $minutes = $this->read(
                new Field(
                    "pattern.$i.minutes", FieldKind::Number, 'Minutes', 'Minutes from 0.1 to 1440, such as 15.', low: 0.1, high: 1440,
                ),
                is_array($interval) ? $interval['minutes'] ?? 0 : 0,
            );
            $running = is_array($interval) && is_array($interval['running'] ?? null) ? $interval['running'] : [];
            $tags = [];
            foreach ($running as $tag) {
                if (is_string($tag) && in_array($tag, $known, true)) {
                    $tags[] = $tag;
                } else {
                    $named = is_string($tag) ? Typed::quoted($tag) : 'This entry';
                    $this->fail("pattern.$i.running", $named.' is not one of the circuits.', 'Tags of the circuits.');
                }
            }
            if ($minutes !== null) {
                $read[] = [$minutes, $tags];
            }
        }

        return $read;
    }

    public function fail(string $path, string $text, string $accepted, ErrorKind $kind = ErrorKind::Unreadable): void
    {
        $this->errors[$path] ??= new FieldError($path, $text, $accepted, $kind);
    }
}
