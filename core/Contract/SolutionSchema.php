<?php

declare(strict_types=1);

namespace BraveAnvil\Contract;

use BraveAnvil\Bench\RunCurve;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldNote;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Waveform\WaveformFigure;
use BraveAnvil\Physics\Waveform\WaveformFinding;
use BraveAnvil\Records\Bank\BankDayCurve;
use BraveAnvil\Records\Bank\BankFigure;
use BraveAnvil\Records\Bank\BankFinding;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\CableFinding;
use BraveAnvil\Stations\Cable\SizeLadderCurve;
use BraveAnvil\Stations\CapacitorLeads\PlacementCurve;
use BraveAnvil\Stations\Correct\AfterCurve;
use BraveAnvil\Stations\Correct\CorrectFigure;
use BraveAnvil\Stations\Correct\CorrectFinding;
use BraveAnvil\Stations\Correct\CorrectionCurve;
use BraveAnvil\Stations\Correct\ResonanceCurve;
use BraveAnvil\Stations\Correct\TrialCurve;
use BraveAnvil\Stations\Fault\FaultCurve;
use BraveAnvil\Stations\Fault\FaultFigure;
use BraveAnvil\Stations\Fault\FaultFinding;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Guard\GuardFinding;
use BraveAnvil\Stations\Guard\RatingsCurve;
use BraveAnvil\Stations\Measure\MeasuredFigure;
use BraveAnvil\Stations\Measure\MeasuredFinding;
use BraveAnvil\Stations\Plate\ConnectionCurve;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Power\CurrentsByBookCurve;
use BraveAnvil\Stations\Power\PartLoadCurve;
use BraveAnvil\Stations\Power\PhasorCurve;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Stations\Power\PowerFinding;
use BraveAnvil\Stations\Power\TriangleCurve;
use BraveAnvil\Stations\Power\WindingFigure;
use BraveAnvil\Stations\Prove\Comparison;
use BraveAnvil\Stations\Prove\Method\MethodCurve;
use BraveAnvil\Stations\Prove\Plan\PlanCurve;
use BraveAnvil\Stations\Prove\ProveFigure;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\RunUp\CourseCurve;
use BraveAnvil\Stations\RunUp\TorqueSpeedCurve;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFinding;
use BraveAnvil\Stations\Start\Wiring\OnePhaseWiringCurve;
use BraveAnvil\Stations\Start\Wiring\WiringCurve;
use BraveAnvil\Studies\Compare\ComparedFigure;
use BraveAnvil\Studies\Compare\ComparisonCurve;
use BraveAnvil\Studies\Learned\LearnedCurve;
use BraveAnvil\Studies\Margin\MarginCurve;
use BraveAnvil\Studies\Money\MoneyCurve;
use BraveAnvil\Studies\Money\MoneyFigure;
use BraveAnvil\Studies\Money\MoneyFinding;
use BraveAnvil\Studies\Readiness\ReadinessCurve;
use BraveAnvil\Studies\Readiness\TablesCurve;
use BraveAnvil\Studies\Sensitivity\SensitivityCurve;
use BraveAnvil\Studies\TimeCurrent\TimeCurrentCurve;
use BraveAnvil\Tables\Tables;

/**
 * A solution as JSON Schema. Figure keys, finding codes and field paths are lists here, so that a page with a misspelt one does
 * not compile.
 */
final class SolutionSchema
{
    private const ID = 'https://brave-anvil.example/contract/solution.schema.json';

