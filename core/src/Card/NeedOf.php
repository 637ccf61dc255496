<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Comparison;

/** Says what a plan needs for a card's difference. */
interface NeedOf
{
    public function of(Comparison $c): CardNeed;

    /** The same for a card that nobody has read, only looked at. */
    public function byEye(EyeVerdict $seen): CardNeed;
}
