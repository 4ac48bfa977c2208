<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** What the codes on a plate mean, by the standards that define them. A code that a table has not answers null. */
final readonly class StampTables
{
    public function __construct(private Tables $tables)
    {
    }

    /** What a first digit of an IP code keeps out. IEC 60529. */
    public function protectionAgainstSolids(string $digit): ?string
    {
        return $this->protection()->text('first', $digit);
    }

    public function protectionAgainstWater(string $digit): ?string
    {
        return $this->protection()->text('second', $digit);
    }

    public function protectionLetter(string $letter): ?string
    {
        return $this->protection()->text('letters', $letter);
    }

    /** A whole code such as `IC411`. IEC 60034-6. */
    public function cooling(string $code): ?string
    {
        return $this->coolingCodes()->text($code);
    }

    public function coolingCircuit(string $digit): ?string
    {
        return $this->coolingCodes()->text('circuit', $digit);
    }

    public function coolingMovement(string $digit): ?string
    {
        return $this->coolingCodes()->text('movement', $digit);
    }

    /** @return array<string, string> meaning by code, such as `B3`. IEC 60034-7. */
    public function mountings(): array
    {
        return self::texts($this->tables->named(TableName::IecMountingCode));
    }

    /** Temperature that insulation of a class bears, °C. IEC 60085. */
    public function insulationTemperature(string $class): ?float
    {
        return $this->rating()->number('insulation_temperature', $class);
    }

    /** Largest mean rise of the windings of a class, K. IEC 60034-1. */
    public function temperatureRise(string $class): ?float
    {
        return $this->rating()->number('temp_rise_resistance_method', $class);
    }

    /** What a duty such as `S3` means. IEC 60034-1. */
    public function duty(string $type): ?string
    {
        return $this->rating()->text('duty_types', $type);
    }

    /** All NEMA design letters in one text. NEMA MG 1. */
    public function designLetters(): string
    {
        return $this->tables->named(TableName::NecDesignLetters)->text('text') ?? '';
    }

    /** @return array<string, string> meaning by code, such as `TEFC` */
    public function enclosures(): array
    {
        return self::texts($this->tables->named(TableName::NecEnclosure));
    }

    /** @return array<string, string> */
    public function standards(): array
    {
        return self::texts($this->tables->named(TableName::PracticePlateWords), 'standards');
    }

    /** @return array<string, string> meaning by regular expression */
    public function remarks(): array
    {
        return self::texts($this->tables->named(TableName::PracticePlateWords), 'remarks');
    }

    /** What the suffix of a NEMA frame says. */
    public function frameSuffix(string $suffix): ?string
    {
        return $this->tables->named(TableName::NecFrames)->text('suffix', $suffix);
    }

    /**
     * One dimension of a NEMA frame, in.
     *
     * @param  0|1|2  $column  feet across, feet along, shaft
     */
    public function nemaFrame(string $number, int $column): ?float
    {
        return $this->tables->named(TableName::NecFrames)->number('rows', $number, (string) $column);
    }

    /**
     * T frames that are usual for an output and a number of poles, open and enclosed; none where nobody remembers. NEMA MG 1, Part 13.
     *
     * @param  string  $horsepower  as the table writes it, such as `7.5`
     * @return list<float>
     */
    public function usualFrames(int $poles, string $horsepower): array
    {
        $table = $this->tables->named(TableName::NecFrames);

        return $table->has('usual', (string) $poles, $horsepower) ? $table->numbers('usual', (string) $poles, $horsepower) : [];
    }

    /** @return list<string> outputs, hp, of which the usual T frame is known */
    public function outputsWithFrames(int $poles): array
    {
        $table = $this->tables->named(TableName::NecFrames);

        return $table->has('usual', (string) $poles) ? $table->keys('usual', (string) $poles) : [];
    }

    /** How sure the usual frames are. */
    public function framesCited(): string
    {
        return $this->tables->named(TableName::NecFrames)->cited();
    }

    /**
     * One dimension of an IEC frame, mm.
     *
     * @param  string  $letter  as the standard names it: H, A, B with its body, D_shaft, E
     */
    public function iecFrame(string $height, string $letter): ?float
    {
        return $this->tables->named(TableName::IecFrames)->number($height, $letter);
    }

    /** @return array{float, float} least first and second digit of the IP code in these surroundings */
    public function leastProtection(string $surroundings): array
    {
        [$first, $second] = $this->tables->named(TableName::PracticeSurroundings)->numbers($surroundings);

        return [$first, $second];
    }

    private function protection(): Table
    {
        return $this->tables->named(TableName::IecProtectionCode);
    }

    private function coolingCodes(): Table
    {
        return $this->tables->named(TableName::IecCoolingCode);
    }

    private function rating(): Table
    {
        return $this->tables->named(TableName::IecRatingAndPerformance);
    }

    /** @return array<string, string> */
    private static function texts(Table $table, string ...$path): array
    {
        $texts = [];
        foreach ($table->keys(...$path) as $key) {
            $texts[$key] = $table->text(...[...$path, $key]) ?? '';
        }

        return $texts;
    }
}
