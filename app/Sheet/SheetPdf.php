<?php

declare(strict_types=1);

namespace App\Sheet;

use Dompdf\Dompdf;
use Dompdf\Options;
use RuntimeException;

/** A paper as PDF, with its type embedded, page numbers, and nothing fetched from anywhere. */
final class SheetPdf
{
    private const MARGIN_POINTS = 30;

    /** @return string the bytes of the PDF */
    public static function of(SheetPaper $paper): string
    {
        // Workers and the web server may be two users: neither meets the other's files.
        $cache = storage_path('framework/cache/fonts/'.posix_geteuid());
        if (! is_dir($cache) && ! @mkdir($cache, 0700, true) && ! is_dir($cache)) {
            throw new RuntimeException('The font files of the sheet cannot be written.');
        }
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setIsJavascriptEnabled(false);
        $options->setChroot([resource_path('fonts')]);
        $options->setFontDir($cache);
        $options->setFontCache($cache);
        $options->setIsFontSubsettingEnabled(true);
        $pdf = new Dompdf($options);
        $pdf->loadHtml('<!doctype html><html lang="en"><head><meta charset="utf-8"><style>'.self::faces().$paper->css.
            '</style></head><body class="paper '.$paper->name.'">'.$paper->html.'</body></html>');
        $pdf->setPaper($paper->name === 'door' ? 'A5' : 'A4', $paper->name === 'file' ? 'portrait' : 'landscape');
        $pdf->render();
        $font = $pdf->getFontMetrics()->getFont('sheet') ?? throw new RuntimeException('The font files of the sheet are missing.');
        $canvas = $pdf->getCanvas();
        $y = $canvas->get_height() - self::MARGIN_POINTS * 0.75;
        $canvas->page_text(self::MARGIN_POINTS, $y, $paper->foot, $font, 7.5, [0.3, 0.35, 0.34]);
        $canvas->page_text($canvas->get_width() - self::MARGIN_POINTS - 48, $y, 'page {PAGE_NUM} of {PAGE_COUNT}', $font, 7.5,
            [0.3, 0.35, 0.34]);

        return (string) $pdf->output();
    }

    private static function faces(): string
    {
        $face = static fn (string $file, string $weight): string => "@font-face{font-family:sheet;font-weight:$weight;src:url('file://".
            resource_path("fonts/BarlowSemiCondensed-$file.ttf")."') format('truetype')}";

        return $face('Regular', 'normal').$face('SemiBold', 'bold').'@page{margin:'.self::MARGIN_POINTS.'pt '.self::MARGIN_POINTS.
            'pt 34pt}body{margin:0}';
    }
}
