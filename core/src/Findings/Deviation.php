<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

/** Something that was otherwise than a good run has it. What of it a run records, and what it does, is found out in Job. */
enum Deviation: string
{
    case NoBed = 'no-bed';
    case BedDried = 'bed-dried';
    case FastReducer = 'fast-reducer';
    case SlowReducer = 'slow-reducer';
    case HotAir = 'hot-air';
    case ColdAir = 'cold-air';
    case DryGun = 'dry-gun';
    case LowOverlap = 'low-overlap';
    case ThinHand = 'thin-hand';
    case WetHand = 'wet-hand';
    case ShortWaits = 'short-waits';
    case FewCoats = 'few-coats';
    case WrongGrey = 'wrong-grey';
    case ShortBlend = 'short-blend';
    case CardOff = 'card-off';
    case OtherVariant = 'other-variant';
    case ShortBeforeClear = 'short-before-clear';
    case ShortBetweenClears = 'short-between-clears';
    case DustOnRag = 'dust-on-rag';
    case HotClear = 'hot-clear';
    case ColdClear = 'cold-clear';
    case ManyCoatsInFade = 'many-coats-in-fade';
    case Unrecorded = 'unrecorded';
}
