<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Readiness;

use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Station;
use BraveAnvil\Studies\Sensitivity\Outcome;

/** Whether a solution may be signed for use, and what the one who signs takes upon himself. */
final readonly class Readiness
{
    /**
     * @param  list<Hindrance>  $hindrances
     * @param  list<Acknowledgement>  $acknowledgements
     */
    private function __construct(public array $hindrances, public array $acknowledgements)
    {
    }

    /**
     * @param  list<Figure>  $figures
     * @param  list<Finding>  $findings
     * @param  list<FieldError>  $errors
     * @param  array<string, string>  $blocked  reason by station
     */
    public static function of(array $figures, array $findings, array $errors, array $blocked): self
    {
        $hindrances = [];
        foreach ($findings as $finding) {
            if ($finding->grade === Grade::Stop) {
                $hindrances[] = new Hindrance('Stop: '.$finding->title, $finding->code->station());
            }
        }
        foreach ($errors as $error) {
            if ($error->kind !== ErrorKind::Missing) {
                $hindrances[] = new Hindrance((Fields::find($error->path)->label ?? $error->path).': '.$error->text, null);
            }
        }
        foreach ($blocked as $station => $why) {
            $station = Station::from($station);
            $hindrances[] = new Hindrance($station->label().' station: no result. '.self::reason($why), $station);
        }

        return new self($hindrances, self::taken($figures));
    }

    /** Why a station has none, where its own sentence says so again. */
    private static function reason(string $why): string
    {
        return ucfirst(str_starts_with($why, 'No result: ') ? substr($why, strlen('No result: ')) : $why);
    }

    /** In one sentence. */
    public function says(): string
    {
        $against = count($this->hindrances);
        $taken = count($this->acknowledgements);

        return match ($against) {
            0 => 'Ready to issue for use.',
            1 => 'Not ready to issue for use: 1 problem.',
            default => 'Not ready to issue for use: '.$against.' problems.',
        }.match (true) {
            $taken === 0 => '',
            $against === 0 => $taken === 1 ? ' Accept 1 assumption or unverified value when you sign.'
                : ' Accept '.$taken.' assumptions or unverified values when you sign.',
            $taken === 1 => ' 1 assumption or unverified value to accept.',
            default => ' '.$taken.' assumptions or unverified values to accept.',
        };
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<Acknowledgement>
     */
    private static function taken(array $figures): array
    {
        $decisive = [];
        foreach (Outcome::decisive() as $name) {
            $decisive[$name->key()] = true;
        }

        return Acknowledgement::of(array_values(array_filter(
            $figures, static fn (Figure $figure): bool => isset($decisive[$figure->key()]),
        )));
    }
}
