<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Kalopsis\Blend\Severity;
use Kalopsis\Blend\Warning;
use Kalopsis\Sequence\Coat;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** Mixtures that leave their data sheet's window: allowed, said plainly, with the reason that was kept. */
final class MixtureWarnings
{
    /**
     * @param list<Coat> $coats
     * @return list<Warning> one for each mixture
     */
    public static function of(array $coats): array
    {
        $found = [];
        foreach ($coats as $coat) {
            $mixture = $coat->mixture;
            $window = $mixture->product->sheet->reducerPercent;
            $percent = $mixture->product->reducerPercent($mixture->ratio);
            $key = $mixture->product->role->value . $mixture->ratio->text();
            if ($window === null || $percent === null || in_array($mixture->againstWindow(), [0, null], true)) {
                continue;
            }
            $reason = $coat->step->mixture->reason;
            $values = [
                'name' => Phrase::of(ucfirst($mixture->product->role->words())),
                'has' => Quantity::percent($percent),
                'least' => Quantity::percent($window[0]),
                'most' => Quantity::percent($window[1]),
                'reason' => $reason,
            ];
            $found[$key] ??= new Warning(
                Warning::OUTSIDE_WINDOW,
                $reason === '' ? Severity::LookOut : Severity::Note,
                Phrase::of(
                    $reason === ''
                        ? '{name} with {has} reducer: its data sheet says {least} to {most}. Say why in Cups, or come back within.'
                        : '{name} with {has} reducer: its data sheet says {least} to {most}. Kept reason: {reason}',
                    $values,
                ),
                'product:' . $mixture->product->role->value,
            );
        }

        return array_values($found);
    }
}
