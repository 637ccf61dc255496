<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\StaleEdit;
use App\Models\Happening;
use App\Models\PaintSystemRecord;
use App\Models\User;
use App\Support\SameJson;
use App\Support\UsedBy;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Input\InvalidInput;

/** Puts a paint system on the shelf or takes its newer data sheet in. The edition before stays for the plans made with it. */
final readonly class KeepPaintSystem
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * A new one; the same sent twice is one.
     *
     * @throws InvalidInput
     */
    public function add(User $user, mixed $sheet): PaintSystemRecord
    {
        $system = PaintSystemReader::read($sheet);

        return $this->database->transaction(function () use ($user, $sheet, $system): PaintSystemRecord {
            $user->workshop()->lockForUpdate()->firstOrFail();
            $known = PaintSystemRecord::of($user->workshop_id, $system->key);
            if ($known !== null) {
                return SameJson::is($known->sheet, $sheet)
                    ? $known
                    : throw ValidationException::withMessages([
                        'key' => "There is a paint system \"{$system->key}\" already, {$known->name}. Give this one another key.",
                    ]);
            }
            $this->nameIsFree($user, $system->name, null);
            Happening::add($user, 'paint-added', $system->name);

            return PaintSystemRecord::query()->create([
                'workshop_id' => $user->workshop_id,
                'key' => $system->key,
                'name' => $system->name,
                'sheet' => $sheet,
                'user_id' => $user->id,
            ]);
        });
    }

    /**
     * Its next edition, if nobody typed one in between. What is there already changes nothing.
     *
     * @throws InvalidInput
     */
    public function change(User $user, PaintSystemRecord $record, mixed $sheet, int $onEdition): PaintSystemRecord
    {
        $sheet = is_array($sheet) ? [...$sheet, 'key' => $record->key] : $sheet;
        $system = PaintSystemReader::read($sheet);

        return $this->database->transaction(function () use ($user, $record, $sheet, $system, $onEdition): PaintSystemRecord {
            $user->workshop()->lockForUpdate()->firstOrFail();
            $held = self::held($record);
            if (SameJson::is($held->sheet, $sheet)) {
                return $held;
            }
            if ($held->edition !== $onEdition) {
                throw new StaleEdit($held->edition, $held->by() ?? 'Somebody', 'edition');
            }
            $this->nameIsFree($user, $system->name, $held->id);
            $held->editions()->create([
                'number' => $held->edition,
                'sheet' => $held->sheet,
                'user_id' => $held->user_id,
                'author' => $held->author,
                'created_at' => $held->updated_at,
            ]);
            $held->update([
                'name' => $system->name,
                'sheet' => $sheet,
                'edition' => $held->edition + 1,
                'user_id' => $user->id,
                'author' => null,
            ]);
            Happening::add($user, 'paint-changed', "{$system->name}, edition {$held->edition}");

            return $held;
        });
    }

    /** Cars that are still on the bench keep it there. */
    public function putAway(User $user, PaintSystemRecord $record, bool $away): PaintSystemRecord
    {
        return $this->database->transaction(function () use ($user, $record, $away): PaintSystemRecord {
            $user->workshop()->lockForUpdate()->firstOrFail();
            $held = self::held($record);
            if ($away === ($held->put_away_at !== null)) {
                return $held;
            }
            $jobs = $away ? UsedBy::paintSystem($user->workshop_id, $held->key) : [];
            if ($jobs !== []) {
                throw ValidationException::withMessages([
                    'key' => 'Cars on the bench are mixed from it: ' . implode(', ', $jobs) . '. Put them away first.',
                ]);
            }
            $held->update(['put_away_at' => $away ? now() : null]);
            Happening::add($user, $away ? 'paint-put-away' : 'paint-back', $held->name);

            return $held;
        });
    }

    private static function held(PaintSystemRecord $record): PaintSystemRecord
    {
        $query = PaintSystemRecord::query();
        $query->where('id', $record->id)->lockForUpdate();

        return $query->firstOrFail();
    }

    private function nameIsFree(User $user, string $name, ?int $but): void
    {
        $same = PaintSystemRecord::query();
        $same->where('workshop_id', $user->workshop_id)->where('name', $name);
        if ($but !== null) {
            $same->where('id', '!=', $but);
        }
        if ($same->exists()) {
            throw ValidationException::withMessages(['name' => 'There is a paint system of this name already.']);
        }
    }
}
