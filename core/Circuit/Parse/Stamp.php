<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;

/** Codes of a plate that follow a grammar, in one spelling: `ip 55` is IP55, `Cl. F` is F. */
final class Stamp
{
    public static function protection(string $text): TypedValue|Refusal
    {
        $bare = strtoupper(str_replace([' ', '-'], '', $text));
        if (preg_match('/^(?:IP)?([0-6X])([0-9X])([A-Z]{0,2})$/', $bare, $m) !== 1) {
            return new Refusal(Typed::quoted($text).' is not an IP code: the first digit is 0 to 6, the second 0 to 9.');
        }

        return new TypedValue('IP'.$m[1].$m[2].$m[3], 'IP'.$m[1].$m[2].$m[3]);
    }

    public static function cooling(string $text): TypedValue|Refusal
    {
        $bare = strtoupper(str_replace([' ', '-', '.'], '', $text));
        if (preg_match('/^(?:IC)?([0-9](?:[A-Z]?[0-9][A-Z]?){1,2}|[0-9][0-9]?W)$/', $bare, $m) !== 1) {
            return new Refusal(Typed::quoted($text).' is not an IC code.');
        }

        return new TypedValue('IC'.$m[1], 'IC'.$m[1]);
    }

    public static function insulation(string $text): TypedValue|Refusal
    {
        $bare = (string) preg_replace(
            '~^(INSULATION|INSUL\.?|INS\.?|ISO\.?\s?KL\.?|TH\.?\s?CL\.?|CLASS|CL\.?)\s*(CLASS|CL\.?)?\s*~', '', strtoupper($text),
        );
        if (preg_match('~^([YAEBFHNR])(?:\s*[/(]\s*([YAEBFH])\)?)?$~', $bare, $m) !== 1) {
            return new Refusal(Typed::quoted($text).' is not an insulation class.');
        }
        $used = $m[2] ?? '';
        if ($used !== '' && strpos('YAEBFHNR', $used) > strpos('YAEBFHNR', $m[1])) {
            return new Refusal('The temperature rise of class '.$used.' is more than insulation of class '.$m[1].' withstands.');
        }
        $class = $m[1].($used === '' || $used === $m[1] ? '' : '/'.$used);

        return new TypedValue($class, $class);
    }

    public static function rotorClass(string $text): TypedValue|Refusal
    {
        return preg_match('/^(?:KL\.?)?\s*(\d{1,2})$/', strtoupper($text), $m) === 1 && (int) $m[1] >= 3 && (int) $m[1] <= 30
            ? new TypedValue('KL '.$m[1], 'KL '.$m[1]) : new Refusal(Typed::quoted($text).' is not a rotor class.');
    }

    public static function phases(string $text): TypedValue|Refusal
    {
        return match (1) {
            preg_match('/^(3|3\s*(~|ph|phase|phases|mot\.?|x)|three( phase)?|3\s*~\s*mot\.?|iii)$/i', $text) => new TypedValue(3.0, '3'),
            preg_match('/^(1|1\s*(~|ph|phase)|single( phase)?|one)$/i', $text) => new TypedValue(1.0, '1'),
            default => new Refusal(Typed::quoted($text).' is not a number of phases. Enter 3 or 1.'),
        };
    }
}
