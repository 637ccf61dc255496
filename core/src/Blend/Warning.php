<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use JsonSerializable;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\SourceKind;

/** Something in the plan that a painter would remark on. */
final readonly class Warning implements JsonSerializable
{
    /** A mixture that leaves its data sheet's window. */
    public const OUTSIDE_WINDOW = 'outside-window';

    /** @param string $about id of the coat, panel or repair it belongs to */
    public function __construct(
        public string $code,
        public Severity $severity,
        public Phrase $says,
        public string $about,
        public SourceKind $source = SourceKind::Practice,
    ) {}

    /** @return array{code: string, severity: string, says: Phrase, about: string, source: string} */
    public function jsonSerialize(): array
    {
        return [
            'code' => $this->code,
            'severity' => $this->severity->value,
            'says' => $this->says,
            'about' => $this->about,
            'source' => $this->source->value,
        ];
    }
}
