<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use Kalopsis\Calibration\Constant;

/** Minutes until a coat was dull, against what was planned for it in the air as it was. */
final readonly class FlashTime implements Trial
{
    /** Spread of the ratio: by a watch at the panel, and read off a run, where the painter comes when it suits. Chosen here. */
    private const NOISE = ['watched' => 0.1, 'run' => 0.3];

    /**
     * @param float $minutes until it was dull all over
     * @param float $plannedMinutes what the model says of that coat in that air, nothing tested
     * @param bool $watched by a watch at the panel; else read off a run
     */
    public function __construct(
        private string $name,
        private float $minutes,
        private float $plannedMinutes,
        private bool $watched,
    ) {}

    public function kind(): TrialKind
    {
        return TrialKind::FlashTime;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function group(): string
    {
        return Constant::Flash->value;
    }

    public function about(): array
    {
        return [Constant::Flash->value => Constant::Flash->prior()];
    }

    public function residuals(array $factors): array
    {
        $foretold = $this->plannedMinutes / ($factors[Constant::Flash->value] ?? 1.0);

        return [log($this->minutes / $foretold) / self::NOISE[$this->watched ? 'watched' : 'run']];
    }
}
