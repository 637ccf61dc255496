<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use JsonSerializable;
use Kalopsis\Panel\Point;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;

/** One side of the blend: from the nearest primer towards the next painted panel. */
final readonly class Side implements JsonSerializable
{
    /**
     * @param list<SideOption> $options in the order the trade tries them; empty where there is room
     * @param bool $folds the neighbour lies in another plane or is another material
     */
    public function __construct(
        public string $panelId,
        public string $neighbourId,
        public string $neighbourName,
        public Figure $room,
        public float $neededMm,
        public bool $reached,
        public ?SideChoice $choice,
        public bool $chosenByYou,
        public array $options,
        public Point $from,
        public Point $to,
        public bool $folds = false,
    ) {}

    public function isShort(): bool
    {
        return $this->room->value() < $this->neededMm;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'panel' => $this->panelId,
            'neighbour' => $this->neighbourId,
            'neighbourName' => $this->neighbourName,
            'room' => $this->room,
            'needed' => Quantity::mm($this->neededMm),
            'short' => $this->isShort(),
            'reached' => $this->reached,
            'choice' => $this->choice?->value,
            'chosenByYou' => $this->chosenByYou,
            'options' => $this->options,
            'from' => $this->from,
            'to' => $this->to,
        ];
    }
}
