<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\FieldReader;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\SiteSettings;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Source\SourceDefaults;
use BraveAnvil\Tables\Practice\RunUpPractice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** Reads a board with its feeder and circuits, `brave-anvil.feeder/1`: what is typed in it, each with its error at its place. */
final class FeederDocument
{
    public const FORMAT = 'brave-anvil.feeder/1';

    public const MOST_CIRCUITS = 300;

    private const MOST_BOARDS = 40;

    /** That a board alone has. */
    private const OWN_SETTINGS = ['drop_limit_feeder', 'drop_limit_total', 'dip_limit_board'];

    /** @var array<string, FieldError> by path */
    private array $errors = [];

    private readonly FieldReader $reader;

    public readonly ?RuleBook $book;

    /** Supply, cable and device of the feeder, read as those of a circuit. */
    public readonly Circuit $feeder;

    /** @param  array<array-key, mixed>  $document */
    public function __construct(private readonly array $document, Tables $tables)
    {
        if (($document['format'] ?? self::FORMAT) !== self::FORMAT) {
            $this->fail('format', 'This is not a board.', 'Choose a board file of this program, '.self::FORMAT.'.');
        }
        $named = is_string($document['rule_book'] ?? null) ? $document['rule_book'] : '';
        $this->book = (new RuleBooks($tables))->named($named);
        if ($this->book === null) {
            $this->fail('rule_book', 'Enter the rule book.', 'IEC 60364, NEC or CE Code.', ErrorKind::Missing);
        }
        $this->reader = new FieldReader($this->isAmerican());
        $guard = $this->group('guard');
        $read = CircuitReader::read([
            'rule_book' => $named, 'supply' => array_diff_key($this->group('supply'), ['no_load_voltage' => null]),
            'cable' => $this->group('cable'), 'settings' => $this->known($this->group('settings'), self::OWN_SETTINGS),
            'guard' => array_intersect_key($guard, ['rating' => null, 'breaking_capacity_ka' => null]) +
                (($guard['scpd'] ?? null) === 'breaker_adjustable' ? [] : ['scpd' => $guard['scpd'] ?? null]),
        ]);
        foreach ($read->errors as $path => $error) {
            $this->errors[$path] = $error;
        }
        $this->feeder = $this->book === null ? $read : $read->withDefaults([
            ...$this->book->defaults(),
            ...(new SourceDefaults(new RunUpPractice($tables->named(TableName::PracticeRunUp))))->of($read),
        ]);
    }

    /** @return list<FieldError> */
    public function errors(): array
    {
        return array_values($this->errors);
    }

    public function tag(): string
    {
        return is_string($this->document['tag'] ?? null) ? $this->document['tag'] : '';
    }

    public function ruleBook(): string
    {
        return is_string($this->document['rule_book'] ?? null) ? $this->document['rule_book'] : '';
    }

    public function isAmerican(): bool
    {
        return RuleBookName::isAmerican($this->ruleBook());
    }

    /** @return array<array-key, mixed> what a circuit takes where it says nothing of its own */
    public function supply(): array
    {
        return array_diff_key($this->group('supply'), ['no_load_voltage' => null]);
    }

    /** Whether the feeder's device is an adjustable breaker, which no circuit has. */
    public function isAdjustable(): bool
    {
        return ($this->group('guard')['scpd'] ?? null) === 'breaker_adjustable';
    }

    /** Share of all circuits that run together, in parts of one. */
    public function simultaneity(): float
    {
        return $this->number('simultaneity', $this->document['simultaneity'] ?? null, FieldKind::Fraction, 0.01, 1) ?? 1.0;
    }

    /** @return array<string, float> by the name of the group */
    public function groups(): array
    {
        $groups = [];
        $typed = $this->document['groups'] ?? [];
        foreach (is_array($typed) ? array_values($typed) : [] as $i => $group) {
            $name = is_array($group) && is_string($group['name'] ?? null) ? trim($group['name']) : '';
            $share = $this->number("groups.$i.simultaneity", is_array($group) ? $group['simultaneity'] ?? null : null,
                FieldKind::Fraction, 0.01, 1);
            if ($name === '') {
                $this->fail("groups.$i.name", 'Enter the name of the group.', 'Such as press line.', ErrorKind::Missing);
            } elseif ($share !== null) {
                $groups[$name] = $share;
            }
        }

        return $groups;
    }

    public function hasDemandEvidence(): bool
    {
        return is_string($this->document['demand_evidence'] ?? null) && trim($this->document['demand_evidence']) !== '';
    }

    /** In parts of one. */
    public function reserve(): float
    {
        return ($this->number('reserve_percent', $this->document['reserve_percent'] ?? null, FieldKind::Percent, 0, 200,
            Unit::Percent) ?? 0.0) / 100;
    }

    /** A number below `settings` or the usual one, %. */
    public function limit(string $key, float $usual): float
    {
        return $this->number("settings.$key", $this->group('settings')[$key] ?? null, FieldKind::Percent, 0.1, 50,
            Unit::Percent) ?? $usual;
    }

    /** Between lines, V; null where nobody typed it. */
    public function noLoadVoltage(): ?float
    {
        return $this->number('supply.no_load_voltage', $this->group('supply')['no_load_voltage'] ?? null, FieldKind::Volts, 50,
            1500, Unit::Volt);
    }

