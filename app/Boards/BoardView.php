<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\Board;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Records\Board\BoardForm;
use BraveAnvil\Records\Board\BoardReadiness;
use BraveAnvil\Records\Board\BoardShare;
use BraveAnvil\Records\Board\FeederRung;
use BraveAnvil\Records\Board\FeederSolution;
use BraveAnvil\Records\Board\OtherLoad;
use BraveAnvil\Records\Board\RestartStep;
use BraveAnvil\Records\Board\SelectivityCell;
use BraveAnvil\Records\Board\SelectivityVerdict;
use BraveAnvil\Records\Board\StartPair;
use BraveAnvil\Stations\Cable\Rejection;

/** What was worked out of a board, as its page shows it. */
final class BoardView
{
    /** What is shown of each circuit itself. */
    private const OF_CIRCUIT = [
        'power.design_current', 'start.starting_current', 'start.run_up_time', 'guard.scpd_rating', 'cable.size', 'cable.total_drop',
        'guard.earth_fault_current',
    ];

    /** @return array<string, mixed> */
    public static function of(BoardTree $tree, Board $board, FeederSolution $solution): array
    {
        $circuits = [];
        foreach ($tree->circuitsOf($board) as $circuit) {
            $own = $solution->behind[$circuit->tag] ?? null;
            $figures = $solution->circuits[$circuit->tag] ?? [];
            foreach (self::OF_CIRCUIT as $key) {
                $figure = $own?->figure($key);
                if ($figure !== null) {
                    $figures[] = $figure;
                }
            }
            $circuits[] = [
                'id' => $circuit->id, 'tag' => $circuit->tag, 'drives' => $circuit->drives, 'device' => $circuit->device,
                'counts' => in_array($circuit->tag, $solution->counted, true),
                'figures' => self::figures($figures),
            ];
        }
        $boards = [];
        foreach ($tree->below($board) as $i => $one) {
            $boards[] = [
                'id' => $one->id, 'tag' => $one->tag, 'figures' => self::figures([
                    ...$solution->circuits[$one->tag] ?? [],
                    ...array_values(array_filter($solution->boards[$i]->feeder->figures ?? [],
                        static fn (Figure $figure): bool => in_array(
                            $figure->key(), ['feeder.running_current', 'feeder.scpd_rating', 'feeder.size', 'feeder.fault_current'], true,
                        ))),
                ]),
            ];
        }
        $book = $tree->book();
        $form = $book === null ? null : new BoardForm($book);
        $coils = [];
        foreach ($solution->coils as $tag => $coil) {
            $coils[] = [
                'tag' => (string) $tag, 'pull_in' => Show::quantity($coil['pull_in_length'], Unit::Metre, 3),
                'drop_out' => Show::quantity($coil['drop_out_length'], Unit::Metre, 3),
                'inrush_voltage' => $coil['inrush_voltage'] === null ? null : Show::quantity($coil['inrush_voltage'], Unit::Percent, 3),
            ];
        }

        return [
            'figures' => self::figures($solution->feeder->figures),
            'findings' => array_map(static fn ($finding): array => [
                'grade' => $finding->grade->value, 'code' => $finding->code->code(), 'title' => $finding->title, 'text' => $finding->text,
                'action' => $finding->action,
            ], $solution->feeder->findings),
            'errors' => array_map(static fn (FieldError $error): array => [
                'path' => $error->path, 'text' => $error->text, 'accepted' => $error->accepted,
            ], $solution->feeder->errors),
            'source' => self::source($tree, $board), 'circuits' => $circuits, 'boards' => $boards, 'coils' => $coils,
            'others' => array_map(static fn (OtherLoad $load): array => [
                'tag' => $load->tag, 'amperes' => $load->current, 'current' => Show::quantity($load->current, Unit::Ampere, 3),
            ], $solution->others),
            'timetable' => array_map(static fn (RestartStep $step): array => [
                'at' => Show::quantity($step->at, Unit::Second, 3), 'at_seconds' => $step->at, 'tags' => $step->tags,
                'dip' => $step->dip === null ? null : Show::quantity($step->dip, Unit::Percent, 3), 'dip_percent' => $step->dip,
                'current' => Show::quantity($step->current, Unit::Ampere, 3), 'run_up' => Show::quantity($step->runUp, Unit::Second, 3),
                'run_up_seconds' => $step->runUp,
            ], $solution->timetable),
            'ladder' => array_map(static fn (FeederRung $rung): array => [
                'size' => $rung->size, 'ampacity' => Show::quantity($rung->ampacity,
                    Unit::Ampere, 3),
                'drop' => $rung->drop === null ? '' : Show::quantity($rung->drop, Unit::Percent, 3),
                'starting' => $rung->starting === null ? '' : Show::quantity($rung->starting, Unit::Percent, 3),
                'fails' => Rejection::list($rung->fails), 'chosen' => $rung->isChosen,
            ], $solution->ladder),
            'shares' => self::shares($solution),
            'pairs' => array_map(static fn (StartPair $pair): array => [
                'first' => $pair->first, 'second' => $pair->second, 'allowed' => $pair->isAllowed,
                'dip' => $pair->dip === null ? 'collapses' : Show::quantity($pair->dip, Unit::Percent, 3), 'dip_percent' => $pair->dip,
            ], $solution->pairs),
            'matrix' => self::matrix($solution),
            'hindrances' => $form === null ? [] : BoardReadiness::of($solution, $form)->hindrances,
        ];
    }

