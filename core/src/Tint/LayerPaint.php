<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/**
 * One of the two paints of a coat-dependent colour, the other and the number of coats kept: what the tint search turns. Own
 * model, docs/model.md sections 7 and 15.
 */
final readonly class LayerPaint implements PaintModel
{
    /**
     * @param array<string, float> $ground grams of the ground coat
     * @param array<string, float> $layer grams in a hundred of the effect coat
     * @param bool $turnsLayer is it the effect coat whose toners are asked for, or the ground's?
     */
    private function __construct(
        private TonerLibrary $library,
        private PaintModel $below,
        private array $ground,
        private array $layer,
        private float $coats,
        private bool $turnsLayer,
    ) {}

    /**
     * The effect coat, over this ground.
     *
     * @param PaintModel $below how the ground measures alone
     * @param array<string, float> $ground grams
     * @param float $coats of the effect coat on the card, > 0
     */
    public static function effect(TonerLibrary $library, PaintModel $below, array $ground, float $coats): self
    {
        return new self($library, $below, $ground, [], $coats, true);
    }

    /**
     * The ground coat, below this effect coat.
     *
     * @param PaintModel $below how the ground measures alone
     * @param array<string, float> $layer grams in a hundred
     * @param float $coats of the effect coat on the card, > 0
     */
    public static function ground(TonerLibrary $library, PaintModel $below, array $layer, float $coats): self
    {
        return new self($library, $below, [], $layer, $coats, false);
    }

    public function spectra(array $grams): array
    {
        return (new LayeredModel($this->library, $this->below))->spectra(
            $this->turnsLayer ? $this->ground : $grams,
            $this->turnsLayer ? $grams : $this->layer,
            $this->coats,
        );
    }

    public function landing(float $dryness): self
    {
        return new self(
            $this->library,
            $this->below->landing($dryness),
            $this->ground,
            $this->layer,
            $this->coats,
            $this->turnsLayer,
        );
    }

    public function angles(): array
    {
        return $this->below->angles();
    }
}
