<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Guard\ScpdChoice;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** gG fuses: the smallest whose time-current gates carry the start. */
final class FuseGg
{
    private const TOLERANCE = 1e-6;

    public function choose(Circuit $circuit, Sheet $sheet): ScpdChoice
    {
        $current = $sheet->need('power.design_current');
        $lrc = $sheet->need('start.locked_rotor_current');
        $starDelta = $sheet->get('start.method')?->value === 'star_delta';
        $start = $starDelta ? $sheet->need('start.star_line_current') : $lrc;
        $time = $starDelta ? $sheet->need('start.star_time') : $sheet->need('start.run_up_time');
        // Direct: a margin of a tenth on the first moments; star-delta: the whole locked-rotor current at changeover.
        $instant = ($starDelta ? 1.0 : Table::of('practice/guard')->must('fuse_first_moment_margin')) * $lrc->number();
        $table = Table::of('iec/fuse_gg');
        $ladder = [];
        $chosen = null;
        foreach ($table->keys('gates') as $key) {
            $rating = (float) $key;
            $held = self::carriedFor($table, $key, $time->number());
            $first = $table->number('gates', $key, 'min_0_1s') ?? 0.0;
            $carriesLoad = $rating >= $current->number() * (1 - self::TOLERANCE);
            $carriesStart = $held >= $start->number() * (1 - self::TOLERANCE) && $first >= $instant * (1 - self::TOLERANCE);
            if ($rating < 0.5 * $current->number() || ($chosen !== null && count($ladder) > 2 && $rating > 2.1 * $chosen[0])) {
                continue;
            }
            $ok = $carriesLoad && $carriesStart;
            $ladder[] = ['rating' => $rating, 'carries' => $ok, 'allowed' => true, 'reason' => match (true) {
                ! $carriesLoad => 'below the motor current',
                $held < $start->number() * (1 - self::TOLERANCE) => 'carries '.Show::number($held, 4).' A for '.$time->shown().', the start takes '.$start->shown(),
                ! $carriesStart => 'carries '.Show::number($first).' A for 0.1 s, '.Show::number($instant, 4).' A is wanted',
                default => 'carries '.Show::number($held, 4).' A for '.$time->shown(),
            }];
            if ($ok && $chosen === null) {
                $chosen = [$rating, $held, $first];
            }
        }
        if ($chosen === null) {
            return new ScpdChoice(null, null, null, $ladder);
        }
        [$rating, $held, $first] = $chosen;
        if ($rating === 16.0) {
            $sheet->find(Grade::Note, Station::Guard, 'small_fuse_has_no_gates', 'Smaller fuses cannot be proven',
                'The table of time-current gates starts at 16 A. A smaller fuse may carry this start, but nothing here can prove it.', 'Take the starter maker’s coordination table for a smaller one.', $table->cited(), ['guard.scpd_rating']);
        }
        if ($time->number() > 0.1 && $time->number() < 10 - 1e-9) {
            $sheet->find(Grade::Note, Station::Guard, 'fuse_between_gates', 'The fuse is judged between two gates',
                'At '.$time->shown().' the fuse’s current is read on a straight line between its 0.1 s and 10 s gates on log scales.', 'Compare with the fuse maker’s curve when it is close.', $table->cited(), ['guard.scpd_rating']);
        }

        return new ScpdChoice(null, null, Sheet::worked('guard.scpd_rating', 'gG fuse', $rating, 'A', 'smallest that carries the start',
            Show::number($rating).' A carries '.Show::number($held, 4).' A for {t} (start {start}) and '.Show::number($first).' A for 0.1 s ('.Show::number($instant, 4).' A wanted)',
            ['t' => $time, 'start' => $start, 'lrc' => $lrc, 'I' => $current], $table->cited()), $ladder);
    }

    /** Current that the fuse is sure to carry for a time, A: log-log between the gates, beyond 10 s by constant I²t. */
    public static function carriedFor(Table $table, string $rating, float $seconds): float
    {
        $fast = $table->number('gates', $rating, 'min_0_1s') ?? 0.0;
        $slow = $table->number('gates', $rating, 'min_10s') ?? 0.0;
        if ($seconds <= 0.1) {
            return $fast;
        }
        if ($seconds >= 10) {
            return max(Table::of('practice/guard')->must('fuse_long_time_times') * (float) $rating, $slow * sqrt(10 / $seconds));
        }

        return $fast * ($slow / $fast) ** (log10($seconds / 0.1) / 2);
    }
}
