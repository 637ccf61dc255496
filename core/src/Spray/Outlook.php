<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;

/** What will be seen of a plan once it is sprayed. */
final readonly class Outlook
{
    /**
     * @param array<string, Profile> $sides where colour ends at a gap, by the neighbour's name
     * @param ?Figure $need shortest blend room that leaves nothing to see, mm; null when none does
     * @param float $spreadLow 10th percentile of the index over the spread of simulations
     */
    public function __construct(
        public LayerStack $stack,
        public Finish $finish,
        public Profile $free,
        public array $sides,
        public float $mottle,
        public float $banding,
        public float $primerShows,
        public Certainty $certainty,
        public float $spreadLow,
        public float $spreadHigh,
        public ?Figure $need,
        public float $boothMinutes,
    ) {}

    public function worst(): Profile
    {
        $worst = $this->free;
        foreach ($this->sides as $side) {
            $worst = $side->worst > $worst->worst ? $side : $worst;
        }

        return $worst;
    }

    /** The worst index, mottle counted. */
    public function index(): float
    {
        return max($this->worst()->worst, $this->mottle, $this->banding);
    }

    public function isSeen(): bool
    {
        return $this->index() > 1.0;
    }

    public function says(): Phrase
    {
        $how = match ($this->certainty) {
            Certainty::Sure => '',
            Certainty::Likely => ', likely',
            Certainty::Doubtful => ', doubtful',
        };
        $worst = $this->worst();
        $values = [
            'angle' => "{$worst->angle}°",
            'distance' => Quantity::mm(1000.0 * $worst->distanceM),
            'index' => sprintf('%.1f', $this->index()),
            'at' => Quantity::mm(max(0.0, $worst->atMm)),
            'how' => $how,
        ];
        if ($this->mottle > 1.0 && $this->mottle >= $worst->worst) {
            return Phrase::of('Seen: the last coat is too wet and mottles ({index}){how}.', $values);
        }
        if ($this->banding > 1.0 && $this->banding >= $worst->worst) {
            return Phrase::of('Seen: stripes along the strokes ({index}){how}; more overlap, slower reducer.', $values);
        }
        if ($worst->worst <= 1.0) {
            return Phrase::of('Not seen from anywhere: {index} of what can be noticed{how}.', $values);
        }
        foreach ($this->sides as $name => $side) {
            if ($side === $worst) {
                return Phrase::of('Seen at the gap to {side}, at {angle} from {distance} ({index}){how}.', [...$values, 'side' => $name]);
            }
        }
        // From the side lighter, square on darker: that is what flakes do that landed dry.
        $ring = $worst->angle >= 45 && $this->finish->fit->flake->y > 1.0;

        return Phrase::of($ring ? 'A ring is seen from the side, {at} past the primer, at {angle} from {distance} ({index}){how}.' : 'Seen {at} past the primer, at {angle} from {distance} ({index}){how}.', $values);
    }
}
