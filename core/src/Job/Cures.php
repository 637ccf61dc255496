<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Colour\Measurement;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Sequence\Awkward;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Drying;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\GunChange;
use Kalopsis\Sequence\Hold;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Sequence\Strokes;
use Kalopsis\Spray\Outlook;
use Kalopsis\Spray\Part;
use Kalopsis\Why\Phrase;

/** Changes that cure what stays visible of a plan. Each is tried in the simulation before it is offered. */
final class Cures
{
    /** As a wet bed in the trade's schools. */
    private const BED = 'A wet, level landing for stray flakes';

    /** Parts of blending clear to the rest of a ground coat. Chosen here, so that its cover fades as gently as a layer does. */
    private const LET_DOWN = 2.0;

    /** @return list<array{says: Phrase, sequence: CoatSequence, index: float}> the best first; empty when nothing is seen */
    public static function of(JobSpec $job, JobPlanner $planner, ?Measurement $car, ?Measurement $card): array
    {
        $now = self::outlook($job, $job->plan->sequence, $planner, $car, $card);
        $fault = $now->fault();
        if ($fault === null) {
            return [];
        }
        $out = [];
        foreach (self::tries($fault, $job->plan->sequence) as [$what, $sequence]) {
            $there = self::outlook($job, $sequence, $planner, $car, $card);
            if ($there->index() < 1.0) {
                $out[] = [
                    'says' => Phrase::of('{what}: not seen.', ['what' => Phrase::of($what)]),
                    'sequence' => $sequence,
                    'index' => round($there->index(), 2),
                ];
            } elseif ($there->parts[$fault->value] < 1.0 && $there->index() < $now->index()) {
                $still = $there->fault();
                $out[] = [
                    'says' => Phrase::of('{what}: {fault} is gone, {still} stays.', [
                        'what' => Phrase::of($what),
                        'fault' => Phrase::of($fault->words()),
                        'still' => $still === null ? '' : Phrase::of($still->words()),
                    ]),
                    'sequence' => $sequence,
                    'index' => round($there->index(), 2),
                ];
            }
        }
        usort($out, fn (array $a, array $b): int => $a['index'] <=> $b['index']);

        return $out;
    }

    private static function outlook(
        JobSpec $job,
        CoatSequence $sequence,
        JobPlanner $planner,
        ?Measurement $car,
        ?Measurement $card,
    ): Outlook {
        $plan = $job->plan->sprayed($job->plan->school, $sequence, $job->plan->usual, true);

        return SprayedPlan::of($planner->plan($job->with($plan), $car, $card))->outlook();
    }

    /** @return list<array{string, CoatSequence}> in the order a painter would try them */
    private static function tries(Part $fault, CoatSequence $s): array
    {
        return match ($fault) {
            Part::Fringe => [
                ['A flashed bed', self::bedded($s, LandsIn::FlashedBed)],
                ['A bed kept wet', self::bedded($s, LandsIn::WetBed)],
                ['A transparent last coat', self::transparent($s)],
            ],
            Part::Hiding => [['One more coat of base', self::oneMore($s)], ['Cross coats', self::crossed($s)]],
            Part::Mottle => [['A control coat', self::controlled($s)], ['Waiting between coats', self::waiting($s)]],
            Part::Stripes => [['A control coat', self::controlled($s)], ['Cross coats', self::crossed($s)]],
            Part::Coats => [
                ['The last ground coat let down', self::letDown($s)],
                ['More effect coats, each thinner', self::thinner($s)],
                ['Colour to the edge of the panel', Awkward::toTheEdge($s)],
            ],
            Part::Colour => [
                ['A transparent last coat', self::transparent($s)],
                ['A bed kept wet', self::bedded($s, LandsIn::WetBed)],
            ],
        };
    }

    private static function bedded(CoatSequence $s, LandsIn $in): CoatSequence
    {
        $steps = array_map(
            fn (CoatStep $c): CoatStep => $c->kind->isColour() && $c->landsIn !== LandsIn::WetCoat
                ? $c->changed(landsIn: $in)
                : $c,
            $s->steps,
        );
        if ($s->hasBed()) {
            return new CoatSequence($steps);
        }
        $bed = CoatStep::plain('wet-bed', 'Wet bed', CoatKind::WetBed, Extent::wholePanel(), self::BED);

        return new CoatSequence([$bed, ...$steps]);
    }

