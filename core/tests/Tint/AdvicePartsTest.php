<?php

declare(strict_types=1);

use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\Exception\BadFormula;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\Internal\SmallLeastSquares;
use Kalopsis\Tint\Internal\Whitening;
use Kalopsis\Tint\KubelkaMunk;
use Kalopsis\Tint\LetDown;
use Kalopsis\Tint\LetDownCard;
use Kalopsis\Tint\LetDownFit;
use Kalopsis\Tint\LetDownVerdict;
use Kalopsis\Tint\ReadingNoise;
use Kalopsis\Tint\TintAdvice;
use Kalopsis\Tint\TonerLibrary;

/** Squared misfit of start + sum of x column, tried directly. */
function misfitOf(array $columns, array $start, array $x): float
{
    $sum = 0.0;
    foreach ($start as $row => $r) {
        foreach ($columns as $i => $column) {
            $r += $x[$i] * $column[$row];
        }
        $sum += $r * $r;
    }

    return $sum;
}

it('solves one, two and three unknowns as their normal equations, worked by hand', function (): void {
    // Columns along the axes: each takes its own residual away. 3, 4 and 12 together are 13.
    $axes = new SmallLeastSquares([[1, 0, 0], [0, 2, 0], [0, 0, 4]], [-3.0, -4.0, -12.0]);
    expect($axes->one(0))
        ->toEqualWithDelta(160.0, 1e-9)
        ->and($axes->one(2))
        ->toEqualWithDelta(25.0, 1e-9)
        ->and($axes->two(0, 1))
        ->toEqualWithDelta(144.0, 1e-9)
        ->and($axes->three(0, 1, 2))
        ->not->toBeNull()
        ->toEqualWithDelta(0.0, 1e-9);
    // Halves and tenths are amounts like any other.
    $small = new SmallLeastSquares([[1, 0, 0], [0, 1, 0], [0, 0, 1]], [-0.5, -0.1, -0.2]);
    expect($small->two(0, 1))
        ->toEqualWithDelta(0.04, 1e-12)
        ->and($small->three(0, 1, 2))
        ->not->toBeNull()
        ->toEqualWithDelta(0.0, 1e-12)
        ->and($small->three(2, 1, 0))
        ->not->toBeNull()
        ->and($small->three(1, 0, 2))
        ->not->toBeNull();
    // What would have to be taken away is no answer, be it ever so little.
    $little = new SmallLeastSquares([[1, 0, 0], [0, 1, 0], [0, 0, 1]], [0.5, -0.1, -0.2]);
    expect([$little->one(0), $little->two(0, 1), $little->two(1, 0), $little->three(0, 1, 2)])
        ->toBe([null, null, null, null])
        ->and([$little->three(1, 0, 2), $little->three(1, 2, 0)])
        ->toBe([null, null]);
    $away = new SmallLeastSquares([[1, 0, 0], [0, 2, 0], [0, 0, 4]], [3.0, -4.0, -12.0]);
    expect([$away->one(0), $away->two(0, 1), $away->three(0, 1, 2)])->toBe([null, null, null]);
    // Two columns alike are one; a column of nothing is none.
    $alike = new SmallLeastSquares([[1, 1], [2, 2], [0, 0]], [-1.0, -1.0]);
    expect([$alike->two(0, 1), $alike->one(2), $alike->three(0, 1, 2)])->toBe([null, null, null]);
});

