<?php

declare(strict_types=1);

namespace Kalopsis\Units;

/** The two sets of units a shop may read; inside, everything is metric. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';
}
