<?php

declare(strict_types=1);

namespace App\Carried;

use BraveAnvil\Away\Answers;

/** What a device asks of what it carries: the core, and the door card of a draft. */
final class CarriedAnswers
{
    /** Deeper than any circuit. */
    private const DEPTH = 24;

    /**
     * One question, JSON both ways.
     *
     * @throws \JsonException where it is no JSON
     * @throws \ValueError where nothing of the kind can be asked
     */
    public static function to(string $json): string
    {
        $asked = json_decode($json, true, self::DEPTH, JSON_THROW_ON_ERROR);
        if (! is_array($asked) || ($asked['ask'] ?? '') !== 'door_card') {
            return Answers::to($json);
        }
        $circuit = is_array($asked['circuit'] ?? null) ? $asked['circuit'] : [];
        $site = is_string($asked['site'] ?? null) ? $asked['site'] : '';

        return json_encode(CarriedCard::of($circuit, $site), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
