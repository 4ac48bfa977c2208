<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Stations\Cable\FaultJudge;
use BraveAnvil\Stations\Cable\Rejection;
use BraveAnvil\Stations\Cable\SizeCandidate;
use BraveAnvil\Stations\Cable\SizeCheck;
use BraveAnvil\Stations\Guard\Clearing;
use BraveAnvil\Stations\Guard\TraceKind;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** Line and protective conductors against earth faults at starter and motor, with one protective device. */
final readonly class LoopJudge implements FaultJudge
{
    private const TOLERANCE = 1e-6;

    /** s that an earth-fault relay takes where a resistor limits the current. */
    public const RELAY_S = 0.3;

    /**
     * @param  float|null  $lineKilometres  of the run to the starter; null where there is none
     * @param  float  $motorKilometres  of the run to the motor
     */
    public function __construct(
        private Circuit $circuit,
        private LoopRules $rules,
        private Clearing $device,
        private EarthSupply $supply,
        private ?float $lineKilometres,
        private float $motorKilometres,
        public float $timeLimit,
    ) {
    }

    public function line(): SizeCheck
    {
        return new PathCheck($this, $this->lineKilometres ?? 0.0, null);
    }

    public function motor(?SizeCandidate $line): SizeCheck
    {
        $upstream = $line === null ? null : $this->pick($line, $this->lineKilometres ?? 0.0, null)->path;

        return new PathCheck($this, $this->motorKilometres, $upstream);
    }

    public function lineBears(SizeCandidate $line, SizeCandidate $motor): bool
    {
        return $this->settle($line, $motor)->rejection === null;
    }

    /** Both runs as they are then: the protective conductors that pass together, or those nearest to it with what fails. */
    public function settle(?SizeCandidate $line, SizeCandidate $motor): SettledPaths
    {
        if ($line === null) {
            $pick = $this->pick($motor, $this->motorKilometres, null);

            return new SettledPaths(null, $pick->path, $pick->fault, $pick->rejection, false);
        }
        $first = $this->pick($line, $this->lineKilometres ?? 0.0, null);
        $settled = null;
        $usual = $this->rules->protectiveSizes($this->circuit, $line->conductor, $this->protectiveMetal($line))[0];
        foreach ($this->sizesFrom($line, $first->path->protectiveSize) as $size) {
            $path = $this->path($line, $size, $this->lineKilometres ?? 0.0, $size !== $usual);
            $pick = $this->pick($motor, $this->motorKilometres, $path);
            $rejected = $first->rejection ?? $pick->rejection;
            $weak = $rejected === null ? $this->weak($path, $pick->fault) : null;
            $settled = new SettledPaths(
                $path, $pick->path, $pick->fault, $rejected ?? $weak, $first->rejection !== null || $weak !== null,
            );
            if ($settled->rejection === null) {
                return $settled;
            }
        }

        return $settled ?? new SettledPaths($first->path, $first->path, $first->fault, $first->rejection, true);
    }

    /** @return list<string> */
    private function sizesFrom(SizeCandidate $line, string $from): array
    {
        return array_values(array_filter(
            $this->rules->protectiveSizes($this->circuit, $line->conductor, $this->protectiveMetal($line)),
            static fn (string $size): bool => (float) $size >= (float) $from,
        ));
    }

    /**
     * The first protective conductor with which a run passes.
     *
     * @param  FaultPath|null  $upstream  the run before it
     */
    public function pick(SizeCandidate $candidate, float $kilometres, ?FaultPath $upstream): PathPick
    {
        $sizes = $this->rules->protectiveSizes($this->circuit, $candidate->conductor, $this->protectiveMetal($candidate));
        $pick = null;
        foreach ($sizes as $size) {
            $path = $this->path($candidate, $size, $kilometres, $size !== $sizes[0]);
            $fault = $this->faultAt($upstream, $path);
            $pick = new PathPick($path, $fault, $this->late($fault) ? Rejection::Disconnection : $this->weak($path, $fault));
            if ($pick->rejection === null) {
                return $pick;
            }
        }

        return $pick;
    }

    private function late(EarthFault $fault): bool
    {
        return $this->supply->clearsByDevice()
            && ($fault->seconds === null || $fault->seconds > $this->timeLimit * (1 + self::TOLERANCE));
    }

    /** Which conductor of a run does not bear a fault: each of several in parallel carries its share. */
    private function weak(FaultPath $path, EarthFault $fault): ?Rejection
    {
        if ($fault->energy === null) {
            return null;
        }
        $each = $fault->energy / $path->candidate->conductor->sets ** 2;

        return match (true) {
            $each > $this->lineWithstand($path) * (1 + self::TOLERANCE) => Rejection::LineWithstand,
            $each > $this->protectiveWithstand($path) * (1 + self::TOLERANCE) => Rejection::ProtectiveWithstand,
            default => null,
        };
    }

    /** @return list<EntryCorrection|null> entries of the site’s own behind what the conductors bear */
    public function corrections(SettledPaths $settled): array
    {
        $conductor = $settled->motor->candidate->conductor;

        return [
            $this->rules->lineFactor($this->circuit, $conductor)->correction,
            $this->rules->protectiveFactor(
                $this->circuit, $this->protectiveMetal($settled->motor->candidate), (float) $settled->motor->protectiveSize,
            )->correction,
        ];
    }

    /** @return list<Bearing> what line and protective conductors of both runs bear, parallel ones together */
    public function bearings(SettledPaths $settled): array
    {
        $bearings = [];
        foreach (array_filter([$settled->motor, $settled->line]) as $path) {
            $conductor = $path->candidate->conductor;
            $bearings[] = new Bearing(
                TraceKind::Conductor, $conductor->text.' conductors', $this->lineWithstand($path) * $conductor->sets ** 2,
            );
            $bearings[] = new Bearing(
                TraceKind::Protective, $path->protectiveSize.' mm² protective conductor',
                $this->protectiveWithstand($path) * $conductor->sets ** 2,
            );
        }

        return $bearings;
    }

    /** Energy that the weakest conductor of both runs bears, A²s. */
    public function weakest(SettledPaths $settled): float
    {
        $bears = [];
        foreach (array_filter([$settled->line, $settled->motor]) as $path) {
            $bears[] = $this->lineWithstand($path);
            $bears[] = $this->protectiveWithstand($path);
        }

        return min([INF, ...$bears]);
    }

    /** Energy that one line conductor bears, A²s. */
    public function lineWithstand(FaultPath $path): float
    {
        $conductor = $path->candidate->conductor;

        return ($this->rules->lineFactor($this->circuit, $conductor)->value * $conductor->areaMm2) ** 2;
    }

    /** Energy that one protective conductor bears, A²s. */
    public function protectiveWithstand(FaultPath $path): float
    {
        $area = (float) $path->protectiveSize;
        $factor = $this->rules->protectiveFactor($this->circuit, $this->protectiveMetal($path->candidate), $area);

        return ($factor->value * $area) ** 2;
    }

    private function protectiveMetal(SizeCandidate $candidate): Metal
    {
        return $this->circuit->chosen('cable.protective_material', Metal::class) ?? $candidate->conductor->metal;
    }

    private function path(SizeCandidate $candidate, string $size, float $kilometres, bool $enlarged): FaultPath
    {
        $sets = $candidate->conductor->sets;
        $ohmPerKm = 1000 * $this->rules->resistivity($this->protectiveMetal($candidate)) / (float) $size;

        return new FaultPath(
            $candidate,
            new Impedance($candidate->ohmPerKm * $kilometres, $candidate->reactancePerKm * $kilometres),
            new Impedance($ohmPerKm * $kilometres / $sets, $this->rules->reactance() * $kilometres / $sets),
            $size, $enlarged,
        );
    }

    /** A fault at the end of a run. */
    private function faultAt(?FaultPath $upstream, FaultPath $path): EarthFault
    {
        $loop = $this->supply->loop($upstream === null ? $path->impedance : $upstream->impedance->plus($path->impedance));
        $amperes = $this->supply->faultCurrent($loop);
        if ($this->supply->earthing === Earthing::Resistance) {
            return new EarthFault($loop, $amperes, self::RELAY_S, $amperes ** 2 * self::RELAY_S);
        }

        return new EarthFault($loop, $amperes, $this->device->clears($amperes), $this->device->letsThrough($amperes));
    }
}
