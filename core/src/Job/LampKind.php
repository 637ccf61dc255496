<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Card\Light;
use Kalopsis\Input\Fields;

/** A lamp of a shop, and the light it stands for when a card is held to a car. */
final readonly class LampKind implements JsonSerializable
{
    public function __construct(public string $name, public Light $light) {}

    public static function read(Fields $f): self
    {
        $light = $f->choice('light', Light::class, 'The light');
        if (! $light->isALamp()) {
            $f->problems->add($f->path('light'), 'no-lamp', 'Shade and sun are no lamps.');
        }

        return new self($f->text('name', 1, 60, 'The lamp'), $light);
    }

    /** @return array{name: string, light: string} */
    public function jsonSerialize(): array
    {
        return ['name' => $this->name, 'light' => $this->light->value];
    }
}
