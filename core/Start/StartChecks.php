<?php

declare(strict_types=1);

namespace BraveAnvil\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** What a person must know about the start: refusals, limits and the cautions of working on links. */
final class StartChecks
{
    public static function solve(Circuit $circuit, RuleBook $book, Sheet $sheet): void
    {
        $method = $sheet->get('start.method')?->value;
        if ($method === 'star_delta') {
            StarDelta::refuse($circuit, $book, $sheet);
            self::starDelta($book, $sheet);
        }
        self::directLimit($circuit, $sheet, $method);
        self::inertia($circuit, $sheet);
        if (is_string($sheet->get('plate.connection')?->value) && in_array($sheet->get('plate.connection')->value, ['delta', 'star', 'parallel', 'series'], true)) {
            $sheet->find(Grade::Note, Station::Plate, 'lock_off_before_links', 'Before you move a link', 'Isolate, lock off and tag. Prove dead on a known source before and after. Any capacitor holds charge: wait, then short it. The motor may restart unexpectedly if it is not locked off.', 'Live work only by qualified people with rated instruments.', 'usual practice; local rules and licensed people decide', []);
        }
    }

    private static function starDelta(RuleBook $book, Sheet $sheet): void
    {
        if ($sheet->blocked(Station::Cable)) {
            return;
        }
        $peak = $sheet->get('start.reclosing_peak');
        if ($peak !== null) {
            $sheet->find(Grade::Caution, Station::Start, 'reclosing_peak', 'The changeover can bite harder than a direct start',
                'Delta closes on a field that still turns. In the worst case the peak reaches '.$peak->shown(3).', more than the first peak direct on line.',
                'For the favourable side wire the delta contactor U2–L3, V2–L1, W2–L2, and interlock it with the star contactor both mechanically and electrically.', 'own computation, an upper bound', ['start.reclosing_peak']);
        }
        $sheet->find(Grade::Note, Station::Start, 'run_up_not_checked', 'Run-up in star is not checked',
            'Whether a third of the torque brings this load up to speed is not computed yet.', 'Watch the first start: change over near full speed, 90 % or more.', '', ['start.star_torque']);
    }

    private static function directLimit(Circuit $circuit, Sheet $sheet, mixed $method): void
    {
        $limit = $circuit->number('settings.direct_start_limit');
        $output = $sheet->get('plate.output');
        if ($method === 'direct' && $limit !== null && $output !== null && $output->number() > $limit->number() * (1 + 1e-9)) {
            $sheet->find(Grade::Note, Station::Start, 'direct_above_limit', 'Direct start of a larger motor',
                $output->shown().' is above the site’s limit of '.Show::quantity($limit->number(), 'W').' for direct starts.', 'Ask whoever runs the supply, or choose a gentler start.', 'site setting', ['plate.output']);
        }
    }

    private static function inertia(Circuit $circuit, Sheet $sheet): void
    {
        $inertia = $circuit->number('load.inertia');
        $ratio = $circuit->number('load.speed_ratio');
        $poles = $sheet->get('plate.poles');
        $output = $sheet->get('plate.output');
        $frequency = $sheet->get('plate.frequency')?->number() ?? 50.0;
        if ($inertia === null || $poles === null || $output === null || abs($frequency - 50) > 1) {
            return;
        }
        $table = Table::of('iec/starting_performance');
        $pairs = $poles->number() / 2;
        $limit = ($table->number('inertia', 'coefficient') ?? 0.04) * ($output->number() / 1000) ** ($table->number('inertia', 'power_exponent') ?? 0.9) * $pairs ** ($table->number('inertia', 'pole_pair_exponent') ?? 2.5);
        $sheet->work('start.inertia_limit', 'Largest external inertia of a design N motor', $limit, 'kg·m²', '0.04 P^0.9 (p/2)^2.5', '0.04 × '.Show::number($output->number() / 1000).'^0.9 × '.Show::number($pairs).'^2.5', ['P' => $output], $table->cited(), null, $table->doubt('inertia', 'coefficient'));
        $referred = $inertia->number() * ($ratio?->number() ?? 1.0) ** 2;
        if ($referred > $limit) {
            $sheet->find(Grade::Caution, Station::Start, 'inertia_above_limit', 'Inertia above the design limit', Show::number($referred, 3).' kg·m² at the motor shaft is more than the '.Show::number($limit, 3).' kg·m² that a design N motor of this size must start.', 'Ask for the motor’s own limit.', $table->cited(), ['start.inertia_limit']);
        }
    }
}
