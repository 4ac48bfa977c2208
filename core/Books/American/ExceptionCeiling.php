<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Ground\Show;
use BraveAnvil\Tables\Table;

/** The most that a device may be raised to so that a motor starts. */
final readonly class ExceptionCeiling
{
    /** A of full-load current up to which the larger ceiling of a breaker holds. */
    private const SMALL_MOTOR = 100;

    /** A, up to which fuses of the smaller kind are made. */
    private const SMALL_FUSE = 600.0;

    /** @param  Table  $percent  with `exception_ceiling` */
    public function __construct(private Table $percent)
    {
    }

    /**
     * @param  float  $fullLoad  A
     * @return array{float, string} A, and how it came about with `{I}` for the current
     */
    public function of(Scpd $scpd, float $fullLoad): array
    {
        if ($scpd === Scpd::FuseNonTimeDelay) {
            return $this->ofPlainFuse($fullLoad);
        }
        $percent = $this->percent->must('exception_ceiling', match (true) {
            $scpd === Scpd::FuseDualElement => 'td',
            $fullLoad <= self::SMALL_MOTOR => 'inv_to_100_a',
            default => 'inv_above_100_a',
        });

        return [$percent / 100 * $fullLoad, Show::number($percent).' % × {I}'];
    }

    /** @return array{float, string} */
    private function ofPlainFuse(float $fullLoad): array
    {
        $small = $this->percent->must('exception_ceiling', 'ntd_to_600_a');
        $large = $this->percent->must('exception_ceiling', 'ntd_above_600_a');
        if ($large / 100 * $fullLoad > self::SMALL_FUSE) {
            return [$large / 100 * $fullLoad, Show::number($large).' % × {I}, above 600 A'];
        }

        return [min($small / 100 * $fullLoad, self::SMALL_FUSE), Show::number($small).' % × {I}, not above 600 A'];
    }
}
