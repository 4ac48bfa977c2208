<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use BraveAnvil\Ground\Show;

/** Line voltage of a supply: `400`, `480Y/277`, `400/230`, `240/120` with a high leg. Of two voltages the larger is between lines. */
final class SupplyVoltage
{
    /**
     * @param  float  $low  V
     * @param  float  $high  V
     * @param  bool  $onePhase  whether it has one phase: two lines of half the voltage each are then no high leg
     */
    public static function parse(string $text, float $low, float $high, bool $onePhase = false): TypedValue|Refusal
    {
        // What the bench itself says of a high leg is read back with the leg's own volts, which follow from the line's.
        $said = preg_match('~^(.+ between lines), high leg [\d. ]+ V to earth$~', $text, $own) === 1;
        $bare = trim((string) preg_replace('~\s*(volts|volt|vac|v)?(\s+between lines)?\s*$~i', '', $said ? $own[1] : $text));
        $parts = preg_split('~\s*[YyDd]?\s*/\s*~', $bare);
        if ($parts === false || count($parts) > 2) {
            return new Refusal(Typed::quoted($text).' cannot be read as a supply voltage.');
        }
        $volts = [];
        foreach ($parts as $part) {
            $number = Typed::number((string) preg_replace('~\s*[vVyY]+$~', '', trim($part)));
            if ($number instanceof Refusal) {
                return $number;
            }
            $volts[] = $number;
        }
        $line = max([0.0, ...$volts]);
        $ratio = count($volts) === 2 ? $line / max(1e-9, min([INF, ...$volts])) : null;
        $half = $said || ($ratio !== null && abs($ratio - 2) < 0.03);
        if ($ratio !== null && ! $half && abs($ratio - sqrt(3)) > 0.03) {
            return new Refusal('Two voltages of one supply differ by √3, such as 480Y/277, or by 2, such as 240/120 with a high leg.');
        }
        if ($line < $low || $line > $high) {
            return new Refusal(Show::number($line).' V is outside the range '.Show::number($low).' to '.Show::number($high).' V.');
        }

        $echo = Show::number($line, 6).Show::UNIT_SPACE.'V between lines';
        // Two lines stand half the voltage from earth, the third √3 times as much.
        if ($half && ! $onePhase) {
            $echo .= ', high leg '.Show::number(sqrt(3) / 2 * $line, 3).Show::UNIT_SPACE.'V to earth';
        }

        return new TypedValue($line, $echo);
    }
}
