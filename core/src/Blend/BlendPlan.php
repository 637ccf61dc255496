<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** A computed plan: panels, coats, zones, sides, and what to look out for. */
final readonly class BlendPlan
{
    /**
     * @param list<Coat> $coats in spraying order
     * @param array<string, PlannedPanel> $panels by id, those with repairs first
     * @param list<Zone> $zones from the damage outwards
     * @param list<Side> $sides
     * @param list<Warning> $warnings
     */
    public function __construct(
        public array $coats,
        public array $panels,
        public array $zones,
        public array $sides,
        public array $warnings,
        public Need $need,
        public Phrase $verdict,
        public Severity $severity,
        public BlendRequest $request,
    ) {}

    /** Area of a coat over all panels, its fading rim counted by half, with the reason. */
    public function areaOf(Coat $coat): Figure
    {
        $full = $all = 0.0;
        foreach ($this->panels as $planned) {
            $full += $planned->reach[$coat->id()]->areaMm2;
            $all += $planned->limit[$coat->id()]->areaMm2;
        }

        return Figure::of(
            Quantity::squareMetres(($full + $all) / 2e6),
            Reason::of(
                'The area at full strength and half of the rim where the coat fades.',
                SourceKind::Geometry,
                'model notes, section 2.',
                [
                    'full strength' => Quantity::squareMetres($full / 1e6),
                    'out to the last dust' => Quantity::squareMetres($all / 1e6),
                ],
            ),
        );
    }

    public function hasBed(): bool
    {
        foreach ($this->coats as $coat) {
            if ($coat->kind() === CoatKind::WetBed) {
                return true;
            }
        }

        return false;
    }

    /** The furthest any colour goes, mm past the primer; null where it covers whole panels. */
    public function limitMm(): ?float
    {
        $limit = null;
        foreach ($this->coats as $coat) {
            if ($coat->isColour() && $coat->limitMm() !== null) {
                $limit = max($limit, $coat->limitMm());
            }
        }

        return $limit;
    }

    /** Area that takes any colour, m2. */
    public function colouredM2(): float
    {
        $colour = array_filter($this->coats, fn (Coat $c): bool => $c->isColour());
        $sum = 0.0;
        foreach ($this->panels as $planned) {
            $sum += max([0.0, ...array_map(fn (Coat $c): float => $planned->limit[$c->id()]->areaMm2, $colour)]);
        }

        return $sum / 1e6;
    }
}