    /** @return array<string, mixed> */
    public static function made(): array
    {
        $named = [
            'Shown' => Shape::object(
                ['value' => Shape::number(), 'shown' => Shape::text()],
                'Shown', 'A number for drawing, with the text to show.',
            ),
            'FieldNote' => FieldNote::schema(),
            'FigureKey' => ['title' => 'FigureKey', 'description' => 'All figures.', 'enum' => self::figureKeys()],
            'FindingCode' => ['title' => 'FindingCode', 'description' => 'All findings.', 'enum' => self::findingCodes()],
            'FieldPath' => ['title' => 'FieldPath', 'description' => 'All fields of a circuit.', 'enum' => Fields::paths()],
            'StationName' => [
                'title' => 'StationName', 'description' => 'The stations in their order on screen.',
                'enum' => array_column(Station::cases(), 'value'),
            ],
        ];
        $properties = [
            'format' => ['const' => Solution::FORMAT], 'core' => Shape::text(), 'tag' => Shape::text(), 'rule_book' => Shape::text(),
            'edition' => Shape::text(),
            'figures' => Shape::list(self::figure()),
            'findings' => Shape::list(self::finding()),
            'errors' => Shape::list(self::fieldError()),
            'comparisons' => Shape::list(Comparison::schema()),
            'curves' => self::curves(),
            'sentences' => [
                ...Shape::map(Shape::text(), 'The result of each station in one sentence'),
                'tsType' => 'Partial<Record<StationName, string>>',
            ],
            'blocked' => Shape::list(['$ref' => '#/$defs/StationName']),
            'read' => [
                ...Shape::map(Shape::text(), 'How each entry was read, by path'),
                'tsType' => 'Partial<Record<FieldPath, string>>',
            ],
            'words' => self::words(),
            'meanings' => [
                ...Shape::map(
                    Shape::object(['text' => Shape::text(), 'figures' => Shape::list(['$ref' => '#/$defs/FigureKey'])], 'Meaning'),
                    'The meaning of each nameplate entry, by path',
                ),
                'tsType' => 'Partial<Record<FieldPath, { text: string; figures: FigureKey[] }>>',
            ],
            'fields' => [
                'description' => 'What the page shows beside each field, by path; empty without a rule book', 'type' => 'object',
                'additionalProperties' => false,
                'properties' => array_fill_keys(Fields::paths(), ['$ref' => '#/$defs/FieldNote']),
            ],
        ];
        $shapes = [];
        foreach ($properties as $name => $shape) {
            $shapes[$name] = self::hoisted($shape, $named);
        }
        ksort($named);

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema', '$id' => self::ID,
            ...Shape::object($shapes, 'Solution', 'Everything calculated for a circuit.'), '$defs' => $named,
        ];
    }

    /**
     * The same with every shape that has a title moved to its name, so that it stands once.
     *
     * @param  array<array-key, mixed>  $schema
     * @param  array<string, mixed>  $named
     * @return array<array-key, mixed>
     */
    private static function hoisted(array $schema, array &$named): array
    {
        foreach ($schema as $key => $inner) {
            if (is_array($inner)) {
                $schema[$key] = self::hoisted($inner, $named);
            }
        }
        $title = $schema['title'] ?? null;
        if (! is_string($title) || ($schema['type'] ?? null) !== 'object') {
            return $schema;
        }
        $named[$title] = $schema;

        return ['$ref' => '#/$defs/'.$title];
    }

    /** @return list<string> */
    public static function figureKeys(): array
    {
        $names = [
            ...PlateFigure::cases(), ...PowerFigure::cases(), ...MeasuredFigure::cases(), ...WindingFigure::cases(),
            ...StartFigure::cases(), ...CableFigure::cases(), ...GuardFigure::cases(), ...FaultFigure::cases(), ...CorrectFigure::cases(),
            ...MoneyFigure::cases(), ...BankFigure::cases(),
            ...WaveformFigure::all(), ...ComparedFigure::all(), ...ProveFigure::all(),
        ];

        return array_map(static fn (FigureName $name): string => $name->key(), $names);
    }

    /** @return list<string> */
    public static function findingCodes(): array
    {
        $codes = [
            ...PlateFinding::cases(), ...PowerFinding::cases(), ...MeasuredFinding::cases(), ...StartFinding::cases(),
            ...CableFinding::cases(), ...GuardFinding::cases(), ...FaultFinding::cases(), ...CorrectFinding::cases(),
            ...MoneyFinding::cases(), ...BankFinding::cases(),
            ...WaveformFinding::cases(), ...ReadingKind::cases(),
        ];

        return array_values(array_unique(array_map(static fn (FindingCode $code): string => $code->code(), $codes)));
    }

    /** @return array<string, mixed> */
    private static function figure(): array
    {
        $parts = [
            'placeholder' => Shape::text(), 'figure' => ['$ref' => '#/$defs/FigureKey'], 'field' => ['$ref' => '#/$defs/FieldPath'],
        ];
        $origin = [...Shape::object($parts, 'Origin', 'A figure, or a field that was entered.'), 'required' => ['placeholder']];

        return Shape::object(
            [
                'key' => ['$ref' => '#/$defs/FigureKey'], 'station' => ['$ref' => '#/$defs/StationName'], 'label' => Shape::text(),
                'value' => ['type' => ['number', 'string']],
                'unit' => ['enum' => array_column(Unit::cases(), 'value')],
                'shown' => [...Shape::text(), 'description' => 'rounded for reading, with its unit'],
                'formula' => Shape::text(), 'working' => Shape::text(),
                'from' => [
                    ...Shape::list($origin),
                    'description' => 'Lineage: the figures and fields used as inputs',
                ],
                'source' => Shape::text(), 'assumed' => Shape::flag(),
                'assumptions' => Shape::list(Shape::text()),
                'uncertain' => [...Shape::orNull(Shape::text()), 'description' => 'why the table value is not verified'],
                'uncertain_entry' => [
                    ...Shape::orNull(Shape::text()), 'description' => 'the table value, as corrections name it',
                ],
                'corrected' => [...Shape::flag(), 'description' => 'whether it uses a table value corrected by this site'],
            ],
            'Figure', 'One calculated value with its explanation.',
        );
    }

    /** @return array<string, mixed> */
    private static function finding(): array
    {
        return Shape::object(
            [
                'grade' => Shape::oneOf(array_column(Grade::cases(), 'value')),
                'station' => ['$ref' => '#/$defs/StationName'], 'code' => ['$ref' => '#/$defs/FindingCode'], 'title' => Shape::text(),
                'text' => Shape::text(), 'action' => Shape::text(),
                'figures' => Shape::list(['$ref' => '#/$defs/FigureKey']),
                'source' => Shape::text(),
                'fields' => [...Shape::list(['$ref' => '#/$defs/FieldPath']), 'description' => 'paths of the fields that it refers to'],
            ],
            'Finding',
        );
    }

    /** @return array<string, mixed> */
    private static function fieldError(): array
    {
        return Shape::object(
            [
                'path' => Shape::text(), 'text' => Shape::text(), 'accepted' => Shape::text(),
                'kind' => Shape::oneOf(array_column(ErrorKind::cases(), 'value')),
            ],
            'FieldError',
        );
    }

    /** @return array<string, mixed> absent where their station waits */
    private static function curves(): array
    {
        return [
            'title' => 'Curves', 'description' => 'Series for the pictures; absent while their station has no result.', 'type' => 'object',
            'additionalProperties' => false,
            'properties' => [
                'run' => RunCurve::schema(), 'connection' => ConnectionCurve::schema(), 'triangle' => TriangleCurve::schema(),
                'part_load' => PartLoadCurve::schema(), 'schools' => CurrentsByBookCurve::schema(), 'phasors' => PhasorCurve::schema(),
                'ladder' => SizeLadderCurve::schema(), 'line_ladder' => SizeLadderCurve::schema(), 'ratings' => RatingsCurve::schema(),
                'faults' => FaultCurve::schema(), 'margins' => MarginCurve::schema(),
                'time_current' => TimeCurrentCurve::schema(),
                'wiring' => WiringCurve::schema(), 'one_phase_wiring' => OnePhaseWiringCurve::schema(),
                'learned' => LearnedCurve::schema(),
                'sensitivity' => SensitivityCurve::schema(), 'readiness' => ReadinessCurve::schema(), 'tables' => TablesCurve::schema(),
                'comparison' => ComparisonCurve::schema(),
                'torque_speed' => TorqueSpeedCurve::schema(), 'start_course' => CourseCurve::schema(),
                'correction' => CorrectionCurve::schema(), 'placement' => PlacementCurve::schema(),
                'money' => MoneyCurve::schema(), 'bank_day' => BankDayCurve::schema(),
                'resonance' => ResonanceCurve::schema(),
                'plan' => PlanCurve::schema(), 'measuring' => MethodCurve::schema(),
                'trial' => TrialCurve::schema(), 'after_fitting' => AfterCurve::schema(),
            ],
        ];
    }

    /** @return array<string, mixed> the rule book's terms; empty where there is no book */
    private static function words(): array
    {
        $terms = array_fill_keys(array_keys((new RuleBooks(Tables::shipped()))->of(RuleBookName::Iec)->words()->toArray()), Shape::text());

        return [
            'title' => 'Words', 'description' => 'The rule book’s terms', 'type' => 'object', 'additionalProperties' => false,
            'properties' => $terms,
        ];
    }
}
