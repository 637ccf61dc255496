<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Input\Fields;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\FinishClass;

/** What a shop lets the search for the smallest blend do. */
final readonly class BlendLimits implements JsonSerializable
{
    /** Full coats of colour nobody goes below, and the most that makes sense to ask for. Common practice: two cover. */
    private const LEAST_COATS = [1, 4];

    private function __construct(
        public int $leastCoats,
        public bool $smallGun,
        public bool $blendingClear,
        public bool $stopAtLines,
        public bool $wetBed,
    ) {}

    /** A fringe shows first on light metallics and pearls: there a bed is kept. Common practice. */
    public function allows(CoatSequence $sequence, FinishClass $finish): bool
    {
        return ! $this->wetBed || ! $finish->isCritical() || $sequence->has(CoatKind::WetBed);
    }

    /** Two full coats, a bed under light metallics and pearls, anything else the trade does. */
    public static function usual(): self
    {
        return new self(2, true, true, true, true);
    }

    /** Reads {leastCoats, smallGun, blendingClear, stopAtLines, wetBed}; faults go to the fields' problems. */
    public static function read(Fields $f): self
    {
        return new self(
            $f->whole('leastCoats', ...[...self::LEAST_COATS, 'The fewest coats']),
            $f->flag('smallGun', 'The small gun'),
            $f->flag('blendingClear', 'Blending clear in the mix'),
            $f->flag('stopAtLines', 'Stopping at lines'),
            $f->flag('wetBed', 'The wet bed'),
        );
    }

    /** @return array<string, int|bool> as read() takes it */
    public function jsonSerialize(): array
    {
        return [
            'leastCoats' => $this->leastCoats,
            'smallGun' => $this->smallGun,
            'blendingClear' => $this->blendingClear,
            'stopAtLines' => $this->stopAtLines,
            'wetBed' => $this->wetBed,
        ];
    }
}
