<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

enum GunChoice: string
{
    case Standard = 'standard';
    case Small = 'small';
}
