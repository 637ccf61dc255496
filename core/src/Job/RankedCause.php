<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Findings\Cause;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** A cause with how likely it is, and why. */
final readonly class RankedCause implements JsonSerializable
{
    /**
     * @param float $share 0 to 1
     * @param ?float $with visibility index with it, where the model can spray it
     * @param ?float $without visibility index without it
     */
    public function __construct(
        public Cause $cause,
        public Trace $trace,
        public float $share,
        public ?float $with,
        public ?float $without,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'key' => $this->cause->key,
            'name' => $this->cause->name,
            'evidence' => $this->trace->says,
            'recorded' => $this->trace->present === true,
            'cure' => $this->cause->cure,
            'share' => Figure::of(
                Quantity::percent(round(100.0 * $this->share)),
                Reason::of(
                    $this->with === null
                        ? 'How often it is this, times how well plan and record agree with it.'
                        : 'How often it is this, times how well the model, sprayed with it and without, agrees with what was marked.',
                    SourceKind::Estimate,
                    'Bayes over causes, model notes, section 18; how often each is: chosen here.',
                    $this->with === null
                        ? []
                        : [
                            'index with it' => sprintf('%.2f', $this->with),
                            'index without it' => sprintf('%.2f', $this->without ?? 0.0),
                        ],
                ),
            ),
        ];
    }
}
