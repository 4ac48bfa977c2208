<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\Thickener;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;

/**
 * What people of a site taught it of their motors' stamps, under `settings.lessons`: where a serial number has its date, what an order
 * number says, and what thickens a grease. No maker's code is shipped.
 */
final readonly class SiteLessons
{
    private const FIELD = 'settings.lessons';

    private const MOST = 200;

    private const LONGEST = 200;

    private const LONGEST_WARRANTY_MONTHS = 240;

    /** Two digits of a year from here on are of the last century. */
    private const LAST_CENTURY_FROM = 70;

    /** A pattern's own signs: digits of the date, any digit, any letter, any sign, any rest. */
    private const SIGNS = '~(YYYY|YY|WW|MM|[#@?*])~';

    /**
     * @param  array<string, FieldError>  $errors  by path, `settings.lessons[0].pattern`
     * @param  list<array{pattern: string, months: int|null}>  $dates
     * @param  list<array{pattern: string, says: string}>  $orders
     * @param  array<string, Thickener>  $greases  by name without blanks
     */
    private function __construct(public array $errors, private array $dates, private array $orders, private array $greases)
    {
    }

    /** @param  mixed  $typed  the list as it was decoded */
    public static function read(mixed $typed): self
    {
        if ($typed === null || $typed === []) {
            return new self([], [], [], []);
        }
        if (! is_array($typed) || ! array_is_list($typed) || count($typed) > self::MOST) {
            return new self([self::FIELD => self::error(self::FIELD, 'Enter a list of rows.', 'At most '.self::MOST.' rows.')], [], [], []);
        }
        [$errors, $dates, $orders, $greases] = [[], [], [], []];
        foreach ($typed as $i => $one) {
            $row = is_array($one) ? $one : [];
            $at = self::FIELD.'['.$i.']';
            $pattern = self::text($row, 'pattern');
            $kind = LessonKind::tryFrom(self::text($row, 'kind'));
            if ($kind === null) {
                $errors["$at.kind"] = self::error("$at.kind", 'Choose what this row tells.', 'A date, an order number or a grease.');

                continue;
            }
            $error = self::wrong($kind, $row, $pattern, $at);
            if ($error !== null) {
                $errors[$error->path] = $error;

                continue;
            }
            match ($kind) {
                LessonKind::Date => $dates[] = ['pattern' => self::expression($pattern), 'months' => self::months($row)],
                LessonKind::Order => $orders[] = ['pattern' => self::expression($pattern), 'says' => self::text($row, 'says')],
                LessonKind::Grease => $greases[self::plain($pattern)] = Thickener::from(self::text($row, 'thickener')),
            };
        }

        return new self($errors, $dates, $orders, $greases);
    }

    /** When a motor was made, as its serial number says; null where no pattern of the site fits it. */
    public function madeIn(?string $serial): ?MadeIn
    {
        foreach ($this->dates as $date) {
            if (preg_match($date['pattern'], self::plain($serial ?? ''), $m) !== 1) {
                continue;
            }
            $digits = $m['year'] ?? '';
            $year = (int) $digits + (strlen($digits) === 4 ? 0 : ((int) $digits >= self::LAST_CENTURY_FROM ? 1900 : 2000));
            $week = isset($m['week']) ? (int) $m['week'] : null;
            $month = isset($m['month']) ? (int) $m['month'] : null;
            if (($week === null || ($week >= 1 && $week <= 53)) && ($month === null || ($month >= 1 && $month <= 12))) {
                return new MadeIn($year, $week, $month, $date['months']);
            }
        }

        return null;
    }

    /** What the site knows of an order number or a type; null where no pattern fits. */
    public function ofOrder(?string $stamp): ?string
    {
        foreach ($this->orders as $order) {
            if (preg_match($order['pattern'], self::plain($stamp ?? '')) === 1) {
                return $order['says'];
            }
        }

        return null;
    }

    /** What thickens a grease; null where nobody said. */
    public function thickener(?string $grease): ?Thickener
    {
        return $this->greases[self::plain($grease ?? '')] ?? null;
    }

    /** @param  array<array-key, mixed>  $row */
    private static function wrong(LessonKind $kind, array $row, string $pattern, string $at): ?FieldError
    {
        if ($pattern === '') {
            return self::error("$at.pattern", 'Fill in this field.', 'Such as SN-YYWW-*.', ErrorKind::Missing);
        }

        return match ($kind) {
            LessonKind::Date => match (true) {
                preg_match_all('~YYYY|YY~', $pattern) !== 1 || preg_match_all('~WW|MM~', $pattern) > 1 => self::error(
                    "$at.pattern", 'Say once where the year stands, as YY or YYYY, and at most once WW or MM.', 'Such as SN-YYWW-*.',
                ),
                ! self::isMonths($row) => self::error("$at.months", 'Enter a number of months.',
                    'From 1 to '.self::LONGEST_WARRANTY_MONTHS.'.'),
                default => null,
            },
            LessonKind::Order => self::text($row, 'says') === ''
                ? self::error("$at.says", 'Fill in this field.', 'What such a number tells.', ErrorKind::Missing) : null,
            LessonKind::Grease => Thickener::tryFrom(self::text($row, 'thickener')) === null
                ? self::error("$at.thickener", 'Choose the thickener.', 'It is on the data sheet of the grease.',
                    ErrorKind::Missing) : null,
        };
    }

    /** @param  array<array-key, mixed>  $row */
    private static function text(array $row, string $key): string
    {
        $text = $row[$key] ?? '';

        return is_string($text) && strlen($text) <= self::LONGEST ? trim($text) : '';
    }

    /** @param  array<array-key, mixed>  $row */
    private static function isMonths(array $row): bool
    {
        $months = $row['months'] ?? '';

        return $months === '' || self::months($row) !== null;
    }

    /** @param  array<array-key, mixed>  $row */
    private static function months(array $row): ?int
    {
        $months = filter_var($row['months'] ?? '', FILTER_VALIDATE_INT, ['options' => [
            'min_range' => 1, 'max_range' => self::LONGEST_WARRANTY_MONTHS,
        ]]);

        return $months === false ? null : $months;
    }

    private static function expression(string $pattern): string
    {
        $parts = preg_split(self::SIGNS, str_replace(' ', '', $pattern), -1, PREG_SPLIT_DELIM_CAPTURE);
        $expression = '';
        foreach ($parts === false ? [] : $parts as $part) {
            $expression .= match ($part) {
                'YYYY' => '(?<year>\d{4})', 'YY' => '(?<year>\d\d)', 'WW' => '(?<week>\d\d)', 'MM' => '(?<month>\d\d)',
                '#' => '\d', '@' => '\pL', '?' => '.', '*' => '.*',
                default => preg_quote(strtolower($part), '~'),
            };
        }

        return '~^'.$expression.'$~u';
    }

    /** Blanks and capitals aside; nothing where it is no text. */
    private static function plain(string $text): string
    {
        return preg_match('//u', $text) === 1 ? strtolower(str_replace(' ', '', $text)) : '';
    }

    private static function error(string $at, string $text, string $accepted, ErrorKind $kind = ErrorKind::Unreadable): FieldError
    {
        return new FieldError($at, $text, $accepted, $kind);
    }
}
