<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Colour\Flakes;
use Kalopsis\Sequence\FinishClass;

final readonly class ColourSpec
{
    /**
     * @param ?int $undercoatShade grey shade the formula names, 1 to 7
     * @param ?float $hidingUm pigmented dry film that hides, um, where the painter knows it; null: its class's
     * @param ?Flakes $flakes as its formula says; null while there is none
     */
    public function __construct(
        public string $name,
        public string $code,
        public FinishClass $finish,
        public ?int $undercoatShade,
        public ?float $hidingUm = null,
        public ?Flakes $flakes = null,
    ) {}

    public function with(?Flakes $flakes): self
    {
        return new self($this->name, $this->code, $this->finish, $this->undercoatShade, $this->hidingUm, $flakes);
    }
}
