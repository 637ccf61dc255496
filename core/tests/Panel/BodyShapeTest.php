<?php

declare(strict_types=1);

use Kalopsis\Panel\BlendRoom;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Freehand;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\PanelKind;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Room;
use Kalopsis\Panel\Under;
use Kalopsis\Tests\Support\Bodies;

it('ships bodies of realistic size', function (string $key): void {
    // Common practice: typical outer panel areas, m2.
    $range = [
        PanelKind::Wing->value => [0.4, 0.7],
        PanelKind::Door->value => [0.8, 1.2],
        PanelKind::Quarter->value => [0.8, 1.3],
        PanelKind::Bonnet->value => [1.2, 1.6],
        PanelKind::Roof->value => [1.5, 2.5],
        PanelKind::Bumper->value => [0.9, 1.4],
        PanelKind::Tailgate->value => [0.7, 1.2],
        PanelKind::Sill->value => [0.15, 0.4],
    ];
    $body = Bodies::shipped($key);
    expect(count($body->panels))->toBeGreaterThanOrEqual(13);
    foreach ($body->panels as $panel) {
        [$least, $most] = $range[$panel->kind->value];
        expect($panel->areaM2())->toBeGreaterThanOrEqual($least, $panel->id)->toBeLessThanOrEqual($most, $panel->id);
    }
    foreach ($body->seams as $seam) {
        expect($seam->gapMm)->toBeGreaterThanOrEqual(3.0)->toBeLessThanOrEqual(5.0);
        foreach ([$seam->panelA, $seam->panelB] as $id) {
            $edge = $body->panel($id)->outline->asLine();
            foreach ($seam->lineOn($id)->evenly(11) as $point) {
                expect($edge->nearestTo($point->x, $point->y)->distanceTo($point))->toBeLessThan(1.5, "{$id} at the seam");
            }
        }
    }
    foreach ($body->panels as $id => $panel) {
        if (str_ends_with($id, '-left')) {
            $right = $body->panel(str_replace('-left', '-right', $id));
            expect($right->areaM2())->toEqualWithDelta($panel->areaM2(), 1e-4);
        }
    }
})->with(Bodies::KEYS);

it('writes what it reads', function (string $key): void {
    $body = Bodies::shipped($key);
    $again = BodyShapeSvg::read(BodyShapeSvg::write($body));
    expect(array_keys($again->panels))
        ->toBe(array_keys($body->panels))
        ->and($again->seams)
        ->toHaveCount(count($body->seams));
    foreach ($body->panels as $id => $panel) {
        expect($again->panel($id)->areaM2())
            ->toEqualWithDelta($panel->areaM2(), 2e-4)
            ->and($again->panel($id)->bodyLines)
            ->toHaveCount(count($panel->bodyLines))
            ->and($again->panel($id)->name)
            ->toBe($panel->name);
    }
    expect(BodyShapeSvg::write($again))->toBe(BodyShapeSvg::write($body));
})->with(Bodies::KEYS);

it('refuses drawings it cannot trust, naming the place', function (callable $spoil, string $message): void {
    expect(fn () => BodyShapeSvg::read($spoil(Bodies::svg('quill-3'))))->toThrow(BadBodyShape::class, $message);
})->with([
    'not XML' => [fn (string $s): string => substr($s, 0, 900), 'not an SVG'],
    'nothing' => [fn (string $s): string => '', 'not an SVG'],
    'an entity bomb' => [
        fn (string $s): string => '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]>' . $s,
        'entities',
    ],
    'too large' => [fn (string $s): string => $s . str_repeat(' ', 1_000_001), '1 MB'],
    'another kind of drawing' => [fn (string $s): string => '<svg xmlns="http://www.w3.org/2000/svg"/>', 'data-kalopsis'],
    'inches instead of mm' => [
        fn (string $s): string => preg_replace_callback(
            '~ d="([^"]+)"~',
            fn (array $m): string => ' d="' .
                preg_replace_callback('~-?\d+\.?\d*~', fn (array $n): string => (string) ((float) $n[0] / 25.4), $m[1]) .
                '"',
            $s,
        ) ?? '',
        'no size for a panel',
    ],
    'an arc' => [fn (string $s): string => preg_replace('~ C~', ' A', $s, 1) ?? '', 'path command "A"'],
    'a seam to nowhere' => [
        fn (string $s): string => preg_replace('~data-seam="\S+ ~', 'data-seam="nowhere ', $s, 1) ?? '',
        'two different panels',
    ],
    'a negative gap' => [fn (string $s): string => str_replace('data-gap="4"', 'data-gap="-4"', $s), 'data-gap'],
    'an unknown panel kind' => [
        fn (string $s): string => str_replace('data-panel="roof"', 'data-panel="sunroof"', $s),
        'unknown kind',
    ],
    'a panel twice' => [fn (string $s): string => str_replace('id="roof"', 'id="bonnet"', $s), 'two panels'],
]);

