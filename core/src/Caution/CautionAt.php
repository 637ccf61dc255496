<?php

declare(strict_types=1);

namespace Kalopsis\Caution;

use JsonSerializable;

/** A caution where the work meets it: a zone, a coat, a product or the booth. */
final readonly class CautionAt implements JsonSerializable
{
    /** @param string $where "zone:repair", "coat:clear-1", "product:clear", "booth" */
    public function __construct(public Caution $caution, public string $where) {}

    /** @return array{id: string, title: string, says: string, where: string} */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->caution->value,
            'title' => $this->caution->title(),
            'says' => $this->caution->says(),
            'where' => $this->where,
        ];
    }
}
