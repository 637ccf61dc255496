<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/**
 * Default reaches as painters teach them: each coat 50 to 100 mm past the one before, the last one 100 to 150 mm
 * past the primer on an easy colour; easy dark colours need the least, light silvers and golds the most.
 */
final class TradeReaches implements ReachRule
{
    /** A small gun at low pressure halves step, fade and margin on a tiny repair. Common practice. */
    public const SMALL_GUN = 0.5;

    /** Common practice; the split within the ranges above is chosen here, docs/model.md section 3. */
    public function reaches(FinishClass $finish): Reaches
    {
        return match ($finish) {
            FinishClass::SolidDark => new Reaches(2, 25.0, 50.0, 50.0, false, false),
            FinishClass::SolidLight => new Reaches(3, 30.0, 50.0, 60.0, false, false),
            FinishClass::MetallicDark => new Reaches(3, 30.0, 55.0, 70.0, true, true),
            FinishClass::MetallicLight => new Reaches(3, 40.0, 70.0, 90.0, true, true),
            FinishClass::Pearl => new Reaches(3, 40.0, 65.0, 90.0, true, true),
        };
    }

    public function roomNeeded(FinishClass $finish, School $school, GunChoice $gun): Figure
    {
        $need = 0.0;
        foreach (Coats::colour($finish, $school, $gun, $this) as $coat) {
            $need = max($need, $coat->limitMm() ?? 0.0);
        }

        return Figure::of(Quantity::mm($need), Reason::of(
            Phrase::of('The outermost coat of "{school}" on a {finish}, and its fade.', ['school' => $school->words(), 'finish' => $finish->words()]),
            SourceKind::Practice,
            'Common practice: 50 to 100 mm a coat, light silvers and golds the most.',
            [
                'first coat past the primer' => Quantity::mm($this->reaches($finish)->marginMm),
                'each coat further' => Quantity::mm($this->reaches($finish)->stepMm),
                'fade' => Quantity::mm($this->reaches($finish)->fadeMm),
            ],
        ));
    }
}
