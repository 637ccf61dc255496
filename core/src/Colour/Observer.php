<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** CIE standard observers, named by the size of the field of view in degrees. */
enum Observer: string
{
    case Two = '2';
    case Ten = '10';
}
