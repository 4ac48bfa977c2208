<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use App\Models\Site;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Records\Bank\BankReader;
use BraveAnvil\Records\Bank\BankStation;
use BraveAnvil\Records\Bank\DayPattern;
use BraveAnvil\Tables\SiteCorrections;
use BraveAnvil\Tables\Tables;

/** The capacitor bank of a site: what was typed for it, and what the core makes of it with the site's circuits. */
final class SiteBank
{
    /** What may be typed, each as text. */
    public const FIELDS = [
        'target_power_factor', 'step_kvar', 'steps', 'rated_voltage', 'detuning_percent', 'current_transformer', 'simultaneity',
        'other_power', 'other_reactive', 'pattern', 'circuits',
    ];

    /** @return array<string, mixed> */
    public function resource(Site $site): array
    {
        $typed = $this->typed($site);
        $drafts = [];
        $tags = [];
        $circuits = Circuit::query()->where('site_id', $site->id)->whereNull('archived_at')->orderBy('tag')
            ->limit(BankReader::MOST_CIRCUITS);
        foreach ($circuits->get(['tag', 'draft'])->all() as $circuit) {
            $draft = json_decode($circuit->draft, true);
            $tags[] = $circuit->tag;
            $drafts[] = is_array($draft) ? $draft : [];
        }
        $solution = $this->solve($site, $typed, $drafts);

        return [
            'site' => $site->resource(), 'version' => $typed['version'],
            'typed' => (object) array_intersect_key($typed, array_flip(self::FIELDS)),
            'tags' => $tags,
            'figures' => array_map(static fn ($figure): array => [
                'key' => $figure->key(), 'label' => $figure->label,
                'shown' => $figure->unit === Unit::None ? $figure->shown() : $figure->shown(3),
                'working' => $figure->working, 'assumed' => $figure->assumed(),
            ], $solution->figures),
            'findings' => array_map(static fn ($finding): array => [
                'grade' => $finding->grade->value, 'code' => $finding->code->code(), 'title' => $finding->title, 'text' => $finding->text,
                'action' => $finding->action,
            ], $solution->findings),
            'errors' => array_map(static fn (FieldError $error): array => [
                'path' => self::fieldOf($error->path), 'text' => $error->text, 'accepted' => $error->accepted,
            ], $solution->errors),
            'sentence' => $solution->sentences['correct'] ?? '',
            'day' => isset($solution->curves['bank_day']) ? $solution->curves['bank_day']->toArray() : null,
        ];
    }

    /** @return array<string, mixed> */
    public function typed(Site $site): array
    {
        return ['version' => 0, ...$site->bank ?? []];
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<array<array-key, mixed>>  $drafts
     */
    private function solve(Site $site, array $typed, array $drafts): Solution
    {
        $text = static fn (string $key): string => is_string($typed[$key] ?? null) ? $typed[$key] : '';
        $chosen = preg_split('~[\s,;]+~u', trim($text('circuits')));
        $chosen = array_values(array_filter($chosen === false ? [] : $chosen, static fn (string $tag): bool => $tag !== ''));
        $tags = array_map(static fn (array $draft): string => is_string($draft['tag'] ?? null) ? $draft['tag'] : '', $drafts);
        $drafts = array_filter($drafts, static fn (array $draft): bool => $chosen === [] || in_array($draft['tag'] ?? '', $chosen, true));
        $errors = [];
        foreach (array_diff($chosen, $tags) as $tag) {
            $errors[] = new FieldError('circuits', '“'.mb_substr($tag, 0, 40).'” is not a circuit of this site.',
                'Tags of circuits at this site.');
        }
        $pattern = DayPattern::parse($text('pattern'));
        if (is_string($pattern)) {
            $errors[] = new FieldError('pattern', $pattern, 'Lines such as 06:00 KF-201 KF-202.');
            $pattern = [];
        }
        $solution = BankStation::solve([
            'format' => BankReader::FORMAT, 'tag' => $site->name, 'rule_book' => $site->rule_book, 'supply' => $site->supply,
            'settings' => $site->settings, 'circuits' => array_values($drafts),
            'other_loads' => [['power' => $text('other_power'), 'reactive' => $text('other_reactive')]],
            'simultaneity' => $text('simultaneity'), 'pattern' => $pattern,
            'bank' => array_map($text, [
                'target_power_factor' => 'target_power_factor', 'step_kvar' => 'step_kvar', 'steps' => 'steps',
                'rated_voltage' => 'rated_voltage', 'detuning_percent' => 'detuning_percent',
                'current_transformer' => 'current_transformer',
            ]),
        ], SiteCorrections::read($site->settings['corrections'] ?? null, Tables::shipped())->tables);

        return new Solution(
            $solution->tag, $solution->ruleBook, $solution->edition, $solution->figures, $solution->findings,
            [...$errors, ...$solution->errors], $solution->curves, $solution->sentences,
        );
    }

    /** The field of the page that an error of the format stands at. */
    private static function fieldOf(string $path): string
    {
        return match (true) {
            str_starts_with($path, 'bank.') => substr($path, 5),
            str_starts_with($path, 'pattern') => 'pattern',
            str_ends_with($path, '.power') => 'other_power',
            str_ends_with($path, '.reactive') => 'other_reactive',
            default => $path,
        };
    }
}
