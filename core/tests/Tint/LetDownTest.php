<?php

declare(strict_types=1);

use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Illuminant;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Observer;
use Kalopsis\Colour\Random;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\Internal\AbsorptionPath;
use Kalopsis\Tint\LayeredModel;
use Kalopsis\Tint\LayerPaint;
use Kalopsis\Tint\LetDown;
use Kalopsis\Tint\LetDownCard;
use Kalopsis\Tint\LetDownFit;
use Kalopsis\Tint\LetDownVerdict;
use Kalopsis\Tint\TintAdvisor;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;

const COPPER_GROUND = ['alu-coarse' => 40.0, 'alu-medium' => 15.0, 'orange' => 3.0, 'oxide-red' => 0.5];
const COPPER_TINT = ['orange' => 6.0, 'maroon' => 3.0, 'scarlet' => 2.0];

function copper(float $coats, array $ground = COPPER_GROUND, array $tint = COPPER_TINT): Measurement
{
    $library = TonerLibrary::northlight();

    return (new LayeredModel($library, new EffectModel($library)))->measurement($ground, $tint, $coats);
}

/** @return list<LetDownCard> */
function copperSet(bool $labOnly = false): array
{
    return array_map(
        fn (float $c): LetDownCard => new LetDownCard(
            "c{$c}",
            $c,
            $labOnly ? Measurement::ofLabs(copper($c)->labs) : copper($c),
        ),
        [1.0, 1.5, 2.0, 2.5, 3.0],
    );
}

it('goes darker, deeper and redder with every coat of tinted clear (common practice)', function (): void {
    foreach ([[0.5, 1.0], [1.0, 2.0], [2.0, 3.0]] as [$fewer, $more]) {
        foreach ([15, 25, 45] as $angle) {
            expect(copper($more)->at($angle)->l)
                ->toBeLessThan(copper($fewer)->at($angle)->l)
                ->and(copper($more)->at($angle)->chroma())
                ->toBeGreaterThan(copper($fewer)->at($angle)->chroma())
                ->and(copper($more)->at($angle)->a)
                ->toBeGreaterThan(copper($fewer)->at($angle)->a);
        }
    }
    $blue = fn (float $c): Lab => copper($c, ['alu-coarse' => 55.0], ['blue-red' => 8.0])->at(25);
    expect($blue(2.0)->b)->toBeLessThan($blue(1.0)->b);
});

it('knows the colour at any number of coats, as it would be sprayed', function (float $coats): void {
    $there = LetDownFit::at(copper(2.0), copperSet(), $coats);
    foreach (copper($coats)->labs as $angle => $lab) {
        expect(Ciede2000::between($lab, $there?->at($angle) ?? Lab::of(0, 0, 0, $lab->viewing)))->toBeLessThan(0.15);
    }
    expect(LetDownFit::at(copper(2.0), array_slice(copperSet(), 0, 2), $coats))->toBeNull();
})->with([1.2, 1.75, 2.3, 2.9]);

it('finds the number of coats between the cards, from spectra and from Lab', function (float $coats, bool $labOnly): void {
    $car = $labOnly ? Measurement::ofLabs(copper($coats)->labs) : copper($coats);
    $found = LetDownFit::of($car, copperSet($labOnly));
    assert($found instanceof LetDown);
    expect($found->coats)
        ->toEqualWithDelta($coats, 0.03)
        ->and($found->overall)
        ->toBeLessThan(0.1)
        ->and($found->fit)
        ->toBeLessThan(0.1)
        ->and($found->verdict)
        ->toBe(LetDownVerdict::Hit);
})->with([[1.2, false], [1.75, false], [2.2, false], [2.9, false], [1.2, true], [2.2, true], [0.4, false]]);

it('names the angle that is furthest off there, and by how much', function (): void {
    // The set itself, but for half a unit of lightness at 75 degrees.
    $labs = copper(2.0)->labs;
    $labs[75] = $labs[75]->shifted(0.5, 0.0, 0.0);
    $found = LetDownFit::of(Measurement::ofLabs($labs), copperSet());
    assert($found instanceof LetDown);
    expect($found->worstAngle)
        ->toBe(75)
        ->and($found->worst)
        ->toEqualWithDelta(Ciede2000::between($labs[75], $found->colour[75]), 1e-9)
        ->and($found->worst)
        ->toBeLessThan(0.6);
});

