<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\Reading;

/** The two windings of a single-phase motor: the start winding has the higher resistance. Common practice, no source. */
final class MainAndStartWinding
{
    /** Start winding over main winding, from and to, of usual motors. */
    private const LEAST = 1.1;

    private const MOST = 8.0;

    public static function judge(Reading $reading): Judgement
    {
        foreach (['ohms_main' => 'main', 'ohms_start' => 'start'] as $name => $winding) {
            if ($reading->isOpen($name)) {
                return (new Judgement)->differ(Grade::Stop)->say('No continuity through the '.$winding.' winding.')->advise(
                    $winding === 'start' ? 'Check start switch, capacitor and leads: they lie in series with it. Then the winding itself.'
                        : 'Check the leads and the thermal protector, then the winding itself.',
                    ...$winding === 'start' ? ['an open start switch', 'a lead not connected', 'an open winding']
                        : ['an open thermal protector', 'a lead not connected', 'an open winding'],
                );
            }
        }
        $ohms = $reading->all('ohms_main', 'ohms_start');
        if ($ohms === null) {
            return Judgement::waiting(...$reading->missing('ohms_main', 'ohms_start'));
        }
        [$main, $start] = [$ohms[0], $ohms[1] ?? 0.0];
        $judgement = (new Judgement)->tell(new JudgedQuantity('main', $main))->tell(new JudgedQuantity('start', $start))
            ->hold(new JudgedQuantity('start_over_main', $start / $main, null, self::LEAST, self::MOST, how: 'from 1.1 to 8 is usual'),
                Grade::Note);
        if ($start < $main) {
            $judgement->say('The winding with the lower resistance is the main winding: the leads may be exchanged.');
        }

        return $judgement->advise(
            'Identify the leads by the nameplate diagram and read again.', 'main and start winding exchanged', 'shorted turns',
            'contact resistance of the test leads',
        );
    }
}
