<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\People\NotFresh;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Film\PaintSystemReader;

/**
 * The first workshop of an installation with the account of its lead: without cars, colours or anything else of the demo, and
 * with paint systems of usual values that wait for the shop's own data sheets.
 */
final readonly class OpenWorkshop
{
    /** What a shop begins with, by the file it is copied from. */
    private const USUAL = ['northlight-s' => ['usual-s', 'Usual solvent system'], 'northlight-w' => ['usual-w', 'Usual waterborne system']];

    private const NOTE = 'Usual values, until your own data sheet is typed in. Your paint maker\'s data sheet wins.';

    public function __construct(private ConnectionInterface $database) {}

    /**
     * @param array{name: string, town: string, paper: string, booth: string} $shop
     * @param array{name: string, email: string, password: string, units: string} $lead
     * @throws NotFresh where somebody was quicker
     */
    public function __invoke(array $shop, array $lead): User
    {
        return $this->database->transaction(function () use ($shop, $lead): User {
            // Two that begin at once: the second waits here and finds the first.
            $this->database->table('users')->lockForUpdate()->count();
            if (User::query()->exists()) {
                throw new NotFresh('This installation has its lead already. Sign in.');
            }
            $workshop = Workshop::query()->create([
                'name' => $shop['name'],
                'town' => $shop['town'],
                'paper' => $shop['paper'],
                'booths' => [$shop['booth']],
                'is_demo' => false,
            ]);
            self::stock($workshop);

            return User::query()->create([
                'workshop_id' => $workshop->id,
                'name' => $lead['name'],
                'email' => mb_strtolower($lead['email']),
                'password' => $lead['password'],
                'units' => $lead['units'],
                'role' => Role::Lead,
            ]);
        });
    }

    private static function stock(Workshop $workshop): void
    {
        foreach (self::USUAL as $file => [$key, $name]) {
            $text = (string) file_get_contents(base_path("data/paint-systems/{$file}.json"));
            // The invented maker of the demo is nobody here.
            $text = preg_replace('/Northlight( [SW])? /', '', $text) ?? $text;
            $sheet = [...(array) json_decode($text, true), 'key' => $key, 'name' => $name, 'note' => self::NOTE];
            $sheet = self::withoutClaims($sheet);
            PaintSystemReader::read($sheet);
            $workshop->paintSystems()->create(['key' => $key, 'name' => $name, 'sheet' => $sheet]);
        }
    }

    /**
     * What paint costs and which data sheet says it is the shop's to say.
     *
     * @param array<array-key, mixed> $sheet
     * @return array<array-key, mixed>
     */
    private static function withoutClaims(array $sheet): array
    {
        unset($sheet['currency'], $sheet['pricePerL'], $sheet['source']);

        return array_map(fn (mixed $v): mixed => is_array($v) ? self::withoutClaims($v) : $v, $sheet);
    }
}
