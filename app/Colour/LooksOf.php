<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourEvent;
use Illuminate\Support\Collection;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\Light;
use Kalopsis\Card\LookFrom;
use Kalopsis\Card\Looks;

/** What was seen of a sample, from the events of its job. */
final class LooksOf
{
    /** @param Collection<int, ColourEvent> $events newest first, of any kind */
    public static function sample(Collection $events, string $sample): Looks
    {
        $looks = Looks::none();
        foreach ($events->reverse() as $event) {
            if ($event->kind !== 'eye' || $event->colour_sample_id !== $sample) {
                continue;
            }
            $of = fn (string $key): string => is_string($event->body[$key] ?? null) ? $event->body[$key] : '';
            $light = Light::tryFrom($of('light'));
            $from = LookFrom::tryFrom($of('from'));
            $verdict = EyeVerdict::tryFrom($of('verdict'));
            if ($light !== null && $from !== null && $verdict !== null) {
                $looks = $looks->with($light, $from, $verdict);
            }
        }

        return $looks;
    }
}
