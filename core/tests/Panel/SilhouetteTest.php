<?php

declare(strict_types=1);

use Kalopsis\Input\InvalidInput;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Motion;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Seam;
use Kalopsis\Panel\Silhouette;
use Kalopsis\Panel\SilhouetteReader;
use Kalopsis\Panel\Tape;
use Kalopsis\Panel\TapeFit;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Units\UnitSystem;

/** @return array<string, Silhouette> */
function silhouettes(): array
{
    static $known = null;

    return $known ??= SilhouetteReader::read(
        json_decode((string) file_get_contents(__DIR__ . '/../../../data/silhouettes.json'), true),
        fn (string $key): BodyShape => BodyShapeSvg::read(Bodies::svg($key)),
    );
}

/** As a tape would read it on the fitted drawing, mm. */
function taped(BodyShape $body, Tape $tape): float
{
    $box = $body->panel($tape->panel)->outline->box();

    return $tape->across ? $box->y1 - $box->y0 : $box->x1 - $box->x0;
}

/** Lengths as they vary from car to car. @return array<string, float> */
function someLengths(Silhouette $silhouette, float $spread, float $chance): array
{
    $typed = [];
    foreach ($silhouette->tapes as $tape) {
        if (mt_rand() / mt_getrandmax() < $chance) {
            $typed[$tape->key] = $tape->drawnMm() * (1.0 + $spread * (2.0 * mt_rand() / mt_getrandmax() - 1.0));
        }
    }

    return $typed;
}

it('has every kind of car and part, of ordinary size as it stands', function (): void {
    expect(array_keys(silhouettes()))->toContain('hatchback', 'saloon', 'estate', 'coupe', 'tall-wagon', 'van', 'pick-up', 'part-door');
    foreach (silhouettes() as $silhouette) {
        expect(TapeFit::remarks($silhouette->body))->toBe([], $silhouette->key);
    }
    expect(silhouettes()['saloon']->body->panel('tailgate')->name)
        ->toBe('Boot lid')
        ->and(silhouettes()['coupe']->body->has('rear-door-left'))
        ->toBeFalse()
        ->and(array_keys(silhouettes()['part-door']->body->panels))
        ->toBe(['front-door-left']);
});

it('meets typed lengths within 2 mm, or says which do not go together', function (): void {
    mt_srand(7);
    $met = $refused = 0;
    foreach (silhouettes() as $silhouette) {
        for ($i = 0; $i < 6; $i++) {
            $typed = someLengths($silhouette, 0.12, 0.6);

            try {
                $body = TapeFit::of($silhouette, $typed, 'own', 'Own');
            } catch (InvalidInput $quarrel) {
                $refused++;
                foreach ($quarrel->problems as $problem) {
                    expect(array_key_exists(substr($problem->field, strlen('lengths.')), $typed))->toBeTrue();
                }

                continue;
            }
            $met++;
            foreach ($typed as $key => $mm) {
                $tape = $silhouette->tape($key);
                assert($tape !== null);
                expect(abs(taped($body, $tape) - $mm))->toBeLessThanOrEqual(2.0, "{$silhouette->key} {$key}");
            }
        }
    }
    // Wing and bonnet lie beside each other: drawn at random they quarrel now and then, nothing else does.
    expect($met)->toBeGreaterThan(60)->and($refused)->toBeLessThan(24);
});

it('keeps both sides alike, panels apart, and seams at their gap', function (): void {
    mt_srand(11);
    foreach (['hatchback', 'coupe', 'van', 'pick-up'] as $key) {
        $typed = array_diff_key(someLengths(silhouettes()[$key], 0.06, 0.9), ['bonnet-length' => 0]);
        $body = TapeFit::of(silhouettes()[$key], $typed, 'own', 'Own');
        foreach ($body->panels as $id => $panel) {
            $other = $body->panels[str_replace('-left', '-right', $id)] ?? $panel;
            // Curves are made straight from the other end: a square centimetre.
            expect($other->areaM2())->toEqualWithDelta($panel->areaM2(), 1e-4);
        }
        // A point of one panel lies in no other.
        foreach ($body->panels as $id => $panel) {
            $inside = $panel->outline->centroid();
            $in = array_filter($body->panels, fn (Panel $p): bool => $p->outline->contains($inside->x, $inside->y));
            expect(count($in))->toBeLessThanOrEqual(1, "{$key} {$id}");
        }
        foreach ($body->seams as $seam) {
            $was = array_values(array_filter(
                silhouettes()[$key]->body->seams,
                fn (Seam $s): bool => $s->panelA === $seam->panelA && $s->panelB === $seam->panelB,
            ))[0];
            // What lay side by side still does, a gap apart: a tenth more or less, like the panels beside it.
            $sideBySide = fn (Seam $s): bool => $s->bOntoA == Motion::none();
            expect($sideBySide($seam))->toBe($sideBySide($was), "{$key} {$seam->panelA} {$seam->panelB}");
            $middle = fn (Seam $s): float => $s->lineA->evenly(9)[4]->distanceTo($s->lineB->evenly(9)[4]);
            if ($sideBySide($seam)) {
                expect($middle($seam))->toBeGreaterThan(0.8 * $middle($was))->toBeLessThan(1.2 * $middle($was));
            }
        }
    }
});

