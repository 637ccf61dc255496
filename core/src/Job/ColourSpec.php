<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Calibration\Calibration;
use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\Flakes;
use Kalopsis\Sequence\FinishClass;

final readonly class ColourSpec
{
    /**
     * @param ?int $undercoatShade grey shade the formula names, 1 to 7
     * @param ?float $hidingUm pigmented dry film that hides, um, where the painter knows it; null: its class's
     * @param ?Flakes $flakes as its formula says; null while there is none
     * @param ?CoatPath $path how it goes with the coats of its effect layer, as a let-down set showed; null: not known
     */
    public function __construct(
        public string $name,
        public string $code,
        public FinishClass $finish,
        public ?int $undercoatShade,
        public ?float $hidingUm = null,
        public ?Flakes $flakes = null,
        public ?CoatPath $path = null,
    ) {}

    /** What this workshop's tests of it are kept under. */
    public function subject(): string
    {
        return Calibration::colour($this->name, $this->code);
    }

    public function with(?Flakes $flakes): self
    {
        return $this->copied($flakes, $this->path);
    }

    public function along(?CoatPath $path): self
    {
        return $this->copied($this->flakes, $path);
    }

    private function copied(?Flakes $flakes, ?CoatPath $path): self
    {
        return new self($this->name, $this->code, $this->finish, $this->undercoatShade, $this->hidingUm, $flakes, $path);
    }
}
