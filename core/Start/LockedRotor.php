<?php

declare(strict_types=1);

namespace BraveAnvil\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\RuleBook\TypicalMotor;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Locked-rotor current direct on line at rated voltage, best source first: Ia/In, code letter, table, typical ratio. */
final class LockedRotor
{
    private const KEY = 'start.locked_rotor_current';

    private const LABEL = 'Locked-rotor current';

    /** IEC 60034-1 allows 20 % above the stamped ratio. */
    private const RATIO_TOLERANCE = 1.2;

    public static function solve(Circuit $circuit, RuleBook $book, Sheet $sheet): void
    {
        if ($circuit->bad('plate.start_current_ratio', 'plate.code_letter')) {
            return;
        }
        $rated = $sheet->get('power.plate_current') ?? $sheet->get('power.computed_current');
        $ratio = $circuit->number('plate.start_current_ratio');
        if ($ratio !== null) {
            if ($rated !== null) {
                $sheet->work(self::KEY, self::LABEL, $ratio->number() * $rated->number(), 'A', 'Ia/In · I_n', '{k} × {I}', ['k' => $ratio, 'I' => $rated], 'plate');
                $sheet->work(self::KEY.'_low', 'Locked-rotor current, low', $ratio->number() * $rated->number(), 'A', 'Ia/In · I_n', '{k} × {I}', ['k' => $ratio, 'I' => $rated], 'plate');
                $sheet->work(self::KEY.'_high', 'Locked-rotor current, high', self::RATIO_TOLERANCE * $ratio->number() * $rated->number(), 'A', '1.2 · Ia/In · I_n', '1.2 × {k} × {I}', ['k' => $ratio, 'I' => $rated], 'IEC 60034-1 tolerance +20 % (from memory)');
                self::compareLetter($circuit, $sheet);
            }

            return;
        }
        self::letter($circuit, $sheet);
        if ($sheet->has(self::KEY)) {
            return;
        }
        $table = $book->lockedRotorCurrent($circuit, $sheet);
        if ($table !== null) {
            $sheet->put($table);

            return;
        }
        $output = $sheet->get('plate.output');
        $poles = $sheet->get('plate.poles');
        $typical = $output === null ? null : TypicalMotor::value('Ist_In', $output->number(), $poles === null ? null : (int) $poles->number());
        if ($typical !== null && $rated !== null) {
            $sheet->work(self::KEY, self::LABEL, $typical * $rated->number(), 'A', 'typical ratio · I_n', Show::number($typical, 3).' × {I}', ['I' => $rated], Table::of('practice/typical_motor')->cited(), 'a typical Ia/In of '.Show::number($typical, 3));
        } elseif ($rated !== null) {
            $sheet->missing('plate.start_current_ratio', 'Ia/In or a code letter is wanted: no typical value is known for this output.');
        }
    }

    /**
     * Locked-rotor kVA per horsepower of a code letter, null at an open end.
     *
     * @return array{float|null, float|null} low, high
     */
    private static function range(string $letter): array
    {
        $table = Table::of('nec/code_letter');

        return [$table->number($letter, '0'), $table->number($letter, '1')];
    }

