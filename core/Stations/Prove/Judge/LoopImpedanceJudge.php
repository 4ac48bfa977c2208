<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** What a loop tester shows at the motor, conductors cold. */
final class LoopImpedanceJudge implements Judge
{
    /** Share of the limit for warm conductors that cold ones may read. Common practice. */
    public const COLD = 0.8;

    /** Above so many times the computed one something is in the way. Common practice. */
    private const MORE = 1.2;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $ohms = $reading->number('ohms');
        $computed = $known->loop?->impedance;
        $limit = $known->loop?->limit;
        if ($ohms === null || ($computed === null && $limit === null)) {
            return Judgement::waiting(...$reading->missing('ohms'), ...$known->loop === null ? ['supply.earthing'] : []);
        }
        $read = $ohms->number();
        $most = $limit === null ? null : self::COLD * $limit->number();
        $more = $computed !== null && $read > self::MORE * $computed->number();
        $high = $most ?? self::MORE * $computed->number();
        $judgement = (new Judgement)->hold(
            new JudgedQuantity(
                'ohms', $read, $computed?->number(), null, $high,
                [...$computed === null ? [] : ['Z' => $computed], ...$limit === null ? [] : ['Zm' => $limit]],
                $limit === null ? '1.2 × {Z}' : ($computed === null ? '' : 'calculated {Z} warm; ').'0.8 × {Zm} on cold conductors',
            ),
            match (true) {
                $limit === null => Grade::Note,
                $read > $limit->number() => Grade::Stop,
                default => Grade::Caution,
            },
        );
        if ($limit !== null) {
            $judgement->tell(new JudgedQuantity('limit_cold', self::COLD * $limit->number(), from: ['Zm' => $limit], how: '0.8 × {Zm}'));
        }
        if ($more && $limit !== null) {
            $judgement->mark(Grade::Note)->say('It is more than 1.2 times the calculated value.');
        }

        return $judgement->advise(
            'Tighten and measure again at each connection of the protective conductor, starting at the board.',
            'a loose connection in the protective conductor',
            'a longer or smaller conductor than entered', 'a test lead',
        );
    }
}
