<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Sighting;
use Kalopsis\Sight\Signal;

/** A simulated sequence at one length of blend, judged as a whole: the fade, the lines it ends at, hiding, mottle and stripes. */
final readonly class Sprayed
{
    /** Peak to peak of mottle in a film that swims, L*, and the size of its clouds, mm. Chosen here. */
    private const MOTTLE_L = 4.0;

    private const CLOUD_MM = 60.0;

    /** A covered wet coat still telegraphs by this share. Chosen here. */
    private const TELEGRAPHS = 0.25;

    /**
     * @param array<string, array{float, float}> $lines by name: where colour ends, mm past the primer, and what the
     *        line takes off a step
     */
    public static function outlook(Simulation $s, float $blendMm, array $lines): Outlook
    {
        $usual = Assumptions::usual();
        $free = $s->look($blendMm, $usual, true, Simulation::FINE, true);
        $cut = [];
        foreach ($lines as $name => [$mm, $hides]) {
            $cut[$name] = $s->lookAtLine($blendMm, $mm, $hides);
        }
        $hiding = self::hiding($s);

        return new Outlook(
            $free,
            $cut,
            self::parts($s, $blendMm, $lines, $hiding),
            $s->spread($blendMm),
            $hiding,
            $s->finish->class->isEffect() ? $s->finish->pigment->flakes : null,
        );
    }

    /**
     * Each part of what may be seen, judged by itself.
     *
     * @param array<string, array{float, float}> $lines as outlook takes them
     * @return array<string, float> visibility index by Part
     */
    public static function parts(Simulation $s, float $blendMm, array $lines, Hiding $hiding): array
    {
        $fringe = $s->look($blendMm, Assumptions::landingOnly())->worst;
        $colour = $s->look($blendMm, Assumptions::colourOnly())->worst;
        $layered = $s->finish->layer !== null;
        $coats = $layered ? $s->look($blendMm, Assumptions::coatsOnly())->worst : 0.0;
        foreach (array_keys($lines) as $name) {
            // What a line cuts off is mostly colour; how flakes lie there is looked at apart.
            $landing = $s->lookAtLine($blendMm, $lines[$name][0], $lines[$name][1], false, Assumptions::landingOnly())
                ->worst;
            $fringe = max($fringe, $landing);
            $at = fn (Assumptions $only): float => $s->lookAtLine(
                $blendMm,
                $lines[$name][0],
                $lines[$name][1],
                false,
                $only,
            )->worst;
            $colour = max($colour, $at(Assumptions::colourOnly()));
            $coats = $layered ? max($coats, $at(Assumptions::coatsOnly())) : 0.0;
        }

        return [
            Part::Colour->value => $colour,
            Part::Fringe->value => $fringe,
            Part::Coats->value => $coats,
            ...self::film($s, $hiding),
        ];
    }

    /**
     * What the film itself shows, wherever it ends: the primer below, clouds, stripes.
     *
     * @return array<string, float> visibility index by Part
     */
    public static function film(Simulation $s, Hiding $hiding): array
    {
        return [
            Part::Hiding->value => $s->layers === [] ? 0.0 : $hiding->index(),
            Part::Mottle->value => self::mottle($s),
            Part::Stripes->value => self::stripes($s),
        ];
    }

    public static function hiding(Simulation $s): Hiding
    {
        $film = $full = 0.0;
        foreach ($s->layers as $layer) {
            $film += $layer->pigmentedUm;
            $full = max($full, $layer->coat->kind() === CoatKind::Base ? $layer->pigmentedUm : 0.0);
        }

        return Hiding::of($s->finish, $film, $full > 0.0 ? $full : $film, $s->groundUm());
    }

    /** A film that swims is cloudy, whatever the fade does. */
    private static function mottle(Simulation $s): float
    {
        $gain = $s->finish->pigment->eye->factor;

        return $s->finish->class->isEffect() ? Eye::pattern(self::clouds($s)[0], self::CLOUD_MM, self::standard($s), $gain) : 0.0;
    }

    /** @return array{float, float} half the swing of ln Y of a film that swims, at 45 degrees, and the size of a cloud, mm */
    public static function clouds(Simulation $s): array
    {
        $laid = $s->colours()->laid(new Places(-1.0, 1.0, 1), 1.0);
        $film = $s->finish->film();
        $above = 0.0;
        $sum = 0.0;
        for ($i = count($s->layers) - 1; $i >= 0; $i--) {
            $own = $laid->films[0][$i] ?? 0.0;
            $seen = $film->through($above)[1];
            $weight = self::hasFlakes($s->layers[$i]) ? $seen - $film->through($above + $own)[1] : 0.0;
            $covered = self::hasFlakes($s->layers[$i]) ? (1.0 - $seen) * (1.0 - $film->through($own)[1]) : 0.0;
            $sum += ($weight + self::TELEGRAPHS * $covered) * ($laid->swims[0][$i] ?? 0.0);
            $above += $own;
        }

        return [(self::MOTTLE_L / 2.0) * min(1.0, $sum) * self::logPerL($s), self::CLOUD_MM];
    }

    /** Overlap shows where one coat lands wetter and drier in turns. */
    private static function stripes(Simulation $s): float
    {
        if (! $s->finish->class->isEffect()) {
            return 0.0;
        }
        $standard = self::standard($s);
        $worst = self::laps($s, $standard);
        foreach (self::strokes($s) as [$half, $pitchMm]) {
            $worst = max($worst, Eye::pattern($half, $pitchMm, $standard, $s->finish->pigment->eye->factor));
        }

        return $worst;
    }

    /**
     * Half the swing of ln Y at 45 degrees between (1 +- ripple/2) of each coat's own wetness, weighted by what of that coat is
     * seen, at full strength and half way down its fade.
     *
     * @return list<array{float, float}> half the swing, and the way from stroke to stroke, mm
     */
    public static function strokes(Simulation $s): array
    {
        $fit = $s->finish->fit;
        $film = $s->finish->film();
        $pigment = $s->finish->pigment;
        $lobe = fn (float $dry): FlakeLobe => FlakeOrder::lobe($pigment->flakes, $dry, 0.0, $pigment->tilt->factor);
        $y = fn (float $dry): float => log($fit->at(45, $lobe($dry))->y + Signal::VEIL);
        $laid = $s->colours()->laid(new Places(-1.0, 1.0, 1), 1.0);
        $out = [];
        $above = 0.0;
        for ($i = count($s->layers) - 1; $i >= 0; $i--) {
            $layer = $s->layers[$i];
            $own = $laid->films[0][$i] ?? 0.0;
            foreach (self::hasFlakes($layer) ? [1.0, 0.5] : [] as $share) {
                $dry = max(1e-12, $laid->dryness[0][$i] ?? 0.0) ** $share;
                // dryness = exp(-V/Vc): a share of the coat's own V more or less is a power of it.
                $swing = $layer->ripple / 2.0;
                $half = abs($y(min(1.0, $dry ** (1.0 - $swing))) - $y($dry ** (1.0 + $swing))) / 2.0;
                $out[] = [$half * ($film->through($above)[1] - $film->through($above + $share * $own)[1]), $layer->pitchMm];
            }
            $above += $own;
        }

        return $out;
    }

    /** A layer that lets light through is darker wherever strokes lap: half its swing, by the coat that shows it most. */
    private static function laps(Simulation $s, Signal $standard): float
    {
        $layer = $s->finish->layer;
        $um = array_sum(array_map(fn (Layer $l): float => $l->pigmentedUm, $s->layers));
        $worst = 0.0;
        if ($layer === null || $um <= 0.0) {
            return $worst;
        }
        foreach ($s->layers as $l) {
            $coats = ($layer->coats * $l->pigmentedUm) / $um;
            $half = $layer->lapSwing($coats, $l->ripple, $s->finish->newAt(45)) / 2.0;
            $worst = max($worst, Eye::pattern($half, $l->pitchMm, $standard, $s->finish->pigment->eye->factor));
        }

        return $worst;
    }

    /** Tint in clear cannot mottle. */
    private static function hasFlakes(Layer $layer): bool
    {
        return $layer->coat->kind() !== CoatKind::TintedClear;
    }

    private static function standard(Simulation $s): Signal
    {
        return new Signal($s->finish->oldAt(45), $s->finish->viewing());
    }

    /** Change of ln(Y + veil) for one L* at the finish's own lightness. */
    private static function logPerL(Simulation $s): float
    {
        $face = $s->finish->oldAt(45)->lab($s->finish->viewing());
        $up = $face->shifted(0.5, 0.0, 0.0)->xyz()->y;
        $down = $face->shifted(-0.5, 0.0, 0.0)->xyz()->y;

        return log(($up + Signal::VEIL) / ($down + Signal::VEIL));
    }

    /** Nothing sprayed yet. */
    public static function nothing(Finish $finish): Outlook
    {
        $none = array_fill_keys(array_map(fn (Part $p): string => $p->value, Part::cases()), 0.0);

        return new Outlook(Sighting::nothing($finish->angles()), [], $none, 0.2, Hiding::of($finish, 0.0, 0.0), null);
    }
}
