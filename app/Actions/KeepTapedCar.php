<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BodyShapeRecord;
use App\Models\Happening;
use App\Models\User;
use App\Support\SameJson;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Silhouette;
use Kalopsis\Panel\TapeFit;

/** Puts a car that was drawn by tape on the shelf; sent twice, it is the same car. */
final readonly class KeepTapedCar
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * @param array<string, float> $lengths mm by tape
     * @throws ValidationException where the name is taken
     */
    public function __invoke(User $user, Silhouette $silhouette, string $name, array $lengths): BodyShapeRecord
    {
        return $this->database->transaction(function () use ($user, $silhouette, $name, $lengths): BodyShapeRecord {
            $user->workshop()->lockForUpdate()->firstOrFail();
            $tape = ['silhouette' => $silhouette->key, 'lengths' => $lengths];
            $there = BodyShapeRecord::query()->where('workshop_id', $user->workshop_id)->where('name', $name)->first();
            if ($there instanceof BodyShapeRecord) {
                return SameJson::is($there->tape, $tape)
                    ? $there
                    : throw ValidationException::withMessages(['name' => 'There is a body shape of this name already.']);
            }
            $key = self::freeKey($user, $name);
            $body = TapeFit::of($silhouette, $lengths, $key, $name);
            Happening::add($user, 'body-added', $name);

            return BodyShapeRecord::query()->create([
                'workshop_id' => $user->workshop_id,
                'key' => $key,
                'name' => $name,
                'style' => mb_strtolower($silhouette->name),
                'svg' => BodyShapeSvg::write($body),
                'tape' => $tape,
            ]);
        });
    }

    private static function freeKey(User $user, string $name): string
    {
        $slug = Str::limit(Str::slug($name), 50, '');
        $slug = $slug === '' ? 'car' : trim($slug, '-');
        $keys = BodyShapeRecord::query()->where('workshop_id', $user->workshop_id)->pluck('key')->all();
        $key = $slug;
        for ($n = 2; in_array($key, $keys, true); $n++) {
            $key = "{$slug}-{$n}";
        }

        return $key;
    }
}
