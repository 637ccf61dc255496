<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use JsonSerializable;

/**
 * An order of coats that painters were taught, or one a shop made its own: a recipe for a sequence. What it does is
 * in its steps; no rule asks
 * which school it is.
 */
final readonly class School implements JsonSerializable
{
    public const FORMAT = 'kalopsis-school';

    public const VERSION = 1;

    /**
     * @param string $risk what goes wrong with it first; common practice
     * @param float $usual its usual length as a share of the trade's usual blend
     * @param list<SchoolStep> $steps
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $how,
        public string $risk,
        public float $usual,
        public array $steps,
    ) {}

    /** Its steps on a finish. */
    public function sequence(FinishClass $finish): CoatSequence
    {
        $steps = [];
        foreach ($this->steps as $step) {
            if ($step->isFor($finish)) {
                $steps[] = $step->step;
            }
        }

        return new CoatSequence($steps);
    }

    /** @return list<CoatStep> its coats as the picture of it shows them: with all it does, as on a light metallic */
    public function picture(): array
    {
        return $this->sequence(FinishClass::MetallicLight)->steps;
    }

    /** @return array<string, mixed> as SchoolReader takes it */
    public function jsonSerialize(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'key' => $this->key,
            'name' => $this->name,
            'how' => $this->how,
            'risk' => $this->risk,
            'usual' => $this->usual,
            'steps' => $this->steps,
        ];
    }
}
