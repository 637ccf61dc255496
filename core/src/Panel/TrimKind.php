<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** What is not painted and only tells which car it is. */
enum TrimKind: string
{
    case Wheel = 'wheel';
    case Glass = 'glass';
    case Lamp = 'lamp';
    case Handle = 'handle';
}
