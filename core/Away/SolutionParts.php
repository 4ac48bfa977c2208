<?php

declare(strict_types=1);

namespace BraveAnvil\Away;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Version;
use BraveAnvil\Stations\Prove\Comparison;

use function array_diff_key;
use function array_filter;
use function array_flip;
use function array_intersect_key;
use function array_keys;
use function array_map;
use function hash;
use function implode;
use function json_encode;

/**
 * A solution as a page gets it: in parts, each with a fingerprint, and without those that the page holds. A key mostly changes a few
 * figures and a picture or two; the rest of a solution need not travel again.
 */
final class SolutionParts
{
    public const FORMAT = 'brave-anvil.parts/1';

    private const JSON = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    /** What explains a figure, and is read at its own station only. */
    private const EXPLAINS = ['formula', 'working', 'from', 'source'];

    /** What is the same whatever is typed. */
    private const NAMES = ['key', 'station', 'label', 'unit'];

    /** @var array<string, string> JSON by part */
    private array $parts = [];

    private function __construct(private readonly Wanted $wanted)
    {
    }

    /**
     * `{"format", "core", "parts": {name: {"is": fingerprint, "body": …}}}`, without the body where what is held is the same. A part that
     * is not there is not wanted, or the circuit does not give it.
     *
     * @return string one line of JSON
     */
    public static function json(Solution $solution, Wanted $wanted): string
    {
        $parts = new self($wanted);
        $parts->put('head', [
            'tag' => $solution->tag, 'rule_book' => $solution->ruleBook, 'edition' => $solution->edition, 'blocked' => $solution->blocked,
        ]);
        $parts->figures($solution);
        $parts->put('findings', array_map(static fn (Finding $one): array => $one->toArray(), $solution->findings));
        $parts->put('errors', array_map(static fn (FieldError $one): array => $one->toArray(), $solution->errors));
        $parts->put('comparisons', array_map(static fn (Comparison $one): array => $one->toArray(), $solution->comparisons));
        $parts->put('sentences', (object) $solution->sentences);
        $parts->put('read', (object) $solution->read);
        $parts->put('words', (object) $solution->words);
        $parts->put('meanings', (object) $solution->meanings);
        $fields = [];
        foreach ($solution->shownFields() as $path => $note) {
            $fields[explode('.', $path)[0]][$path] = $note;
        }
        foreach ($fields as $section => $notes) {
            $parts->put("fields.$section", $notes);
        }
        foreach ($solution->shownCurves($wanted->curvesOf(array_keys($solution->curves))) as $name => $curve) {
            $parts->put("curve.$name", $curve);
        }

        return $parts->written();
    }

    private function figures(Solution $solution): void
    {
        [$figures, $names, $workings] = [[], [], []];
        foreach ($solution->figures as $figure) {
            $says = $figure->toArray();
            $key = $figure->key();
            $names[$key] = array_diff_key(array_intersect_key($says, array_flip(self::NAMES)), ['key' => true]);
            $station = $figure->name?->station()->value ?? '';
            $figures[$station][$key] = self::withoutEmpty(array_diff_key($says, array_flip([...self::NAMES, ...self::EXPLAINS])));
            if ($this->wanted->workings($station)) {
                $workings[$station][$key] = self::withoutEmpty(array_intersect_key($says, array_flip(self::EXPLAINS)));
            }
        }
        // In the order of the solution.
        $this->put('names', (object) $names);
        foreach ($figures as $station => $values) {
            $this->put("figures.$station", $values);
        }
        foreach ($workings as $station => $explained) {
            $this->put("workings.$station", $explained);
        }
    }

    /**
     * @param  array<string, mixed>  $says
     * @return object what of it says anything
     */
    private static function withoutEmpty(array $says): object
    {
        return (object) array_filter($says, static fn (mixed $one): bool => ! in_array($one, ['', [], null, false], true));
    }

    /** @param  array<array-key, mixed>|object  $body */
    private function put(string $name, array|object $body): void
    {
        $this->parts[$name] = json_encode($body, self::JSON);
    }

    private function written(): string
    {
        $written = [];
        foreach ($this->parts as $name => $json) {
            $is = hash('xxh3', $json);
            $body = ($this->wanted->held[$name] ?? '') === $is ? '' : ",\"body\":$json";
            $written[] = "\"$name\":{\"is\":\"$is\"$body}";
        }

        return '{"format":"'.self::FORMAT.'","core":"'.Version::CORE.'","parts":{'.implode(',', $written).'}}';
    }
}
