<?php

declare(strict_types=1);

namespace Kalopsis\Caution;

use Kalopsis\Film\Carrier;
use Kalopsis\Film\ComponentKind;
use Kalopsis\Film\Mix;

/** Says which cautions belong to which step. Source: common practice; job specific sheets win. */
final class Cautions
{
    /**
     * @param array<string, string> $coats coat id => product role
     * @param array<string, Mix> $mixes by product role
     * @param list<string> $zones zone kinds of the plan
     * @param bool $oldPaint is old finish sanded?
     * @param bool $plastic does a plastic panel take part?
     * @return list<CautionAt>
     */
    public static function of(array $coats, array $mixes, array $zones, Carrier $carrier, bool $oldPaint, bool $plastic): array
    {
        $found = [];
        foreach ($mixes as $role => $mix) {
            $found[] = new CautionAt(Caution::VocLimits, "product:{$role}");
            if (self::isTwoPack($mix)) {
                $found[] = new CautionAt(Caution::Isocyanates, "product:{$role}");
            }
            $found[] = new CautionAt(Caution::Vapours, "product:{$role}");
        }
        foreach ($coats as $coat => $role) {
            if (isset($mixes[$role]) && self::isTwoPack($mixes[$role])) {
                $found[] = new CautionAt(Caution::Isocyanates, "coat:{$coat}");
            }
            $found[] = new CautionAt(Caution::Vapours, "coat:{$coat}");
            if ($role === 'clear' && $carrier === Carrier::Waterborne) {
                $found[] = new CautionAt(Caution::TrappedWater, "coat:{$coat}");
            }
        }
        foreach ($zones as $zone) {
            if ($zone === 'repair') {
                $found[] = new CautionAt(Caution::SandingFresh, 'zone:repair');
            }
            if ($oldPaint) {
                $found[] = new CautionAt(Caution::OldCoatings, "zone:{$zone}");
            }
            $found[] = new CautionAt(Caution::Wipes, "zone:{$zone}");
        }
        foreach ([Caution::CompressedAir, Caution::LampsAndUv] as $caution) {
            $found[] = new CautionAt($caution, 'booth');
        }
        $found[] = new CautionAt(Caution::BakeLimits, $plastic ? 'zone:clear' : 'booth');

        return $found;
    }

    private static function isTwoPack(Mix $mix): bool
    {
        foreach ($mix->components as $component) {
            if ($component->kind === ComponentKind::Hardener) {
                return true;
            }
        }

        return false;
    }
}