    private static function transparent(CoatSequence $s): CoatSequence
    {
        $last = self::lastColour($s);
        if ($last === null) {
            return $s;
        }
        $mix = new MixtureSpec($last->mixture->reducer, max(1.0, $last->mixture->blendingClear));
        $coat = CoatStep::plain('melt', 'Melt coat', CoatKind::Effect, $last->extent, 'Melts the fade in')->changed(
            mixture: $mix,
            where: $last->where,
            landsIn: $last->landsIn,
        );

        return self::after($s, $last->id, $coat);
    }

    private static function oneMore(CoatSequence $s): CoatSequence
    {
        foreach (array_reverse($s->steps) as $step) {
            if ($step->kind === CoatKind::Base) {
                return self::after($s, $step->id, $step->changed(id: self::free($s, 'base'), name: 'One more base'));
            }
        }

        return $s;
    }

    /** The last ground coat with blending clear in it fades as the layer over it does. */
    private static function letDown(CoatSequence $s): CoatSequence
    {
        $grounds = array_values(array_filter($s->steps, fn (CoatStep $c): bool => $c->kind === CoatKind::Ground));
        $last = $grounds[count($grounds) - 1] ?? null;

        return new CoatSequence(
            array_map(
                fn (CoatStep $c): CoatStep => $c === $last
                    ? $c->changed(mixture: new MixtureSpec($c->mixture->reducer, self::LET_DOWN))
                    : $c,
                $s->steps,
            ),
        );
    }

    /** The same film in one coat more, so that each ends softer. */
    private static function thinner(CoatSequence $s): CoatSequence
    {
        $layers = array_values(array_filter($s->steps, fn (CoatStep $c): bool => $c->kind->isLayer()));
        $last = $layers[count($layers) - 1] ?? null;
        if ($last === null) {
            return $s;
        }
        $share = count($layers) / (count($layers) + 1);
        $out = [];
        foreach ($s->steps as $step) {
            $thin = $step->kind->isLayer() ? $step->changed(film: $step->film * $share) : $step;
            $out[] = $thin;
            if ($step === $last) {
                $out[] = $thin->changed(id: self::free($s, $step->kind->value), name: 'One more, thin');
            }
        }

        return new CoatSequence($out);
    }

    private static function crossed(CoatSequence $s): CoatSequence
    {
        return new CoatSequence(
            array_map(
                fn (CoatStep $c): CoatStep => $c->kind === CoatKind::Base ? $c->changed(strokes: Strokes::Cross) : $c,
                $s->steps,
            ),
        );
    }

    private static function controlled(CoatSequence $s): CoatSequence
    {
        $last = self::lastColour($s);
        if ($last === null) {
            return $s;
        }
        $control = CoatStep::plain(
            self::free($s, 'control'),
            'Control coat',
            CoatKind::Control,
            $last->extent,
            'Lays flakes evenly, sets the final shade',
        )->changed(
            mixture: $last->mixture,
            gun: new GunChange(Hold::Thin),
            where: $last->where,
            film: 0.5,
            landsIn: LandsIn::FlashedBed,
        );

        return self::after($s, $last->id, $control);
    }

    private static function waiting(CoatSequence $s): CoatSequence
    {
        return new CoatSequence(
            array_map(
                fn (CoatStep $c): CoatStep => $c->kind->isColour()
                    ? $c->changed(drying: Drying::Flash, landsIn: LandsIn::FlashedBed)
                    : $c,
                $s->steps,
            ),
        );
    }

    private static function lastColour(CoatSequence $s): ?CoatStep
    {
        $colour = $s->colour();

        return $colour[count($colour) - 1] ?? null;
    }

    private static function after(CoatSequence $s, string $id, CoatStep $new): CoatSequence
    {
        $out = [];
        foreach ($s->steps as $step) {
            $out[] = $step;
            if ($step->id === $id) {
                $out[] = $new;
            }
        }

        return new CoatSequence($out);
    }

    private static function free(CoatSequence $s, string $stem): string
    {
        $taken = array_map(fn (CoatStep $c): string => $c->id, $s->steps);
        $n = 1;
        while (in_array("{$stem}-{$n}", $taken, true)) {
            $n++;
        }

        return "{$stem}-{$n}";
    }
}
