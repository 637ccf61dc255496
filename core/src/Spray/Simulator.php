<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Blend\Side;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Gun\Stroke;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sight\Eye;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** Sprays a plan in the model and looks at it. Own model, docs/model.md section 10. */
final class Simulator
{
    /** Nodes this far apart, mm: indices change by under 2 % at half of it where fades are long. */
    public const STEP_MM = 5.0;

    /** For the spread and the search for a shorter blend. */
    private const COARSE_MM = 10.0;

    private const RUNS = 9;

    /** A fade is worst from far, a short one from the middle. */
    private const TELLING_M = [1.0, 5.0];

    /** A panel's worth of colour: reaches from here on cover whole panels, mm. */
    private const WHOLE_MM = 1000.0;

    private const PAST_GAP_MM = 120.0;

    /** Longer than this nobody blends, mm. */
    private const LONGEST_MM = 900.0;

    /**
     * @param list<Coat> $coats
     * @param list<Side> $sides
     * @param array<string, float> $areas m2 by coat id, for the time in the booth
     */
    public static function of(StackBuilder $builder, array $coats, Bed $bed, Finish $finish, array $sides, array $areas, int $seed = 1, bool $withNeed = true): Outlook
    {
        $ends = self::ends($coats, $sides);
        // Colour that covers whole panels fades nowhere: only its edges can be seen.
        $covers = self::covers($coats);
        $to = $covers ? max([200.0, ...array_column($ends, 0)]) + self::PAST_GAP_MM : null;
        $stack = $builder->stack($coats, $bed, $finish->h98Um, new Assumptions(), self::STEP_MM, 1.0, $to);
        $eye = new Eye();
        $free = $covers ? Profile::nothing($finish) : Profile::of($stack, $finish, $eye);
        $cut = [];
        foreach ($ends as $name => [$room, $hides]) {
            $cut[$name] = Profile::of($stack, $finish, $eye, $room, Eye::DISTANCES_M, $hides);
        }
        $found = [];
        foreach (Assumptions::spread(self::RUNS, $seed) as $assumed) {
            $other = $builder->stack($coats, $bed, $finish->h98Um, $assumed, self::COARSE_MM, 1.0, $to);
            $looks = new Eye($assumed->eye);
            $index = max($covers ? 0.0 : Profile::of($other, $finish, $looks)->worst, Profile::mottle($other, $looks));
            foreach ($ends as [$room, $hides]) {
                $index = max($index, Profile::of($other, $finish, $looks, $room, self::TELLING_M, $hides)->worst);
            }
            $found[] = $index;
        }
        sort($found);

        return new Outlook(
            $stack,
            $finish,
            $free,
            $cut,
            Profile::mottle($stack, $eye),
            Profile::banding($stack, $finish, $eye),
            $stack->primerShows(),
            Certainty::of(count(array_filter($found, fn (float $v): bool => $v <= 1.0)) / self::RUNS),
            $found[0],
            $found[self::RUNS - 1],
            $withNeed && ! $covers ? self::need($builder, $coats, $bed, $finish) : null,
            self::minutes($builder, $coats, $areas),
        );
    }

    /**
     * The shortest blend, all coats drawn out alike, that leaves nothing to see; null when none up to 900 mm does.
     *
     * @param list<Coat> $coats
     */
    public static function need(StackBuilder $builder, array $coats, Bed $bed, Finish $finish): ?Figure
    {
        $room = 0.0;
        foreach ($coats as $coat) {
            if ($coat->kind->isColour()) {
                $room = max($room, $coat->limitMm() ?? 0.0);
            }
        }
        if ($room <= 0.0) {
            return null;
        }
        $eye = new Eye();
        $seen = fn (float $mm): float => Profile::of($builder->stack($coats, $bed, $finish->h98Um, new Assumptions(), max(2.5, min(self::COARSE_MM, $mm / 30.0)), $mm / $room), $finish, $eye, null, self::TELLING_M)->worst;
        if ($seen(self::LONGEST_MM) > 1.0) {
            return null;
        }
        $low = 30.0;
        $high = self::LONGEST_MM;
        // The index falls with the room (docs/model.md section 10), so halving finds where it passes 1; seven halvings leave 3 %.
        for ($i = 0; $i < 7; $i++) {
            $middle = sqrt($low * $high);
            if ($seen($middle) > 1.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return Figure::of(Quantity::mm(ceil($high / 5.0) * 5.0), Reason::of(
            Phrase::of($finish->measured ? 'The shortest blend at which nobody sees the card\'s difference, all coats drawn out alike.' : 'The shortest blend at which nobody sees a colour {dl} off in L*: no card has been measured yet.', ['dl' => sprintf('%.0f', Finish::ASSUMED_DL)]),
            SourceKind::Estimate,
            'Simulated coat by coat and looked at from five angles and distances; own model, docs/model.md section 10.',
            ['wet bed' => $bed->value, 'hides at' => Quantity::um($finish->h98Um)],
        ));
    }

    /** @param list<Coat> $coats */
    private static function covers(array $coats): bool
    {
        foreach ($coats as $coat) {
            if ($coat->kind->isColour() && ($coat->reachMm ?? 0.0) < self::WHOLE_MM) {
                return false;
            }
        }

        return true;
    }

    /**
     * Rooms of the sides where colour ends at a gap or a line, and what that place takes off a step, by the neighbour's name.
     *
     * @param list<Coat> $coats
     * @param list<Side> $sides
     * @return array<string, array{float, float}>
     */
    private static function ends(array $coats, array $sides): array
    {
        $limit = 0.0;
        foreach ($coats as $coat) {
            $limit = max($limit, $coat->kind->isColour() ? ($coat->limitMm() ?? 0.0) : 0.0);
        }
        $out = [];
        foreach ($sides as $side) {
            $room = $side->room->value();
            if ($side->choice !== null && $side->choice !== SideChoice::Join && $room < $limit) {
                $hides = $side->folds ? Profile::FOLD : ($side->choice === SideChoice::StopAtLine ? Profile::BODY_LINE : Profile::GAP);
                if ($room < ($out[$side->neighbourName][0] ?? INF)) {
                    $out[$side->neighbourName] = [$room, $hides];
                }
            }
        }

        return $out;
    }

    /**
     * Time in the booth for the colour: strokes over the areas, edges, and flashing.
     *
     * @param list<Coat> $coats
     * @param array<string, float> $areas m2
     */
    private static function minutes(StackBuilder $builder, array $coats, array $areas): float
    {
        $sum = 0.0;
        foreach ($coats as $coat) {
            if (! $coat->kind->isColour() && $coat->kind->value !== 'wet-bed') {
                continue;
            }
            $pitch = Stroke::fanMm($coat->gun) * (1.0 - $coat->gun->overlapPercent / 100.0);
            // Strokes and the way back between them, and a minute for edges and the cup. Common practice.
            $sum += 1.0 + 1.3 * ($areas[$coat->id] ?? 0.0) * 1e6 / (Stroke::full()->speedMmPerS * $pitch * 60.0);
            $sum += $coat->kind->isColour() ? $builder->flashMinutes($coat) : 0.5 * $builder->flashMinutes($coat);
        }

        return $sum;
    }
}
