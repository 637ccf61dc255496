<?php

declare(strict_types=1);

use Kalopsis\Spray\Sag;

it('drains as Jeffreys has it: one pascal second, water\'s density, a centimetre below the edge after 100 s', function (): void {
    // By hand: sqrt(1 x 0.01 / (1000 x 9.80665 x 100)) = sqrt(1.01972e-8) = 1.00981e-4 m. Jeffreys 1930.
    expect(Sag::filmUm(1.0, 1000.0, 100.0, 0.01))->toEqualWithDelta(100.981, 0.001);
});

it('holds what a falling film has not yet thinned to: the front of a film moves down by rho g h2 t / mu', function (): void {
    // An independent route: follow the surface of a 150 um film whose profile is Nusselt's parabola, in small steps of time.
    $h = 150e-6;
    $mu = 0.5;
    $seconds = 40.0;
    $z = 0.0;
    for ($i = 0; $i < 4000; $i++) {
        // The wave that carries a thickness moves at dq/dh, with q the flux summed over the film.
        $flux = function (float $thick) use ($mu): float {
            $sum = 0.0;
            for ($k = 0; $k < 40; $k++) {
                $y = ($k + 0.5) / 40 * $thick;
                $sum += (1000.0 * 9.80665 / $mu) * ($thick * $y - $y * $y / 2.0) * ($thick / 40);
            }

            return $sum;
        };
        static $speed = null;
        $speed ??= ($flux($h * 1.0005) - $flux($h * 0.9995)) / ($h * 0.001);
        $z += $speed * $seconds / 4000;
    }
    expect(Sag::filmUm($mu, 1000.0, $seconds, $z))->toEqualWithDelta(150.0, 0.1);
});

it('runs sooner the thinner the paint, the longer it stays wet', function (): void {
    expect(Sag::filmUm(0.5, 1000.0, 100.0, 0.01))
        ->toBeLessThan(Sag::filmUm(1.0, 1000.0, 100.0, 0.01))
        ->and(Sag::filmUm(1.0, 1000.0, 400.0, 0.01))
        ->toEqualWithDelta(Sag::filmUm(1.0, 1000.0, 100.0, 0.01) / 2.0, 1e-6)
        // A full wet coat of clear, some 60 to 70 um wet, holds on a door; twice that runs (common practice).
        ->and(Sag::limitUm())
        ->toBeGreaterThan(75.0)
        ->and(Sag::limitUm())
        ->toBeLessThan(130.0);
});
