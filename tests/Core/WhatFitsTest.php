<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;

/** Values of a plate that contradict each other are answered with what would fit. */
final class WhatFitsTest extends CoreTestCase
{
    /**
     * @param  array<string, mixed>  $plate
     * @param  array<string, mixed>  $supply
     */
    private static function read(array $plate, array $supply = [], string $book = 'iec'): Solution
    {
        return Circuits::solve(['rule_book' => $book, 'supply' => $supply, 'plate' => $plate]);
    }

    private static function plain(string $text): string
    {
        return str_replace(["\u{00A0}", "\u{202F}"], ' ', $text);
    }

    /**
     * By hand: 30 kW at cos φ 0.86 and 92 % takes 54.7 A at 400 V and 95.2 A at 230 V; 11 kW at 0.85 and 90 % takes 20.8 A, 11 hp 15.5 A.
     *
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>, string}>
     */
    public static function slips(): iterable
    {
        $thirty = ['power' => '30 kW', 'speed' => '1470', 'power_factor' => '0.86', 'efficiency' => '92'];
        $eleven = ['power' => '11 kW', 'speed' => '1460', 'voltage' => '400', 'power_factor' => '0.85', 'efficiency' => '90'];
        yield 'the amperes of 400 V' => [
            [...$thirty, 'voltage' => '230', 'current' => '52'], ['voltage' => '230', 'frequency' => '50'], 'It would fit 400 V',
        ];
        yield 'horsepower read as kilowatts' => [
            [...$eleven, 'current' => '15.5'], ['voltage' => '400', 'frequency' => '50'], 'It would fit 11 hp (8.21 kW)',
        ];
    }

    /**
     * @param  array<string, mixed>  $plate
     * @param  array<string, mixed>  $supply
     */
    #[DataProvider('slips')]
    public function test_a_current_that_does_not_fit_is_told_what_would(array $plate, array $supply, string $fits): void
    {
        self::assertStringContainsString($fits, self::plain(self::finding(self::read($plate, $supply), 'current_disagrees')->text));
    }

    /** A tenth of the amperes: no output at all, and a decimal point that was read past. One current of two: the one of 400 V. */
    public function test_a_current_that_is_refused_is_told_what_would_fit(): void
    {
        $eleven = ['power' => '11 kW', 'speed' => '1460', 'voltage' => '400', 'power_factor' => '0.85', 'efficiency' => '90'];
        $point = self::read([...$eleven, 'current' => '2.08'], ['voltage' => '400', 'frequency' => '50']);
        self::assertStringContainsString('It would fit 20.8 A, with the decimal point moved.',
            self::plain(Circuits::errors($point)['plate.power']));
        $one = self::read(
            ['power' => '30 kW', 'speed' => '1470', 'voltage' => '230/400', 'current' => '54.5'], ['voltage' => '230', 'frequency' => '50'],
        );
        self::assertStringContainsString('It would fit 400 V.', self::plain(Circuits::errors($one)['plate.current']));
    }

    public function test_nothing_is_told_where_nothing_fits_or_little_is_off(): void
    {
        $eleven = ['power' => '11 kW', 'speed' => '1460', 'voltage' => '400', 'power_factor' => '0.85', 'efficiency' => '90'];
        $supply = ['voltage' => '400', 'frequency' => '50'];
        foreach (['22.5', '60'] as $amperes) {
            self::assertStringNotContainsString(
                'fit', self::finding(self::read([...$eleven, 'current' => $amperes], $supply), 'current_disagrees')->text, $amperes,
            );
        }
    }

    /** 1450 rpm at 60 Hz is a slip of 19 %; at 50 Hz it is 3.33 %. */
    public function test_a_speed_of_the_other_frequency_is_told(): void
    {
        $solution = self::read(
            ['power' => '11 kW', 'speed' => '1450', 'voltage' => '400', 'frequency' => '60'], ['voltage' => '400', 'frequency' => '60'],
        );
        self::assertStringContainsString('It would fit 50 Hz: a slip of 3.33 %.', self::plain(self::finding($solution,
            'slip_unusual')->text));
    }

    /** A 40 hp motor of 4 poles has a 324T frame; 286T is the frame of 30 hp. NEMA MG 1, Part 13, from memory. */
    public function test_a_frame_is_held_against_output_and_poles(): void
    {
        $plate = ['power' => '40 hp', 'speed' => '1775', 'voltage' => '460', 'current' => '48'];
        $supply = ['voltage' => '480', 'frequency' => '60'];
        $small = self::read([...$plate, 'frame' => '286T'], $supply, 'nec');
        self::assertFinds('frame_unusual', $small, 'caution');
        self::assertStringContainsString('Usual is 324T.', self::finding($small, 'frame_unusual')->text);
        self::assertStringContainsString('30 hp', self::finding($small, 'frame_unusual')->text);
        self::assertFinds('frame_unusual', self::read([...$plate, 'frame' => '365T'], $supply, 'nec'), 'note');
        foreach (['324T', '324TS', '324TC', 'NEMA 324T', '324', '200L', 'XR-9'] as $frame) {
            self::assertDoesNotFind('frame_unusual', self::read([...$plate, 'frame' => $frame], $supply, 'nec'));
        }
    }

    /** Every frame of the table has its dimensions in the other, and grows with the output. */
    public function test_usual_frames_grow_with_the_output(): void
    {
        foreach (['1.5', '5', '10', '25', '60', '100'] as $i => $hp) {
            foreach ([2, 4, 6, 8] as $poles) {
                $solution = self::read(
                    ['power' => $hp.' hp', 'speed' => (string) (7200 / $poles - 30), 'voltage' => '460', 'frame' => '143T',
                        'frequency' => '60'],
                    ['voltage' => '480', 'frequency' => '60'], 'nec',
                );
                if ($i > 0) {
                    self::assertFinds('frame_unusual', $solution, 'caution');
                }
            }
        }
    }

    /** Kilowatts and horsepower stand side by side, and so do those of the service factor. */
    public function test_a_plate_is_told_in_both_units(): void
    {
        $meanings = self::read(
            ['power' => '25 hp', 'speed' => '1765', 'voltage' => '460', 'current' => '32', 'service_factor' => '1.15'],
            ['voltage' => '480', 'frequency' => '60'], 'nec',
        )->toArray()['meanings'];
        $said = self::plain(json_encode($meanings, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
        self::assertStringContainsString('(25 hp)', $said);
        self::assertStringContainsString('(28.8 hp)', $said);
    }

    /** A rotor class is used where no starting torque is stamped: KL 16 starts against 1.6 times rated torque. */
    public function test_a_rotor_class_is_used(): void
    {
        $fan = Circuits::changed(Circuits::fanWithItsLoad(), ['plate.start_torque_ratio' => null]);
        $with = Circuits::solve($fan, ['plate.rotor_class' => 'KL 25']);
        self::assertFigures(['start.locked_rotor_torque' => 2.5 * self::number($with, 'plate.rated_torque')], $with);
        self::assertStringContainsString('KL 25', implode(' ', $with->figure('start.locked_rotor_torque')->assumptions ?? []));
    }
}
