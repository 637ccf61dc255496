<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Card\ReadingReader;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Viewing;
use Kalopsis\Input\Fields;
use Kalopsis\Tint\ReadingNoise;

/** A colour measuring instrument of a shop: what it reads, and how well it repeats itself. */
final readonly class InstrumentKind implements JsonSerializable
{
    /**
     * @param ?float $repeats mean CIEDE2000 of single shots from their mean, without lifting it off; null: nobody has tried
     */
    public function __construct(
        public string $name,
        public Geometry $geometry,
        public Viewing $viewing,
        public ?float $repeats = null,
    ) {}

    public static function read(Fields $f): self
    {
        return new self(
            $f->text('name', 1, 60, 'The instrument'),
            $f->choice('geometry', Geometry::class, 'The angles'),
            ReadingReader::viewing($f) ?? Viewing::paint(),
            $f->has('repeats')
                ? $f->plain('repeats', ...[...ReadingNoise::OF_A_SHOT, 'How well it repeats, in dE 2000,'])
                : null,
        );
    }

    /** @return array{name: string, geometry: string, viewing: string, repeats: ?float} */
    public function jsonSerialize(): array
    {
        return [
            'name' => $this->name,
            'geometry' => $this->geometry->value,
            'viewing' => $this->viewing->name(),
            'repeats' => $this->repeats,
        ];
    }
}
