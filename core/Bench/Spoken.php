<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Prove\Comparison;

/**
 * A solution in the words of its rule book. The stations write “star” and “earth”; under a book that says “wye” and “ground”
 * every sentence, label and working is put into its words here, so that no station can forget to.
 */
final class Spoken
{
    /** Texts that are put into words once: most are alike from one circuit to the next. */
    private const REMEMBERED = 6000;

    /** @var array<string, array<string, string>> what was said, by book and text */
    private static array $said = [];

    /**
     * @param  array<string, string>  $terms  what the book says instead, by what the stations write
     * @param  string  $pattern  of all of them; empty where the book says nothing otherwise
     */
    private function __construct(private readonly string $book, private readonly array $terms, private readonly string $pattern)
    {
    }

    public static function by(Words $words): self
    {
        $terms = array_keys($words->instead);
        usort($terms, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $any = implode('|', array_map(static fn (string $term): string => preg_quote($term, '~'), $terms));

        return new self($words->name, $words->instead, $any === '' ? '' : '~\\b(an? )?('.$any.')\\b~i');
    }

    /** One text, with capitals as they were. */
    public function text(string $text): string
    {
        if ($this->pattern === '' || $text === '') {
            return $text;
        }
        $said = self::$said[$this->book][$text] ?? null;
        if ($said !== null) {
            return $said;
        }
        // The article goes along: “an earth fault” is “a ground fault”, “a direct-on-line start” “a full-voltage start”.
        $said = (string) preg_replace_callback($this->pattern, function (array $m): string {
            $term = $this->terms[strtolower($m[2])] ?? $m[2];
            $article = $m[1] === '' ? '' : ($m[1][0] === 'A' ? 'A' : 'a').(str_contains('aeiou', $term[0]) ? 'n ' : ' ');

            return $article.($m[2] === lcfirst($m[2]) ? $term : ucfirst($term));
        }, $text);
        if (count(self::$said[$this->book] ?? []) >= self::REMEMBERED) {
            self::$said[$this->book] = [];
        }

        return self::$said[$this->book][$text] = $said;
    }

    /**
     * What a picture or a field shows. Words of the format, which programs read, are single and small: they stay.
     *
     * @param  array<array-key, mixed>  $shown
     * @return array<array-key, mixed>
     */
    public function shown(array $shown): array
    {
        if ($this->pattern === '') {
            return $shown;
        }
        foreach ($shown as $key => $one) {
            if (is_array($one)) {
                $shown[$key] = $this->shown($one);
            } elseif (is_string($one) && strlen($one) > 3 && strspn($one, '0123456789') === 0
                && ($one[0] !== lcfirst($one)[0] || str_contains($one, ' '))) {
                $shown[$key] = $this->text($one);
            }
        }

        return $shown;
    }

    /**
     * @template TKey of array-key
     *
     * @param  array<TKey, string>  $texts
     * @return array<TKey, string>
     */
    public function texts(array $texts): array
    {
        return $this->pattern === '' ? $texts : array_map($this->text(...), $texts);
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<Figure>
     */
    public function figures(array $figures): array
    {
        if ($this->pattern === '') {
            return $figures;
        }

        return array_map(fn (Figure $figure): Figure => $figure->spoken($this->text(...)), $figures);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public function findings(array $findings): array
    {
        return $this->pattern === '' ? $findings : array_map(fn (Finding $finding): Finding => $finding->spoken($this->text(...)),
            $findings);
    }

    /**
     * @param  list<Comparison>  $comparisons
     * @return list<Comparison>
     */
    public function comparisons(array $comparisons): array
    {
        return $this->pattern === '' ? $comparisons
            : array_map(fn (Comparison $one): Comparison => $one->spoken($this->text(...)), $comparisons);
    }

    /**
     * @param  list<FieldError>  $errors
     * @return list<FieldError>
     */
    public function errors(array $errors): array
    {
        return $this->pattern === '' ? $errors : array_map(fn (FieldError $error): FieldError => $error->spoken($this->text(...)), $errors);
    }
}
