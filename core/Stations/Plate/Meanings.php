<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\DutyStamp;
use BraveAnvil\Circuit\Parse\Typed;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Words;
use BraveAnvil\Tables\Practice\Practice;
use Closure;

/**
 * What the stamps of a plate say, in plain words. A stamp that cannot be decoded says so and stays as it is typed.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class Meanings
{
    private const NOT_DECODED = 'Not explained here; stored as entered.';

    private Codes $codes;

    public function __construct(private Words $words, private bool $metricFrames, private Practice $practice)
    {
        $this->codes = new Codes($practice->stamps(), $practice->codeLetters());
    }

    /** @return array<string, string> by the path of the stamp */
    public function of(Circuit $circuit, Motor $motor, ?Figure $serviceFactorAmps): array
    {
        return array_filter(
            [
                ...$this->codes($circuit, $motor), ...RatingMeanings::of($circuit, $motor, $serviceFactorAmps, $this->words),
                ...$this->words($circuit),
            ],
            static fn (?string $text): bool => $text !== null,
        );
    }

    /** @return array<string, string|null> */
    private function codes(Circuit $circuit, Motor $motor): array
    {
        $class = $circuit->word('plate.efficiency_class');

        return [
            'plate.ip' => self::stamped($circuit, 'plate.ip', $this->codes->protection(...)),
            'plate.cooling' => self::stamped($circuit, 'plate.cooling', $this->codes->cooling(...)),
            'plate.mounting' => self::stamped($circuit, 'plate.mounting', $this->codes->mounting(...)),
            'plate.duty' => $this->duty($circuit),
            'plate.insulation_class' => self::stamped($circuit, 'plate.insulation_class', $this->codes->insulation(...)),
            'plate.code_letter' => self::stamped($circuit, 'plate.code_letter', $this->codes->codeLetter(...)),
            'plate.design_letter' => self::stamped($circuit, 'plate.design_letter', $this->codes->designLetter(...)),
            'plate.efficiency_class' => $class === null || $circuit->assumed('plate.efficiency_class') !== null
                ? null
                : $this->efficiencyClass($class, $motor),
            'plate.frame' => self::stamped(
                $circuit,
                'plate.frame',
                fn (string $frame): ?string => $this->codes->frame($frame, $this->metricFrames),
            ),
            'plate.rotor_class' => self::stamped($circuit, 'plate.rotor_class', $this->codes->rotorClass(...)),
            'plate.enclosure' => self::stamped($circuit, 'plate.enclosure', $this->codes->enclosure(...)),
            'plate.bearings' => self::stamped($circuit, 'plate.bearings', $this->codes->bearings(...)),
            'plate.standard' => self::stamped($circuit, 'plate.standard', $this->codes->standard(...)),
            'plate.remarks' => self::stamped($circuit, 'plate.remarks', $this->codes->remarks(...)),
        ];
    }

    /**
     * The meaning of a stamp, null where nothing is stamped.
     *
     * @param  FieldPath  $path
     * @param  Closure(string): (string|null)  $decode  of the stamp in capitals; null when it cannot
     */
    private static function stamped(Circuit $circuit, string $path, Closure $decode): ?string
    {
        $text = $circuit->stamped($path);

        return $text === null ? null : $decode(strtoupper(Typed::plain($text))) ?? self::NOT_DECODED;
    }

    private function duty(Circuit $circuit): ?string
    {
        $type = $circuit->stamp('plate.duty', DutyStamp::class)?->type;
        $text = $type === null ? null : $this->practice->stamps()->duty($type);
        $echo = $circuit->read()['plate.duty'] ?? '';
        $detail = str_contains($echo, ', ') && $type !== 'S1' ? ' Here: '.substr($echo, (int) strpos($echo, ', ') + 2).'.' : '';

        return $text === null ? null : ucfirst($text).'.'.$detail;
    }

    private function efficiencyClass(string $class, Motor $motor): string
    {
        $name = ['IE1' => 'standard', 'IE2' => 'high', 'IE3' => 'premium', 'IE4' => 'super premium'][$class] ?? '';
        $poles = $motor->poles;
        if ($motor->output === null || $poles === null) {
            return ucfirst($name).' efficiency.';
        }
        $hertz = $motor->frequency?->number() ?? 50.0;
        $nominal = $this->practice->efficiencyClasses()->nominal($class, $motor->output->number(), (int) $poles->number(), $hertz);

        return ucfirst($name).
            ' efficiency'.
            ($nominal === null
                ? '.'
                : ': '.
                    Show::number($nominal).
                    ' % for '.
                    $motor->output->shown().
                    ' and '.
                    $poles->shown().
                    ' poles at '.
                    Show::number($hertz).
                    ' Hz.');
    }

    /** @return array<string, string|null> stamps that only identify */
    private function words(Circuit $circuit): array
    {
        $grams = $circuit->numbers('plate.grease_amount');
        $lessons = SiteLessons::read($circuit->lessons());
        $thickener = $lessons->thickener($circuit->stamped('plate.grease'));

        return [
            'plate.type' => self::only(
                $circuit, 'plate.type',
                ($lessons->ofOrder($circuit->stamped('plate.type')) ?? 'The manufacturer’s name for this design.').
                ' Quote it when ordering parts.',
            ),
            'plate.order_number' => self::only(
                $circuit, 'plate.order_number',
                ($lessons->ofOrder($circuit->stamped('plate.order_number')) ?? 'The manufacturer’s order number.').
                ' Quote it when ordering parts.',
            ),
            'plate.serial' => self::only(
                $circuit, 'plate.serial', 'The number of this one machine. Quote it when ordering parts. '.
                ($lessons->madeIn($circuit->stamped('plate.serial'))?->says() ?? 'The date in it has no common code.'),
            ),
            'plate.year' => self::only($circuit, 'plate.year', 'Year of manufacture.'),
            'plate.marks' => self::only(
                $circuit,
                'plate.marks',
                'Conformity marks: the rules that the manufacturer declares. They do not show that this circuit complies.',
            ),
            'plate.grease' => self::only(
                $circuit, 'plate.grease', ($thickener === null ? 'Use grease with the same thickener'
                    : $thickener->label(Words::iec()).': use grease with the same thickener').': different types must not be mixed.',
            ),
            'plate.grease_amount' => $grams === []
                    ? null
                    : (isset($grams[1]) ? Show::number($grams[0]).' g into the drive end, '.Show::number($grams[1]).
                    ' g into the non-drive end, ' : Show::number($grams[0]).' g into each bearing, ').
                    'while running if the guards allow it. Too much grease overheats a bearing.',
        ];
    }

    /** @param  FieldPath  $path */
    private static function only(Circuit $circuit, string $path, string $text): ?string
    {
        return $circuit->stamped($path) === null ? null : $text;
    }
}
