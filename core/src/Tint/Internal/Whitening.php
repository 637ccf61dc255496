<?php

declare(strict_types=1);

namespace Kalopsis\Tint\Internal;

/**
 * Brings residuals to where noise is 1 in every direction: each is divided by its own standard deviation, then the
 * directions that move together (a reading as a whole, an instrument that rocks) are shortened. With W W' = C^-1 the square
 * of what comes out is chi squared. Rank-one updates of the identity: Golub and Van Loan, Matrix Computations, 2.1.4.
 */
final readonly class Whitening
{
    /**
     * @param list<float> $sd standard deviation of each residual
     * @param list<array{list<float>, float}> $together unit directions, and the share that is left of them
     */
    private function __construct(private array $sd, private array $together) {}

    /**
     * @param list<float> $sd independent part
     * @param list<list<float>> $moves residuals for one standard deviation of what moves all of them
     */
    public static function of(array $sd, array $moves): self
    {
        $self = new self($sd, []);
        foreach ($moves as $move) {
            $white = $self->apply($move);
            $square = 0.0;
            foreach ($white as $v) {
                $square += $v * $v;
            }
            if ($square > 1e-12) {
                $length = sqrt($square);
                $unit = array_map(fn (float $v): float => $v / $length, $white);
                $self = new self($sd, [...$self->together, [$unit, 1.0 - 1.0 / sqrt(1.0 + $square)]]);
            }
        }

        return $self;
    }

    /**
     * @param list<float> $residuals
     * @return list<float>
     */
    public function apply(array $residuals): array
    {
        foreach ($residuals as $i => $v) {
            $residuals[$i] = $v / $this->sd[$i];
        }
        foreach ($this->together as [$unit, $less]) {
            $along = 0.0;
            foreach ($unit as $i => $u) {
                $along += $u * $residuals[$i];
            }
            foreach ($unit as $i => $u) {
                $residuals[$i] -= $less * $along * $u;
            }
        }

        return array_values($residuals);
    }
}