    private static function letter(Circuit $circuit, Sheet $sheet): void
    {
        $letter = $circuit->choice('plate.code_letter');
        $output = $sheet->get('plate.output');
        $volts = $sheet->get('plate.rated_voltage');
        if ($letter === null || $output === null || $volts === null) {
            return;
        }
        [$low, $high] = self::range($letter);
        // On a plate such as 208-230 the letter belongs to the higher end; the current falls with the voltage.
        $pair = $circuit->plateVoltage()?->pairs[(int) ($sheet->get('plate.pair')?->number() ?? 1) - 1] ?? null;
        $top = $pair['high'] ?? $volts->number();
        $hp = new Figure('hp', 'Horsepower', $output->number() / Power::HORSEPOWER, 'hp');
        $factor = $hp->number() * 1000 / (sqrt(3) * $top) * $volts->number() / $top;
        $star = 1.0;
        $rated = $sheet->get('power.plate_current') ?? $sheet->get('power.computed_current');
        $mid = $low !== null && $high !== null && $letter !== 'A' ? ($low + $high) / 2 : null;
        $threshold = Table::of('practice/starting')->number('star_letter_ratio_below') ?? 3.5;
        $assumption = null;
        if ($circuit->choice('starter.method') === 'star_delta' && $mid !== null && $rated !== null && $mid * $factor / $rated->number() < $threshold) {
            $star = 3.0;
            $assumption = 'the code letter is that of the star connection';
            $sheet->find(Grade::Caution, Station::Start, 'code_letter_is_star', 'The code letter is probably the star value',
                'Letter '.$letter.' gives '.Show::number($mid * $factor / $rated->number(), 3).' times rated current. A star-start motor is marked for star, so the delta value is three times that; it is never divided again.', 'Take Ia/In from the data sheet.', 'NEC 430.7(B) (2023, from memory)', [self::KEY]);
        }
        $source = Table::of('nec/code_letter')->cited();
        $formula = 'kVA/hp · hp · 1000 / (√3 V)';
        $work = static fn (float $kva): string => Show::number($kva).' kVA/hp × {hp} × 1000 ÷ (√3 × '.Show::number($top).' V)'.(abs($volts->number() / $top - 1) > 1e-9 ? ' × {V} ÷ '.Show::number($top).' V' : '').($star > 1 ? ' × 3' : '');
        $from = ['hp' => $hp, 'V' => $volts];
        if ($mid !== null) {
            $sheet->work(self::KEY, self::LABEL, $star * $mid * $factor, 'A', $formula, $work($mid), $from, $source.', middle of letter '.$letter, $assumption);
        }
        if ($low !== null && $letter !== 'A') {
            $sheet->work(self::KEY.'_low', 'Locked-rotor current, low', $star * $low * $factor, 'A', $formula, $work($low), $from, $source, $assumption);
        }
        if ($high !== null) {
            $sheet->work(self::KEY.'_high', 'Locked-rotor current, high', $star * $high * $factor, 'A', $formula, $work($high), $from, $source, $assumption);
        }
    }

    /** With both a ratio and a letter on the plate: do they agree? */
    private static function compareLetter(Circuit $circuit, Sheet $sheet): void
    {
        $lrc = $sheet->need(self::KEY);
        $volts = $sheet->get('plate.rated_voltage');
        $output = $sheet->get('plate.output');
        if ($volts === null || $output === null) {
            return;
        }
        $perHp = sqrt(3) * $volts->number() * $lrc->number() / 1000 / ($output->number() / Power::HORSEPOWER);
        $sheet->work('start.kva_per_hp', 'Locked-rotor kVA per horsepower', $perHp, 'kVA/hp', '√3 V I_LR / hp', '√3 × {V} × {I} ÷ 1000 ÷ ({P} ÷ 746 W)', ['V' => $volts, 'I' => $lrc, 'P' => $output]);
        $found = null;
        $letters = Table::of('nec/code_letter')->keys();
        foreach ($letters as $letter) {
            if ($perHp >= (self::range($letter)[0] ?? INF) - 0.005) {
                $found = $letter;
            }
        }
        if ($found === null) {
            return;
        }
        $sheet->put(new Figure('start.code_letter', 'Like code letter', $found, '', '', Show::number($perHp).' kVA/hp', Table::of('nec/code_letter')->cited()));
        $stamped = $circuit->choice('plate.code_letter');
        if ($stamped !== null && $stamped !== $found) {
            $apart = abs((int) array_search($stamped, $letters, true) - (int) array_search($found, $letters, true));
            $sheet->find($apart > 1 ? Grade::Caution : Grade::Note, Station::Plate, 'code_letter_disagrees', 'Ia/In and code letter differ', 'The stamped ratio is '.Show::number($perHp, 3).' kVA/hp, like letter '.$found.'; the plate says '.$stamped.'. The ratio is used.', 'Read both again on the plate.', Table::of('nec/code_letter')->cited(), ['start.kva_per_hp']);
        }
    }
}
