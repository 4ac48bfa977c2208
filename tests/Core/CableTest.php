<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\ErrorKind;

/** Both runs of a circuit against the drop that they share, and what is said when no size passes. */
final class CableTest extends CoreTestCase
{
    /** What is typed is checked; what is free is chosen so that the typed one passes where it can. */
    public function test_a_free_line_run_makes_room_for_a_typed_motor_cable(): void
    {
        $runs = ['cable.length' => '60 m', 'cable.line_length' => '60 m', 'settings.drop_limit_running' => 4];
        $free = Circuits::solve(Circuits::kilnFan(), $runs);
        $typed = Circuits::solve(Circuits::kilnFan(), [...$runs, 'cable.size' => '16']);
        self::assertDoesNotFind('installed_size_fails', $typed);
        self::assertGreaterThan($free->figure('cable.line_size')?->number() ?? 0, 1000);
        self::assertLessThanOrEqual(4, $typed->figure('cable.total_drop')?->number());
        $tight = Circuits::solve(Circuits::kilnFan(), [...$runs, 'cable.size' => '16', 'settings.drop_limit_running' => 2.6]);
        self::assertDoesNotFind('installed_size_fails', $tight);
        self::assertGreaterThan($typed->figure('cable.line_size')?->number(), $tight->figure('cable.line_size')?->number());
        $hopeless = Circuits::solve(Circuits::kilnFan(), [...$runs, 'cable.size' => '16', 'settings.drop_limit_running' => 1.5]);
        self::assertFinds('installed_size_fails', $hopeless, 'stop');
        self::assertStringContainsString('running voltage drop', self::finding($hopeless, 'installed_size_fails')->text);
    }

    public function test_where_no_size_passes_none_is_published_and_the_constraint_is_named(): void
    {
        $long = Circuits::solve(Circuits::kilnFan(), ['cable.length' => '3000 m', 'cable.sets' => 1]);
        self::assertErrorAt('cable.size', $long, ErrorKind::Refused);
        self::assertNull($long->figure('cable.size'));
        self::assertNull($long->figure('cable.ampacity'));
        self::assertStringContainsString('running voltage drop', Circuits::errors($long)['cable.size']);
        self::assertContains('cable', $long->blocked);
        self::assertNotEmpty(Circuits::curve($long, 'ladder')['rows'], 'the ladder still shows why');

        $large = ['plate.power' => '450 kW', 'plate.current' => '790/455', 'cable.length' => '5 m'];
        $hot = Circuits::solve(Circuits::kilnFan(), [...$large, 'cable.grouped_circuits' => 9, 'cable.sets' => 1]);
        self::assertStringContainsString('current-carrying capacity', Circuits::errors($hot)['cable.size']);
        self::assertStringNotContainsString('drop', Circuits::errors($hot)['cable.size']);
        $advice = array_column(array_map(static fn ($error): array => $error->toArray(), $hot->errors), 'accepted', 'path');
        self::assertStringNotContainsString('shorter run', $advice['cable.size'], 'a short run carries no more');
    }

    /** IEC 60364-5-52 Table B.52.12 has single-core cables from 25 mm² only. */
    public function test_a_small_motor_is_told_where_the_table_begins(): void
    {
        $small = ['plate.power' => '1.5 kW', 'plate.voltage' => '400', 'plate.current' => 3.3, 'plate.efficiency' => '85'];
        $single = Circuits::solve(Circuits::kilnFan(), [...$small, 'cable.method' => 'F']);
        self::assertFigures(['cable.size' => 25], $single);
        self::assertFinds('table_starts_here', $single, 'note');
        self::assertDoesNotFind('table_starts_here', Circuits::solve(Circuits::kilnFan(), [...$small, 'cable.method' => 'E']));
    }
}
