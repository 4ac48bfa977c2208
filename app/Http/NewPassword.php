<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password that may be taken: long enough, not cut in silence, none that everybody tries first. */
final class NewPassword implements ValidationRule
{
    public const FEWEST = 12;

    /** Bytes: what lies beyond is not looked at by bcrypt. */
    public const MOST_BYTES = 72;

    /** Beginnings and repetitions that are tried first wherever passwords are guessed. */
    private const COMMON = [
        'password', 'passwort', '123456', '12345', 'qwerty', 'qwertz', 'azerty', 'letmein', 'welcome', 'iloveyou', 'admin',
        'administrator', 'abc123',
        'monkey', 'dragon', 'football', 'baseball', 'sunshine', 'princess', 'master', 'shadow', 'superman', 'electrician', 'braveanvil',
        'brave anvil', 'larkrigg', 'changeme', 'secret', 'default', 'trustno1', 'passw0rd', 'p@ssword', 'p@ssw0rd', 'asdfgh', 'zxcvbn',
        '1q2w3e',
        'qazwsx', 'access', 'login', 'hello', 'summer', 'winter', 'spring', 'autumn',
    ];

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value)) {
            $fail('Enter text.');
        } elseif (mb_strlen($value) < self::FEWEST) {
            $fail('At least '.self::FEWEST.' characters.');
        } elseif (strlen($value) > self::MOST_BYTES) {
            $fail('At most '.self::MOST_BYTES.' characters (fewer with accents or symbols).');
        } elseif (self::isCommon($value)) {
            $fail('This password is too easy to guess. Choose another one.');
        }
    }

    /** One of the usual words with digits or signs around it, or a few characters again and again. */
    private static function isCommon(string $value): bool
    {
        $plain = mb_strtolower($value);
        if (count(array_unique(mb_str_split($plain))) < 5) {
            return true;
        }
        $letters = (string) preg_replace('~^[\d\W_]+|[\d\W_]+$~u', '', $plain);
        foreach (self::COMMON as $word) {
            if ($letters === $word || $plain === $word || preg_match('~^('.preg_quote($word, '~').'[\d\W_]*){2,}$~u', $plain) === 1
                || (str_starts_with($plain, $word) && preg_match('~^[\d\W_]*$~u', substr($plain, strlen($word))) === 1)) {
                return true;
            }
        }

        return false;
    }
}
