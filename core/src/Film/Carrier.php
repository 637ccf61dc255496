<?php

declare(strict_types=1);

namespace Kalopsis\Film;

enum Carrier: string
{
    case Solvent = 'solvent';
    case Waterborne = 'waterborne';
}
