<?php

declare(strict_types=1);

namespace App\Sheet;

/** Text as markup. The type of the sheet lacks some signs of the trade: these are set in another one. */
final class Ink
{
    public static function html(string $text): string
    {
        $safe = htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');

        // Basic Latin to Latin Extended-A, general punctuation, and the Greek and mathematical signs that the type has.
        return (string) preg_replace(
            '~[^\x{20}-\x{17F}\x{2009}-\x{2026}\x{202F}\x{2030}\x{00A0}\x{2044}\x{20AC}\x{2122}ΔΩπ√∞∫≈≤≥−μ\r\n\t]+~u',
            '<span class="sign">$0</span>', $safe,
        );
    }
}