it('measures blend room from a spot to every edge', function (): void {
    $body = Bodies::shipped('marlo-tern');
    $panel = $body->panel('front-door-left');
    $centre = $panel->outline->centroid();
    $rooms = BlendRoom::of(Bodies::spot($centre->x, $centre->y, 60, $panel->id), $body);
    expect(array_map(fn (Room $r): ?string => $r->neighbour, $rooms))->toContain(
        'front-wing-left',
        'rear-door-left',
        'sill-left',
        null,
    );
    foreach ($rooms as $room) {
        expect($room->from->distanceTo($room->to))->toEqualWithDelta($room->mm, 0.01);
    }
    $across =
        $rooms[count($rooms) - 1]->mm +
        120 +
        array_values(array_filter($rooms, fn (Room $r): bool => $r->neighbour === 'rear-door-left'))[0]->mm;
    expect($across)->toBeGreaterThan(1050)->toBeLessThan(1250);
});

it('has no room left where an outline runs over the edge, and the same room as a spot otherwise', function (): void {
    $body = Bodies::shipped('marlo-tern');
    $panel = $body->panel('bonnet');
    $c = $panel->outline->centroid();
    $ring = [];
    for ($i = 0; $i < 90; $i++) {
        $ring[] = [$c->x + 80 * cos(($i * M_PI) / 45), $c->y + 80 * sin(($i * M_PI) / 45)];
    }
    $drawn = BlendRoom::of(new Repair('r1', 'bonnet', Freehand::through($ring), Under::Primer, 3), $body);
    $spot = BlendRoom::of(Bodies::spot($c->x, $c->y, 80, 'bonnet'), $body);
    foreach ($spot as $i => $room) {
        expect($drawn[$i]->mm)->toEqualWithDelta($room->mm, 2.5);
    }
    $box = $panel->outline->box();
    $over = new Repair(
        'r1',
        'bonnet',
        Freehand::through([
            [$box->x0 - 50, $c->y - 60],
            [$c->x, $c->y - 60],
            [$c->x, $c->y + 60],
            [$box->x0 - 50, $c->y + 60],
        ]),
        Under::Primer,
        3,
    );
    expect(BlendRoom::of($over, $body)[0]->mm)->toBe(0.0);
});

it('sees a repair across a gap where the panels lie side by side, and across a fold', function (): void {
    $body = Bodies::shipped('marlo-tern');
    foreach ($body->seamsOf('front-wing-left') as $seam) {
        $wing = $body->panel('front-wing-left');
        $next = $body->panel($seam->other('front-wing-left'));
        $on = $seam->lineOn('front-wing-left')->evenly(9)[4];
        $foot = Footprint::seenAcross(
            Bodies::spot($on->x, $on->y, 30, 'front-wing-left'),
            $wing,
            $seam->otherOnto($next->id),
        );
        // A spot on the seam ends up on the neighbour's edge, a gap away: half of the ground within reach is the neighbour's.
        $there = $seam->lineOn($next->id)->evenly(9)[4];
        expect($foot->distanceFrom($there->x, $there->y))
            ->toBeLessThan(45.0, $next->id)
            ->and(
                $next->outline->contains($foot->outline->centroid()->x, $foot->outline->centroid()->y) &&
                    abs($foot->distanceFrom($there->x, $there->y)) > 40,
            )
            ->toBeFalse();
    }
});

it('simplifies a shaky hand without moving it', function (): void {
    $points = [];
    for ($i = 0; $i < 600; $i++) {
        $a = ($i * M_PI) / 300;
        $points[] = [500 + 150 * cos($a), 500 + 150 * sin($a)];
    }
    $drawn = Freehand::through($points);
    expect(count($drawn->outline->xs))
        ->toBeLessThan(80)
        ->and(abs($drawn->outline->areaMm2() / Outline::through($points)->areaMm2() - 1))
        ->toBeLessThan(0.02);
});
