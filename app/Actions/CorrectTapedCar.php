<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BodyShapeRecord;
use App\Models\Happening;
use App\Models\User;
use App\Support\UsedBy;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Silhouette;
use Kalopsis\Panel\TapeFit;

/** Corrects the lengths of a car by tape, unless cars are planned on it. */
final readonly class CorrectTapedCar
{
    public function __construct(private ConnectionInterface $database) {}

    /** @param array<string, float> $lengths mm by tape */
    public function __invoke(User $user, BodyShapeRecord $record, Silhouette $silhouette, string $name, array $lengths): void
    {
        $svg = BodyShapeSvg::write(TapeFit::of($silhouette, $lengths, $record->key, $name));
        $this->database->transaction(function () use ($user, $record, $silhouette, $name, $lengths, $svg): void {
            // A job opened at the same moment waits, or is found.
            $user->workshop()->lockForUpdate()->firstOrFail();
            $jobs = UsedBy::bodyShape($user->workshop_id, $record->key);
            if ($jobs !== []) {
                throw ValidationException::withMessages([
                    'name' => 'Cars are planned on it: ' . implode(', ', $jobs) . '. Keep the corrected one under a new name.',
                ]);
            }
            $tape = ['silhouette' => $silhouette->key, 'lengths' => $lengths];
            $record->update(['name' => $name, 'svg' => $svg, 'tape' => $tape]);
            Happening::add($user, 'body-changed', $name);
        });
    }
}
