<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;
use Kalopsis\Why\Figure;

/** Ready-to-spray paint that one coat uses. */
final readonly class CoatAmount implements JsonSerializable
{
    public function __construct(public string $coatId, public string $coatName, public Figure $volume) {}

    /** @return array{coat: string, name: string, volume: Figure} */
    public function jsonSerialize(): array
    {
        return ['coat' => $this->coatId, 'name' => $this->coatName, 'volume' => $this->volume];
    }
}
