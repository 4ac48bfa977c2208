<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Round;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\TypedFields;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Grade;

/** What was found otherwise than it should be, judged at once: the circuit is solved with it. */
final readonly class Found
{
    private function __construct(public ?Grade $grade, public string $says, public ?FieldError $error)
    {
    }

    /**
     * @param  array<array-key, mixed>  $document  as it is solved
     * @param  string  $typed  what was found
     */
    public static function judge(array $document, RoundItem $item, string $typed): self
    {
        $before = Bench::solve($document);
        $path = $item->field();
        if ($path === null) {
            return self::links($before, $typed);
        }
        $after = Bench::solve(TypedFields::with($document, $path, $typed));
        foreach ($after->errors as $error) {
            if ($error->path === $path && $error->kind !== ErrorKind::Missing) {
                return new self(null, '', $error);
            }
        }
        $worse = self::worse($before, $after);
        if ($worse === []) {
            return new self(Grade::Note, 'Different from the sheet, but within limits. Update the sheet, or change it back.',
                null);
        }

        return new self(
            $worse[0]->grade,
            implode(' ', array_map(static fn (Finding $one): string => trim($one->title.'. '.$one->text.' '.$one->action), $worse)), null,
        );
    }

    /**
     * Stops and cautions that are there only with what was found, the gravest first.
     *
     * @return list<Finding>
     */
    private static function worse(Solution $before, Solution $after): array
    {
        $known = [];
        foreach ($before->findings as $finding) {
            $known[$finding->code->code()] = $finding->grade;
        }
        $worse = [];
        foreach ($after->findings as $finding) {
            if ($finding->grade !== Grade::Note && ($known[$finding->code->code()] ?? null) !== $finding->grade) {
                $worse[] = $finding;
            }
        }

        return $worse;
    }

    /** A winding in star gets the line voltage over √3, in delta all of it: what was made for one of them starves or burns in the other. */
    private static function links(Solution $before, string $typed): self
    {
        $right = RoundItem::Links->expected($before) ?? '';
        $volts = $before->figure('plate.supply_voltage')?->shown(3) ?? 'this supply';

        return match (true) {
            $typed === $right => new self(null, '', null),
            $typed === 'star' && $right === 'delta' => new self(
                Grade::Stop,
                "In star on $volts each winding gets 58 % of its rated voltage and the motor one third of its torque: it ".
                    'stalls or burns out. Connect it in delta.', null,
            ),
            $typed === 'delta' && $right === 'star' => new self(
                Grade::Stop, "In delta on $volts each winding gets 1.73 times its rated voltage: it burns out within ".
                    'minutes. Connect it in star.',
                null,
            ),
            default => new self(
                Grade::Caution,
                'The links form neither star nor delta: isolate, and find out how the windings are connected.', null,
            ),
        };
    }
}