    /** @return list<array{tag: string, feeders: list<array{feeder: string, shown: string, wrong: bool}>}> */
    private static function matrix(FeederSolution $solution): array
    {
        $rows = [];
        foreach ($solution->matrix as $tag => $cells) {
            $rows[] = ['tag' => (string) $tag, 'feeders' => array_map(static fn (SelectivityCell $cell): array => [
                'feeder' => $cell->feeder, 'shown' => $cell->said(), 'wrong' => $cell->verdict === SelectivityVerdict::NotSelective,
            ], $cells)];
        }

        return $rows;
    }

    /** @return list<array{key: string, label: string, rows: list<array{tag: string, shown: string, percent: float}>}> */
    private static function shares(FeederSolution $solution): array
    {
        $told = [];
        foreach ($solution->shares as $key => $shares) {
            $told[] = [
                'key' => $key, 'label' => $solution->feeder->figure($key)->label ?? '',
                'rows' => array_map(static fn (BoardShare $one): array => [
                    'tag' => $one->tag, 'shown' => Show::quantity($one->value, Unit::Ampere, 3), 'percent' => round($one->percent, 1),
                ], $shares),
            ];
        }

        return $told;
    }

    /** What feeds it, in a few words. */
    private static function source(BoardTree $tree, Board $board): string
    {
        foreach ($tree->all() as $one) {
            if ($one->id === $board->fed_by) {
                return 'Board '.$one->tag;
            }
        }
        $document = $tree->document($board);
        $read = CircuitReader::read(['rule_book' => $document['rule_book'], 'supply' => $document['supply']])->read();
        $said = static fn (string $name): string => $read['supply.'.$name] ?? '';

        $isSet = is_array($document['supply']) && ($document['supply']['source'] ?? '') === 'generator';

        return match (true) {
            $isSet && $said('generator_kva') !== '' => 'Generator '.$said('generator_kva'),
            $said('transformer_kva') !== '' => trim('Transformer '.$said('transformer_kva').' '.$said('transformer_impedance_percent')),
            $said('fault_level_kva') !== '' => 'Supply '.$said('fault_level_kva'),
            default => 'Supply',
        };
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<array<string, mixed>>
     */
    private static function figures(array $figures): array
    {
        return array_map(static fn (Figure $figure): array => [
            'key' => $figure->key(), 'label' => $figure->label, 'value' => $figure->value,
            'shown' => $figure->said !== '' ? $figure->said : ($figure->unit === Unit::None ? $figure->shown() : $figure->shown(3)),
            'working' => trim($figure->formula.($figure->formula === '' || $figure->working === '' ? '' : ': ').$figure->working),
            'source' => $figure->source, 'assumptions' => $figure->assumptions, 'doubt' => $figure->doubt?->reason,
        ], $figures);
    }
}
