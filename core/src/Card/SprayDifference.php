<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use JsonSerializable;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** One thing the card was not sprayed like the plan. */
final readonly class SprayDifference implements JsonSerializable
{
    private function __construct(public string $field, public Phrase $says) {}

    public static function of(
        string $field,
        string $what,
        Quantity|Phrase|string|int $card,
        Quantity|Phrase|string|int $plan,
    ): self {
        return new self(
            $field,
            Phrase::of('{what}: card {card}, plan {plan}', ['what' => Phrase::of($what), 'card' => $card, 'plan' => $plan]),
        );
    }

    /** @return array{field: string, says: Phrase} */
    public function jsonSerialize(): array
    {
        return ['field' => $this->field, 'says' => $this->says];
    }
}
