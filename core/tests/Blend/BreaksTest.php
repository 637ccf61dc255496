<?php

declare(strict_types=1);

use Kalopsis\Blend\Breaks;
use Kalopsis\Blend\Trade;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\NamedLine;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Spot;
use Kalopsis\Panel\Under;
use Kalopsis\Panel\WholePanel;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Tests\Support\Rows;

/** Three squares beside each other, a line pressed into the middle one 500 mm from its left edge. */
function creased(): BodyShape
{
    $x = Rows::WIDE_MM + Rows::GAP_MM + 500.0;
    $line = new NamedLine('crease', Polyline::through([[$x, 0.0], [$x, Rows::WIDE_MM]]));

    return Rows::of(['one' => [], 'two' => ['lines' => [$line]], 'three' => []]);
}

function inTheMiddle(float $across, string $id = 'r1', float $radius = 60.0): Repair
{
    $centre = new Point(Rows::WIDE_MM + Rows::GAP_MM + $across, 300.0);

    return new Repair($id, 'two', new Spot($centre, $radius), Under::Primer, 3);
}

it('finds the nearest gap or body line beyond the colour, where a clear can end unseen', function (): void {
    // A spot 200 mm from the left edge: 140 mm to that gap, 240 mm to the crease, 340 mm to the other gap.
    $nearest = fn (float $colourMm): array => [
        Breaks::nearest([inTheMiddle(200.0)], creased(), $colourMm)?->edge,
        Breaks::nearest([inTheMiddle(200.0)], creased(), $colourMm)?->mm,
    ];
    expect($nearest(0.0))
        ->toBe(['One', 140.0])
        ->and($nearest(140.0))
        ->toBe(['One', 140.0])
        // Painted over, a line ends nothing.
        ->and($nearest(140.1))
        ->toBe(['crease', 240.0])
        ->and($nearest(240.0))
        ->toBe(['crease', 240.0])
        ->and($nearest(240.1))
        ->toBe(['Three', 340.0])
        ->and($nearest(340.1))
        ->toBe([null, null]);
});

it('looks from every repair, and from none that is a whole panel', function (): void {
    $part = new Repair('r2', 'two', new WholePanel(), Under::NewPrimedPart, 3);
    foreach ([[inTheMiddle(200.0), inTheMiddle(420.0, 'r2')], [inTheMiddle(420.0, 'r2'), inTheMiddle(200.0)]] as $both) {
        // From the second the crease is 20 mm away, the right gap 120.
        expect(Breaks::nearest($both, creased(), 0.0)?->mm)
            ->toBe(20.0)
            ->and(Breaks::nearest($both, creased(), 30.0)?->repairId)
            ->toBe('r2')
            ->and(Breaks::nearest($both, creased(), 130.0)?->repairId)
            ->toBe('r1');
    }
    expect(Breaks::nearest([$part], creased(), 0.0))
        ->toBeNull()
        ->and(Breaks::nearest([$part, inTheMiddle(200.0)], creased(), 0.0)?->mm)
        ->toBe(140.0);
});

it('takes the trade\'s usual length by finish, size of the repair, gun and way of spraying', function (): void {
    $usual = fn (float $radius, float $share, GunChoice $gun = GunChoice::Standard): float => Rows::request(
        Rows::of(['one' => [], 'two' => []]),
        [inTheMiddle(300.0, radius: $radius)],
        gun: $gun,
        usual: $share,
    )->usualMm();
    $filler = $usual(90.0, 1.0);
    expect($filler)
        ->toBe(Trade::usualMm(FinishClass::MetallicLight))
        ->and($usual(90.0, 0.6))
        ->toEqualWithDelta(0.6 * $filler, 1e-9)
        // Common practice: half for a chip, half again with the small gun.
        ->and($usual(10.0, 1.0))
        ->toEqualWithDelta(0.5 * $filler, 1e-9)
        ->and($usual(10.0, 0.6, GunChoice::Small))
        ->toEqualWithDelta(0.15 * $filler, 1e-9);
});
