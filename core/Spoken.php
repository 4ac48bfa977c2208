<?php

declare(strict_types=1);

namespace BraveAnvil;

use BraveAnvil\Prove\Comparison;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Finding;

/**
 * A solution in the words of its rule book. The stations write “star” and “earth”; under a book that says “wye” and “ground”
 * every sentence, label and working is put into its words here, so that no station can forget to.
 */
final readonly class Spoken
{
    /** @param  array<string, string>  $terms  what the book says instead, by what the stations write */
    private function __construct(private array $terms)
    {
    }

    public static function by(Words $words): self
    {
        $terms = [];
        if ($words->star !== 'star') {
            $terms += ['star' => $words->star];
        }
        if ($words->earth !== 'earth') {
            $terms += ['earth' => $words->earth, 'earthed' => $words->earth.'ed', 'earthing' => $words->earth.'ing'];
        }

        return new self($terms);
    }

    /** Whether a text may hold a word that books call otherwise. */
    private static function says(string $text): bool
    {
        return preg_match('~star|earth~i', $text) === 1;
    }

    /** One text, with capitals as they were. */
    public function text(string $text): string
    {
        if ($this->terms === [] || ! self::says($text)) {
            return $text;
        }

        // The article goes along: “an earth fault” is “a ground fault”.
        return (string) preg_replace_callback('~\b(an? )?(star|earth(?:ed|ing)?)\b~i', function (array $m): string {
            $term = $this->terms[strtolower($m[2])] ?? $m[2];
            $article = match ($m[1]) {
                'an ' => 'a ', 'An ' => 'A ', default => $m[1],
            };

            return $article.($m[2] === lcfirst($m[2]) ? $term : ucfirst($term));
        }, $text);
    }

    /**
     * @template TKey of array-key
     *
     * @param  array<TKey, string>  $texts
     * @return array<TKey, string>
     */
    public function texts(array $texts): array
    {
        return $this->terms === [] ? $texts : array_map($this->text(...), $texts);
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<Figure>
     */
    public function figures(array $figures): array
    {
        if ($this->terms === []) {
            return $figures;
        }
        $say = $this->text(...);
        foreach ($figures as $i => $figure) {
            // Most say nothing that another book calls otherwise: all their texts are looked at together.
            if (self::says($figure->label.$figure->working.$figure->source.' '.implode(' ', $figure->assumptions))) {
                $figures[$i] = $figure->spoken($say);
            }
        }

        return $figures;
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public function findings(array $findings): array
    {
        return $this->terms === [] ? $findings : array_map(fn (Finding $finding): Finding => $finding->spoken($this->text(...)), $findings);
    }

    /**
     * @param  list<Comparison>  $comparisons
     * @return list<Comparison>
     */
    public function comparisons(array $comparisons): array
    {
        return $this->terms === [] ? $comparisons
            : array_map(fn (Comparison $one): Comparison => $one->spoken($this->text(...)), $comparisons);
    }

    /**
     * @param  list<FieldError>  $errors
     * @return list<FieldError>
     */
    public function errors(array $errors): array
    {
        return $this->terms === [] ? $errors : array_map(fn (FieldError $error): FieldError => $error->spoken($this->text(...)), $errors);
    }
}
