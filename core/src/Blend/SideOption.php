<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use JsonSerializable;
use Kalopsis\Why\Phrase;

/** One way out of too little room, and whether it is open here. */
final readonly class SideOption implements JsonSerializable
{
    public function __construct(public SideChoice $choice, public bool $open, public Phrase $says) {}

    /** @return array{choice: string, open: bool, says: Phrase} */
    public function jsonSerialize(): array
    {
        return ['choice' => $this->choice->value, 'open' => $this->open, 'says' => $this->says];
    }
}
