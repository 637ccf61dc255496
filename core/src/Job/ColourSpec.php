<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Sequence\FinishClass;

final readonly class ColourSpec
{
    /** @param ?int $undercoatShade grey shade the formula names, 1 to 7 */
    public function __construct(
        public string $name,
        public string $code,
        public FinishClass $finish,
        public ?int $undercoatShade,
    ) {}
}
