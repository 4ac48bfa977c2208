<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Stations\Source\Generator;
use BraveAnvil\Stations\Source\Inverter;

/**
 * What a source that is not the mains keeps up into a short circuit until a device has cleared it.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class SustainedCurrent
{
    /**
     * @param  float|null  $amperes  null where the mains keep up all that flows, or it waits
     * @param  FieldPath|null  $wants  the field that it waits for
     */
    private function __construct(public ?float $amperes, public ?string $wants = null, public string $why = '')
    {
    }

    /** @param  float  $volts  between lines, or of the one phase, V */
    public static function of(Circuit $circuit, float $volts): self
    {
        return match ($circuit->source()) {
            SupplySource::Mains => new self(null),
            SupplySource::Generator => self::generator($circuit, $volts),
            SupplySource::Inverter => self::inverter($circuit),
        };
    }

    private static function generator(Circuit $circuit, float $volts): self
    {
        $generator = Generator::of($circuit);
        if ($generator?->rating === null) {
            return new self(null, 'supply.generator_kva', 'Enter the kVA of the generator');
        }
        $amperes = $generator->sustainedAmperes($volts, $circuit->phaseFactor());

        return $amperes !== null ? new self($amperes) : new self(
            null, 'supply.sustained_ratio',
            'Enter the sustained short-circuit current of the generator: after the first cycles its current falls',
        );
    }

    private static function inverter(Circuit $circuit): self
    {
        $fault = Inverter::of($circuit)?->fault;

        return $fault !== null ? new self($fault->number())
            : new self(null, 'supply.inverter_fault_ampere', 'Enter the short-circuit current of the inverter');
    }
}
