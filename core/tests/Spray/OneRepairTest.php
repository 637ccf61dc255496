<?php

declare(strict_types=1);

use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Laid;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Jet;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sight\Eye;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\LaidAt;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;
use Kalopsis\Tests\Support\Sprays;

/** docs/one-repair.md, line by line. Every bold number of the page is computed here and looked for in its text. */
function page(): string
{
    return (string) file_get_contents(dirname(__DIR__, 3) . '/docs/one-repair.md');
}

it('lays, loses and dries the coat as the page says', function (): void {
    $air = new Air(22.0, 50.0);
    $gun = new GunSetUp(1.4, 170.0, 70.0);
    $volatile = Volatile::of(Carrier::Solvent, Reducer::of(ReducerGrade::Standard));
    $laid = Laid::of(Stroke::full()->wetUm($gun), 0.28 / 1.75, 1.0, $gun, $volatile, $air);
    $rate = FlashOff::rate($volatile, $air, AirMovement::Booth);
    foreach (
        [
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
        ] as $figure
    ) {
        expect(page())->toContain($figure);
    }
});

/** Three coats over so many mm, sprayed into this. */
function repairIn(?string $bed): Simulation
{
    return Sprays::simulation(Sprays::stepped($bed), Finish::assumed(FinishClass::MetallicLight, 3));
}

it('builds the place 250 mm past the primer as the page says', function (): void {
    $finish = Finish::assumed(FinishClass::MetallicLight, 3);
    $row = function (string $what, callable $of): string {
        return sprintf('| %s | **%s** | **%s** |', $what, $of(repairIn(null)), $of(repairIn('wet-bed')));
    };
    $there = new Places(250.0, 1.0, 1);
    $l = fn (int $angle): callable => fn (Simulation $s): string => sprintf(
        '%.2f',
        $s->colours()->along($angle, $s->colours()->laid($there, 300.0))[0]->lab($finish->viewing())->l,
    );
    $laid = fn (Simulation $s): LaidAt => $s->colours()->laid($there, 300.0);
    $uncovered = fn (Simulation $s): string => sprintf('%.0f %%', 100 * $s->colours()->uncovered($laid($s))[0]);
    foreach (
        [
            $row('film of the third coat', fn (Simulation $s): string => sprintf('%.2f um', $laid($s)->films[0][2])),
            $row('old finish still seen', $uncovered),
            $row('dryness of its flakes', fn (Simulation $s): string => sprintf('%.3f', $laid($s)->dryness[0][2])),
            $row(sprintf('L* at 15° (car %.1f)', $finish->old[15]->l), $l(15)),
            $row(sprintf('L* at 45° (car %.1f)', $finish->old[45]->l), $l(45)),
            $row(sprintf('L* at 110° (car %.1f)', $finish->old[110]->l), $l(110)),
        ] as $figure
    ) {
        expect(page())->toContain($figure);
    }
});

it('looks at it, and needs as much, as the page says', function (): void {
    foreach ([[null, 'without a bed'], ['wet-bed', 'in one']] as [$bed, $words]) {
        $s = repairIn($bed);
        $seen = $s->look(300.0, Assumptions::usual(), true, Simulation::FINE, true);
        $from = fn (float $m): string => sprintf('%.2f', $seen->table[45][(string) $m]);
        $row = implode(', ', array_map($from, Eye::DISTANCES_M));
        $need = $s->needMm(Certainty::Sure);
        expect(page())->toContain("**{$row}** {$words}")
            ->toContain(sprintf('worst **%.2f** %s', $seen->worst, $words))
            ->toContain(sprintf('to be sure **%s** %s', $need === null ? 'never' : sprintf('%.0f mm', $need), $words));
    }
    expect(page())->toContain(sprintf('100 mm are %.2f° from 5 m', Eye::degrees(100.0, 5.0)));
});