it('leaves the least misfit that any amounts leave (tried on a grid)', function (): void {
    $columns = [[2.0, 1.0, 0.5, -0.3], [0.4, 1.5, -0.2, 0.9], [-0.6, 0.3, 1.8, 0.7]];
    $truth = [1.2, 0.7, 2.1];
    $start = array_map(
        fn (int $row): float => -($truth[0] * $columns[0][$row] + $truth[1] * $columns[1][$row] + $truth[2] * $columns[2][$row])
            + [0.05, -0.02, 0.03, 0.04][$row],
        range(0, 3),
    );
    $solve = new SmallLeastSquares($columns, $start);
    $grid = function (array $which, array $around) use ($columns, $start): float {
        $least = INF;
        $chosen = array_map(fn (int $i): array => $columns[$i], $which);
        $steps = range(-40, 40);
        foreach ($steps as $a) {
            foreach (count($which) > 1 ? $steps : [0] as $b) {
                $x = [$around[0] + $a * 0.01, ($around[1] ?? 0.0) + $b * 0.01];
                $least = min($least, misfitOf($chosen, $start, array_slice($x, 0, count($which))));
            }
        }

        return $least;
    };
    // The best amount of the first alone, by its normal equation; the grid finds nothing below.
    $own = -array_sum(array_map(fn (float $c, float $r): float => $c * $r, $columns[0], $start))
        / array_sum(array_map(fn (float $c): float => $c * $c, $columns[0]));
    expect($solve->one(0))
        ->toEqualWithDelta(misfitOf([$columns[0]], $start, [$own]), 1e-9)
        ->and($grid([0], [$own]))
        ->toBeGreaterThanOrEqual($solve->one(0) - 1e-9);
    $pair = SmallLeastSquares::bounded([$columns[0], $columns[2]], $start, [0.0, 0.0], [9.0, 9.0]);
    expect($solve->two(0, 2))
        ->toEqualWithDelta(misfitOf([$columns[0], $columns[2]], $start, $pair), 1e-6)
        ->and($grid([0, 2], $pair))
        ->toBeGreaterThanOrEqual($solve->two(0, 2) - 1e-9)
        ->and($solve->two(2, 0))
        ->toEqualWithDelta($solve->two(0, 2), 1e-9);
    $all = SmallLeastSquares::bounded($columns, $start, [0.0, 0.0, 0.0], [9.0, 9.0, 9.0]);
    expect($solve->three(0, 1, 2))
        ->toEqualWithDelta(misfitOf($columns, $start, $all), 1e-6)
        ->and($solve->three(2, 0, 1))
        ->toEqualWithDelta($solve->three(0, 1, 2), 1e-9)
        ->and($all)
        ->toEqualWithDelta($truth, 0.1);
});

it('stays between its bounds, and leaves alone what changes nothing', function (): void {
    // The free answer is 3 and 2.
    $x = SmallLeastSquares::bounded([[1.0, 0.0], [0.0, 2.0], [0.0, 0.0]], [-3.0, -4.0], [-1.0, -1.0, -1.0], [1.0, 9.0, 9.0]);
    expect($x)->toEqualWithDelta([1.0, 2.0, 0.0], 1e-6);
    $floor = SmallLeastSquares::bounded([[1.0, 0.0]], [3.0, 0.0], [-2.0], [2.0]);
    expect($floor)->toEqualWithDelta([-2.0], 1e-6);
    // Nearly alike columns take many rounds to part.
    $slow = SmallLeastSquares::bounded([[1.0, 0.0], [0.9, 0.1]], [-1.9, -0.1], [-9.0, -9.0], [9.0, 9.0]);
    expect($slow)->toEqualWithDelta([1.0, 1.0], 0.01);
});

it('makes a covariance the identity: W C W\' = 1 (Golub and Van Loan)', function (): void {
    $sd = [0.5, 1.0, 2.0];
    $moves = [[0.3, 0.6, -0.4], [0.1, -0.2, 0.9]];
    $white = Whitening::of($sd, $moves);
    // C = diag(sd^2) + sum of m m'; whitened columns of its root must be orthonormal: W C W' tried on the axes.
    $covariance = fn (int $i, int $j): float => ($i === $j ? $sd[$i] ** 2 : 0.0)
        + $moves[0][$i] * $moves[0][$j] + $moves[1][$i] * $moves[1][$j];
    $w = array_map($white->apply(...), [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]]);
    for ($a = 0; $a < 3; $a++) {
        for ($b = 0; $b < 3; $b++) {
            $sum = 0.0;
            for ($i = 0; $i < 3; $i++) {
                for ($j = 0; $j < 3; $j++) {
                    $sum += $w[$i][$a] * $covariance($i, $j) * $w[$j][$b];
                }
            }
            expect($sum)->toEqualWithDelta($a === $b ? 1.0 : 0.0, 1e-9);
        }
    }
    // A move of nothing changes nothing.
    expect(Whitening::of($sd, [[0.0, 0.0, 0.0]])->apply([1.0, 1.0, 1.0]))->toEqualWithDelta([2.0, 1.0, 0.5], 1e-12);
});

