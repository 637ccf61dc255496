<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Constant;
use Kalopsis\Calibration\Known;
use Kalopsis\Film\Air;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Reducer;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Pigment;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;

/**
 * A colour faded out over itself and read place by place against its own full part: what is lighter or darker there is
 * how the flakes came to lie. Sprayed again by the plan's own physics.
 */
final readonly class FadePanel implements Trial
{
    /** Noise of a difference of two readings on one panel, L*. Common practice: effects repeat within 0.3. */
    private const NOISE_L = 0.3;

    private const INSIDE_MM = -400.0;

    /**
     * @param CoatSequence $way how it was sprayed, with a bed or without
     * @param float $fadeMm over how much it was faded out
     * @param ?PaintSystem $system null where none of its name is known: such a test is never fitted
     * @param list<array{float, array<int, float>}> $readings mm from where the fade began, and dL* by angle
     */
    public function __construct(
        private string $name,
        private FinishClass $finish,
        private ?PaintSystem $system,
        private CoatSequence $way,
        private Reducer $reducer,
        private Air $air,
        private float $fadeMm,
        private array $readings,
    ) {}

    public function kind(): TrialKind
    {
        return TrialKind::FadePanel;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function group(): string
    {
        return Constant::Flakes->value;
    }

    public function about(): array
    {
        return [
            Constant::Flakes->value => Constant::Flakes->prior(),
            Constant::DryBelow->value => Constant::DryBelow->prior(),
        ];
    }

    public function residuals(array $factors): array
    {
        $out = [];
        foreach ($this->foretold($factors) as $n => $byAngle) {
            foreach ($this->readings[$n][1] as $angle => $dL) {
                $out[] = ($dL - $byAngle[$angle]) / self::NOISE_L;
            }
        }

        return $out;
    }

    /**
     * dL* against the full part at each reading's place and angles.
     *
     * @param array<string, float> $factors
     * @return list<array<int, float>>
     */
    public function foretold(array $factors): array
    {
        if ($this->system === null) {
            return [];
        }
        $known = [];
        foreach ([Constant::Flakes, Constant::DryBelow] as $constant) {
            $known[$constant->value] = new Known($factors[$constant->value] ?? 1.0, $constant->prior(), [$this->name]);
        }
        $finish = Finish::assumed($this->finish, null, 0.0, Pigment::of($this->finish, shop: new Calibration($known)));
        $coats = $this->way->drawnOut($this->fadeMm, $this->system, $this->finish, GunChoice::Standard, []);
        $colours = Simulation::of($coats, $this->system, $finish, $this->reducer, $this->air)->colours();
        // The first place lies well inside, where every coat is full.
        $mm = [self::INSIDE_MM, ...array_column($this->readings, 0)];
        $laid = $colours->laid(Places::along($mm, 1.0), $this->fadeMm);
        $l = [];
        foreach ($finish->angles() as $angle) {
            foreach ($colours->along($angle, $laid) as $n => $xyz) {
                $l[$n][$angle] = $xyz->lab($finish->viewing())->l;
            }
        }
        $out = [];
        foreach ($this->readings as $n => [, $angles]) {
            $row = [];
            foreach (array_keys($angles) as $angle) {
                $row[$angle] = $l[$n + 1][$angle] - $l[0][$angle];
            }
            $out[] = $row;
        }

        return $out;
    }
}
