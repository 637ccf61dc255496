<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Internal;

use Kalopsis\Colour\Lab;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;

/** What each pour does, in painter's words, read off the model rather than off the toner's name. */
final class TintWords
{
    /** A change below this, L* or chroma, is not worth a word. Chosen here. */
    private const WORTH = 0.15;

    /**
     * @param array<string, float> $additions
     * @return list<string>
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
            $out[] = 'greys it: black and white together';
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
            $out[] =
                ($g > 0.0 ? '' : 'less ') .
                lcfirst($library->toner($toner)->name) .
                ': ' .
                ($does === '' ? 'a touch' : $does);
        }

        return $out;
    }

    /**
     * @param array<int, Lab> $now
     * @param array<int, Lab> $then
     */
    private static function words(array $now, array $then): string
    {
        $face = array_key_first($now);
        $flop = array_key_last($now);
        if ($face === null) {
            return '';
        }
        $first = $then[$face]->l - $now[$face]->l;
        $last = $then[$flop]->l - $now[$flop]->l;
        $lighter = fn (float $d): string => $d > 0.0 ? 'lighter' : 'darker';
        $out = [];
        if ($face === $flop || $first > 0.0 === $last > 0.0) {
            if (max(abs($first), abs($last)) >= self::WORTH) {
                $out[] = $lighter(abs($first) > abs($last) ? $first : $last);
            }
        } else {
            if (abs($first) >= self::WORTH) {
                $out[] = $lighter($first) . ' on the face';
            }
            if (abs($last) >= self::WORTH) {
                $out[] = $lighter($last) . ' on the flop';
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

        return implode(', ', $out);
    }
}
