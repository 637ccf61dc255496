<?php

declare(strict_types=1);

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\Remeasured;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\PanelSizes;
use Kalopsis\Panel\Point;
use Kalopsis\Tests\Support\Bodies;

/** @param array<string, array<string, float|int>> $mm */
function measuredOn(BodyShape $drawn, array $mm): PanelSizes
{
    $problems = new Problems();
    $read = PanelSizes::read(Fields::of($mm, $problems), $drawn);
    $problems->stop();

    return $read;
}

/** @return array{float, float} along the car and across it, mm */
function spanOf(BodyShape $body, string $panel): array
{
    $box = $body->panel($panel)->outline->box();

    return [$box->x1 - $box->x0, $box->y1 - $box->y0];
}

it('meets what was measured on any panel of any car, alike on both sides', function (string $car): void {
    mt_srand(1207);
    $drawn = BodyShapeSvg::read(Bodies::svg($car));
    foreach (array_keys($drawn->panels) as $panel) {
        [$along, $across] = spanOf($drawn, $panel);
        $typed = ['alongMm' => $along * (0.85 + 0.3 * mt_rand() / mt_getrandmax()), 'acrossMm' => $across * 1.06];
        $body = measuredOn($drawn, [$panel => $typed])->on($drawn);
        // As near as a tape is read, common practice.
        expect(spanOf($body, $panel)[0])->toEqualWithDelta($typed['alongMm'], 2.0, "{$car} {$panel}")
            ->and(spanOf($body, $panel)[1])->toEqualWithDelta($typed['acrossMm'], 2.0, "{$car} {$panel}");
        foreach (array_keys($body->panels) as $left) {
            $right = str_replace('-left', '-right', $left);
            if ($right !== $left && $body->has($right)) {
                expect(spanOf($body, $left))->toEqualWithDelta(spanOf($body, $right), 1e-6);
            }
        }
    }
})->with(['quill-3', 'marlo-tern', 'hallam-ox', 'vesper-forty']);

it('leaves alone what lies elsewhere on the sheet', function (): void {
    $drawn = BodyShapeSvg::read(Bodies::svg('quill-3'));
    $body = measuredOn($drawn, ['bonnet' => ['alongMm' => 1080.0]])->on($drawn);
    // The door's front edge lies beside the bonnet's last 30 mm, which are 7 % longer: 2.1 mm.
    foreach (['front-door-left' => 2.5, 'roof' => 0.1, 'tailgate' => 0.1, 'rear-bumper' => 0.1] as $far => $mm) {
        expect(spanOf($body, $far))->toEqualWithDelta(spanOf($drawn, $far), $mm, $far);
    }
    // The wing reaches along the bonnet, so it is longer too: both meet the door as before.
    expect(spanOf($body, 'front-wing-left')[0])->toBeGreaterThan(spanOf($drawn, 'front-wing-left')[0] + 50.0);
});

it('is the drawing itself where nobody measured, and where the tape agrees with it', function (): void {
    $drawn = BodyShapeSvg::read(Bodies::svg('marlo-tern'));
    expect(measuredOn($drawn, [])->on($drawn))->toBe($drawn);
    [$along, $across] = spanOf($drawn, 'bonnet');
    $same = measuredOn($drawn, ['bonnet' => ['alongMm' => $along, 'acrossMm' => $across]])->on($drawn);
    foreach ($same->panels as $id => $panel) {
        expect($panel->areaM2())->toEqualWithDelta($drawn->panel($id)->areaM2(), 1e-5, $id);
    }
});

it('stretches a drawing without a middle line by itself', function (): void {
    $svg = <<<'SVG'
        <svg xmlns="http://www.w3.org/2000/svg" data-kalopsis="body-shape 1" data-key="flap" data-name="Flap" data-style="part">
        <g id="flap" data-panel="door" data-name="Flap" data-material="steel" data-orientation="upright">
        <path data-role="outline" d="M0 -200 L600 -200 L600 700 L0 700 Z"/></g></svg>
        SVG;
    $drawn = BodyShapeSvg::read($svg);
    $body = measuredOn($drawn, ['flap' => ['acrossMm' => 990.0]])->on($drawn);
    expect(spanOf($body, 'flap')[1])->toEqualWithDelta(990.0, 2.0)->and(spanOf($body, 'flap')[0])->toEqualWithDelta(600.0, 0.5);
});

it('finds a place again, and takes it along in proportion', function (): void {
    $drawn = BodyShapeSvg::read(Bodies::svg('quill-3'));
    $none = measuredOn($drawn, []);
    $longer = measuredOn($drawn, ['front-door-left' => ['alongMm' => 1380.0]]);
    $at = new Point(1557.4, 1800.0);
    $there = $longer->place($drawn, $none, $at);
    $back = $none->place($drawn, $longer, $there);
    expect([$back->x, $back->y])->toEqualWithDelta([$at->x, $at->y], 1e-6);
    // The middle of the door is its middle still.
    $was = $drawn->panel('front-door-left')->outline->box();
    $is = $longer->on($drawn)->panel('front-door-left')->outline->box();
    expect(($there->x - $is->x0) / ($is->x1 - $is->x0))->toEqualWithDelta(($at->x - $was->x0) / ($was->x1 - $was->x0), 0.01)
        ->and($there->y)->toEqualWithDelta(1800.0, 0.5);
});

it('names the lengths that quarrel, and the one that no such car has', function (array $mm, array $fields): void {
    $drawn = BodyShapeSvg::read(Bodies::svg('quill-3'));

    try {
        measuredOn($drawn, $mm)->on($drawn);
    } catch (InvalidInput $bad) {
        expect(array_column($bad->problems, 'field'))->toBe($fields);

        return;
    }
    $this->fail('Nothing was refused.');
})->with([
    'two sides that differ' => [
        ['front-door-left' => ['alongMm' => 1340], 'front-door-right' => ['alongMm' => 1200]],
        ['front-door-left.alongMm', 'front-door-right.alongMm'],
    ],
    'four times as long' => [['bonnet' => ['alongMm' => 4100]], ['bonnet.alongMm']],
    'no such panel' => [['spoiler' => ['alongMm' => 400]], ['spoiler']],
    'a slip of the finger' => [['bonnet' => ['alongMm' => 10]], ['bonnet.alongMm']],
]);

it('plans on the measured car: the repair keeps its size and lies where it lay', function (): void {
    $shelf = new Bodies();
    $job = Bodies::job('front-door-left', 30.0);
    $longer = (new Remeasured($shelf))->of($job, ['front-door-left' => ['alongMm' => 1380]]);
    $before = $job['repairs'][0]['shape'];
    $after = $longer['repairs'][0]['shape'];
    expect($after['radiusMm'])->toBe($before['radiusMm'])->and($after['xMm'])->not->toEqual($before['xMm']);
    $was = Bodies::planned($job);
    $is = Bodies::planned($longer);
    $long = fn (mixed $plan): float => spanOf($plan->job->body, 'front-door-left')[0];
    expect($long($is))->toEqualWithDelta(1380.0, 2.0)->and($long($was))->toBeLessThan(1300.0);
    // Clear goes over whole panels: a larger door takes more of it.
    expect($is->millilitres())->toBeGreaterThan($was->millilitres());
    $back = (new Remeasured($shelf))->of($longer, []);
    expect($back['car'])->not->toHaveKey('sizes')
        ->and($back['repairs'][0]['shape']['xMm'])->toEqualWithDelta($before['xMm'], 0.2);
});
