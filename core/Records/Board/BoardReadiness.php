<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Studies\Readiness\Acknowledgement;

/** Whether the sheet of a board may be signed for use, and what the one who signs takes upon himself. */
final readonly class BoardReadiness
{
    /** What somebody buys, pulls, sets or checks a device by. */
    private const DECISIVE = [
        FeederFigure::ScpdRating, FeederFigure::Size, FeederFigure::ProtectiveSize, FeederFigure::FaultCurrent,
        FeederFigure::ProspectiveCurrent, FeederFigure::VoltageDrop, FeederFigure::StartDip, FeederFigure::DisconnectionTime,
        FeederFigure::TransformerLoading, FeederFigure::RestartSteps, FeederFigure::RestartDip, FeederFigure::ControlTransformer,
        FeederFigure::ControlPrimaryFuse, FeederFigure::ControlSecondaryFuse, FeederFigure::ControlPullInLength,
        FeederFigure::ControlDropOutLength,
    ];

    /**
     * @param  list<string>  $hindrances  why it cannot be issued for use, each in a sentence
     * @param  list<Acknowledgement>  $acknowledgements
     */
    private function __construct(public array $hindrances, public array $acknowledgements)
    {
    }

    public static function of(FeederSolution $solution, BoardForm $form): self
    {
        $hindrances = [];
        foreach ($solution->feeder->findings as $finding) {
            if ($finding->grade === Grade::Stop) {
                $hindrances[] = 'Stop: '.$finding->title;
            }
        }
        foreach ($solution->feeder->errors as $error) {
            $hindrances[] = trim($form->label($error->path).': '.$error->text, ': ');
        }
        foreach ($solution->behind as $tag => $circuit) {
            $stops = array_values(array_filter($circuit->findings, static fn (Finding $one): bool => $one->grade === Grade::Stop));
            if ($stops !== []) {
                $hindrances[] = "$tag: ".implode('; ', array_map(static fn (Finding $one): string => $one->title, $stops));
            }
        }
        if ($hindrances === [] && $solution->feeder->figures === []) {
            $hindrances[] = 'The board has no results.';
        }

        return new self($hindrances, self::taken($solution->feeder->figures));
    }

    /** @return array{hindrances: list<array{text: string, station: null}>, acknowledgements: list<array<string,
        mixed>>} as of a circuit */
    public function toArray(): array
    {
        return [
            'hindrances' => array_map(static fn (string $text): array => ['text' => $text, 'station' => null], $this->hindrances),
            'acknowledgements' => array_map(static fn (Acknowledgement $one): array => [
                'key' => $one->key, 'says' => $one->says, 'entry' => $one->entry, 'sizes' => $one->sizes,
            ], $this->acknowledgements),
        ];
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<Acknowledgement>
     */
    private static function taken(array $figures): array
    {
        $decisive = array_map(static fn (FeederFigure $one): string => $one->key(), self::DECISIVE);
        $taken = [];
        foreach ($figures as $figure) {
            if (in_array($figure->key(), $decisive, true)) {
                $taken[] = $figure;
            }
        }

        return Acknowledgement::of($taken);
    }
}
