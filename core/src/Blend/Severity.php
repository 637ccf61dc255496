<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

enum Severity: string
{
    case Note = 'note';
    case LookOut = 'look-out';
    case Stop = 'stop';
}
