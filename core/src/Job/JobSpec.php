<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\Trade;
use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Constant;
use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\Flakes;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\Air;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerChoice;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Spot;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Pigment;

/** A job as it was entered: checked, and nothing computed. */
final readonly class JobSpec
{
    public const FORMAT = 'kalopsis-job';

    public const VERSION = 2;

    /** What the shop works with. */
    public Equipment $equipment;

    /**
     * @param list<Repair> $repairs
     * @param bool $practice nothing is painted by it: simulated readings may pass
     * @param Calibration $shop what the workshop's own tests say
     */
    public function __construct(
        public CarSpec $car,
        public ColourSpec $colour,
        public BoothSpec $booth,
        public BodyShape $body,
        public PaintSystem $system,
        public array $repairs,
        public PlanSpec $plan,
        public bool $practice = false,
        public Calibration $shop = new Calibration(),
        ?Equipment $equipment = null,
    ) {
        $this->equipment = $equipment ?? Equipment::usual();
    }

    /** The booth it is planned in. */
    public function boothKind(): BoothKind
    {
        return $this->equipment->booth($this->booth->name);
    }

    public function blendRequest(Finish $finish): BlendRequest
    {
        return new BlendRequest(
            $this->body,
            $this->repairs,
            $finish,
            $this->colour->undercoatShade,
            $this->system,
            $this->plan->sequence,
            $this->plan->usual,
            $this->plan->gun,
            $this->plan->ratios,
            $this->reducer(),
            $this->air(),
            $this->plan->certainty,
            $this->plan->sides,
            $this->equipment->guns,
        );
    }

    /** The colours its blend runs between, by what was read of the car and of a card. */
    public function finish(Measurement $car, Measurement $card): Finish
    {
        $colour = $this->colour;
        $finish = Finish::measured($colour->finish, $colour->undercoatShade, $car, $card, $this->pigment());
        $coats = $this->plan->effectCoats();

        return $colour->path === null || $coats === null ? $finish : $finish->layered($colour->path, $coats);
    }

    public function air(): Air
    {
        return new Air(
            $this->booth->temperatureC,
            $this->booth->humidityPercent,
            $this->shop->about(Constant::Flash)->factor,
            $this->boothKind()->movesMPerS,
        );
    }

    public function reducer(): Reducer
    {
        return $this->plan->reducer ?? $this->advisedReducer();
    }

    /** For this booth, area and finish. */
    public function advisedReducer(): Reducer
    {
        return $this->reducerChoice()->advised;
    }

    public function reducerChoice(): ReducerChoice
    {
        return $this->reducerChoiceIn($this->air());
    }

    /** What other air would ask for. */
    public function advisedIn(Air $air): Reducer
    {
        return $this->reducerChoiceIn($air)->advised;
    }

    private function reducerChoiceIn(Air $air): ReducerChoice
    {
        return ReducerChoice::of(
            $this->system->carrier,
            $air,
            $this->colourM2(),
            $this->colour->finish->isCritical(),
            $this->system->reducers,
        );
    }

    /**
     * About how much will take colour, m2: the repairs, drawn out as far as the trade usually goes. What the reducer
     * is picked by; the plan's own
     * areas follow from it.
     */
    public function colourM2(): float
    {
        $sum = 0.0;
        foreach ($this->repairs as $repair) {
            $panel = $this->body->panel($repair->panelId);
            $whole = $panel->outline->areaMm2();
            $round = M_PI * ($repair->radiusMm($panel) + Trade::usualMm($this->colour->finish)) ** 2;
            $sum += $repair->isWholePanel() ? $whole : min($whole, $round);
        }

        return $sum / 1e6;
    }

    /** What is in the paint. */
    public function pigment(): Pigment
    {
        $colour = $this->colour;

        return Pigment::of($colour->finish, $colour->flakes, $colour->hidingUm, $this->shop, $colour->subject());
    }

    /** The same job where the flakes of the colour's formula are known; what a file says of them counts while none is. */
    public function withFlakes(?Flakes $flakes): self
    {
        return $this->copied(colour: $this->colour->with($flakes ?? $this->colour->flakes));
    }

    /** The same job where a let-down set has shown how the colour goes with its coats. */
    public function along(?CoatPath $path): self
    {
        return $this->copied(colour: $this->colour->along($path));
    }

    /** The same job with one of its spots larger or smaller; radius in mm. */
    public function resized(string $spot, float $radiusMm): self
    {
        $resized = fn (Repair $r): Repair => $r->id === $spot && $r->shape instanceof Spot
            ? new Repair($r->id, $r->panelId, new Spot($r->shape->centre, $radiusMm), $r->under, $r->greyShade)
            : $r;

        return $this->copied(repairs: array_map($resized, $this->repairs));
    }

    public function with(PlanSpec $plan): self
    {
        return $this->copied(plan: $plan);
    }

    /** The same job mixed from another paint system. */
    public function mixedFrom(PaintSystem $system): self
    {
        return $this->copied(system: $system);
    }

    /** @param ?list<Repair> $repairs */
    private function copied(
        ?ColourSpec $colour = null,
        ?array $repairs = null,
        ?PlanSpec $plan = null,
        ?PaintSystem $system = null,
    ): self {
        return new self(
            $this->car,
            $colour ?? $this->colour,
            $this->booth,
            $this->body,
            $system ?? $this->system,
            $repairs ?? $this->repairs,
            $plan ?? $this->plan,
            $this->practice,
            $this->shop,
            $this->equipment,
        );
    }
}
