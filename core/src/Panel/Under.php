<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** What lies under the new colour in a repair. */
enum Under: string
{
    case OldTwoPack = 'old-two-pack';
    case ThermoplasticLacquer = 'thermoplastic-lacquer';
    case Primer = 'primer';
    case BareMetal = 'bare-metal';
    case BarePlastic = 'bare-plastic';
    case NewPrimedPart = 'new-primed-part';
    /** Old paint that nobody has held a solvent rag to yet. */
    case OldUntested = 'old-untested';
    /** A rub-through or chip on a panel that is to be blended. */
    case SandThrough = 'sand-through';

    public function words(): string
    {
        return match ($this) {
            self::OldTwoPack => 'old two-pack finish',
            self::ThermoplasticLacquer => 'old thermoplastic lacquer',
            self::Primer => 'primer',
            self::BareMetal => 'bare metal',
            self::BarePlastic => 'bare plastic',
            self::NewPrimedPart => 'new primed part',
            self::OldUntested => 'old finish, not tested yet',
            self::SandThrough => 'sand-through or chip',
        };
    }

    /** Is its grey seen through thin colour, so that the shade matters? */
    public function hasGreyShade(): bool
    {
        return $this === self::Primer || $this === self::NewPrimedPart;
    }
}
