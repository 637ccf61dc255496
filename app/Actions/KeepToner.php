<?php

declare(strict_types=1);

namespace App\Actions;

use App\Colour\Bench;
use App\Colour\CardsOfToner;
use App\Models\Happening;
use App\Models\ShopToner;
use App\Models\User;
use App\Support\SameJson;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;

/** Puts a toner on the bench or changes it: its name, and what its cards say. */
final readonly class KeepToner
{
    public function __construct(private ConnectionInterface $database, private CardsOfToner $cards) {}

    /** @param array{name: string, kind: string, system: ?string, cards: list<array<string, mixed>>} $wish */
    public function __invoke(User $user, ?ShopToner $toner, array $wish): ShopToner
    {
        return $this->database->transaction(function () use ($user, $toner, $wish): ShopToner {
            $user->workshop()->lockForUpdate()->firstOrFail();
            $same = ShopToner::query();
            $same->where(['workshop_id' => $user->workshop_id, 'name' => $wish['name'], 'system' => $wish['system']]);
            $there = $same->first();
            if ($there instanceof ShopToner && $there->id !== $toner?->id) {
                // Sent twice, it is the same toner.
                return $toner === null && SameJson::is($there->cards, $wish['cards']) && $there->kind->value === $wish['kind']
                    ? $there
                    : throw ValidationException::withMessages(['name' => 'This toner stands on the bench already.']);
            }
            $key = $toner->key ?? self::key($user, $wish['name']);
            $kept = $toner ?? new ShopToner(['workshop_id' => $user->workshop_id, 'key' => $key, 'user_id' => $user->id]);
            $optics = $wish['cards'] === [] ? null : $this->cards->optics($user->workshop_id, $key, $wish);
            $kept->fill([...$wish, 'optics' => $optics, 'user_id' => $user->id]);
            $kept->save();
            Happening::add($user, $toner === null ? 'toner-added' : 'toner-changed', $wish['name']);
            Bench::forget();

            return $kept;
        });
    }

    /** No two have the same, and none that of a shipped one, which old formulas of a demo may name. */
    private static function key(User $user, string $name): string
    {
        $stem = trim((string) preg_replace('~[^a-z0-9]+~', '-', mb_strtolower($name)), '-');
        $stem = 'own-' . ($stem === '' ? 'toner' : mb_substr($stem, 0, 45));
        for ($n = 1; ; $n++) {
            $key = $n === 1 ? $stem : "{$stem}-{$n}";
            $query = ShopToner::query();
            if (! $query->where(['workshop_id' => $user->workshop_id, 'key' => $key])->exists()) {
                return $key;
            }
        }
    }
}
