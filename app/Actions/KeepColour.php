<?php

declare(strict_types=1);

namespace App\Actions;

use App\Colour\ColourWish;
use App\Models\Colour;
use App\Models\ColourFormula;
use App\Models\Happening;
use App\Models\User;
use App\Support\SameJson;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;

/**
 * Puts a colour on the shelf or changes it. A formula that is typed anew is the next version; the one before stays.
 *
 * @phpstan-import-type Wish from ColourWish
 */
final readonly class KeepColour
{
    public function __construct(private ConnectionInterface $database) {}

    /** @param Wish $wish */
    public function __invoke(User $user, ?Colour $colour, array $wish): Colour
    {
        return $this->database->transaction(function () use ($user, $colour, $wish): Colour {
            $user->workshop()->lockForUpdate()->firstOrFail();
            $same = Colour::query();
            $same->where(['workshop_id' => $user->workshop_id, 'name' => $wish['name'], 'code' => $wish['code']]);
            $there = $same->first();
            if ($there instanceof Colour && $there->id !== $colour?->id) {
                // Sent twice, it is the same colour.
                return $colour === null && $there->put_away_at === null && SameJson::is($there->recipe, $wish['recipe'])
                    ? $there
                    : throw ValidationException::withMessages([
                        'name' => $there->put_away_at === null
                            ? 'This colour with this code is on the shelf already.'
                            : 'This colour with this code was put away. Bring it back.',
                    ]);
            }
            if ($colour === null) {
                $colour = Colour::query()->create(['workshop_id' => $user->workshop_id, ...$wish]);
                Happening::add($user, 'colour-added', trim("{$colour->name} {$colour->code}"));
                $this->version($user, $colour, null);

                return $colour;
            }
            $before = $colour->recipe;
            $colour->update($wish);
            Happening::add($user, 'colour-changed', trim("{$colour->name} {$colour->code}"));
            $this->version($user, $colour, $before);

            return $colour;
        });
    }

    /** @param ?array{toners: array<string, float>, layer?: array<string, float>} $before */
    private function version(User $user, Colour $colour, ?array $before): void
    {
        $now = self::formula($colour->recipe);
        if ($now === null || SameJson::is($now, self::formula($before))) {
            return;
        }
        $of = ['workshop_id' => $colour->workshop_id, 'colour' => $colour->name, 'code' => $colour->code];
        $kept = ColourFormula::query();
        $number = (int) $kept->where($of)->max('number');
        if ($number === 0) {
            // What was on the shelf was the first, though nobody had to keep it.
            $first = self::formula($before);
            if ($first === null) {
                return;
            }
            ColourFormula::query()->create([...$of, 'number' => 1, 'recipe' => $first, 'note' => 'From the shelf']);
            $number = 1;
        }
        ColourFormula::query()->create([
            ...$of,
            'number' => $number + 1,
            'recipe' => $now,
            'note' => 'Typed in',
            'user_id' => $user->id,
        ]);
    }

    /**
     * @param ?array{toners: array<string, float>, layer?: array<string, float>} $recipe
     * @return ?array{toners: array<string, float>, layer?: array<string, float>}
     */
    private static function formula(?array $recipe): ?array
    {
        return $recipe === null
            ? null
            : ['toners' => $recipe['toners'], ...isset($recipe['layer']) ? ['layer' => $recipe['layer']] : []];
    }
}