    /** A setting of an adjustable breaker, A or s; null where nobody typed it, INF where it is off. */
    public function setting(string $key): ?float
    {
        $typed = $this->group('guard')[$key] ?? null;
        if (is_string($typed) && strtolower(trim($typed)) === 'off') {
            return INF;
        }

        return str_ends_with($key, 'delay')
            ? $this->number("guard.$key", $typed, FieldKind::Seconds, 0.01, 300, Unit::Second) : $this->number("guard.$key", $typed,
                FieldKind::Amperes, 1, 100000, Unit::Ampere);
    }

    /** A time of the restart, s; null where nobody typed it. */
    public function restart(string $key): ?float
    {
        return $this->number("restart.$key", $this->group('restart')[$key] ?? null, FieldKind::Seconds, 0, 3600, Unit::Second);
    }

    /** A number below `bank`, in base units; null where it is empty or bad. */
    public function bank(string $key, FieldKind $kind, float $low, float $high, Unit $unit = Unit::None): ?float
    {
        return $this->number("bank.$key", $this->group('bank')[$key] ?? null, $kind, $low, $high, $unit);
    }

    /** @return array<array-key, mixed> what is typed of the control supply; empty without one */
    public function control(): array
    {
        return $this->group('control');
    }

    /**
     * @param  bool  $mayBeEmpty  where it feeds other boards
     * @return list<array{document: array<array-key, mixed>, board: array<array-key, mixed>, path: string, tag: string}> under the board's
     * supply and settings
     */
    public function circuits(bool $mayBeEmpty = false): array
    {
        $typed = $this->document['circuits'] ?? null;
        if ($mayBeEmpty && ($typed === null || $typed === [])) {
            return [];
        }
        if (! is_array($typed) || $typed === [] || count($typed) > self::MOST_CIRCUITS) {
            $this->fail('circuits', $typed === null || $typed === [] ? 'A board wants at least one circuit.'
                : 'This is not a list of circuits.',
                'From 1 to '.self::MOST_CIRCUITS.' circuits.');

            return [];
        }
        $all = [];
        $tags = [];
        foreach (array_values($typed) as $i => $circuit) {
            if (! is_array($circuit)) {
                $this->fail("circuits.$i", 'This is not a circuit.', 'An object with the sections of a circuit.');

                continue;
            }
            $tag = is_string($circuit['tag'] ?? null) ? $circuit['tag'] : '';
            if ($tag === '' || isset($tags[$tag])) {
                $this->fail("circuits.$i.tag", $tag === '' ? 'Enter the tag of the circuit.' : '“'.$tag.'” is already used.',
                    'Give each circuit its own tag.');
            }
            $tags[$tag] = true;
            if (($circuit['rule_book'] ?? $this->ruleBook()) !== $this->ruleBook()) {
                $this->fail("circuits.$i.rule_book", 'This circuit has another rule book than its board.', 'One rule book for a board.');
            }
            $all[] = [
                'document' => SiteSettings::under(
                    [...array_diff_key($circuit, ['board' => null]), 'rule_book' => $this->ruleBook()],
                    $this->known($this->group('settings'), self::OWN_SETTINGS),
                ),
                'board' => is_array($circuit['board'] ?? null) ? $circuit['board'] : [], 'path' => "circuits.$i", 'tag' => $tag,
            ];
        }

        return $all;
    }

    /** @return list<array<array-key, mixed>> boards that this one feeds, each in this same format */
    public function boards(): array
    {
        $typed = $this->document['boards'] ?? [];
        if (! is_array($typed) || count($typed) > self::MOST_BOARDS) {
            $this->fail('boards', 'This is not a list of boards.', 'No more than '.self::MOST_BOARDS.' boards.');

            return [];
        }

        return array_values(array_filter($typed, is_array(...)));
    }

    /** @return list<OtherLoad> */
    public function others(): array
    {
        $volts = $this->feeder->number('supply.voltage')?->number() ?? 0.0;
        $loads = [];
        $typed = $this->document['other_loads'] ?? [];
        foreach (is_array($typed) ? array_values($typed) : [] as $i => $load) {
            $read = OtherLoad::read(is_array($load) ? $load : [], "other_loads.$i", $volts, $this);
            if ($read !== null) {
                $loads[] = $read;
            }
        }

        return $loads;
    }

    /** Yes or no, as typed or chosen; null where nobody said. */
    public static function flag(mixed $value): ?bool
    {
        return match ($value) {
            true, 'true', 'yes' => true,
            false, 'false', 'no' => false,
            default => null,
        };
    }

    /** One number of the document in base units; null where it is empty or bad. */
    public function number(string $path, mixed $value, FieldKind $kind, float $low, float $high, Unit $unit = Unit::None): ?float
    {
        if ($value === null || $value === '') {
            return null;
        }
        $read = $this->reader->read(new Field($path, $kind, '', 'A number.', $unit, $low, $high), $value);
        if ($read instanceof Refusal) {
            $this->fail($path, $read->text, 'A number from '.$low.' to '.$high.'.');

            return null;
        }

        return is_float($read?->value) ? $read->value : null;
    }

    public function fail(string $path, string $text, string $accepted, ErrorKind $kind = ErrorKind::Unreadable): void
    {
        $this->errors[$path] ??= new FieldError($path, $text, $accepted, $kind);
    }

    /** @return array<array-key, mixed> */
    private function group(string $key): array
    {
        $group = $this->document[$key] ?? [];

        return is_array($group) ? $group : [];
    }

    /**
     * @param  array<array-key, mixed>  $settings
     * @param  list<string>  $own  keys that a board alone has
     * @return array<array-key, mixed>
     */
    private function known(array $settings, array $own): array
    {
        return array_diff_key($settings, array_flip($own));
    }
}
