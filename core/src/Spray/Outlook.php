<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\Flakes;
use Kalopsis\Colour\Geometry;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Sight\Sighting;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** What will be seen of a plan once it is sprayed, as a whole and part by part. */
final readonly class Outlook
{
    /**
     * @param array<string, Sighting> $lines where colour ends at a gap or a line, by what lies beyond
     * @param array<string, float> $parts visibility index by Part
     * @param float $spread standard deviation of ln V
     */
    public function __construct(
        public Sighting $free,
        public array $lines,
        public array $parts,
        public float $spread,
        public Hiding $hiding,
        private ?Flakes $flakes,
    ) {}

    /** The place that is seen most. */
    public function worst(): Sighting
    {
        $worst = $this->free;
        foreach ($this->lines as $line) {
            $worst = $line->worst > $worst->worst ? $line : $worst;
        }

        return $worst;
    }

    /** Visibility index of the whole plan: its worst part. */
    public function index(): float
    {
        return max(
            $this->worst()->worst,
            $this->parts[Part::Hiding->value],
            $this->parts[Part::Mottle->value],
            $this->parts[Part::Stripes->value],
        );
    }

    public function isSeen(): bool
    {
        return $this->index() > 1.0;
    }

    public function certainty(): Certainty
    {
        return Certainty::of($this->index(), $this->spread);
    }

    /** Nine in ten of what may be off lie below this. */
    public function high(): float
    {
        return $this->index() * exp(Certainty::Sure->quantile() * $this->spread);
    }

    public function low(): float
    {
        return $this->index() * exp(-Certainty::Sure->quantile() * $this->spread);
    }

    /** What stays visible: of a part that is a verdict of its own the part, else what the fade shows most of. */
    public function fault(): ?Part
    {
        if (! $this->isSeen()) {
            return null;
        }
        $index = $this->index();
        foreach ([Part::Hiding, Part::Mottle, Part::Stripes] as $part) {
            if ($this->parts[$part->value] >= $index) {
                return $part;
            }
        }

        return $this->stays();
    }

    /** What the fade shows most of. */
    public function stays(): Part
    {
        $most = Part::Colour;
        foreach ([Part::Fringe, Part::Coats] as $part) {
            $most = $this->parts[$part->value] > $this->parts[$most->value] ? $part : $most;
        }

        return $most;
    }

    private static function shinesMore(Flakes $flakes, int $angle): bool
    {
        return FlakeOrder::lobe($flakes, 1.0)->at($angle) > FlakeOrder::lobe($flakes, 0.0)->at($angle);
    }

    public function says(): Phrase
    {
        $worst = $this->worst();
        $values = [
            'from' => Phrase::of(Geometry::standing($worst->angle)),
            'distance' => Quantity::mm(1000.0 * $worst->distanceM),
            'at' => Quantity::mm(max(0.0, $worst->atMm)),
            'how' => Phrase::of(
                match ($this->certainty()) {
                    Certainty::Sure => 'Sure',
                    Certainty::Likely => 'Likely',
                    Certainty::Doubtful => 'Doubtful',
                },
            ),
        ];
        if ($this->fault() === null) {
            return Phrase::of('Nobody sees it. {how}.', $values);
        }
        $line = array_search($worst, $this->lines, true);

        return match (true) {
            $this->fault() === Part::Hiding => Phrase::of('Seen: the primer shows through. {how}.', $values),
            $this->fault() === Part::Mottle => Phrase::of('Seen: the last coats are too wet and mottle. {how}.', $values),
            $this->fault() === Part::Stripes => Phrase::of('Seen: stripes along the strokes. {how}.', $values),
            is_string($line) => Phrase::of('Seen at the gap to {line}, {from}, from {distance} on. {how}.', [
                ...$values,
                'line' => $line,
            ]),
            $this->flakes !== null && $this->fault() === Part::Fringe => Phrase::of(
                // Flakes that stand up throw more light to the side and less to the face: only the lighter one is a ring.
                self::shinesMore($this->flakes, $worst->angle)
                    ? 'A light ring is seen {at} past the primer, {from}, from {distance} on. {how}.'
                    : 'A darker band is seen {at} past the primer, {from}, from {distance} on. {how}.',
                $values,
            ),
            default => Phrase::of('Seen {at} past the primer, {from}, from {distance} on. {how}.', $values),
        };
    }
}
