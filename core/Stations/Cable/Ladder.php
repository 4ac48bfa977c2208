<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FigureBuilder;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;

use function array_column;
use function array_intersect;

/** Every size of one run against every constraint. */
final readonly class Ladder
{
    private const TOLERANCE = 1e-6;

    /** mm², from which the first row of a table is worth a word. */
    private const LARGE_FIRST_MM2 = 10;

    /** Times the metal that the current asks for, from which the drop is named as the reason. */
    private const FAR_MORE = 2.0;

    /** Fields whose default a size rests on, besides those of the surroundings. */
    private const RESTS_ON = ['cable.material', 'cable.insulation', 'cable.method'];

    /**
     * @param  VoltageDrop|null  $drop  null where it is not checked
     * @param  int|null  $installed  which of the sizes is there already
     */
    private function __construct(
        private Circuit $circuit,
        private ConductorRules $rules,
        private Run $run,
        private DropLimits $limits,
        private Figure $required,
        private SizeList $sizes,
        private ?VoltageDrop $drop,
        private ?int $installed,
    ) {
    }

    /** @return self|FieldError|null the error of a field that cannot be used; null while one waits */
    public static function of(
        Circuit $circuit,
        ConductorRules $rules,
        Run $run,
        DropLimits $limits,
        Demand $demand,
        ?VoltageDrop $drop,
    ): self|FieldError|null {
        $required = $rules->required($circuit, $demand, $run);
        if ($required instanceof FieldError) {
            return $required;
        }
        $sizes = SizeList::of($circuit, $rules, $run, $required);
        if ($sizes === null || $sizes instanceof FieldError) {
            return $sizes;
        }
        $typed = $circuit->word($run->sizeField());
        $installed = null;
        foreach ($sizes->made() as $i => $candidate) {
            if ($candidate->conductor->name === $typed) {
                $installed = $i;
            }
        }
        if ($typed !== null && $installed === null) {
            return new FieldError(
                $run->sizeField(),
                $rules->sizeText($typed).' is not in the conductor table.',
                'Enter a size from '.$sizes->made()[0]->conductor->text.' to '.$sizes->last()->conductor->text.'.',
                ErrorKind::Impossible,
            );
        }

        return new self($circuit, $rules, $run, $limits, $required, $sizes, $drop, $installed);
    }

    /** Whether a size is there already and is checked, not chosen. */
    public function fixed(): bool
    {
        return $this->installed !== null;
    }

    public function candidate(int $at): Candidate
    {
        return $this->sizes->at($at) ?? throw Defect::noCandidate($this->run->name(), $at);
    }

    /** Ω/km times km of one line, all its parallel conductors together; null where the length is not known. */
    public function kilometres(): ?float
    {
        return $this->drop === null ? null : $this->drop->metres / 1000;
    }

    public function run(): Run
    {
        return $this->run;
    }

    /** Metal of a candidate's whole run, mm²·m; mm² of one metre where the length is not known. */
    public function metal(int $at): float
    {
        $conductor = $this->candidate($at)->conductor;

        return $conductor->areaMm2 * $conductor->sets * $this->run->conductors * ($this->drop->metres ?? 1.0);
    }

    /**
     * Places of the conductors that lie in so many sets, from small to large; of the one that is there alone.
     *
     * @return list<int>
     */
    public function inSets(int $sets): array
    {
        if ($this->installed !== null) {
            return $this->candidate($this->installed)->conductor->sets === $sets ? [$this->installed] : [];
        }
        $places = [];
        for ($at = 0; ($candidate = $this->sizes->within($at, $sets)) !== null; $at++) {
            if ($candidate->conductor->sets === $sets) {
                $places[] = $at;
            }
        }

        return $places;
    }

    /** The voltage drop of a candidate of this run. */
    public function spent(?int $at): Spent
    {
        return $at === null || $this->drop === null
            ? new Spent()
            : new Spent(
                $this->drop->runningPercent($this->candidate($at)),
                $this->drop->startingPercent($this->candidate($at)) ?? 0.0,
            );
    }

    /** The installed size, or the smallest from $first on that passes with the drop already spent upstream. */
    public function pick(Spent $before, int $first, ?SizeCheck $check): ?int
    {
        if ($this->installed !== null) {
            return $this->installed;
        }
        for ($i = $first; ($candidate = $this->sizes->at($i)) !== null; $i++) {
            if ($this->fails($candidate, $before) === [] && $check?->rejects($candidate) === null) {
                return $i;
            }
        }

        return null;
    }

    /** Whether a candidate passes every constraint with the drop already spent upstream. */
    public function passes(?int $at, Spent $before, ?SizeCheck $check): bool
    {
        return $at !== null && $this->fails($this->candidate($at), $before) === []
            && $check?->rejects($this->candidate($at)) === null;
    }

    /** @return list<Rejection> the constraints that reject the largest candidate */
    public function whyNone(Spent $before, ?SizeCheck $check): array
    {
        $largest = $this->sizes->last();
        $rejected = $check?->rejects($largest);

        return [...$this->fails($largest, $before), ...$rejected === null ? [] : [$rejected]];
    }

    /** @return list<Rejection> the constraints that reject a candidate */
    private function fails(Candidate $candidate, Spent $before): array
    {
        $fails = [];
        $need = $this->required->number() * (1 - self::TOLERANCE);
        if ($candidate->derated < $need) {
            $fails[] = Rejection::Ampacity;
        }
        if ($candidate->terminal < $need) {
            $fails[] = Rejection::Terminals;
        }
        if ($this->drop !== null) {
            if ($before->running + $this->drop->runningPercent($candidate) > $this->limits->running * (1 + self::TOLERANCE)) {
                $fails[] = Rejection::RunningDrop;
            }
            $starting = $this->drop->startingPercent($candidate);
            if ($starting !== null && $before->starting + $starting > $this->limits->starting * (1 + self::TOLERANCE)) {
                $fails[] = Rejection::StartingDrop;
            }
        }

        return $fails;
    }

    /**
     * Smallest size by ampacity and terminals alone.
     *
     * @param  int  $sets  in parallel
     */
    private function byAmpacity(int $sets): ?Candidate
    {
        foreach ($this->sizes->made() as $candidate) {
            if ($candidate->conductor->sets === $sets
                && $candidate->ampacity() >= $this->required->number() * (1 - self::TOLERANCE)) {
                return $candidate;
            }
        }

        return null;
    }

    /** Draws every size with what rejects it. */
    public function draw(?int $at, Spent $before, ?SizeCheck $check, Ledger $ledger): void
    {
        $ledger->curve(new SizeLadderCurve(
            $this->run, $this->required, $this->limits, $this->installed !== null, $check !== null,
            fn (): array => $this->rungs($at, $before, $check),
        ));
    }

    /** @return list<SizeRung> */
    private function rungs(?int $at, Spent $before, ?SizeCheck $check): array
    {
        $rungs = [];
        foreach ($this->sizes->made() as $i => $candidate) {
            $starting = $this->drop?->startingPercent($candidate);
            $fails = $this->fails($candidate, $before);
            // Whether a fault is borne is asked of what carries the load, as in the choice.
            $rejected = $fails === [] ? $check?->rejects($candidate) : null;
            $rungs[] = new SizeRung(
                $candidate,
                $this->drop === null ? null : $before->running + $this->drop->runningPercent($candidate),
                $starting === null ? null : $before->starting + $starting,
                $rejected === null ? $fails : [$rejected],
                $i === $at,
            );
        }

        return $rungs;
    }

    /** Writes the required ampacity, and the figures of the candidate that is taken. */
    public function write(?int $at, Spent $before, Ledger $ledger): ?SizedRun
    {
        $ledger->put($this->required);
        if ($at === null) {
            return null;
        }
        $this->startsHere($at, $ledger);
        $chosen = $this->candidate($at);
        $sized = $this->figures($chosen, $before, $ledger);
        $ledger->add(...$this->rules->notes($this->circuit, $this->required, $this->run, $chosen));
        $this->byDrop($chosen, $before, $ledger);
        $fails = $this->installed === null ? [] : $this->fails($chosen, $before);
        if ($fails !== []) {
            $would = $this->wouldPass($before);
            $ledger
                ->stop(CableFinding::InstalledSizeFails)
                ->title('Installed conductor too small')
                ->because(
                    $sized->conductor->text.' ('.$this->run->name().') fails on: '.Rejection::list($fails).'.',
                )
                ->do(($would === null ? 'No size of the table would pass: ' : 'Fit '.$would->conductor->text.', or ').
                    'change what it carries.')
                ->source($this->required->source)
                ->on($this->run->size());
        }

        return $sized;
    }

    /** Far more than the current asks for is taken because of the length. */
    private function byDrop(Candidate $chosen, Spent $before, Ledger $ledger): void
    {
        $carries = $this->byAmpacity($this->sizes->made()[0]->conductor->sets);
        if ($carries === null || $this->installed !== null) {
            return;
        }
        $metal = static fn (Candidate $candidate): float => $candidate->conductor->areaMm2 * $candidate->conductor->sets;
        $drops = array_intersect(
            array_column($this->fails($carries, $before), 'value'), [Rejection::RunningDrop->value, Rejection::StartingDrop->value],
        );
        if ($drops !== [] && $metal($chosen) >= self::FAR_MORE * $metal($carries) * (1 - self::TOLERANCE)) {
            $ledger
                ->note($this->run->line ? CableFinding::LineSizeByDrop : CableFinding::SizeByDrop)
                ->title('The voltage drop decides the size: '.$chosen->conductor->text)
                ->because('By current alone '.$carries->conductor->text.' is enough ('.$this->run->name().
                    '). The length needs the larger size to stay within the voltage-drop limit.')
                ->do('A starter closer to the motor saves copper; so does a reduced-voltage start where the starting drop decides.')
                ->source('voltage drop limits of the site, or of common practice')
                ->on($this->run->size(), $this->run->drop());
        }
    }

    /** The smallest size that would pass in place of the one that is there. */
    private function wouldPass(Spent $before): ?Candidate
    {
        foreach ($this->sizes->made() as $candidate) {
            if ($this->fails($candidate, $before) === []) {
                return $candidate;
            }
        }

        return null;
    }

    /** A table may begin far above what a small motor needs. */
    private function startsHere(int $at, Ledger $ledger): void
    {
        $smallest = $this->sizes->made()[0];
        if ($at !== 0 || $this->installed !== null || $this->run->line || $smallest->conductor->areaMm2 < self::LARGE_FIRST_MM2) {
            return;
        }
        $ledger
            ->note(CableFinding::TableStartsHere)
            ->title('The table of this installation method starts at '.$smallest->conductor->text)
            ->because(
                'Required: '.$this->required->shown(3).'. The smallest size in the table carries '.Show::number($smallest->ampacity(), 4).
                ' A.',
            )
            ->do('Choose another installation method for a smaller cable.')
            ->source($smallest->source)
            ->on($this->run->size());
    }

    private function figures(Candidate $candidate, Spent $before, Ledger $ledger): SizedRun
    {
        $conductor = $candidate->conductor;
        $size = $this->resting($ledger->work($this->run->size())->in($conductor->unit()), $candidate)
            ->as(
                'smallest size that passes every check',
                $this->installed !== null ? 'as installed' : 'required {need}, carries '.Show::number($candidate->ampacity(), 4).' A',
            )
            ->equals($conductor->value)
            ->source($this->required->source)
            ->write();
        $ampacity = $this->resting($ledger->work($this->run->ampacity()), $candidate)
            ->as('smaller of derated and terminal', $candidate->working())
            ->equals($candidate->ampacity())
            ->source($candidate->source)
            ->write();
        if ($conductor->sets > 1) {
            $this->resting($ledger->work($this->run->conductorAmpacity()), $candidate)
                ->as('Iz / sets', Show::number($candidate->ampacity()).' A ÷ '.$conductor->sets)
                ->equals($candidate->ampacity() / $conductor->sets)
                ->source($candidate->source)
                ->write();
        }
        $ledger->work($this->run->sets())
            ->saying($this->circuit->has('cable.sets') ? 'entered' : ($conductor->sets > 1 ? 'no single size passes' : 'one per line'))
            ->equals($conductor->sets)
            ->source($conductor->sets > 1 ? $this->required->source : 'definition')
            ->write();
        $this->resting($ledger->work($this->run->deratedAmpacity()), $candidate)
            ->as('base · ambient · grouping', $candidate->working())
            ->equals($candidate->derated)
            ->source($candidate->source)
            ->write();
        $smallest = $this->byAmpacity($conductor->sets);
        if ($smallest !== null) {
            $ledger
                ->work($this->run->sizeByAmpacity())
                ->in($conductor->unit())
                ->as('smallest by current and terminals', $smallest->working())
                ->equals($smallest->conductor->value)
                ->source($smallest->source)
                ->corrected(...$smallest->corrections)
                ->write();
        }
        if ($this->drop === null) {
            return new SizedRun($candidate, $size, $ampacity, $smallest?->conductor);
        }
        $drop = $this->runningDrop($this->drop, $candidate, $ledger);
        $total = $this->run->line ? null : self::total(CableFigure::TotalDrop, $before->running, $before->runningFigure, $drop, $ledger);
        $starting = $this->startingDrop($this->drop, $candidate, $ledger);
        $totalStarting = $this->run->line || $starting === null || $before->starting <= 0 || $before->startingFigure === null ? null
            : self::total(CableFigure::TotalStartingDrop, $before->starting, $before->startingFigure, $starting, $ledger);

        $kilometres = $this->drop->metres / 1000;

        return new SizedRun(
            $candidate, $size, $ampacity, $smallest?->conductor, $drop, $starting, $total, $totalStarting,
            $kilometres * $candidate->ohmPerKm, $kilometres * $candidate->reactancePerKm,
        );
    }

    /** What rests on the required ampacity, on this candidate's tables, and on defaults that nobody typed. */
    private function resting(FigureBuilder $figure, Candidate $candidate): FigureBuilder
    {
        $figure
            ->from(need: $this->required)
            ->doubted($candidate->doubt())
            ->corrected(...$candidate->corrections)
            ->assuming($this->rules->assumedTerminals($this->circuit));
        foreach ([...self::RESTS_ON, ...$this->rules->restsOn($this->circuit)] as $path) {
            $figure->assuming($this->circuit->assumed($path));
        }

        return $figure;
    }

    private function runningDrop(VoltageDrop $drop, Candidate $candidate, Ledger $ledger): Figure
    {
        $six = $this->run->sixLeads();

        return $ledger
            ->work($this->run->drop())
            ->from(I: $drop->running, V: $drop->supply, pf: $drop->powerFactor)
            ->as(
                $six ? '2 (I/√3)(R cos φ + X sin φ) L / V' : '√3 I (R cos φ + X sin φ) L / V',
                ($six ? '2 × {I} ÷ √3' : '√3 × {I}').' × '.self::ohm($drop, $candidate).' ÷ {V}; cos φ {pf}',
            )
            ->equals($drop->runningPercent($candidate))
            ->source($candidate->impedanceSource.'; percent of the supply voltage')
            ->corrected(...$candidate->impedanceCorrections)
            ->write();
    }

    private function startingDrop(VoltageDrop $drop, Candidate $candidate, Ledger $ledger): ?Figure
    {
        $percent = $drop->startingPercent($candidate);
        if ($percent === null || $drop->starting === null) {
            return null;
        }
        $six = $this->run->sixLeads();
        $cos = $drop->startPowerFactor;

        return $ledger
            ->work($this->run->startingDrop())
            ->from(I: $drop->starting, V: $drop->supply, pf: $cos)
            ->as(
                $six ? '2√3 (I_LR/3)(R cos φ + X sin φ) L / V' : '√3 I_LR (R cos φ + X sin φ) L / V',
                ($six ? '2√3' : '√3').' × {I} × '.self::ohm($drop, $candidate).' ÷ {V}; cos φ {pf}',
            )
            ->equals($percent)
            ->source($candidate->impedanceSource.'; percent of the supply voltage')
            ->corrected(...$candidate->impedanceCorrections)
            ->assuming('locked-rotor power factor '.$cos->shown())
            ->write();
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

    private static function ohm(VoltageDrop $drop, Candidate $candidate): string
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
