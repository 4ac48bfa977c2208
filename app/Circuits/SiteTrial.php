<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use App\Models\Person;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Stored;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Records\Sheet\GraveFinding;
use BraveAnvil\Records\Sheet\Moved;
use Illuminate\Database\Eloquent\Collection;

/** Another supply tried on the circuits of a site: which change a size, a device or a setting, or gain a stop; chosen ones take it. */
final class SiteTrial
{
    /** Circuits of one answer: each is solved twice. */
    private const PAGE = 40;

    public function __construct(private readonly CircuitStore $circuits)
    {
    }

    /**
     * @param  array<array-key, mixed>  $typed  values of the supply by name, `ambient` => `45`; what is empty stays as it is
     * @return array<string, string>
     *
     * @throws Problem at each value that cannot be read, or when there is none
     */
    public static function supply(Site $site, array $typed): array
    {
        $supply = [];
        $errors = [];
        foreach ($typed as $name => $value) {
            $text = is_scalar($value) ? trim((string) $value) : '';
            if (Fields::find('supply.'.$name) === null) {
                $errors[] = ['path' => 'supply', 'text' => 'A supply has no field of this name.', 'accepted' => 'A field of the supply.'];
            } elseif ($text !== '') {
                $supply[(string) $name] = $text;
            }
        }
        $read = CircuitReader::read(['rule_book' => $site->rule_book, 'supply' => $supply])->errors;
        $errors = [...$errors, ...array_map(
            static fn (FieldError $one): array => ['path' => $one->path, 'text' => $one->text, 'accepted' => $one->accepted], $read,
        )];
        if ($errors === [] && $supply === []) {
            $errors[] = ['path' => 'supply', 'text' => 'Enter a value to try.', 'accepted' => 'At least one value of the supply.'];
        }
        if ($errors !== []) {
            throw new Problem(422, 'invalid', 'Some fields need correcting', 'See the marked fields.', array_values($errors));
        }

        return $supply;
    }

    /**
     * @param  array<string, string>  $supply
     * @param  int  $after  number of the last circuit of the answer before
     * @return array{rows: list<array<string, mixed>>, unchanged: int, next: int|null, total: int}
     */
    public function page(Site $site, array $supply, int $after): array
    {
        $query = Circuit::query()->where('site_id', $site->id)->whereNull('archived_at');
        $total = $query->count();
        /** @var Collection<int, Circuit> $circuits */
        $circuits = $query->where('id', '>', $after)->orderBy('id')->limit(self::PAGE)->get();
        $rows = [];
        foreach ($circuits as $circuit) {
            $row = Stored::row(
                "circuit $circuit->id", fn (): ?array => $this->tried($circuit, $site, $supply),
                static fn (string $why): array => [...self::head($circuit), 'was' => '', 'moved' => [], 'gained' => [], 'lost' => [],
                    'problem' => $why],
            );
            if ($row !== null) {
                $rows[] = $row;
            }
        }

        return [
            'rows' => $rows, 'unchanged' => $circuits->count() - count($rows),
            'next' => $circuits->count() === self::PAGE ? $circuits->last()?->id : null, 'total' => $total,
        ];
    }

    /**
     * Each chosen circuit takes the supply, unless somebody saved it since.
     *
     * @param  array<string, string>  $supply
     * @param  list<array{circuit: int, version: int}>  $chosen
     * @param  string  $key  of this change: the same one sent again is answered like the first
     * @return list<array{circuit: int, tag: string, problem: string}> an empty problem where it was taken
     */
    public function take(Site $site, array $supply, array $chosen, Person $person, string $key): array
    {
        $told = [];
        foreach ($chosen as ['circuit' => $id, 'version' => $version]) {
            $circuit = Circuit::query()->with('site', 'editor')->where('site_id', $site->id)->find($id);
            if ($circuit === null) {
                $told[] = ['circuit' => $id, 'tag' => '', 'problem' => 'This circuit is not on this site.'];

                continue;
            }
            try {
                $this->circuits->save($circuit, $version, self::with($circuit, $supply), $person, $key);
                $told[] = ['circuit' => $id, 'tag' => $circuit->tag, 'problem' => ''];
            } catch (Problem $problem) {
                $told[] = ['circuit' => $id, 'tag' => $circuit->tag, 'problem' => match ($problem->status) {
                    409 => 'Saved by '.($circuit->editor->name ?? 'someone else').' since it was tried: left as it is.',
                    410 => 'Archived since it was tried.', default => $problem->getMessage(),
                }];
            }
        }

        return $told;
    }

    /**
     * @param  array<string, string>  $supply
     * @return array<string, mixed>|null null where nothing moves
     */
    private function tried(Circuit $circuit, Site $site, array $supply): ?array
    {
        $before = Stored::map($this->circuits->solve(CircuitDocument::of($circuit), $site)->toJson());
        $after = Stored::map($this->circuits->solve(self::with($circuit, $supply), $site)->toJson());
        $moved = array_values(array_filter(Moved::between($before, $after), static fn (Moved $one): bool => $one->from !== $one->to));
        $was = GraveFinding::of($before);
        $is = GraveFinding::of($after);
        $gained = self::told(array_diff_key($is, $was));
        $lost = self::told(array_diff_key($was, $is));
        if ($moved === [] && $gained === [] && $lost === []) {
            return null;
        }

        return [
            ...self::head($circuit), 'was' => self::was($circuit, $before, $supply),
            'moved' => array_map(static fn (Moved $one): array => $one->toArray(), $moved), 'gained' => $gained, 'lost' => $lost,
            'problem' => '',
        ];
    }

    /** @return array<string, mixed> */
    private static function head(Circuit $circuit): array
    {
        return ['circuit' => $circuit->id, 'tag' => $circuit->tag, 'drives' => $circuit->drives, 'version' => $circuit->version];
    }

    /** @param  array<string, string>  $supply */
    private static function with(Circuit $circuit, array $supply): CircuitDocument
    {
        $document = CircuitDocument::of($circuit);

        return CircuitDocument::from([...$document->data, 'supply' => [...$document->section('supply'), ...$supply]]);
    }

    /**
     * What the circuit has there now, in words.
     *
     * @param  array<array-key, mixed>  $solution
     * @param  array<string, string>  $supply
     */
    private static function was(Circuit $circuit, array $solution, array $supply): string
    {
        $section = CircuitDocument::of($circuit)->section('supply');
        $read = is_array($solution['read'] ?? null) ? $solution['read'] : [];
        $told = [];
        foreach (array_keys($supply) as $name) {
            $typed = $section[$name] ?? '';
            $echo = $read['supply.'.$name] ?? $typed;
            $now = is_scalar($echo) && (string) $echo !== '' ? (string) $echo : 'not entered';
            $told[] = (Fields::find('supply.'.$name)->label ?? '').': '.$now;
        }

        return implode(', ', $told);
    }

    /**
     * @param  array<string, GraveFinding>  $found
     * @return list<array{grade: string, station: string, title: string}>
     */
    private static function told(array $found): array
    {
        return array_values(array_map(static fn (GraveFinding $one): array => [
            'grade' => $one->grade, 'station' => $one->station, 'title' => $one->title,
        ], $found));
    }
}
