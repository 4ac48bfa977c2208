<?php

declare(strict_types=1);

namespace App\Sheet\Picture;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The address of a circuit as a code that a phone reads, by Debian's `qrencode`. */
final class QrCode
{
    private const SECONDS = 5;

    /** Length of a side. */
    private const POINTS = 62;

    /** @throws RuntimeException where the program is missing or fails */
    public static function of(string $address): string
    {
        $process = new Process(['qrencode', '-t', 'SVG', '-m', '1', '-l', 'M', '-o', '-', '--', $address], timeout: self::SECONDS);
        $process->run();
        if (! $process->isSuccessful()) {
            throw new RuntimeException('The code of the address could not be made: '.trim($process->getErrorOutput()));
        }

        // The reader of SVG for the PDF knows no view box: the scale stands in the drawing itself.
        $svg = (string) preg_replace_callback(
            '~<svg width="[^"]*" height="[^"]*" viewBox="0 0 (\d+) \d+"[^>]*>(.*)</svg>~s',
            static fn (array $m): string => sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%1$d" viewBox="0 0 %1$d %1$d"><g transform="scale(%2$.5F)">%3$s</g></svg>',
                self::POINTS, self::POINTS / max(1, (int) $m[1]), $m[2],
            ),
            $process->getOutput(),
        );

        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }
}
