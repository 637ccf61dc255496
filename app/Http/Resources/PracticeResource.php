<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PracticeTry;
use App\Models\User;
use App\Practice\Progress;
use App\Practice\Scenarios;
use Illuminate\Support\Str;
use Kalopsis\Practice\Bay;
use Kalopsis\Practice\Marked;
use Kalopsis\Practice\Picture;
use Kalopsis\Practice\Scenario;
use Kalopsis\Spray\Part;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

final class PracticeResource
{
    /** @return array<string, mixed> */
    public static function ladder(User $user): array
    {
        $best = Progress::scenarios($user->id);
        $tries = PracticeTry::query()->where('user_id', $user->id);
        $tries->orderBy('id');

        return [
            'good' => Marked::GOOD,
            'skills' => self::skills($tries->get()),
            'scenarios' => array_map(
                fn (string $key, Scenario $s): array => [
                    'key' => $key,
                    'skill' => $s->skill->value,
                    'level' => $s->level,
                    'title' => $s->title,
                    'spray' => $s->spray,
                    'own' => Str::isUuid($key),
                    'tries' => $best[$key]['tries'] ?? 0,
                    'best' => $best[$key]['best'] ?? null,
                ],
                array_keys($all = (new Scenarios($user->workshop_id))->all()),
                array_values($all),
            ),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function people(int $workshopId): array
    {
        $out = [];
        foreach (User::query()->where('workshop_id', $workshopId)->get()->sortBy('name') as $person) {
            $tries = PracticeTry::query()->where('user_id', $person->id);
            $tries->orderBy('id');
            $all = $tries->get();
            $out[] = [
                'name' => $person->name,
                'tries' => $all->count(),
                'last' => $all->last()?->created_at->toIso8601ZuluString(),
                'skills' => self::skills($all),
            ];
        }

        return $out;
    }

    /** @return array<string, mixed> */
    public static function sprayed(Bay $bay): array
    {
        $o = $bay->outlook();

        return [
            'seen' => $o->isSeen(),
            'index' => round($o->index(), 2),
            'says' => $o->says(),
            'parts' => array_map(
                fn (Part $p): array => ['part' => $p->value, 'words' => $p->words(), 'index' => round($o->parts[$p->value], 2)],
                array_values(array_filter(Part::cases(), fn (Part $p): bool => $p !== Part::Coats)),
            ),
            'minutes' => Quantity::minutes(round($bay->minutes())),
            'ml' => Quantity::ml(round($bay->millilitres())),
            'picture' => new Picture($bay),
        ];
    }

    /**
     * @param iterable<PracticeTry> $tries
     * @return list<array<string, mixed>>
     */
    private static function skills(iterable $tries): array
    {
        return array_map(
            fn (array $s): array => [...$s, 'words' => Phrase::of($s['words'])],
            Progress::skills($tries),
        );
    }
}
