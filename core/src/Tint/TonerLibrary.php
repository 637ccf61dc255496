<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Constant;
use Kalopsis\Colour\Random;
use Kalopsis\Tint\Exception\NotMeasured;
use Kalopsis\Tint\Exception\UnknownToner;
use Kalopsis\Tint\Internal\Recipe;

/** The toners of a mixing bench. */
final readonly class TonerLibrary
{
    /** @param array<string, Toner> $toners by key */
    private function __construct(public array $toners) {}

    /** @param list<Toner> $toners */
    public static function of(array $toners): self
    {
        $by = [];
        foreach ($toners as $toner) {
            $by[$toner->key] = $toner;
        }

        return new self($by);
    }

    /**
     * The invented mixing bench of the demo: white, fourteen solid toners, three aluminiums, three pearls and a flop
     * adjuster. Their spectra follow
     * the recipe of docs/model.md section 7; they stand for no maker's toners.
     */
    public static function northlight(): self
    {
        return self::of(Recipe::toners());
    }

    /** @throws UnknownToner */
    public function toner(string $key): Toner
    {
        return $this->toners[$key] ?? throw UnknownToner::named($key);
    }

    /**
     * The same, for who computes a colour with it.
     *
     * @throws UnknownToner
     * @throws NotMeasured
     */
    public function optics(string $key): Toner
    {
        $toner = $this->toner($key);

        return $toner->measured ? $toner : throw NotMeasured::named($toner->name);
    }

    /**
     * Can the colour of a formula be computed?
     *
     * @param array<string, float> $grams by toner
     */
    public function knows(array $grams): bool
    {
        foreach (array_keys($grams) as $key) {
            if (($this->toners[$key] ?? null)?->measured !== true) {
                return false;
            }
        }

        return true;
    }

    /** What may be added to paint of a system: its own toners and those of no system, if they were measured. */
    public function within(string $system): self
    {
        return new self(
            array_filter($this->toners, fn (Toner $t): bool => $t->measured && ($t->system ?? $system) === $system),
        );
    }

    public function has(string $key): bool
    {
        return isset($this->toners[$key]);
    }

    /** The same bench as a workshop's cards found its toners. */
    public function known(Calibration $shop): self
    {
        $by = fn (Toner $t): float => $shop->about(Constant::Toner, $t->key)->factor;

        return new self(array_map(fn (Toner $t): Toner => $t->stronger($by($t)), $this->toners));
    }

    /**
     * The same bench as another day's batches: each toner stronger or weaker by up to the given share, fixed by the seed.
     */
    public function batch(int $seed, float $upTo): self
    {
        $random = new Random($seed);

        return new self(
            array_map(fn (Toner $t): Toner => $t->stronger(1.0 + $upTo * (2.0 * $random->uniform() - 1.0)), $this->toners),
        );
    }
}
