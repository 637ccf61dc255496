<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\Need;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Film\Air;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Material;
use Kalopsis\Panel\NamedLine;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\PanelKind;
use Kalopsis\Panel\Polyline;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Seam;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Sequence\ShopGuns;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Part;

/** A made-up car of square panels beside each other, so that every way on it is known by hand. */
final class Rows
{
    public const WIDE_MM = 600.0;

    public const GAP_MM = 4.0;

    /**
     * Panels called by what they are given under, from left to right, 600 mm square, 4 mm apart.
     *
     * @param array<string, array{kind?: PanelKind, material?: Material, lies?: Orientation, lines?: list<NamedLine>}> $panels
     * @param ?string $under panel with a lid over its upper edge, drawn far away and turned by a right angle
     */
    public static function of(array $panels, ?string $under = null): BodyShape
    {
        $made = $seams = [];
        $before = null;
        $x = 0.0;
        foreach ($panels as $id => $is) {
            $made[$id] = self::square($id, $x, 0.0, $is);
            if ($before !== null) {
                $seams[] = self::seam($made[$before], $made[$id], self::upright($x - self::GAP_MM), self::upright($x));
            }
            [$before, $x] = [$id, $x + self::WIDE_MM + self::GAP_MM];
        }
        if ($under !== null) {
            $made['lid'] = self::square('lid', 0.0, 5000.0, ['kind' => PanelKind::Roof]);
            $left = $made[$under]->outline->box()->x0;
            $top = Polyline::through([[$left, 0.0], [$left + self::WIDE_MM, 0.0]]);
            // The lid's left edge lies on the upper edge: its y there is x here.
            $edge = Polyline::through([[0.0, 5000.0], [0.0, 5000.0 + self::WIDE_MM]]);
            $seams[] = self::seam($made[$under], $made['lid'], $top, $edge);
        }

        return new BodyShape('row', 'Row', 'row', $made, $seams);
    }

    /**
     * Two colour coats that reach to half of the blend and fade over the other half, and a clear.
     *
     * @param list<Repair> $repairs
     * @param array<string, SideChoice> $sides by "panel|neighbour", ids sorted
     */
    public static function request(
        BodyShape $body,
        array $repairs,
        array $sides = [],
        GunChoice $gun = GunChoice::Standard,
        ?CoatSequence $steps = null,
        float $usual = 1.0,
        ShopGuns $guns = new ShopGuns(),
    ): BlendRequest {
        static $system = null;
        $system ??= (new Bodies())->paintSystem('northlight-s');

        return new BlendRequest(
            $body,
            $repairs,
            Finish::assumed(FinishClass::MetallicLight, 3),
            3,
            $system,
            $steps ?? self::fading(),
            $usual,
            $gun,
            [],
            Reducer::of(ReducerGrade::Standard),
            new Air(22.0, 50.0),
            Certainty::Sure,
            $sides,
            $guns,
        );
    }

    /** A need of so much, taken as it is. */
    public static function need(?float $mm, float $blendMm, ?float $roomMm = null, ?Part $stays = null): Need
    {
        return new Need(Certainty::Sure, true, $mm, 50.0, 300.0, $blendMm, $roomMm, $stays, true);
    }

    public static function fading(): CoatSequence
    {
        return new CoatSequence([
            CoatStep::plain('first', 'First', CoatKind::Base, Extent::past(0.2, 0.3), ''),
            CoatStep::plain('second', 'Second', CoatKind::Base, Extent::past(0.5, 0.5), ''),
            self::clear(),
        ]);
    }

    public static function whole(): CoatSequence
    {
        return new CoatSequence([
            CoatStep::plain('first', 'First', CoatKind::Base, Extent::wholePanel(), ''),
            self::clear(),
        ]);
    }

    public static function clear(): CoatStep
    {
        return CoatStep::plain('clear', 'Clear', CoatKind::Clear, Extent::wholePanel(), '');
    }

    /** @param array{kind?: PanelKind, material?: Material, lies?: Orientation, lines?: list<NamedLine>} $is */
    private static function square(string $id, float $x, float $y, array $is): Panel
    {
        $w = self::WIDE_MM;

        return new Panel(
            $id,
            ucfirst($id),
            $is['kind'] ?? PanelKind::Door,
            $is['material'] ?? Material::Steel,
            $is['lies'] ?? Orientation::Upright,
            Outline::through([[$x, $y], [$x + $w, $y], [$x + $w, $y + $w], [$x, $y + $w]]),
            $is['lines'] ?? [],
            [],
        );
    }

    private static function upright(float $x): Polyline
    {
        return Polyline::through([[$x, 0.0], [$x, self::WIDE_MM]]);
    }

    private static function seam(Panel $a, Panel $b, Polyline $onA, Polyline $onB): Seam
    {
        return new Seam($a->id, $b->id, self::GAP_MM, $onA, $onB, $a->outline);
    }
}
