<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourSample;
use App\Models\RepairJob;
use Kalopsis\Card\ReadingReader;
use Kalopsis\Card\SampleKind;
use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Ranking;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use RuntimeException;

/**
 * The car and the card that comes nearest to it, as far as both have been read: what a plan is made for. One choice for
 * every place.
 */
final readonly class Pair
{
    private function __construct(
        public ?Measurement $car,
        public ?Measurement $card,
        public ?string $cardId,
        public int $cards,
    ) {}

    public static function none(): self
    {
        return new self(null, null, null, 0);
    }

    public static function of(RepairJob $job): self
    {
        $car = null;
        $cards = [];
        $count = 0;
        foreach ($job->samples()->get()->sortBy('number') as $sample) {
            if ($sample->struck_at !== null) {
                continue;
            }
            $count += $sample->kind === SampleKind::Card ? 1 : 0;
            if ($sample->mean === null) {
                continue;
            }
            if ($sample->kind === SampleKind::Car) {
                $car ??= self::measurement($sample->mean['measurement']);
            } elseif ($sample->kind === SampleKind::Card) {
                $cards[$sample->id] = self::measurement($sample->mean['measurement']);
            }
        }
        $best = $car === null ? null : Ranking::against($car, $cards)[0]->id ?? null;

        return new self($car, $best === null ? null : $cards[$best], $best, $count);
    }

    public function comparison(): ?Comparison
    {
        try {
            return $this->car === null || $this->card === null ? null : Comparison::of($this->car, $this->card);
        } catch (CannotCompare) {
            return null;
        }
    }

    /** @param array<string, mixed> $kept */
    public static function measurement(array $kept): Measurement
    {
        $problems = new Problems();

        return ReadingReader::read(Fields::of($kept, $problems)) ??
            throw new RuntimeException('A kept reading cannot be read.');
    }

    /** The reading of a sample; null while it has none. */
    public static function readingOf(ColourSample $sample): ?Measurement
    {
        return $sample->mean === null ? null : self::measurement($sample->mean['measurement']);
    }
}
