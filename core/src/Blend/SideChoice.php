<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

/** What to do where there is too little room before the next panel, in the order the trade tries them. */
enum SideChoice: string
{
    case Join = 'join';
    case SmallGun = 'small-gun';
    case StopAtLine = 'stop-at-line';
    case Butt = 'butt';
}
