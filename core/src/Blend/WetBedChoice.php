<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

enum WetBedChoice: string
{
    case Auto = 'auto';
    case On = 'on';
    case Off = 'off';
}