it('lets light through a layer at each wavelength by itself (Bouguer): twice the coats are the square of it', function (): void {
    $takes = array_map(fn (int $i): float => 0.01 + 0.002 * $i, range(0, 30));
    $clear = new Toner('clear', 'Clear', TonerKind::Shade, $takes, array_fill(0, 31, 0.0));
    $library = TonerLibrary::of([$clear, ...array_values(TonerLibrary::northlight()->toners)]);
    $model = new LayeredModel($library, new EffectModel($library));
    [$ground, $layer] = [['alu-coarse' => 40.0], ['clear' => 5.0]];
    $at = fn (float $coats): array => $model->spectra($ground, $layer, $coats)[45];
    [$bare, $one, $two, $all] = [$at(0.0), $at(1.0), $at(2.0), $at(1e6)];
    foreach ($bare as $i => $v) {
        $through = ($one[$i] - $all[$i]) / ($v - $all[$i]);
        expect(($two[$i] - $all[$i]) / ($v - $all[$i]))
            ->toEqualWithDelta($through ** 2, 1e-9)
            // The more a wavelength is taken, the less comes back.
            ->and($i === 0 || $through < $before)
            ->toBeTrue();
        $before = $through;
    }
    expect($one)->toHaveCount(31);
});

it('ends at what the layer is by itself: a film so thick that it hides', function (): void {
    // K = S: Kubelka and Munk's endless film is 2 - root 3; out of the paint by Saunderson, 4 % outside, 60 % inside.
    $toner = new Toner('thick', 'Thick', TonerKind::Shade, array_fill(0, 31, 0.2), array_fill(0, 31, 0.2));
    $library = TonerLibrary::of([$toner, ...array_values(TonerLibrary::northlight()->toners)]);
    $end = (new LayeredModel($library, new EffectModel($library)))->spectra(['alu-coarse' => 40.0], ['thick' => 2.0], 1e6);
    $inside = 2.0 - sqrt(3.0);
    expect($end[110][0])
        ->toEqualWithDelta(0.96 * 0.4 * $inside / (1.0 - 0.6 * $inside), 1e-6)
        ->and($end[15][30])
        ->toEqualWithDelta($end[110][0], 1e-9);
});

it('aims the hiding sticker lower for more coats', function (): void {
    $few = LetDownFit::of(copper(1.2), copperSet());
    $many = LetDownFit::of(copper(2.8), copperSet());
    assert($few instanceof LetDown && $many instanceof LetDown);
    expect($many->stickerShare)
        ->toBeLessThan($few->stickerShare)
        ->and($few->stickerShare)
        ->toBeLessThan(1.0)
        ->and($many->stickerShare)
        ->toBeGreaterThan(0.0)
        // One wavelength's contrast falls as a power of the coats (Bouguer); what is absorbed most is gone first, so the
        // mean falls slower.
        ->and(log($many->stickerShare) / log($few->stickerShare))
        ->toBeGreaterThan(1.5)
        ->toBeLessThan($many->coats / $few->coats);
});

it('says whether ground or tint is wrong when no number of coats comes near', function (
    array $ground,
    array $tint,
    LetDownVerdict $verdict,
): void {
    $found = LetDownFit::of(copper(2.2, $ground, $tint), copperSet());
    assert($found instanceof LetDown);
    expect($found->overall)->toBeGreaterThan(2.5)->and($found->verdict)->toBe($verdict);
})->with([
    'a darker, finer ground' => [
        [...COPPER_GROUND, 'black' => 3.0, 'alu-fine' => 15.0],
        COPPER_TINT,
        LetDownVerdict::WrongGround,
    ],
    'another tint' => [COPPER_GROUND, ['magenta' => 6.0, 'maroon' => 3.0], LetDownVerdict::WrongTint],
]);

it('asks for more coats when the car lies past the deepest card', function (): void {
    $found = LetDownFit::of(copper(6.5), copperSet());
    assert($found instanceof LetDown);
    expect($found->verdict)->toBe(LetDownVerdict::MoreCoats)->and($found->coats)->toBeGreaterThan(3.5);
});

it('answers for any set of cards, mixed up as they may be, without inventing light past them', function (): void {
    $chance = new Random(7);
    $car = copper(2.0);
    for ($i = 0; $i < 25; $i++) {
        $cards = [];
        foreach ([2.0, 2.5, 3.0] as $n => $said) {
            $cards[] = new LetDownCard("c{$n}", $said, copper(0.2 + 5.0 * $chance->uniform()));
        }
        $found = LetDownFit::of($car, $cards);
        assert($found instanceof LetDown);
        $brightest = max(array_map(fn (LetDownCard $c): float => $c->measurement->at(15)->xyz()->y, $cards));
        expect($found->coats)
            ->toBeGreaterThanOrEqual(0.0)
            ->and($found->colour[15]->xyz()->y)
            ->toBeLessThanOrEqual(2.0 * $brightest + 1e-6);
    }
});

