<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\DeviceRules;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/**
 * The device of a feeder. NEC 430.62 and 430.63,
     CE Code 28-204: the largest device of a branch and all else; IEC practice: a gG fuse that
 * carries the load with every start in it, and stands behind every fuse of a branch.
 */
final readonly class FeederDevice
{
    /** No branch device of a motor is smaller. CE Code 28-200. */
    private const LEAST_BRANCH = 15.0;

    private const SHORT_SECONDS = 0.1;

    /** @param  array<int, float>  $below  ratings of the fuses of boards that this one feeds, A */
    public function __construct(
        private BoardDemand $demand,
        private DeviceRules $devices,
        private Tables $tables,
        private array $below = [],
    ) {
    }

    /** The largest that the rule permits, A; null where no branch device is known. */
    public function limit(): ?float
    {
        $owner = null;
        $most = 0.0;
        foreach ($this->demand->counted as $motor) {
            $device = $motor->deviceMaximum === null ? null : max(self::LEAST_BRANCH, $motor->deviceMaximum);
            if ($device !== null && $device > $most) {
                [$owner, $most] = [$motor->tag, $device];
            }
        }
        foreach ($this->demand->others as $load) {
            if ($load->maximumDevice !== null && $load->maximumDevice > $most) {
                [$owner, $most] = [$load->tag, $load->maximumDevice];
            }
        }
        if ($owner === null) {
            return null;
        }
        $sum = $most;
        foreach ($this->demand->counted as $motor) {
            $sum += $motor->tag === $owner ? 0.0 : $motor->current;
        }
        foreach ($this->demand->others as $load) {
            $sum += $load->tag === $owner ? 0.0 : BoardDemand::factored($load);
        }

        return $sum;
    }

    /** The largest standard rating at or below a limit, A; null below the smallest. */
    public function standardBelow(float $limit, TableName $list): ?float
    {
        $below = array_filter($this->tables->named($list)->numbers('ratings'),
            static fn (float $rating): bool => $rating <= $limit * (1 + 1e-6));

        return $below === [] ? null : max($below);
    }

    /** @return list<float> gG fuses, A, ascending */
    public function fuses(): array
    {
        return $this->tables->named(TableName::IecFuseGg)->numbers('ratings');
    }

    /** Whether a gG fuse carries the board, and every start in it, and melts after every fuse of a branch. */
    public function passes(float $rating): bool
    {
        if ($rating < $this->demand->demand() * (1 - 1e-6)) {
            return false;
        }
        $fuse = $this->devices->device(Scpd::FuseGg, $rating, 0.0);
        if ($fuse === null) {
            return false;
        }
        foreach ($this->below as $one) {
            $board = $this->devices->device(Scpd::FuseGg, $one, 0.0);
            if ($board !== null && ! $fuse->carries($board->clearsFrom(self::SHORT_SECONDS), self::SHORT_SECONDS)) {
                return false;
            }
        }
        $running = $this->demand->running();
        foreach ($this->demand->counted as $motor) {
            $others = $running - $this->demand->share($motor) * $motor->current;
            if ($motor->startCurrent !== null && $motor->startSeconds !== null
                && ! $fuse->carries($motor->startCurrent + $others, $motor->startSeconds)) {
                return false;
            }
            $branch = $motor->solution->figure('guard.scpd')?->value === Scpd::FuseGg->value && $motor->deviceRating !== null
                ? $this->devices->device(Scpd::FuseGg, $motor->deviceRating, 0.0) : null;
            if ($branch !== null && ! $fuse->carries($branch->clearsFrom(self::SHORT_SECONDS), self::SHORT_SECONDS)) {
                return false;
            }
        }

        return true;
    }
}
