<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Happening;
use App\Models\Role;
use App\Models\User;
use App\People\Devices;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;

/** Names, roles and goings of a workshop's people. The last lead stays one. */
final readonly class ChangePerson
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * What is null stays.
     *
     * @throws ValidationException
     */
    public function __invoke(User $lead, User $person, ?string $name, ?Role $role, ?bool $away): void
    {
        $this->database->transaction(function () use ($lead, $person, $name, $role, $away): void {
            // All leads are held, so that two of them cannot put each other away at once.
            $leads = User::query();
            $leads->where('workshop_id', $lead->workshop_id)->where('role', Role::Lead);
            $leads->whereNull('put_away_at')->lockForUpdate();
            $held = $leads->get();
            $person->refresh();
            $was = $person->put_away_at !== null;
            $role ??= $person->role;
            $away ??= $was;
            if (($role !== Role::Lead || $away) && $held->count() === 1 && $held->contains('id', $person->id)) {
                throw ValidationException::withMessages([
                    $away ? 'putAway' : 'role' => 'This is the last lead. Make somebody else a lead first.',
                ]);
            }
            if ($role !== $person->role) {
                Happening::add($lead, 'person-role', "{$person->name}, {$role->value}");
            }
            if ($away !== $was) {
                Happening::add($lead, $away ? 'person-put-away' : 'person-back', $person->name);
            }
            $person->update([
                'name' => $name ?? $person->name,
                'role' => $role,
                'put_away_at' => $away ? $person->put_away_at ?? now() : null,
            ]);
            if ($away) {
                Devices::end($person);
            }
        });
    }
}
