<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\EffectFit;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;
use Kalopsis\Sequence\FinishClass;

/** The colours a blend runs between: the car's finish, the one that is sprayed, and the primer below. */
final readonly class Finish
{
    /**
     * While nobody has measured a card the new colour is taken to be this much lighter at every angle, L*. Chosen here:
     * an ordinary variant.
     */
    public const ASSUMED_DL = 2.0;

    /** L* of the lightest and of the darkest grey primer. Chosen here. */
    private const PRIMER_L = [88.0, 28.0];

    /**
     * @param array<int, Lab> $old by angle
     * @param array<int, Lab> $new by angle, laid as well as the old
     */
    private function __construct(
        public EffectFit $fit,
        public array $old,
        public array $new,
        public FinishClass $class,
        public ?int $greyShade,
        public bool $measured,
        public Pigment $pigment,
        public ?EffectLayer $layer = null,
    ) {}

    /** A finish of a class nobody has measured. Bodies and flakes from docs/model.md section 10. */
    public static function assumed(
        FinishClass $class,
        ?int $greyShade,
        float $dL = self::ASSUMED_DL,
        ?Pigment $pigment = null,
    ): self {
        $pigment ??= Pigment::of($class);
        $viewing = Viewing::paint();
        [$body, $flake] = match ($class) {
            FinishClass::SolidDark => [[16.0, 0.0, -1.0], [0.0, 0.0, 0.0]],
            FinishClass::SolidLight => [[88.0, -1.0, 6.0], [0.0, 0.0, 0.0]],
            FinishClass::MetallicDark => [[22.0, 0.0, -1.5], [103.8, 0.0, -1.5]],
            FinishClass::MetallicLight => [[38.0, -0.3, -1.0], [151.3, -0.5, -1.0]],
            FinishClass::Pearl => [[70.0, -0.5, 2.0], [120.0, 0.5, 4.0]],
        };
        $fit = EffectFit::made(
            Lab::of($body[0], $body[1], $body[2], $viewing),
            Lab::of($flake[0], $flake[1], $flake[2], $viewing),
        );
        $old = $new = [];
        foreach (Geometry::Five->angles() as $angle) {
            $old[$angle] = $fit->at($angle, FlakeLobe::level($pigment->flakes))->lab($viewing);
            $new[$angle] = $old[$angle]->shifted($dL, 0.0, 0.0);
        }

        return new self(self::fitOf($new, $pigment), $old, $new, $class, $greyShade, false, $pigment);
    }

    /** The car and a card, as they were measured. A solid read at 45/0 looks the same at every angle. */
    public static function measured(
        FinishClass $class,
        ?int $greyShade,
        Measurement $car,
        Measurement $card,
        ?Pigment $pigment = null,
    ): self {
        $pigment ??= Pigment::of($class);
        $old = $new = [];
        if ($car->geometry === Geometry::FortyFiveZero || $card->geometry === Geometry::FortyFiveZero) {
            foreach (Geometry::Five->angles() as $angle) {
                $old[$angle] = $car->at(45);
                $new[$angle] = $card->at(45);
            }
        } else {
            foreach ($car->anglesWith($card) as $angle) {
                $old[$angle] = $car->at($angle);
                $new[$angle] = $card->at($angle);
            }
        }

        return new self(self::fitOf($new, $pigment), $old, $new, $class, $greyShade, true, $pigment);
    }

    /**
     * The same where the number of coats is part of the colour.
     *
     * @param float $coats with which the new colour was judged
     */
    public function layered(CoatPath $path, float $coats): self
    {
        return new self(
            $this->fit,
            $this->old,
            $this->new,
            $this->class,
            $this->greyShade,
            $this->measured,
            $this->pigment,
            new EffectLayer($path, $coats),
        );
    }

    /** The same colour sprayed with another number of coats of its layer; as it is where they are no part of it. */
    public function withCoats(float $coats): self
    {
        if ($this->layer === null) {
            return $this;
        }
        $new = [];
        foreach ($this->new as $angle => $lab) {
            $towards = $this->layer->towards($angle, $lab->xyz());
            $new[$angle] = CoatPath::over($towards, $towards[0], $coats)->lab($this->viewing());
        }

        return new self(
            self::fitOf($new, $this->pigment),
            $this->old,
            $new,
            $this->class,
            $this->greyShade,
            $this->measured,
            $this->pigment,
            new EffectLayer($this->layer->path, $coats),
        );
    }

    /** A colour that came out so much lighter than the card at every angle, L*. */
    public function lighter(float $dL): self
    {
        return $dL === 0.0
            ? $this
            : $this->sprayedAs(array_map(fn (Lab $lab): Lab => $lab->shifted($dL, 0.0, 0.0), $this->new), $this->greyShade);
    }

    /** @param int $shade of the primer below, 1 to 7 */
    public function over(int $shade): self
    {
        return $this->sprayedAs($this->new, $shade);
    }

    /** @param array<int, Lab> $new */
    private function sprayedAs(array $new, ?int $shade): self
    {
        $fit = $new === $this->new ? $this->fit : self::fitOf($new, $this->pigment);

        return new self($fit, $this->old, $new, $this->class, $shade, $this->measured, $this->pigment, $this->layer);
    }

    /** @return list<int> */
    public function angles(): array
    {
        return array_keys($this->old);
    }

    /**
     * The car's finish towards any angle: as measured, or what body and flakes make of it.
     *
     * @param int $angle aspecular, degrees
     */
    public function oldAt(int $angle): Xyz
    {
        return isset($this->old[$angle]) ? $this->old[$angle]->xyz() : self::between($this->old, $angle, $this->pigment);
    }

    /** The same of the colour that is sprayed, laid as well as the old. @param int $angle aspecular, degrees */
    public function newAt(int $angle): Xyz
    {
        return isset($this->new[$angle]) ? $this->new[$angle]->xyz() : self::between($this->new, $angle, $this->pigment);
    }

    /** Do both run between the same colours? */
    public function isLike(self $other): bool
    {
        foreach ([[$this->old, $other->old], [$this->new, $other->new]] as [$mine, $theirs]) {
            if (array_keys($mine) !== array_keys($theirs)) {
                return false;
            }
            foreach ($mine as $angle => $lab) {
                if ($lab->l !== $theirs[$angle]->l || $lab->a !== $theirs[$angle]->a || $lab->b !== $theirs[$angle]->b) {
                    return false;
                }
            }
        }

        return true;
    }

    public function viewing(): Viewing
    {
        return $this->fit->viewing;
    }

    /** A film of the colour that is sprayed. @param float $hiding factor on the film that hides */
    public function film(float $hiding = 1.0): Film
    {
        $face = $this->newAt(45);
        $effect = $this->class->isEffect();

        return Film::of(
            $effect ? $this->fit->body : $face,
            $effect,
            $face->y,
            $this->pigment->hidingUm * $hiding,
            $this->viewing(),
        );
    }

    /** A film of the ground coat below an effect: an opaque solid of the colour's own lightness. */
    public function groundFilm(): Film
    {
        $face = $this->newAt(45);

        return Film::of($face, false, $face->y, Pigment::h98(FinishClass::SolidLight), $this->viewing());
    }

    /** A grey primer, shade 1 to 7; 4 when nobody said. */
    public function primer(?int $shade = null): Xyz
    {
        $share = (($shade ?? ($this->greyShade ?? 4)) - 1) / 6.0;

        return Lab::of(
            self::PRIMER_L[0] + $share * (self::PRIMER_L[1] - self::PRIMER_L[0]),
            0.0,
            0.0,
            $this->viewing(),
        )->xyz();
    }

    /** @param array<int, Lab> $labs */
    private static function between(array $labs, int $angle, Pigment $pigment): Xyz
    {
        return self::fitOf($labs, $pigment)->at($angle, FlakeLobe::level($pigment->flakes));
    }

    /** @param array<int, Lab> $labs */
    private static function fitOf(array $labs, Pigment $pigment): EffectFit
    {
        return EffectFit::of(Measurement::ofLabs($labs), $pigment->flakes);
    }
}
