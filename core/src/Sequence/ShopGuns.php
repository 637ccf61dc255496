<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Gun\ShopGun;
use Kalopsis\Gun\Stroke;

/** The two guns of a shop: for panels, and for small repairs. */
final readonly class ShopGuns
{
    public function __construct(
        public ShopGun $standard = new ShopGun(),
        public ShopGun $small = new ShopGun(),
    ) {}

    public function of(GunChoice $gun): ShopGun
    {
        return $gun === GunChoice::Small ? $this->small : $this->standard;
    }

    /** How that gun is moved for a coat held like this. */
    public function stroke(Hold $hold, GunChoice $gun): Stroke
    {
        return $this->of($gun)->stroke($hold->stroke($gun), Hold::Full->stroke($gun));
    }
}
