<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

/** A simple test that a workshop makes of a number of the model: what it found, and how far a guess is from that. */
interface Trial
{
    public function kind(): TrialKind;

    /** What it is called wherever its result counts: what was tested, and when. */
    public function name(): string;

    /** Tests of one group are fitted together: those of one colour, the workshop's own, all toners. */
    public function group(): string;

    /**
     * What it tells of, by Calibration::key(), and how far off each may be before it is asked (standard deviation of the
     * logarithm of the factor). What begins with "hand" belongs to this test alone: the hand that sprayed its card.
     *
     * @return array<string, float>
     */
    public function about(): array;

    /**
     * Each of its readings against what factors foretell, in standard deviations of that reading's own noise. A reading
     * that is only yes or no gives the root of twice how unlikely it was, with the sign of what would mend it.
     *
     * @param array<string, float> $factors by key, those of about() at least; 1 is what the model takes
     * @return list<float>
     */
    public function residuals(array $factors): array;
}