it('scales areas as the square where every length is scaled alike, and what nobody measured follows', function (): void {
    foreach (['estate', 'part-roof'] as $key) {
        $silhouette = silhouettes()[$key];
        $all = [];
        foreach ($silhouette->tapes as $tape) {
            $all[$tape->key] = 1.1 * $tape->drawnMm();
        }
        $whole = TapeFit::of($silhouette, $all, 'own', 'Own');
        $two = TapeFit::of($silhouette, array_slice($all, 0, 1), 'own', 'Own');
        foreach ($silhouette->body->panels as $id => $panel) {
            expect($whole->panel($id)->areaM2() / $panel->areaM2())
                ->toEqualWithDelta(1.21, 0.005)
                ->and($two->panel($id)->areaM2() / $panel->areaM2())
                ->toEqualWithDelta(1.21, 0.01);
        }
    }
});

it('changes nothing where nothing is typed, and goes out and in as a drawing', function (): void {
    $van = silhouettes()['van'];
    $same = TapeFit::of($van, [], 'own', 'Own');
    $again = BodyShapeSvg::read(BodyShapeSvg::write(TapeFit::of($van, ['side-door-width' => 1300.0], 'own', 'Own')));
    foreach ($van->body->panels as $id => $panel) {
        expect($same->panel($id)->areaM2())->toEqualWithDelta($panel->areaM2(), 1e-6);
    }
    $box = $again->panel('side-door-left')->outline->box();
    expect($box->x1 - $box->x0)
        ->toEqualWithDelta(1300.0, 0.3)
        ->and($again->trim)
        ->toHaveCount(count($van->body->trim))
        ->and($again->seams)
        ->toHaveCount(count($van->body->seams));
});

it('names the two lengths that contradict each other, and one that is out of all proportion', function (): void {
    $estate = silhouettes()['estate'];
    $problems = function (array $typed) use ($estate): array {
        try {
            TapeFit::of($estate, $typed, 'own', 'Own');
        } catch (InvalidInput $quarrel) {
            $told = array_map(fn ($p): array => [$p->field, $p->detail->in(UnitSystem::Metric)], $quarrel->problems);

            return array_column($told, 1, 0);
        }

        return [];
    };
    $two = $problems(['wing-length' => 500.0, 'bonnet-length' => 1600.0, 'door-height' => 750.0]);
    expect(array_keys($two))
        ->toBe(['lengths.wing-length', 'lengths.bonnet-length'])
        ->and($two['lengths.wing-length'])
        ->toContain('Bonnet, length');
    $one = $problems(['front-door-width' => 4000.0, 'rear-door-width' => 1100.0, 'quarter-length' => 1300.0, 'wing-length' => 950.0]);
    expect(array_keys($one))->toBe(['lengths.front-door-width'])->and($one['lengths.front-door-width'])->toContain('1162 mm');
    // A roof of three metres across is worth another look.
    $wide = TapeFit::remarks(TapeFit::of(silhouettes()['part-roof'], ['length' => 1868.0, 'width' => 1900.0], 'own', 'Own'));
    expect($wide[0]->in(UnitSystem::Metric))->toContain('ordinary cars have 1.5');
});

it('doubts a part that is half or twice as large as ordinary ones (common practice)', function (string $key): void {
    $part = silhouettes()[$key];
    foreach ([0.7, 1.5] as $times) {
        $typed = [];
        foreach ($part->tapes as $tape) {
            $typed[$tape->key] = $times * $tape->drawnMm();
        }
        expect(TapeFit::remarks(TapeFit::of($part, $typed, 'own', 'Own')))->toHaveCount(1);
    }
})->with(['part-bonnet', 'part-wing', 'part-door', 'part-quarter', 'part-bumper', 'part-roof']);
