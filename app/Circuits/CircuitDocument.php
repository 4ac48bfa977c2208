<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use App\Problems\Problem;
use App\Record\Stored;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Section;
use BraveAnvil\Circuit\SiteSettings;

/**
 * A circuit document as it travels and is kept: typed values untouched, keys in their order. Only its JSON types are
 * judged here; what the values mean is the core's business.
 */
final readonly class CircuitDocument
{
    /** @param  array<array-key, mixed>  $data */
    private function __construct(public array $data)
    {
    }

    /** @throws Problem when a value has a JSON type that no circuit has */
    public static function from(mixed $data): self
    {
        if (! is_array($data) || ($data !== [] && array_is_list($data))) {
            throw new Problem(422, 'wrong_type', 'Not a circuit', 'A circuit is a JSON object.', [
                ['path' => '', 'text' => 'This is not an object.', 'accepted' => 'An object with the sections of a circuit.'],
            ]);
        }
        $errors = [];
        foreach ($data as $key => $value) {
            if (Section::tryFrom((string) $key) !== null) {
                if ($value !== null && (! is_array($value) || ($value !== [] && array_is_list($value)))) {
                    $errors[] = self::wrong((string) $key, 'An object with named fields.');
                }
                foreach (is_array($value) ? $value : [] as $field => $inner) {
                    $path = $key.'.'.$field;
                    if (is_array($inner) && ! Section::isStructured($path)) {
                        $errors[] = self::wrong($path, 'Text, a number, true, false or null.');
                    }
                }
            } elseif (is_array($value) && $key !== 'readings') {
                $errors[] = self::wrong((string) $key, 'Text.');
            }
        }
        if ($errors !== []) {
            throw new Problem(422, 'wrong_type', 'Some values have the wrong type', 'See the marked fields.', array_slice($errors, 0, 50));
        }

        return new self(['format' => CircuitReader::FORMAT, ...$data]);
    }

    /**
     * A circuit as the page sends it to be solved, with what its site says beside it as `site_settings`.
     *
     * @return array<array-key, mixed> the document to solve
     *
     * @throws Problem when a value has a JSON type that no circuit has
     */
    public static function toSolve(mixed $data): array
    {
        $site = [];
        if (is_array($data) && array_key_exists('site_settings', $data)) {
            $site = $data['site_settings'];
            unset($data['site_settings']);
        }
        if (! is_array($site) || ($site !== [] && array_is_list($site))) {
            throw new Problem(422, 'wrong_type', 'Some values have the wrong type', 'See the marked fields.', [
                self::wrong('site_settings', 'An object with named fields.'),
            ]);
        }

        return SiteSettings::under(self::from($data)->data, $site);
    }

    /** @throws Problem when what is stored of the circuit cannot be read */
    public static function of(Circuit $circuit): self
    {
        return self::from(Stored::map($circuit->draft));
    }

    /** @return array{path: string, text: string, accepted: string} */
    private static function wrong(string $path, string $accepted): array
    {
        return ['path' => mb_substr($path, 0, 100), 'text' => 'A circuit has no value of this type.', 'accepted' => $accepted];
    }

    /** @return array<string, mixed> the typed values of one section */
    public function section(string $name): array
    {
        $section = $this->data[$name] ?? null;

        return is_array($section) ? array_combine(array_map(strval(...), array_keys($section)), array_values($section)) : [];
    }

    public function text(string $key): string
    {
        $value = $this->data[$key] ?? '';

        return is_scalar($value) ? trim(mb_substr((string) $value, 0, 200)) : '';
    }

    /**
     * The document to solve: a site's settings under the circuit's own.
     *
     * @param  array<array-key, mixed>  $settings
     * @return array<array-key, mixed>
     */
    public function withSettings(array $settings): array
    {
        return SiteSettings::under($this->data, $settings);
    }

    /** JSON text with empty sections as objects. */
    public function toJson(): string
    {
        $data = $this->data;
        foreach (Section::cases() as $section) {
            if (($data[$section->value] ?? null) === []) {
                $data[$section->value] = (object) [];
            }
        }

        return json_encode($data, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }
}
