<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FigureBuilder;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;

use function array_column;
use function array_intersect;

/** What is written of the size of a run that is taken: its figures, and what is worth a word about it. */
final readonly class SizeFigures
{
    /** mm², from which the first row of a table is worth a word. */
    private const LARGE_FIRST_MM2 = 10;

    /** Times the metal that the current asks for, from which the drop is named as the reason. */
    private const FAR_MORE = 2.0;

    /** Fields whose default a size rests on, besides those of the surroundings. */
    private const RESTS_ON = ['cable.material', 'cable.insulation', 'cable.method'];

    public function __construct(private Ladder $ladder)
    {
    }

    /** Writes the required ampacity, and the figures of the candidate that is taken. */
    public function write(?int $at, Spent $before, Ledger $ledger): ?SizedRun
    {
        $ledger->put($this->ladder->required);
        if ($at === null) {
            return null;
        }
        $this->startsHere($at, $ledger);
        $chosen = $this->ladder->candidate($at);
        $sized = $this->figures($chosen, $before, $ledger);
        $ledger->add(...$this->ladder->rules->notes($this->ladder->circuit, $this->ladder->required, $this->ladder->run, $chosen));
        $this->byDrop($chosen, $before, $ledger);
        $fails = ! $this->ladder->fixed() ? [] : $this->ladder->fails($chosen, $before);
        if ($fails !== []) {
            $would = $this->ladder->wouldPass($before);
            $ledger
                ->stop(CableFinding::InstalledSizeFails)
                ->title('Installed conductor too small')
                ->because(
                    $sized->conductor->text.' ('.$this->ladder->run->name().') fails on: '.Rejection::list($fails).'.',
                )
                ->do(($would === null ? 'No size of the table would pass: ' : 'Fit '.$would->conductor->text.', or ').
                    'change what it carries.')
                ->source($this->ladder->required->source)
                ->on($this->ladder->run->size());
        }

        return $sized;
    }

    /** Far more than the current asks for is taken because of the length. */
    private function byDrop(SizeCandidate $chosen, Spent $before, Ledger $ledger): void
    {
        $carries = $this->ladder->byAmpacity($this->ladder->sizes->made()[0]->conductor->sets);
        if ($carries === null || $this->ladder->fixed()) {
            return;
        }
        $metal = static fn (SizeCandidate $candidate): float => $candidate->conductor->areaMm2 * $candidate->conductor->sets;
        $drops = array_intersect(
            array_column($this->ladder->fails($carries, $before), 'value'), [Rejection::RunningDrop->value, Rejection::StartingDrop->value],
        );
        if ($drops !== [] && $metal($chosen) >= self::FAR_MORE * $metal($carries) * (1 - Ladder::TOLERANCE)) {
            $ledger
                ->note($this->ladder->run->line ? CableFinding::LineSizeByDrop : CableFinding::SizeByDrop)
                ->title('The voltage drop decides the size: '.$chosen->conductor->text)
                ->because('By current alone '.$carries->conductor->text.' is enough ('.$this->ladder->run->name().
                    '). The length needs the larger size to stay within the voltage-drop limit.')
                ->do('A starter closer to the motor saves copper; so does a reduced-voltage start where the starting drop decides.')
                ->source('voltage drop limits of the site, or of common practice')
                ->on($this->ladder->run->size(), $this->ladder->run->drop());
        }
    }

    /** A table may begin far above what a small motor needs. */
    private function startsHere(int $at, Ledger $ledger): void
    {
        $smallest = $this->ladder->sizes->made()[0];
        if ($at !== 0 || $this->ladder->fixed() || $this->ladder->run->line || $smallest->conductor->areaMm2 < self::LARGE_FIRST_MM2) {
            return;
        }
        $ledger
            ->note(CableFinding::TableStartsHere)
            ->title('The table of this installation method starts at '.$smallest->conductor->text)
            ->because(
                'Required: '.$this->ladder->required->shown(3).'. The smallest size in the table carries '.
                Show::number($smallest->ampacity(), 4).' A.',
            )
            ->do('Choose another installation method for a smaller cable.')
            ->source($smallest->source)
            ->on($this->ladder->run->size());
    }

    private function figures(SizeCandidate $candidate, Spent $before, Ledger $ledger): SizedRun
    {
        $conductor = $candidate->conductor;
        $size = $this->resting($ledger->work($this->ladder->run->size())->in($conductor->unit()), $candidate)
            ->as(
                'smallest size that passes every check',
                $this->ladder->fixed() ? 'as installed' : 'required {need}, carries '.Show::number($candidate->ampacity(), 4).' A',
            )
            ->equals($conductor->value)
            ->source($this->ladder->required->source)
            ->write();
        $ampacity = $this->resting($ledger->work($this->ladder->run->ampacity()), $candidate)
            ->as('smaller of derated and terminal', $candidate->working())
            ->equals($candidate->ampacity())
            ->source($candidate->source)
            ->write();
        if ($conductor->sets > 1) {
            $this->resting($ledger->work($this->ladder->run->conductorAmpacity()), $candidate)
                ->as('Iz / sets', Show::number($candidate->ampacity()).' A ÷ '.$conductor->sets)
                ->equals($candidate->ampacity() / $conductor->sets)
                ->source($candidate->source)
                ->write();
        }
        $ledger->work($this->ladder->run->sets())
            ->saying(match (true) {
                $this->ladder->circuit->has('cable.sets') => 'entered',
                $conductor->sets > 1 => 'no single size passes',
                default => 'one per line',
            })
            ->equals($conductor->sets)
            ->source($conductor->sets > 1 ? $this->ladder->required->source : 'definition')
            ->write();
        $this->resting($ledger->work($this->ladder->run->deratedAmpacity()), $candidate)
            ->as('base · ambient · grouping', $candidate->working())
            ->equals($candidate->derated)
            ->source($candidate->source)
            ->write();
        $smallest = $this->ladder->byAmpacity($conductor->sets);
        if ($smallest !== null) {
            $ledger
                ->work($this->ladder->run->sizeByAmpacity())
                ->in($conductor->unit())
                ->as('smallest by current and terminals', $smallest->working())
                ->equals($smallest->conductor->value)
                ->source($smallest->source)
                ->corrected(...$smallest->corrections)
                ->write();
        }
        if ($this->ladder->drop === null) {
            return new SizedRun($candidate, $size, $ampacity, $smallest?->conductor);
        }
        $drop = $this->runningDrop($this->ladder->drop, $candidate, $ledger);
        $run = $this->ladder->run;
        $total = $run->line ? null : self::total(CableFigure::TotalDrop, $before->running, $before->runningFigure, $drop, $ledger);
        if ($total !== null) {
            $this->withFeeder($total, $ledger);
        }
        $starting = $this->startingDrop($this->ladder->drop, $candidate, $ledger);
        $totalStarting = $run->line || $starting === null || $before->starting <= 0 || $before->startingFigure === null ? null
            : self::total(CableFigure::TotalStartingDrop, $before->starting, $before->startingFigure, $starting, $ledger);

        $kilometres = $this->ladder->drop->metres / 1000;

        return new SizedRun(
            $candidate, $size, $ampacity, $smallest?->conductor, $drop, $starting, $total, $totalStarting,
            $kilometres * $candidate->ohmPerKm, $kilometres * $candidate->reactancePerKm,
        );
    }

    /** What rests on the required ampacity, on this candidate's tables, and on defaults that nobody typed. */
    private function resting(FigureBuilder $figure, SizeCandidate $candidate): FigureBuilder
    {
        $figure
            ->from(need: $this->ladder->required)
            ->doubted($candidate->doubt())
            ->corrected(...$candidate->corrections)
            ->assuming($this->ladder->rules->assumedTerminals($this->ladder->circuit));
        foreach ([...self::RESTS_ON, ...$this->ladder->rules->restsOn($this->ladder->circuit)] as $path) {
            $figure->assuming($this->ladder->circuit->assumed($path));
        }

        return $figure;
    }

    private function runningDrop(VoltageDrop $drop, SizeCandidate $candidate, Ledger $ledger): Figure
    {
        [$how, $working] = match (true) {
            $this->ladder->run->isOnePhase() => ['2 I', '2 × {I}'],
            $this->ladder->run->sixLeads() => ['2 (I/√3)', '2 × {I} ÷ √3'],
            default => ['√3 I', '√3 × {I}'],
        };

        return $ledger
            ->work($this->ladder->run->drop())
            ->from(I: $drop->running, V: $drop->supply, pf: $drop->powerFactor)
            ->as(
                $how.(str_ends_with($how, ')') ? '' : ' ').'(R cos φ + X sin φ) L / V',
                $working.' × '.self::ohm($drop, $candidate).' ÷ {V}; cos φ {pf}',
            )
            ->equals($drop->runningPercent($candidate))
            ->source($candidate->impedanceSource.'; percent of the supply voltage')
            ->corrected(...$candidate->impedanceCorrections)
            ->write();
    }

    private function startingDrop(VoltageDrop $drop, SizeCandidate $candidate, Ledger $ledger): ?Figure
    {
        $percent = $drop->startingPercent($candidate);
        if ($percent === null || $drop->starting === null) {
            return null;
        }
        [$how, $working] = match (true) {
            $this->ladder->run->isOnePhase() => ['2 I_LR ', '2'],
            $this->ladder->run->sixLeads() => ['2√3 (I_LR/3)', '2√3'],
            default => ['√3 I_LR ', '√3'],
        };
        $cos = $drop->startPowerFactor;

        return $ledger
            ->work($this->ladder->run->startingDrop())
            ->from(I: $drop->starting, V: $drop->supply, pf: $cos)
            ->as(
                $how.'(R cos φ + X sin φ) L / V',
                $working.' × {I} × '.self::ohm($drop, $candidate).' ÷ {V}; cos φ {pf}',
            )
            ->equals($percent)
            ->source($candidate->impedanceSource.'; percent of the supply voltage')
            ->corrected(...$candidate->impedanceCorrections)
            ->assuming('locked-rotor power factor '.$cos->shown())
            ->write();
    }

    /** Behind a board, with what its feeder drops before. */
    private function withFeeder(Figure $total, Ledger $ledger): void
    {
        $circuit = $this->ladder->circuit;
        $before = $circuit->number('supply.board.drop_percent');
        if ($before === null) {
            return;
        }
        $both = $ledger->work(CableFigure::DropWithFeeder)->from(f: $before, c: $total)->as('feeder + circuit', '{f} + {c}')
            ->equals($before->number() + $total->number())->write();
        $limit = $circuit->number('supply.board.drop_limit_percent');
        if ($limit !== null && $both->number() > $limit->number() * (1 + 1e-6)) {
            $ledger->caution(CableFinding::DropWithFeeder)->title('Voltage drop with the feeder too large')
                ->because('Feeder and circuit together drop '.$both->shown(3).'; the limit is '.$limit->shown(3).'.')
                ->do('Use a larger conductor here or in the feeder of board '.$circuit->word('supply.board.tag').'.')
                ->on(CableFigure::DropWithFeeder);
        }
    }

    private static function total(CableFigure $name, float $before, ?Figure $line, Figure $motor, Ledger $ledger): Figure
    {
        $work = $ledger->work($name);

        return ($line === null
            ? $work->from(motor: $motor)->as('the only run', '{motor}')
            : $work->from(line: $line, motor: $motor)->as('both runs', '{line} + {motor}')
        )
            ->equals($before + $motor->number())
            ->write();
    }

    private static function ohm(VoltageDrop $drop, SizeCandidate $candidate): string
    {
        return '('.
            Show::number($candidate->ohmPerKm).
            ' Ω/km × cos φ + '.
            Show::number($candidate->reactancePerKm).
            ' Ω/km × sin φ) × '.
            Show::number($drop->metres / 1000).
            ' km';
    }
}
