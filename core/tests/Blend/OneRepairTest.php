<?php

declare(strict_types=1);

use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Laid;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Jet;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sight\Eye;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Bed;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\LayerStack;
use Kalopsis\Spray\Profile;
use Kalopsis\Tests\Support\Sprays;

/** docs/one-repair.md, line by line. Every bold number of the page is computed here and looked for in its text. */
function page(): string
{
    return (string) file_get_contents(dirname(__DIR__, 3) . '/docs/one-repair.md');
}

it('lays, loses and dries the coat as the page says', function (): void {
    $air = new Air(22.0, 50.0);
    $gun = new GunSetUp(1.4, 170.0, 70.0);
    $volatile = Volatile::of(Carrier::Solvent, ReducerGrade::Standard);
    $laid = Laid::of(Stroke::full()->wetUm($gun), 0.28 / 1.75, 1.0, $gun, $volatile, $air);
    $rate = FlashOff::rate($volatile, $air, AirMovement::Booth);
    foreach ([
        sprintf('**%.3f**', $gun->transferEfficiency()),
        sprintf('**%.1f mm**', Stroke::fanMm($gun)),
        sprintf('**%.1f um**', $laid->wetUm),
        sprintf('**%.2f um** dry', $laid->dryUm),
        sprintf('**%.0f Pa**, deficit **%.4f kg/m3**', Volatile::solventPa(22.0), $volatile->panelDeficit($air)),
        sprintf('**%.2f ms**', 1000 * Jet::flightSeconds($gun)),
        sprintf('**%.2f um**', $laid->lostUm),
        sprintf('**%.1f um** of volatile', $laid->volatileUm()),
        sprintf('**%.2f um/min**', $rate),
        sprintf('**%.1f min**', FlashOff::minutes($laid->volatileUm(), $rate)),
    ] as $figure) {
        expect(page())->toContain($figure);
    }
});

it('builds the place 250 mm past the primer as the page says', function (): void {
    $coats = Sprays::over(300);
    $finish = Finish::assumed(FinishClass::MetallicLight, 3);
    $rate = FlashOff::rate(Volatile::of(Carrier::Solvent, ReducerGrade::Standard), new Air(22.0, 50.0), AirMovement::Booth);
    $at = fn (Bed $bed): LayerStack => new LayerStack($coats, $bed, Sprays::LANDS_IN_BED_UM, 0.0, $rate, $finish->h98Um, new Assumptions(), [240.0, 250.0], 10.0);
    $none = $at(Bed::None);
    $bed = $at(Bed::Flashed);
    $lobe = fn (LayerStack $s): FlakeLobe => new FlakeLobe(FlakeLobe::LEVEL_DEG + 1.2 * $s->dryness[1][2], $s->dryness[1][2]);
    $l = fn (LayerStack $s, int $angle): float => $s->colours($angle, $finish->fit, $finish->old[$angle]->xyz(), $finish->primer)[1]->lab($finish->old[$angle]->viewing)->l;
    foreach ([
        sprintf('| **%.2f** | 0.25 |', $coats[2]->strength(250.0)),
        sprintf('| **%.2f um** |', $none->films[1][2]),
        sprintf('| **%.0f %%** |', 100 * $none->uncovered[1]),
        sprintf('| **%.3f** | **%.3f** |', $none->dryness[1][2], $bed->dryness[1][2]),
        sprintf('| **%.2f°** | **%.2f°** |', $lobe($none)->spreadDeg, $lobe($bed)->spreadDeg),
        sprintf('(level: %.3f, %.4f) | **%.3f, %.4f** | **%.3f, %.4f** |', FlakeLobe::level()->at(15), FlakeLobe::level()->at(45), $lobe($none)->at(15), $lobe($none)->at(45), $lobe($bed)->at(15), $lobe($bed)->at(45)),
        sprintf('L* at 15° (car %.1f) | **%.1f** | **%.1f** |', $finish->old[15]->l, $l($none, 15), $l($bed, 15)),
        sprintf('L* at 45° (car %.1f) | **%.1f** | **%.1f** |', $finish->old[45]->l, $l($none, 45), $l($bed, 45)),
        sprintf('L* at 110° (car %.1f) | **%.1f** | **%.1f** |', $finish->old[110]->l, $l($none, 110), $l($bed, 110)),
    ] as $figure) {
        expect(page())->toContain($figure);
    }
});

it('looks at it as the page says', function (): void {
    $finish = Finish::assumed(FinishClass::MetallicLight, 3);
    $seen = fn (Bed $bed): Profile => Profile::of(Sprays::stack(Sprays::over(300), $bed, $finish->h98Um), $finish, new Eye());
    [$none, $bed] = [$seen(Bed::None), $seen(Bed::Flashed)];
    $row = fn (Profile $p): string => implode(', ', array_map(fn (float $v): string => sprintf('%.2f', $v), $p->table[45]));
    expect(page())->toContain("**{$row($none)}** without a bed, **{$row($bed)}** in one")
        ->toContain(sprintf('the worst is **%.2f** (%d°, %g m), with one **%.2f** (%d°, %g m)', $none->worst, $none->angle, $none->distanceM, $bed->worst, $bed->angle, $bed->distanceM))
        ->toContain(sprintf('100 mm are %.2f° from 5 m', Eye::degrees(100.0, 5.0)));
});
