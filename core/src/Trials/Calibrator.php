<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use JsonSerializable;
use Kalopsis\Calibration\Calibration;

/** From a workshop's simple tests to what it knows of the model's numbers. */
final readonly class Calibrator implements JsonSerializable
{
    /** @param list<GroupFit> $groups */
    private function __construct(public array $groups) {}

    /** @param list<Trial> $trials */
    public static function of(array $trials): self
    {
        $by = [];
        foreach ($trials as $trial) {
            $by[$trial->group()][] = $trial;
        }

        return new self(array_map(GroupFit::of(...), array_values($by)));
    }

    /** What was found, without what makes it worse. */
    public function calibration(): Calibration
    {
        $known = [];
        foreach ($this->groups as $group) {
            $known += $group->refused === null ? $group->known : [];
        }

        return new Calibration($known);
    }

    /** @return array{groups: list<GroupFit>, calibration: Calibration} */
    public function jsonSerialize(): array
    {
        return ['groups' => $this->groups, 'calibration' => $this->calibration()];
    }
}
