<?php

declare(strict_types=1);

namespace Kalopsis\Input;

use JsonSerializable;
use Kalopsis\Why\Phrase;

/** One thing wrong with what was given, at the field it was given in ("repairs.0.shape.radiusMm"). */
final readonly class Problem implements JsonSerializable
{
    public function __construct(public string $field, public string $code, public Phrase $detail) {}

    /** @return array{field: string, code: string, detail: string, phrase: Phrase} */
    public function jsonSerialize(): array
    {
        return [
            'field' => $this->field,
            'code' => $this->code,
            'detail' => $this->detail->jsonSerialize()['plain'],
            'phrase' => $this->detail,
        ];
    }
}
