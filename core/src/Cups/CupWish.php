<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

/** What a painter says of one cup: which vessel it is mixed in, what there is already, and what was left of it. */
final readonly class CupWish
{
    /** More than this nobody has mixed or left over, ml. Common practice: a large van takes under ten litres. */
    public const MOST_ML = 20_000.0;

    /**
     * @param ?string $vessel key of the cup it is mixed in; null: the smallest that takes it
     * @param ?float $onHandMl ready mixed and at hand, ml; null: nothing said
     * @param ?float $leftMl left after its coats were sprayed, ml; null: not sprayed yet
     */
    public function __construct(
        public ?string $vessel = null,
        public ?float $onHandMl = null,
        public ?float $leftMl = null,
    ) {}
}
