<?php

declare(strict_types=1);

namespace App\Photographs;

use App\Problems\Problem;

/**
 * A photograph made safe to keep: it is decoded and written anew, turned upright and no larger than a screen needs, so that
 * nothing but its picture is left: no place, no time, no camera, no hidden data.
 */
final readonly class Picture
{
    public const LARGEST_BYTES = 12_000_000;

    private const MOST_PIXELS = 24_000_000;

    private const LONGEST_SIDE = 2400;

    private const ACCEPTED = 'A JPEG, PNG or WebP picture of at most 12 MB and 24 million pixels.';

    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /** @throws Problem when it is no picture of a kind that is taken, or too large */
    public static function from(string $bytes): self
    {
        if (strlen($bytes) > self::LARGEST_BYTES) {
            throw self::refused(413, 'The picture is larger than 12 MB.');
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw self::refused(422, 'This is not a JPEG, PNG or WebP picture.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS || $size[0] < 1 || $size[1] < 1) {
            throw self::refused(422, 'The picture has '.round($size[0] * $size[1] / 1e6).' million pixels; the limit is 24 million.');
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw self::refused(422, 'The picture is damaged and cannot be opened.');
        }
        $longest = max($size[0], $size[1]);
        if ($longest > self::LONGEST_SIDE) {
            $smaller = imagescale(
                $image,
                max(1, (int) round(($size[0] * self::LONGEST_SIDE) / $longest)),
                max(1, (int) round(($size[1] * self::LONGEST_SIDE) / $longest)),
            );
            $image = $smaller === false ? $image : $smaller;
        }
        $turned = imagerotate($image, match ($size[2] === IMAGETYPE_JPEG ? self::orientation($bytes) : 1) {
            3 => 180, 6 => 270, 8 => 90, default => 0,
        }, 0);
        $image = $turned === false ? $image : $turned;
        // What is see-through becomes white.
        $ground = imagecreatetruecolor(imagesx($image), imagesy($image));
        imagefill($ground, 0, 0, (int) imagecolorallocate($ground, 255, 255, 255));
        imagecopy($ground, $image, 0, 0, 0, 0, imagesx($image), imagesy($image));
        ob_start();
        imagejpeg($ground, null, 85);

        return new self((string) ob_get_clean(), imagesx($ground), imagesy($ground));
    }

    private static function orientation(string $bytes): int
    {
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return 1;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $exif = @exif_read_data($stream);
        fclose($stream);

        return is_array($exif) && is_int($exif['Orientation'] ?? null) ? $exif['Orientation'] : 1;
    }

    private static function refused(int $status, string $text): Problem
    {
        return new Problem($status, 'picture_refused', 'The picture cannot be used', $text.' '.self::ACCEPTED, [
            ['path' => 'photograph', 'text' => $text, 'accepted' => self::ACCEPTED],
        ]);
    }
}
