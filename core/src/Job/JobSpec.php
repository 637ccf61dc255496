<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\BlendRequest;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Repair;

/** A job as it was entered: checked, and nothing computed. */
final readonly class JobSpec
{
    public const FORMAT = 'kalopsis-job';

    public const VERSION = 1;

    /** @param list<Repair> $repairs */
    public function __construct(
        public CarSpec $car,
        public ColourSpec $colour,
        public BoothSpec $booth,
        public BodyShape $body,
        public PaintSystem $system,
        public array $repairs,
        public PlanSpec $plan,
    ) {}

    public function blendRequest(): BlendRequest
    {
        return new BlendRequest(
            $this->body,
            $this->repairs,
            $this->colour->finish,
            $this->colour->undercoatShade,
            $this->system,
            $this->plan->school,
            $this->plan->gun,
            $this->plan->wetBed,
            $this->plan->reaches,
            $this->plan->sides,
        );
    }
}
