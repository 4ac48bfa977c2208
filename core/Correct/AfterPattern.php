<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

/** What a share of a delta capacitor that works looks like. */
enum AfterPattern: string
{
    case NotConnected = 'not_connected';
    case TwoElementsDead = 'two_elements_dead';
    case BlownFuse = 'blown_fuse';
    case OneElementDead = 'one_element_dead';
    case WrongSize = 'wrong_size';

    /** How near to a pattern a share counts as one. */
    private const NEAR = 0.08;

    /** @param  float  $share  of its reactive power that is there */
    public static function of(float $share, bool $onePhase): self
    {
        $shares = $onePhase
            ? [[self::NotConnected, 0.0]]
            : [[self::NotConnected, 0.0], [self::TwoElementsDead, 1 / 3], [self::BlownFuse, 1 / 2], [self::OneElementDead, 2 / 3]];
        foreach ($shares as [$pattern, $at]) {
            if (abs($share - $at) <= self::NEAR) {
                return $pattern;
            }
        }

        return self::WrongSize;
    }

    public function says(): string
    {
        return match ($this) {
            self::NotConnected => 'It looks as if the capacitor is not connected.',
            self::TwoElementsDead => 'It looks as if two of its three elements are dead, or as if it were joined in star.',
            self::BlownFuse => 'It looks as if one of its fuses is blown.',
            self::OneElementDead => 'It looks as if one of its three elements is dead.',
            self::WrongSize => 'It looks as if the capacitor is of another size.',
        };
    }

    public function next(): string
    {
        return match ($this) {
            self::NotConnected => 'Look at its fuses, contactor and leads.',
            self::TwoElementsDead, self::OneElementDead => 'Read the current in each of its lines: equal ones mean a size, '.
                'unequal ones a dead element.',
            self::BlownFuse => 'Look at its fuses; a blown one leaves an element charged.',
            self::WrongSize => 'Read its plate, and measure its current.',
        };
    }
}
