<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Mix;
use DomainException;
use Kalopsis\Cups\Portion;
use Kalopsis\Cups\Scale;
use Kalopsis\Cups\Weighing;
use Kalopsis\Film\ComponentKind;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\CupReader;

/** Where a mix stands: what it was begun from, and every event since, one after the other. */
final class MixState
{
    public static function of(Mix $mix): Weighing
    {
        $state = self::begun($mix);
        $mix->loadMissing('events');
        foreach ($mix->events as $event) {
            $state = self::after($state, $event->kind, $event->body);
        }

        return $state;
    }

    public static function begun(Mix $mix): Weighing
    {
        /** @var list<array{name: string, grams: float|int, densityGPerMl: float|int, kind: ?string}> $kept */
        $kept = $mix->begun['portions'];
        $portions = array_map(
            fn (array $p): Portion => new Portion(
                $p['name'],
                (float) $p['grams'],
                (float) $p['densityGPerMl'],
                $p['kind'] === null ? null : ComponentKind::from($p['kind']),
            ),
            $kept,
        );
        assert($portions !== []);
        $vessel = $mix->begun['vessel'];
        $readability = $mix->begun['readabilityG'];
        assert(is_string($vessel) && is_numeric($readability));
        $shelf = CupReader::read(Fields::of($mix->begun, new Problems()));

        return Weighing::begin($portions, new Scale((float) $readability), $shelf->named($vessel), $shelf);
    }

    /**
     * @param array<string, mixed> $body
     * @throws DomainException when it cannot happen now
     */
    public static function after(Weighing $state, string $kind, array $body): Weighing
    {
        return match ($kind) {
            'take' => $state->take(is_numeric($body['grams'] ?? null) ? (float) $body['grams'] : NAN),
            'recover' => $state->recovered(),
            'accept' => $state->accepted(),
            default => $state,
        };
    }
}
