<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Film\Air;
use Kalopsis\Input\Fields;
use Kalopsis\Units\Unit;

/** A booth as its owner measured it. */
final readonly class BoothKind implements JsonSerializable
{
    /** Along a panel, m/s: a corner of a garage, and a strong crossdraught. Common practice. */
    private const MOVES_M_PER_S = [0.05, 1.5];

    /** Some booths do not heat at all; none heats panels hotter. deg C. Common practice. */
    private const HEATS_C = [20.0, 90.0];

    /**
     * @param float $movesMPerS air along a panel with no blower, m/s
     * @param ?float $heatsToC as hot as a panel gets in it, deg C; null: as hot as any data sheet bakes
     */
    public function __construct(
        public string $name,
        public float $movesMPerS = Air::MOVES_M_PER_S,
        public ?float $heatsToC = null,
    ) {}

    public static function read(Fields $f): self
    {
        return new self(
            $f->text('name', 1, 40, 'The booth'),
            $f->has('movesMPerS')
                ? $f->plain('movesMPerS', ...[...self::MOVES_M_PER_S, 'The air along a panel in m/s'])
                : Air::MOVES_M_PER_S,
            $f->has('heatsToC') ? $f->number('heatsToC', ...[...self::HEATS_C, Unit::Celsius, 'How hot a panel gets']) : null,
        );
    }

    /** @return array{name: string, movesMPerS: float, heatsToC: ?float} */
    public function jsonSerialize(): array
    {
        return ['name' => $this->name, 'movesMPerS' => $this->movesMPerS, 'heatsToC' => $this->heatsToC];
    }
}
