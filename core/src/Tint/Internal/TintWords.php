<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Internal;

use Kalopsis\Colour\Lab;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Why\Phrase;

/** What each pour does, in painter's words, read off the model rather than off the toner's name. */
final class TintWords
{
    /** A change below this, L* or chroma, is not worth a word. Chosen here. */
    private const WORTH = 0.15;

    /**
     * @param array<string, float> $additions
     * @return list<Phrase>
     */
    public static function of(TonerLibrary $library, Misfit $misfit, Formula $cup, array $additions): array
    {
        $out = [];
        $kinds = array_map(fn (string $t): TonerKind => $library->toner($t)->kind, array_keys($additions));
        $greys =
            in_array(TonerKind::White, $kinds, true) &&
            in_array(TonerKind::Black, $kinds, true) &&
            min([0.0, ...array_values($additions)]) >= 0.0;
        if ($greys) {
            $out[] = Phrase::of('greys it: black and white together');
        }
        $now = $misfit->labs($cup->grams);
        foreach ($additions as $toner => $g) {
            $kind = $library->toner($toner)->kind;
            if ($greys && ($kind === TonerKind::White || $kind === TonerKind::Black)) {
                continue;
            }
            if (abs($g) < 0.005 * $cup->total() && count($additions) > 3) {
                continue;
            }
            $does = self::words($now, $misfit->labs($cup->plus([$toner => $g])->grams));
            $out[] = Phrase::of($g > 0.0 ? '{toner}: {does}' : 'less {toner}: {does}', [
                'toner' => $library->toner($toner)->name,
                'does' => $does === [] ? Phrase::of('a touch') : array_map(Phrase::of(...), $does),
            ]);
        }

        return $out;
    }

    /**
     * @param array<int, Lab> $now
     * @param array<int, Lab> $then
     * @return list<string>
     */
    private static function words(array $now, array $then): array
    {
        $face = array_key_first($now);
        $flop = array_key_last($now);
        if ($face === null) {
            return [];
        }
        $first = $then[$face]->l - $now[$face]->l;
        $last = $then[$flop]->l - $now[$flop]->l;
        $out = [];
        if ($face === $flop || $first > 0.0 === $last > 0.0) {
            if (max(abs($first), abs($last)) >= self::WORTH) {
                $out[] = (abs($first) > abs($last) ? $first : $last) > 0.0 ? 'lighter' : 'darker';
            }
        } else {
            if (abs($first) >= self::WORTH) {
                $out[] = $first > 0.0 ? 'lighter on the face' : 'darker on the face';
            }
            if (abs($last) >= self::WORTH) {
                $out[] = $last > 0.0 ? 'lighter on the flop' : 'darker on the flop';
            }
        }
        $da = $db = 0.0;
        foreach ($now as $angle => $lab) {
            if (hypot($then[$angle]->a - $lab->a, $then[$angle]->b - $lab->b) > hypot($da, $db)) {
                [$da, $db] = [$then[$angle]->a - $lab->a, $then[$angle]->b - $lab->b];
            }
        }
        if (abs($da) >= self::WORTH && abs($da) >= 0.4 * abs($db)) {
            $out[] = $da > 0.0 ? 'redder' : 'greener';
        }
        if (abs($db) >= self::WORTH && abs($db) >= 0.4 * abs($da)) {
            $out[] = $db > 0.0 ? 'yellower' : 'bluer';
        }

        return $out;
    }
}
