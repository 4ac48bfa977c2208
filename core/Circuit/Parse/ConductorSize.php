<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;

/** A conductor size as typed: `16`, `16 mm2`, `3 x 2.5`, `6 AWG`, `#6`, `1/0`, `250 kcmil`. The name has no unit: `16`, `1/0`, `250`. */
final class ConductorSize
{
    public static function parse(string $text, bool $american): string|Refusal
    {
        $bare = strtolower(trim($text));
        $bare = (string) preg_replace('~^\d{1,2}\s*x\s*(?=\d)~', '', $bare);
        if ($american) {
            $bare = trim((string) preg_replace('~\s*(awg|kcmil|mcm|no\.?|#)\s*~', '', $bare));
            $bare = ['0' => '1/0', '00' => '2/0', '000' => '3/0', '0000' => '4/0'][$bare] ?? $bare;
            if (preg_match('~^([1-4]/0|\d{1,4})$~', $bare) !== 1) {
                return new Refusal(Typed::quoted($text).' is not an AWG or kcmil size.');
            }

            return $bare;
        }
        $bare = trim((string) preg_replace('~\s*(mm2|mm\^2|sq\s?mm|mm)$~', '', $bare));
        $number = Typed::number($bare);
        if ($number instanceof Refusal || $number <= 0 || $number > 2000) {
            return new Refusal(Typed::quoted($text).' is not a size in mm².');
        }

        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
