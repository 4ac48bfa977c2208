<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\Unit;

/** A load of a board that is no circuit of its own: heaters, lighting, sockets, a machine as a whole. */
final readonly class OtherLoad
{
    public const KINDS = ['heater', 'lighting', 'socket', 'equipment', 'other'];

    /**
     * @param  float  $current  A in each line
     * @param  float|null  $powerFactor  null where nobody knows it
     * @param  float  $demand  share that runs, in parts of one
     * @param  float|null  $maximumDevice  A, marked on equipment
     */
    private function __construct(
        public string $tag,
        public string $kind,
        public float $current,
        public ?float $powerFactor,
        public bool $continuous,
        public float $demand,
        public bool $restarts,
        public ?float $maximumDevice,
    ) {
    }

    /** @param  array<array-key, mixed>  $load  as typed; its errors are told in the document */
    public static function read(array $load, string $path, float $volts, FeederDocument $document): ?self
    {
        $kind = ($load['kind'] ?? '') === '' ? 'other' : $load['kind'];
        if (! in_array($kind, self::KINDS, true)) {
            $document->fail("$path.kind", 'Choose the kind of load.', 'Heater, lighting, socket, equipment or other.');
            $kind = 'other';
        }
        $factor = $document->number("$path.power_factor", $load['power_factor'] ?? null, FieldKind::Fraction, 0.05, 1)
            ?? ($kind === 'heater' ? 1.0 : null);
        $current = $document->number("$path.current", $load['current'] ?? null, FieldKind::Amperes, 0.01, 20000, Unit::Ampere);
        $power = $document->number("$path.power", $load['power'] ?? null, FieldKind::Kilowatts, 1, 1e8, Unit::Watt);
        if ($current === null && $power !== null && $factor === null) {
            $document->fail("$path.power_factor", 'Enter the power factor: amperes follow from power only with it.',
                'From 0.05 to 1.', ErrorKind::Missing);
        } elseif ($current === null && $power === null) {
            $document->fail("$path.current", 'Enter the current or the power.', 'Amperes, or kW.', ErrorKind::Missing);
        }
        $amperes = $current ?? ($power === null || $factor === null || $volts <= 0 ? null : $power / (sqrt(3) * $volts * $factor));

        return $amperes === null ? null : new self(
            is_string($load['tag'] ?? null) ? $load['tag'] : '', $kind, $amperes, $factor,
            FeederDocument::flag($load['continuous'] ?? null) ?? $kind !== 'socket',
            $document->number("$path.demand", $load['demand'] ?? null, FieldKind::Fraction, 0.01, 1) ?? 1.0,
            FeederDocument::flag($load['restart'] ?? null) ?? true,
            $document->number("$path.maximum_device", $load['maximum_device'] ?? null, FieldKind::Amperes, 1, 6000, Unit::Ampere),
        );
    }

    /** Whether its current falls with the voltage; all else keeps its power. */
    public function isAdmittance(): bool
    {
        return $this->kind === 'heater' || $this->kind === 'lighting';
    }
}
