<?php

declare(strict_types=1);

namespace App\Sheet\Picture;

use App\Sheet\SheetContent;

/** A board from its source down to its circuits: each line as wide as what flows in it. */
final class OneLine
{
    private const WIDTH = 186.0;

    /** Branches side by side; more of them hang on a second bus below. */
    private const ABREAST = 10;

    private const TOP = 30.0;

    private const ROW = 31.0;

    private const WIDEST = 5.0;

    private const NARROWEST = 0.3;

    private const CURRENT = '#0a6a66';

    /** Null where nothing was worked out. */
    public static function of(SheetContent $content): ?Drawing
    {
        $branches = self::branches($content);
        if (! $content->has('feeder.running_current') || $branches === []) {
            return null;
        }
        $rows = array_chunk($branches, self::ABREAST);
        $tag = $content->text('tag');
        $drawing = new Drawing('oneline', self::WIDTH, self::TOP + self::ROW * count($rows) + 2, "One-line diagram of $tag");
        $running = max(1e-9, ...array_column($branches, 'amperes'), ...[array_sum(array_column($branches, 'amperes'))]);
        $wide = static fn (float $amperes): float => max(self::NARROWEST, self::WIDEST * $amperes / $running);
        $drawing->line([[12, 0.8], [12, self::TOP]], $wide($running), self::CURRENT);
        $isBelow = $content->list('fed_by') !== [] || (array) ($content->record['fed_by'] ?? []) !== [];
        if ($isBelow) {
            $drawing->line([[4, 1], [20, 1]], 1.2);
        } else {
            $drawing->circle(12, 4, 3)->circle(12, 7.6, 3);
        }
        $drawing->area([[9.5, 15], [14.5, 15], [14.5, 20], [9.5, 20]], '#ffffff', 1)
            ->line([[9.5, 15], [14.5, 15], [14.5, 20], [9.5, 20], [9.5, 15]], 0.4)->line([[12, 15], [12, 20]], 0.4);
        foreach (self::sourceOf($content) as $i => $text) {
            $drawing->text(22, 3 + 3.4 * $i, $text, 'left', $i === 0);
        }
        foreach (self::feederOf($content) as $i => $text) {
            $drawing->text(22, 16 + 3.4 * $i, $text, 'left', $i === 0);
        }
        foreach ($rows as $n => $row) {
            $bus = self::TOP + self::ROW * $n;
            if ($n > 0) {
                $drawing->line([[2, $bus - self::ROW], [2, $bus]], 1.2);
            }
            $drawing->line([[2, $bus], [self::WIDTH - 2, $bus]], 1.2);
            foreach ($row as $i => $branch) {
                $x = 2 + (self::WIDTH - 4) / self::ABREAST * ($i + 0.5);
                $drawing->line([[$x, $bus], [$x, $bus + 14]], $branch['counts'] ? $wide($branch['amperes']) : 0.4,
                    $branch['counts'] ? self::CURRENT : '#4e5957', $branch['counts'] ? '' : '1 0.8');
                if ($branch['device'] !== '') {
                    $drawing->area([[$x - 1.2, $bus + 4], [$x + 1.2, $bus + 4], [$x + 1.2, $bus + 8], [$x - 1.2, $bus + 8]], '#ffffff', 1)
                        ->line([[$x - 1.2, $bus + 4], [$x + 1.2, $bus + 4], [$x + 1.2, $bus + 8], [$x - 1.2, $bus + 8], [$x - 1.2,
                            $bus + 4]], 0.3);
                }
                match ($branch['kind']) {
                    'board' => $drawing->line([[$x - 5, $bus + 14], [$x + 5, $bus + 14]], 1.2),
                    default => $drawing->circle($x, $bus + 14, 1.8),
                };
                $texts = array_values(array_filter([$branch['tag'], $branch['current'].($branch['counts'] ? '' : ', standby'),
                    $branch['device']]));
                foreach ($texts as $k => $text) {
                    $drawing->text($x, $bus + 18.6 + 3.2 * $k, mb_strlen($text) > 16 ? mb_substr($text, 0, 15).'…' : $text, 'middle',
                        $k === 0);
                }
            }
        }

        return $drawing;
    }

    /** @return list<string> */
    private static function sourceOf(SheetContent $content): array
    {
        $loading = $content->shown('feeder.transformer_loading');
        $fault = $content->shown('feeder.supply_fault_current');

        return array_values(array_filter([
            $content->text('source'), $fault === '' ? '' : 'fault current '.$fault, $loading === '' ? '' : 'loaded '.$loading,
        ]));
    }

    /** @return list<string> */
    private static function feederOf(SheetContent $content): array
    {
        $sets = $content->shown('feeder.sets');
        $size = $content->shown('feeder.size');
        $parts = [
            $content->shown('feeder.scpd_rating'),
            $size === '' ? '' : ($sets === '' || $sets === '1' ? '' : $sets.' × ').$size.', drops '.
                $content->shown('feeder.voltage_drop'),
            'carries '.$content->shown('feeder.running_current'), 'fault current at the board '.$content->shown('feeder.fault_current'),
        ];

        return array_values(array_filter($parts, static fn (string $part): bool => ! str_ends_with($part, ' ') && $part !== ''));
    }

    /** @return list<array{kind: string, tag: string, amperes: float, current: string, device: string, counts: bool}> */
    private static function branches(SheetContent $content): array
    {
        $branches = [];
        foreach (['circuits' => 'power.design_current', 'boards' => 'feeder.running_current'] as $list => $key) {
            foreach ($content->list($list) as $one) {
                $figure = self::figure($one, $key);
                $branches[] = [
                    'kind' => $list === 'boards' ? 'board' : 'circuit', 'tag' => is_string($one['tag'] ?? null) ? $one['tag'] : '',
                    'amperes' => $figure['value'], 'current' => $figure['shown'], 'counts' => ($one['counts'] ?? true) !== false,
                    'device' => self::figure($one, $list === 'boards' ? 'feeder.scpd_rating' : 'guard.scpd_rating')['shown'],
                ];
            }
        }
        foreach ($content->list('others') as $one) {
            $text = static fn (string $part): string => is_string($one[$part] ?? null) ? $one[$part] : '';
            $amperes = $one['amperes'] ?? 0;
            $branches[] = ['kind' => 'other', 'tag' => $text('tag'), 'amperes' => is_numeric($amperes) ? (float) $amperes : 0.0,
                'current' => $text('current'), 'device' => '', 'counts' => true];
        }

        return $branches;
    }

    /**
     * @param  array<array-key, mixed>  $one
     * @return array{value: float, shown: string}
     */
    private static function figure(array $one, string $key): array
    {
        foreach (is_array($one['figures'] ?? null) ? $one['figures'] : [] as $figure) {
            if (is_array($figure) && ($figure['key'] ?? '') === $key) {
                $value = $figure['value'] ?? 0;

                return ['value' => is_numeric($value) ? (float) $value : 0.0, 'shown' => is_string($figure['shown'] ?? null)
                    ? $figure['shown'] : ''];
            }
        }

        return ['value' => 0.0, 'shown' => ''];
    }
}
