<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Mix;

/** A scale on the mixing bench: what it sent lately. The shipped one is a simulator; a real one sends its readings over HTTP. */
interface ScaleDevice
{
    /** @return list<array{float, float}> seconds of the clock and grams, the oldest first; nothing while it is silent */
    public function readings(Mix $mix, float $now): array;
}
