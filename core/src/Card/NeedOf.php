<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;

/** Says what a plan needs for a card's difference. */
interface NeedOf
{
    public function of(Comparison $c): CardNeed;
}
