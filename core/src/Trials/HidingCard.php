<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Constant;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Film;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Pigment;

/**
 * Coats of a colour over black and white: readings of both after so many coats, or the coats after which the edge had
 * gone. Contrast ratio as in ASTM D2805; the film over either ground by Spray\Film.
 */
final readonly class HidingCard implements Trial
{
    /** Noise of a contrast ratio read with an instrument. Chosen here: 0.5 units of Y on either ground. */
    private const RATIO_NOISE = 0.01;

    /** Spread of the film between places of one card. Common practice: a hand lays within 10 %. */
    private const FILM_NOISE = 0.1;

    /** How far a hand is off its data sheet's film for a whole card, and where a gauge was put to it. Chosen here. */
    private const HAND = ['guessed' => 0.12, 'gauged' => 0.03];

    /** Coats are counted whole: standard deviation of a width of one, 1/sqrt(12). */
    private const COUNTED = 0.289;

    /** White and black of a contrast card, Y. ASTM D2805: white 80 +- 1, black at most 1. */
    private const GROUND_Y = [80.0, 0.5];

    /**
     * @param string $subject as Calibration::colour() says
     * @param float $coatUm pigmented dry film of one full coat, um
     * @param bool $gauged was that measured on the card, or is it the data sheet's?
     * @param list<array{float, float}> $ratios coats and contrast ratio read after them, 0 to 1
     * @param ?int $gone coats after which the edge had gone; null: nobody counted
     */
    public function __construct(
        private string $name,
        private string $subject,
        private FinishClass $finish,
        private float $coatUm,
        private bool $gauged,
        private array $ratios,
        private ?int $gone,
    ) {}

    public function kind(): TrialKind
    {
        return TrialKind::HidingCard;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function group(): string
    {
        return Calibration::key(Constant::Hiding, $this->subject);
    }

    public function about(): array
    {
        return [
            $this->group() => Constant::Hiding->prior(),
            $this->hand() => self::HAND[$this->gauged ? 'gauged' : 'guessed'],
        ];
    }

    public function residuals(array $factors): array
    {
        $hiding = $factors[$this->group()] ?? 1.0;
        $coat = $this->coatUm * ($factors[$this->hand()] ?? 1.0);
        $out = [];
        foreach ($this->ratios as [$coats, $read]) {
            $um = $coats * $coat;
            $more = $this->ratio($um * (1.0 + self::FILM_NOISE), $hiding);
            $less = $this->ratio($um * (1.0 - self::FILM_NOISE), $hiding);
            $noise = hypot(self::RATIO_NOISE, ($more - $less) / 2.0);
            $out[] = ($read - $this->ratio($um, $hiding)) / $noise;
        }
        if ($this->gone !== null) {
            $needs = Pigment::h98($this->finish) * $hiding / $coat;
            $out[] = ($this->gone - 0.5 - $needs) / hypot(self::COUNTED, self::FILM_NOISE * $needs);
        }

        return $out;
    }

    /** Contrast ratio over black and white under so much film. @param float $hiding factor on the film that hides */
    public function ratio(float $um, float $hiding): float
    {
        $finish = Finish::assumed($this->finish, null, 0.0, Pigment::of($this->finish));
        $film = $finish->film($hiding);
        $y = [];
        foreach (self::GROUND_Y as $ground) {
            $y[] = $this->over($film, $finish, $ground, $um);
        }

        return $y[1] / max(1e-6, $y[0]);
    }

    private function over(Film $film, Finish $finish, float $groundY, float $um): float
    {
        $viewing = Viewing::paint();
        $white = $viewing->white();
        $ground = new Xyz($groundY / 100.0 * $white->x, $groundY / 100.0 * $white->y, $groundY / 100.0 * $white->z);
        if (! $finish->class->isEffect()) {
            return $film->over($ground, $um)->y;
        }
        $left = $film->through($um)[1];
        $face = ($finish->new[45] ?? Lab::of(50.0, 0.0, 0.0, $viewing))->xyz()->y;

        return $face + $left * ($ground->y - $face);
    }

    private function hand(): string
    {
        return "hand {$this->name}";
    }
}
