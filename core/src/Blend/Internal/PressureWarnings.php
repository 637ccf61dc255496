<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\Warning;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** Coats planned at a pressure that the shop's gun does not work at. */
final class PressureWarnings
{
    /**
     * @param list<Coat> $coats
     * @return list<Warning>
     */
    public static function of(BlendRequest $request, array $coats): array
    {
        $found = [];
        foreach ($coats as $coat) {
            $gun = $request->guns->of($coat->isColour() ? $request->gun : GunChoice::Standard);
            $bar = $coat->gun->bar;
            if ($gun->worksAt($bar)) {
                continue;
            }
            $low = $bar < ($gun->leastBar ?? 0.0);
            $says = Phrase::of(
                $low
                    ? '{coat} is planned at {bar}; {gun} does not atomise below {limit}. Raise it, or take the other gun.'
                    : '{coat} is planned at {bar}; {gun} is not made for more than {limit}. Lower it, or take the other gun.',
                [
                    'coat' => $coat->name(),
                    'bar' => Quantity::bar($bar),
                    'gun' => $gun->name === '' ? Phrase::of('the gun') : $gun->name,
                    'limit' => Quantity::bar(($low ? $gun->leastBar : $gun->mostBar) ?? $bar),
                ],
            );
            $found[] = new Warning('pressure', Severity::LookOut, $says, $coat->id());
        }

        return $found;
    }
}
