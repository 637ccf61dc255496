<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** What part of the body a panel is. */
enum PanelKind: string
{
    case Wing = 'wing';
    case Door = 'door';
    case Quarter = 'quarter';
    case Sill = 'sill';
    case Bonnet = 'bonnet';
    case Roof = 'roof';
    case Tailgate = 'tailgate';
    case Bumper = 'bumper';
}
