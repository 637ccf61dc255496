<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** What a password must be: long enough, and not one that everybody tries. No other rules. */
final class Passwords
{
    public const LEAST = 10;

    private const MOST = 190;

    /** @throws ValidationException at the field */
    public static function check(string $password, string $field, string ...$not): void
    {
        $small = mb_strtolower($password);
        $fault = match (true) {
            mb_strlen($password) < self::LEAST => 'A password needs ' . self::LEAST . ' characters or more.',
            mb_strlen($password) > self::MOST => 'A password has up to ' . self::MOST . ' characters.',
            in_array($small, self::common(), true) => 'This one is tried first. Take another.',
            in_array($small, array_map(mb_strtolower(...), $not), true) => 'Not your own name or address, please.',
            default => null,
        };
        if ($fault !== null) {
            throw ValidationException::withMessages([$field => $fault]);
        }
    }

    public static function isRight(User $user, string $password): bool
    {
        return Hash::check($password, $user->password);
    }

    /** @return list<string> in small letters */
    private static function common(): array
    {
        return explode("\n", trim((string) file_get_contents(base_path('data/common-passwords.txt'))));
    }
}
