<?php

declare(strict_types=1);

namespace BraveAnvil\Away;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\SiteSettings;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Version;
use BraveAnvil\Physics\Waveform\Analysis;
use BraveAnvil\Records\Replace\Replacement;
use BraveAnvil\Stations\Prove\ReadingReader;
use BraveAnvil\Stations\Start\Wiring\UnmarkedLeads;
use BraveAnvil\Tables\Tables;

/**
 * What the core answers to a page, where it stands in the service as where the page carries it: the same words and figures, for they are
 * made here. What is asked comes from the page as it was decoded; who calls has seen to its types where it came from elsewhere.
 */
final class Answers
{
    /** Deeper than any circuit. */
    private const DEPTH = 20;

    /**
     * One question of a tablet, JSON both ways.
     *
     * @param  string  $json  `{"ask": a Question, …}` with what its function below takes
     *
     * @throws \JsonException where it is no JSON
     * @throws \ValueError where nothing of the kind can be asked
     */
    public static function to(string $json): string
    {
        $asked = json_decode($json, true, self::DEPTH + 2, JSON_THROW_ON_ERROR);
        $asked = is_array($asked) ? $asked : [];
        $list = static fn (string $name): array => is_array($asked[$name] ?? null) ? $asked[$name] : [];
        $text = static fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';
        $needle = static fn (string $name): ?bool => is_bool($asked[$name] ?? null) ? $asked[$name] : null;
        $question = Question::from($text('ask'));
        // A whole solution is written as the service writes it.
        if ($question === Question::Solve) {
            return Bench::solve(self::document($list('circuit')))->toJson();
        }

        return json_encode(match ($question) {
            Question::Extra => self::extra(self::document($list('circuit')), Extra::from($text('with'))),
            Question::Replacement => Replacement::check(self::document($list('circuit')), $list('plate')),
            Question::ReadingCheck => self::readingCheck(
                $text('rule_book'), $text('kind'), $list('values'), $text('load_percent') === '' ? null : $text('load_percent'),
            ),
            Question::Leads => self::leads(
                $text('rule_book'), self::pairs($list('pairs')), $needle('second_forward'), $needle('third_forward'),
            ),
            Question::Waveform => self::waveform(Analysis::of($text('text'), $list('options'))),
            Question::Simulated => Practice::reading(
                self::document($list('circuit')), $list('hidden'), $text('kind'), $text('where'), (int) $text('seed'),
            ),
            Question::Faults => Practice::faults(self::document($list('circuit'))),
            Question::Hide => Practice::hide(self::document($list('circuit')), $text('fault'), (int) $text('seed')),
            Question::Drill => Practice::drill(self::document($list('circuit')), $list('hidden'), $list('taken'), $text('named')),
        }, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    /**
     * What takes longer to work out or to send, without the solution that the page has already.
     *
     * @param  array<array-key, mixed>  $document  a decoded circuit
     * @return array{core: string, curves: object} its own picture alone; none where the circuit does not give it
     */
    public static function extra(array $document, Extra $extra): array
    {
        $solution = Bench::solve($document, null, $extra)->toArray();
        $curves = (array) $solution['curves'];

        return ['core' => Version::CORE, 'curves' => (object) array_intersect_key($curves, array_flip($extra->curves()))];
    }

    /**
     * @param  array<array-key, mixed>  $circuit  with what its site says beside it as `site_settings`
     * @return array<array-key, mixed> the document to solve
     */
    private static function document(array $circuit): array
    {
        $site = is_array($circuit['site_settings'] ?? null) ? $circuit['site_settings'] : [];
        unset($circuit['site_settings']);

        return SiteSettings::under(['format' => CircuitReader::FORMAT, ...$circuit], $site);
    }

    /**
     * What is wrong with the values of a reading as they are typed; what is still missing is no error yet.
     *
     * @param  array<array-key, mixed>  $values
     * @return array{errors: list<array{path: string, text: string, accepted: string}>}
     */
    public static function readingCheck(string $ruleBook, string $kind, array $values, ?string $loadPercent): array
    {
        $read = ReadingReader::read(
            [['kind' => $kind, 'at' => '2000-01-01', 'values' => $values, 'load_percent' => $loadPercent]],
            RuleBookName::isAmerican($ruleBook),
        );
        $errors = array_filter($read->errors, static fn (FieldError $one): bool => $one->kind !== ErrorKind::Missing);

        return ['errors' => array_values(array_map(static fn (FieldError $one): array => [
            'path' => (string) preg_replace('~^readings\[0\]\.~', '', $one->path), 'text' => $one->text, 'accepted' => $one->accepted,
        ], $errors))];
    }

    /**
     * @param  list<array{int, int}>  $pairs
     * @return array{labels: object, refusal: string|null}|null null where no such rule book is known
     */
    public static function leads(string $ruleBook, array $pairs, ?bool $secondForward, ?bool $thirdForward): ?array
    {
        $marks = (new RuleBooks(Tables::shipped()))->named($ruleBook)?->terminals();
        if ($marks === null) {
            return null;
        }
        $named = UnmarkedLeads::named($pairs, $secondForward, $thirdForward, $marks->starts, $marks->endsOfWindings());

        return ['labels' => (object) $named->labels, 'refusal' => $named->refusal];
    }

    /**
     * @param  array<array-key, mixed>  $typed
     * @return list<array{int, int}> what of it are pairs of numbers
     */
    public static function pairs(array $typed): array
    {
        $pairs = [];
        foreach ($typed as $pair) {
            if (is_array($pair) && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null)) {
                $pairs[] = [(int) $pair[0], (int) $pair[1]];
            }
        }

        return $pairs;
    }

    /** @return array<string, mixed> */
    public static function waveform(Analysis $analysis): array
    {
        return [
            'core' => Version::CORE,
            'columns' => array_map(
                static fn (string $name, string $role): array => ['name' => $name, 'role' => $role],
                $analysis->trace->names ?? [],
                $analysis->channels->roles ?? [],
            ),
            'samples' => $analysis->trace?->samples() ?? 0,
            'figures' => array_map(static fn (Figure $figure): array => $figure->toArray(), $analysis->figures),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $analysis->findings),
            'errors' => array_map(static fn (FieldError $error): array => $error->toArray(), $analysis->errors),
            'curves' => $analysis->curves,
        ];
    }
}
