<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourEvent;
use Kalopsis\Why\Phrase;

/** A pass that no longer holds, because the plan is another. */
final readonly class FallenPass
{
    /** @param list<Phrase> $because empty where it was kept before plans were */
    public function __construct(public ColourEvent $event, public array $because) {}
}
