<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeTry;
use Kalopsis\Practice\Marked;
use Kalopsis\Practice\Skill;

/** How far people have come: per skill the streak of good tries, per scenario the best. */
final class Progress
{
    /**
     * @param iterable<PracticeTry> $tries of one person, the oldest first
     * @return list<array{skill: string, words: string, streak: int, tries: int, best: ?int}>
     */
    public static function skills(iterable $tries): array
    {
        $by = [];
        foreach ($tries as $try) {
            $old = $by[$try->skill] ?? ['streak' => 0, 'tries' => 0, 'best' => 0];
            $by[$try->skill] = [
                'streak' => $try->score >= Marked::GOOD ? $old['streak'] + 1 : 0,
                'tries' => $old['tries'] + 1,
                'best' => max($old['best'], $try->score),
            ];
        }

        return array_map(
            fn (Skill $s): array => [
                'skill' => $s->value,
                'words' => $s->words(),
                'streak' => $by[$s->value]['streak'] ?? 0,
                'tries' => $by[$s->value]['tries'] ?? 0,
                'best' => $by[$s->value]['best'] ?? null,
            ],
            Skill::cases(),
        );
    }

    /** @return array<string, array{tries: int, best: int}> by scenario */
    public static function scenarios(int $userId): array
    {
        $out = [];
        foreach (PracticeTry::query()->where('user_id', $userId)->get() as $try) {
            $old = $out[$try->scenario] ?? ['tries' => 0, 'best' => 0];
            $out[$try->scenario] = ['tries' => $old['tries'] + 1, 'best' => max($old['best'], $try->score)];
        }

        return $out;
    }
}
