<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Where somebody is signed in. The id of a session is a key to it: nobody gets to see it. */
final class Devices
{
    /** @return list<array{key: string, device: string, at: string, here: bool}> the newest first */
    public static function of(User $user, string $here): array
    {
        $out = [];
        $query = DB::table('sessions')->where('user_id', $user->id);
        $query->where('last_activity', '>=', now()->getTimestamp() - 60 * (int) config('session.lifetime'))->orderByDesc('last_activity');
        foreach ($query->get()->all() as $session) {
            $out[] = [
                'key' => self::key($session->id),
                'device' => self::device(is_string($session->user_agent) ? $session->user_agent : ''),
                'at' => Carbon::createFromTimestamp($session->last_activity)->toIso8601ZuluString(),
                'here' => $session->id === $here,
            ];
        }

        return $out;
    }

    /** Signs out everywhere, or everywhere but here; who had asked to stay signed in has to type the password again too. */
    public static function end(User $user, ?string $but = null): void
    {
        $query = DB::table('sessions')->where('user_id', $user->id);
        if ($but !== null) {
            $query->where('id', '<>', $but);
        }
        $query->delete();
        $user->setRememberToken(Str::random(60));
        $user->save();
    }

    /** Signs out one device by its key; one that is gone already is out. */
    public static function endOne(User $user, string $key): void
    {
        $sessions = DB::table('sessions')->where('user_id', $user->id)->pluck('id')->all();
        foreach ($sessions as $id) {
            if (is_string($id) && hash_equals(self::key($id), $key)) {
                DB::table('sessions')->where('id', $id)->delete();
            }
        }
    }

    private static function key(string $id): string
    {
        return substr(hash('sha256', $id), 0, 16);
    }

    /** What kind of device, as far as it says so. */
    private static function device(string $agent): string
    {
        foreach (['iPad', 'iPhone', 'Android', 'Windows', 'Macintosh', 'Linux'] as $known) {
            if (str_contains($agent, $known)) {
                return $known === 'Macintosh' ? 'Mac' : $known;
            }
        }

        return '';
    }
}
