<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** How a panel lies: a flat one shows everything, an upright one lets wet paint sag. */
enum Orientation: string
{
    case Flat = 'flat';
    case Upright = 'upright';
}
