<?php

declare(strict_types=1);

namespace Kalopsis\Why;

/** Where a figure's rule comes from; a data sheet always wins over the rest. */
enum SourceKind: string
{
    case DataSheet = 'data-sheet';
    case Published = 'published';
    case Practice = 'practice';
    case ShopCalibration = 'shop-calibration';
    case Estimate = 'estimate';
    case Geometry = 'geometry';
    case YourChoice = 'your-choice';
}