it('finds how much a coat takes, from a coat that hardly changes anything to one that nearly hides', function (float $takes): void {
    $coats = [0.1, 0.4, 1.0, 3.0];
    $path = AbsorptionPath::fit($coats, array_map(fn (float $n): float => 5.0 + 40.0 * exp(-2.0 * $takes * $n), $coats));
    // Exact readings: only the search's own fineness is left.
    expect($path->absorbs)
        ->toEqualWithDelta($takes, 1e-3 * $takes)
        ->and($path->end)
        ->toEqualWithDelta(5.0, 0.05)
        ->and($path->at(0.7))
        ->toEqualWithDelta(5.0 + 40.0 * exp(-1.4 * $takes), 1e-3);
})->with([0.0052, 0.05, 0.4, 1.5, 2.95]);

it('keeps light that would come out less than none at none, and fits the rest to that', function (): void {
    // A straight line down to 1 at three coats would go below nothing at the fourth.
    $path = AbsorptionPath::fit([1.0, 2.0, 3.0], [21.0, 11.0, 1.0]);
    expect($path->end)->toBe(0.0)->and($path->at(9.0))->toBeGreaterThanOrEqual(0.0);
    // Through the origin: swing = sum e v / sum e e, at the rate it found.
    $e = fn (float $n): float => exp(-2.0 * $path->absorbs * $n);
    $swing = ($e(1.0) * 21.0 + $e(2.0) * 11.0 + $e(3.0) * 1.0) / ($e(1.0) ** 2 + $e(2.0) ** 2 + $e(3.0) ** 2);
    expect($path->swing)->toEqualWithDelta($swing, 1e-9);
});

it('needs three different coat counts', function (): void {
    expect(LetDownFit::of(copper(2), array_slice(copperSet(), 0, 2)))
        ->toBeNull()
        ->and(LetDownFit::of(copper(2), [copperSet()[0], copperSet()[0], copperSet()[0]]))
        ->toBeNull();
});

it('refuses cards of another light', function (): void {
    $viewing = Viewing::of(Illuminant::A, Observer::Ten);
    $other = copper(1.0)->under($viewing);
    assert($other !== null);
    LetDownFit::of(copper(2), [new LetDownCard('x', 0.5, $other), ...copperSet()]);
})->throws(CannotCompare::class);

it('keeps its path for the picture, thinnest to thickest', function (): void {
    $path = LetDownFit::of(copper(2.2), copperSet())?->path ?? [];
    $nearest = array_reduce(
        $path,
        fn (?array $best, array $p): array => $best === null || $p['overall'] < $best['overall'] ? $p : $best,
    );
    expect(array_column($path, 'coats'))
        ->toHaveCount(21)
        ->and($nearest['coats'] ?? null)
        ->toEqualWithDelta(2.2, 0.11);
});

it('says which toner of an effect coat or of its ground is off, the other kept (blind: told only the readings)', function (): void {
    $library = TonerLibrary::northlight();
    $below = new EffectModel($library);
    $layer = LayerPaint::effect($library, $below, COPPER_GROUND, 2.0);
    $more = [...COPPER_TINT, 'scarlet' => 2.8];
    $advice = (new TintAdvisor($library, $layer))->advise(
        Formula::of(COPPER_TINT),
        copper(2.0, tint: $more),
        copper(2.0),
        ['orange', 'maroon', 'scarlet', 'violet', 'black'],
    );
    expect(array_keys($advice->corrections[0]->additions))
        ->toBe(['scarlet'])
        ->and($advice->corrections[0]->additions['scarlet'])
        ->toEqualWithDelta(0.8, 0.1);
    $ground = LayerPaint::ground($library, $below, COPPER_TINT, 2.0);
    $coarser = [...COPPER_GROUND, 'black' => 2.5];
    $advice = (new TintAdvisor($library, $ground))->advise(
        Formula::of(COPPER_GROUND),
        copper(2.0, $coarser),
        copper(2.0),
        ['alu-coarse', 'alu-medium', 'black', 'orange', 'oxide-red'],
    );
    expect(array_keys($advice->corrections[0]->additions))
        ->toBe(['black'])
        ->and($advice->corrections[0]->additions['black'])
        ->toEqualWithDelta(2.5, 0.3);
});