it('trusts readings as far as shots and instrument say', function (): void {
    // Common practice: an average of five repeats to a tenth; nobody's better than two hundredths.
    expect(ReadingNoise::usual()->de)
        ->toBe(0.1)
        ->and(ReadingNoise::of(0.001)->de)
        ->toBe(0.02)
        ->and(ReadingNoise::of(0.3)->de)
        ->toBe(0.3)
        // Five shots 0.2 apart: n - 1 of them tell, 0.2 / 2.
        ->and(ReadingNoise::ofShots(0.2, 5)->de)
        ->toEqualWithDelta(0.1, 1e-12)
        ->and(ReadingNoise::ofShots(0.2, 1)->de)
        ->toBe(0.1)
        ->and(ReadingNoise::ofShots(0.2, 2)->de)
        ->toEqualWithDelta(0.2, 1e-12)
        // Shots that happen to agree are worth no more than the instrument repeats: 0.16 / 2.
        ->and(ReadingNoise::ofShots(0.0, 4, 0.16)->de)
        ->toEqualWithDelta(0.08, 1e-12)
        ->and(ReadingNoise::ofShots(0.9, 4, 0.16)->de)
        ->toEqualWithDelta(0.9 / sqrt(3.0), 1e-12)
        ->and(ReadingNoise::ofShots(0.9, 1, 0.16)->de)
        ->toEqualWithDelta(0.16, 1e-12)
        ->and(ReadingNoise::ofShots(0.9, 0, 0.16)->de)
        ->toEqualWithDelta(0.16, 1e-12)
        // Two instruments: from memory of makers' figures, 0.1 to 0.3.
        ->and(ReadingNoise::betweenInstruments()->de)
        ->toBe((0.1 + 0.3) / 2.0)
        // Variances add: 0.3 and 0.4 are 0.5.
        ->and(ReadingNoise::of(0.3)->with(ReadingNoise::of(0.4))->de)
        ->toEqualWithDelta(0.5, 1e-12);
});

it('says what to do where no toner is worth a pour', function (bool $sprayed, float $before, string $says): void {
    expect((new TintAdvice([], $sprayed, $before, ReadingNoise::of(0.15)))->says())->toStartWith($says);
})->with([
    'sprayed otherwise' => [true, 3.0, 'Shoot the card like the plan first'],
    'within twice the noise' => [false, 0.3, 'The difference is within what readings repeat to.'],
    'more' => [false, 0.31, 'No addition of up to three toners brings this cup nearer.'],
]);

it('keeps a formula in grams: shares, sums and what is taken out', function (): void {
    $formula = Formula::of(['white' => 80.0, 'black' => 20.0, 'green' => 0]);
    expect($formula->grams)
        ->toBe(['white' => 80.0, 'black' => 20.0])
        ->and([$formula->total(), $formula->gramsOf('black'), $formula->gramsOf('green')])
        ->toBe([100.0, 20.0, 0.0])
        ->and($formula->scaledTo(50.0)->grams)
        ->toEqual(['white' => 40.0, 'black' => 10.0])
        ->and($formula->plus(['green' => 5.0, 'black' => -3.0])->grams)
        ->toEqual(['white' => 80.0, 'black' => 17.0, 'green' => 5.0])
        // More cannot be taken out than is in it.
        ->and($formula->plus(['black' => -50.0])->grams)
        ->toEqual(['white' => 80.0])
        ->and(Formula::of(['white' => 12.34567])->jsonSerialize())
        ->toBe(['white' => 12.346])
        ->and(Formula::of(['white' => 20_000.0])->total())
        ->toBe(20_000.0)
        ->and(fn () => Formula::of(['white' => 20_000.1]))
        ->toThrow(BadFormula::class)
        ->and(fn () => Formula::of(['white' => -0.1]))
        ->toThrow(BadFormula::class)
        ->and(fn () => Formula::of(['white' => 0.0]))
        ->toThrow(BadFormula::class);
    $library = TonerLibrary::northlight();
    expect([Formula::of(['white' => 1.0, 'alu-fine' => 0.1])->isEffect($library), $formula->isEffect($library)])
        ->toBe([true, false])
        ->and($formula->flakes($library))
        ->toBeNull()
        ->and(Formula::of(['alu-coarse' => 3.0])->flakes($library)?->sizeUm)
        ->toBeGreaterThan(Formula::of(['alu-coarse' => 3.0, 'alu-fine' => 3.0])->flakes($library)->sizeUm ?? INF)
        // The same flakes in a thimble and in a bucket, and where one grade comes as two toners.
        ->and(Formula::of(['alu-coarse' => 0.1, 'alu-fine' => 0.2])->flakes($library)?->sizeUm)
        ->toEqualWithDelta(Formula::of(['alu-coarse' => 1000.0, 'alu-fine' => 2000.0])->flakes($library)->sizeUm ?? INF, 1e-9);
});

