<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

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
            self::NotConnected => 'The capacitor does not seem to be connected.',
            self::TwoElementsDead => 'Two of its three elements seem to be open, or it is connected in star.',
            self::BlownFuse => 'One of its fuses seems to be blown.',
            self::OneElementDead => 'One of its three elements seems to be open.',
            self::WrongSize => 'The capacitor seems to be of another size.',
        };
    }

    public function next(): string
    {
        return match ($this) {
            self::NotConnected => 'Check its fuses, contactor and conductors.',
            self::TwoElementsDead, self::OneElementDead => 'Measure the current in each of its lines. Equal currents mean another size; '.
            'unequal currents mean a failed element.',
            self::BlownFuse => 'Check its fuses. A blown fuse can leave an element charged.',
            self::WrongSize => 'Read its nameplate and measure its current.',
        };
    }
}
