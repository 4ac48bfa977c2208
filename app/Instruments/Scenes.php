<?php

declare(strict_types=1);

namespace App\Instruments;

use BraveAnvil\Records\Instruments\HiddenFault;
use RuntimeException;

/** Circuits on the bench of the stand-ins: each is a file that `bin/instruments` reads, by its number. */
final class Scenes
{
    /** Numbers of circuits; those of hidden faults follow. A register holds no more. */
    private const CIRCUITS = 30000;

    public static function ofCircuit(int $circuit): int
    {
        return 1 + $circuit % self::CIRCUITS;
    }

    public static function ofDrill(int $drill): int
    {
        return 1 + self::CIRCUITS + $drill % self::CIRCUITS;
    }

    /**
     * @param  array<array-key, mixed>  $document  ready to be solved
     * @param  float  $load  share of rated output
     */
    public static function put(int $scene, array $document, float $load, ?HiddenFault $fault): void
    {
        $folder = self::folder();
        $text = json_encode([
            'document' => $document, 'load' => $load,
            'fault' => $fault === null ? null : ['kind' => $fault->kind->value, 'size' => $fault->size, 'place' => $fault->place],
        ], JSON_THROW_ON_ERROR);
        $file = "$folder/$scene.json";
        if (is_file($file) && file_get_contents($file) === $text) {
            return;
        }
        // In one step, so that nobody reads half a file.
        if (file_put_contents("$file.new", $text) === false || ! rename("$file.new", $file)) {
            throw new RuntimeException("$file cannot be written");
        }
    }

    private static function folder(): string
    {
        $named = getenv('INSTRUMENTS_SCENES');
        $folder = $named === false || $named === '' ? storage_path('app/instruments') : $named;
        if (! is_dir($folder)) {
            mkdir($folder, 0770, true);
        }

        return $folder;
    }

    public static function port(): int
    {
        $named = getenv('INSTRUMENTS_PORT');

        return is_numeric($named) ? (int) $named : 1502;
    }
}