it('solves Kubelka\'s film at its ends: no scatter, no absorption, no film, no end of it', function (): void {
    expect(KubelkaMunk::infinite(1.0, 0.0))
        ->toBe(0.0)
        // K/S = 0.5 is R = 1.5 - sqrt(1.25) = 0.382; K/S of R = 0.5 is a quarter.
        ->and(KubelkaMunk::infinite(0.5, 1.0))
        ->toEqualWithDelta(0.381966, 1e-6)
        ->and(KubelkaMunk::ratio(0.5))
        ->toEqualWithDelta(0.25, 1e-12)
        ->and(KubelkaMunk::over(0.5, 1.0, 0.0, 0.7))
        ->toBe(0.7)
        ->and(KubelkaMunk::over(0.5, 1.0, 1e6, 0.7))
        ->toEqualWithDelta(0.381966, 1e-6)
        // Nothing absorbs: over black R = Sh / (1 + Sh).
        ->and(KubelkaMunk::over(0.0, 1.0, 3.0, 0.0))
        ->toEqualWithDelta(0.75, 1e-9)
        // a = 1.5, b = sqrt(1.25), Sh = 1: b coth b = 1.388, over black 1 / (1.5 + 1.388).
        ->and(KubelkaMunk::over(0.5, 1.0, 1.0, 0.0))
        ->toEqualWithDelta(1.0 / (1.5 + sqrt(1.25) / tanh(sqrt(1.25))), 1e-12)
        ->and(KubelkaMunk::contrastRatio(0.5, 1.0, 1e6))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and(KubelkaMunk::contrastRatio(0.0, 1.0, 1.0))
        // 0.5 over black; over 0.8: (1 - 0.8 (1 - 1)) / (1 - 0.8 + 1) = 1 / 1.2.
        ->toEqualWithDelta(0.5 * 1.2, 1e-9);
});

it('calls it a match within 0.8 and blendable within 2.5 of the path, and looks a coat past the set', function (): void {
    // Greys whose light falls by a third of itself with each coat: exactly a path, L* 50 at two coats.
    $y = 18.42 / exp(-2.0 * 0.2 * 2.0);
    $lightness = fn (float $coats): float => 116.0 * ($y * exp(-2.0 * 0.2 * $coats) / 100.0) ** (1.0 / 3.0) - 16.0;
    $cards = array_map(
        fn (float $n): LetDownCard => new LetDownCard("card {$n}", $n, Colours::measured([45 => $lightness($n)])),
        [1.0, 2.0, 3.0],
    );
    // A car of the path's lightness, a little redder: near grey CIEDE2000 takes a* half as much again.
    $car = fn (float $a, float $coats = 2.0): LetDown => LetDownFit::of(
        Colours::measured([45 => [$lightness($coats), $a, 0.0]]),
        $cards,
    );
    expect($car(0.5)->overall)
        ->toBeGreaterThan(0.62)
        ->toBeLessThan(0.8)
        ->and($car(0.5)->verdict)
        ->toBe(LetDownVerdict::Hit)
        ->and($car(0.62)->overall)
        ->toBeGreaterThan(0.8)
        ->toBeLessThan(1.05)
        ->and($car(0.62)->verdict)
        ->toBe(LetDownVerdict::Blendable)
        ->and($car(1.65)->overall)
        ->toBeGreaterThan(1.9)
        ->toBeLessThan(2.5)
        ->and($car(1.65)->verdict)
        ->toBe(LetDownVerdict::Blendable)
        ->and($car(2.1)->overall)
        ->toBeGreaterThan(2.5)
        ->toBeLessThan(3.3)
        ->and($car(2.1)->verdict)
        ->not->toBe(LetDownVerdict::Blendable)
        ->and($car(0.0)->coats)
        ->toEqualWithDelta(2.0, 0.03);
    // As far as 4 coats the path is followed, and no further.
    expect($car(0.0, 3.9)->coats)
        ->toEqualWithDelta(3.9, 0.05)
        ->and($car(0.0, 6.0)->coats)
        ->toEqualWithDelta(4.0, 0.01)
        ->and($car(0.0, 6.0)->verdict)
        ->toBe(LetDownVerdict::MoreCoats);
});
