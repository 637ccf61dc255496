<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** What a panel is made of; plastic wants an adhesion promoter where it is bare. */
enum Material: string
{
    case Steel = 'steel';
    case Aluminium = 'aluminium';
    case Plastic = 'plastic';
}
