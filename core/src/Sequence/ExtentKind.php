<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

/** How far a coat goes. */
enum ExtentKind: string
{
    /** Past the primer, then fading. */
    case Past = 'past';

    /** Past the primer and all that lies between two repairs of a panel, then fading. */
    case Between = 'between';

    /** Only from one distance to another past where the blend ends. */
    case Ring = 'ring';

    /** To the edges and gaps of the panel. */
    case WholePanel = 'whole-panel';
}
