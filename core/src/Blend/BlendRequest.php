<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Film\Air;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\Reducer;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Repair;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\ShopGuns;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Finish;

/** All that the planner needs to know. */
final readonly class BlendRequest
{
    /**
     * @param list<Repair> $repairs
     * @param ?int $undercoatShade grey shade the colour wants under it, 1 to 7
     * @param float $usual length of the way it is sprayed, as a share of the trade's usual blend
     * @param array<string, MixRatio> $ratios by product role, what the painter mixes instead of the data sheet's
     * @param ShopGuns $guns of this shop
     * @param array<string, SideChoice> $sides by "panel|neighbour", ids sorted
     */
    public function __construct(
        public BodyShape $body,
        public array $repairs,
        public Finish $finish,
        public ?int $undercoatShade,
        public PaintSystem $system,
        public CoatSequence $sequence,
        public float $usual,
        public GunChoice $gun,
        public array $ratios,
        public Reducer $reducer,
        public Air $air,
        public Certainty $certainty,
        public array $sides,
        public ShopGuns $guns = new ShopGuns(),
    ) {}

    public static function sideKey(string $panel, string $neighbour): string
    {
        return $panel < $neighbour ? "{$panel}|{$neighbour}" : "{$neighbour}|{$panel}";
    }

    /** The same plan for another card. */
    public function sprayedWith(Finish $finish): self
    {
        return new self(
            $this->body,
            $this->repairs,
            $finish,
            $this->undercoatShade,
            $this->system,
            $this->sequence,
            $this->usual,
            $this->gun,
            $this->ratios,
            $this->reducer,
            $this->air,
            $this->certainty,
            $this->sides,
            $this->guns,
        );
    }

    /** The same plan sprayed with other steps. */
    public function withSteps(CoatSequence $sequence): self
    {
        return new self(
            $this->body,
            $this->repairs,
            $this->finish,
            $this->undercoatShade,
            $this->system,
            $sequence,
            $this->usual,
            $this->gun,
            $this->ratios,
            $this->reducer,
            $this->air,
            $this->certainty,
            $this->sides,
            $this->guns,
        );
    }

    /** @return list<Coat> */
    public function drawnOut(CoatSequence $sequence, float $blendMm, ?GunChoice $gun = null): array
    {
        return $sequence->drawnOut($blendMm, $this->system, $this->finish->class, $gun ?? $this->gun, $this->ratios, $this->guns);
    }

    /** @return list<array{Repair, Panel}> */
    public function repairsOnPanels(): array
    {
        return array_map(fn (Repair $r): array => [$r, $this->body->panel($r->panelId)], $this->repairs);
    }

    /** What the trade would take without computing, primer to last dust, mm. */
    public function usualMm(): float
    {
        return Trade::usualMm($this->finish->class) * $this->usual * Trade::share($this->repairsOnPanels(), $this->gun);
    }
}
