<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mixing\MixRefused;
use App\Mixing\MixState;
use App\Mixing\ScaleFeed;
use App\Models\Mix;
use App\Models\MixEvent;
use App\Models\User;
use DomainException;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Cups\Weighing;

/** Adds an event to a mix, in the order they come and each only once. */
final readonly class RecordMix
{
    public function __construct(private ConnectionInterface $database, private ScaleFeed $feed) {}

    /**
     * @param ?float $grams typed, where the scale cannot tell; null: what the scale shows
     * @throws MixRefused
     */
    public function __invoke(User $user, Mix $mix, string $kind, string $key, ?float $grams = null): void
    {
        $this->database->transaction(function () use ($user, $mix, $kind, $key, $grams): void {
            $query = Mix::query()->whereKey($mix->id);
            $query->lockForUpdate();
            $held = $query->firstOrFail();
            if ($held->events()->where('key', $key)->exists()) {
                return;
            }
            if (! $held->isOpen()) {
                throw new MixRefused('This mix is finished. Begin another.');
            }
            $state = MixState::of($held);
            $body = $kind === 'take' ? ['grams' => $grams ?? $this->shown($held), 'typed' => $grams !== null] : [];
            self::possible($state, $kind, $body);
            MixEvent::query()->create([
                'mix_id' => $held->id,
                'key' => $key,
                'kind' => $kind,
                'body' => $body,
                'user_id' => $user->id,
            ]);
            if ($kind === 'finish' || $kind === 'discard') {
                $held->update([$kind === 'finish' ? 'finished_at' : 'discarded_at' => now()]);
            }
        });
    }

    /** @throws MixRefused */
    private function shown(Mix $mix): float
    {
        $state = $this->feed->state($mix);

        return $state->isTrusted()
            ? $this->feed->grams($mix)
            : throw new MixRefused($state->words() === 'moving' ? 'The scale is still moving. Let it settle.' : $state->words());
    }

    /**
     * @param array<string, mixed> $body
     * @throws MixRefused
     */
    private static function possible(Weighing $state, string $kind, array $body): void
    {
        if ($kind === 'finish' && ! $state->isDone()) {
            throw new MixRefused('Something is still missing, or too much. Weigh it, or throw this mix away.');
        }
        if ($kind === 'take' && $state->over() !== null) {
            throw new MixRefused('Too much was poured. Recompute the rest first, or take it as it is.');
        }

        try {
            MixState::after($state, $kind, $body);
        } catch (DomainException $no) {
            throw new MixRefused($no->getMessage());
        }
    }
}
