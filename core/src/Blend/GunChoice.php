<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

enum GunChoice: string
{
    case Standard = 'standard';
    case Small = 'small';
}
