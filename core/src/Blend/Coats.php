<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** The coats of a school for a finish, inside to outside in time. */
final class Coats
{
    /** A half, effect or control coat lays about half a full coat's film. Common practice. */
    private const THIN = 0.5;

    /** The control coat goes over everything coloured and a little past it, mm. Common practice. */
    private const CONTROL_PAST_MM = 30.0;

    /** A fresh bed before each coat lets the blend stay this much shorter. Common practice. */
    private const SHORT = 0.7;

    /** Reducer of an under-reduced coat, share of the usual: 1:0.5 where 1:0.75 is standard. Common practice. */
    private const UNDER_REDUCED = 0.67;

    /** Pigmented share of the dry film: base and blending clear one to one, solids 28 and 18 %; and with 150 % of it. Common practice. */
    private const HALF_CLEAR = 0.61;

    private const MOSTLY_CLEAR = 0.38;

    /** As far as any panel goes, mm. */
    private const WHOLE_MM = 1400.0;

    /** A sealer's edge stays inside the colour, mm past the primer. Common practice. */
    public const SEALER_MM = 15.0;

    private const SEALER_FADE_MM = 15.0;

    /** Second clear coat: what the first used plus 10 %. Common practice. */
    private const SECOND_CLEAR = 1.1;

    /** @return list<Coat> the coats that carry colour, at the school's own reaches */
    public static function colour(FinishClass $finish, School $school, GunChoice $gun, ReachRule $rule): array
    {
        $small = $gun === GunChoice::Small;
        $r = $rule->reaches($finish);
        $r = $small ? $r->scaled(TradeReaches::SMALL_GUN) : $r;
        $role = $finish->isEffect() ? ProductRole::BaseEffect : ProductRole::BaseSolid;
        $full = $small ? GunSetUp::small() : new GunSetUp(1.4, 150.0, 50.0);
        $thin = $small ? new GunSetUp(0.6, 130.0, 75.0) : new GunSetUp(0.95, 300.0, 85.0);

        return match ($school) {
            School::InsideOut, School::InsideOutWet, School::NoBed => self::insideOut($r, $role, $full, $thin, $small),
            School::BedBeforeEach => self::insideOut($r->scaled(self::SHORT), $role, $full, $thin, $small),
            School::TowardsEachOther => self::insideOut(new Reaches($r->baseCoats, $r->marginMm + $r->stepMm, $r->stepMm / 2, $r->fadeMm, $r->wetBed, $r->controlCoat), $role, $full, $thin, $small),
            School::CoatAndHalf => self::coatAndHalf($r, $role, $full, $thin, $small),
            School::ControlAfterEach => self::controlAfterEach($r, $role, $full, $thin, $small),
            School::TransparentLast => self::transparent($r, $role, $full, $small, self::HALF_CLEAR, 'Transparent coat', 'The remains one to one with blending clear: its dust does no harm.'),
            School::OverReduced => self::transparent($r, $role, $full, $small, self::MOSTLY_CLEAR, 'Over-reduced coat', 'The remains with 150% blending clear and a little reducer: nearly transparent.'),
            School::EdgeToEdge => self::edgeToEdge($r, $role, $full, $thin),
            School::OutsideIn => self::outsideIn($r, $role, $full, $thin, $small),
        };
    }

    public static function sealer(GunSetUp $gun): Coat
    {
        return new Coat('sealer', 'Sealer', CoatKind::Sealer, ProductRole::Sealer, self::SEALER_MM, self::SEALER_FADE_MM, 1.0, $gun, self::SEALER_MM, 'One colour under everything', Reason::of(
            'Seal only the repair, never the whole blend panel; keep its edge soft and inside the colour.',
            SourceKind::Practice,
            'Common practice.',
        ));
    }

    public static function wetBed(GunSetUp $gun): Coat
    {
        return new Coat('wet-bed', 'Wet bed', CoatKind::WetBed, ProductRole::WetBed, null, 0.0, 1.0, $gun, null, 'A wet, level landing for stray flakes', Reason::of(
            'Out to the panel edge: colour always stays inside the bed.',
            SourceKind::Practice,
            'Common practice.',
        ));
    }

    /** @return list<Coat> */
    public static function clear(GunSetUp $gun): array
    {
        $why = Reason::of(
            'Clear goes over the whole panel, to an edge or a gap: a clear edge in the open can be seen and can fail later.',
            SourceKind::Practice,
            'Common practice.',
        );

        return [
            new Coat('clear-1', 'Clear 1', CoatKind::Clear, ProductRole::Clear, null, 0.0, 1.0, $gun, null, 'Medium, not heavy', $why),
            new Coat('clear-2', 'Clear 2', CoatKind::Clear, ProductRole::Clear, null, 0.0, self::SECOND_CLEAR, $gun, null, 'Full and wet', $why),
        ];
    }

    /** @return list<Coat> */
    private static function insideOut(Reaches $r, ProductRole $role, GunSetUp $full, GunSetUp $thin, bool $small): array
    {
        $coats = [];
        for ($i = 0; $i < $r->baseCoats; $i++) {
            $reach = $r->marginMm + $i * $r->stepMm;
            $purpose = match ($i) {
                0 => 'Grip and first colour, not too wet',
                1 => 'Cover, wetter',
                default => 'Cover plus one',
            };
            $coats[] = self::coat('base-' . ($i + 1), 'Base ' . ($i + 1), CoatKind::Base, $role, $reach, $r->fadeMm, 1.0, $full, $purpose, $i === 0
                ? Reason::of(Phrase::of('The primer and {margin} past it.', ['margin' => Quantity::mm($r->marginMm)]), SourceKind::Practice, 'Common practice.', ['small gun' => $small ? 'yes, halved' : 'no'])
                : Reason::of(Phrase::of('{step} past the coat before.', ['step' => Quantity::mm($r->stepMm)]), SourceKind::Practice, 'Common practice: 50 to 100 mm.', ['coat before' => Quantity::mm($reach - $r->stepMm), 'small gun' => $small ? 'yes, halved' : 'no']));
        }
        if ($r->controlCoat) {
            $last = $r->marginMm + ($r->baseCoats - 1) * $r->stepMm;
            $past = $small ? self::CONTROL_PAST_MM / 2 : self::CONTROL_PAST_MM;
            $coats[] = self::coat('control', 'Control coat', CoatKind::Control, $role, $last + $past, $r->fadeMm, self::THIN, $thin, 'Lays flakes evenly, sets the final shade', Reason::of(
                Phrase::of('Over everything coloured and {past} past it, right after the last base coat has just dulled.', ['past' => Quantity::mm($past)]),
                SourceKind::Practice,
                'Common practice.',
                ['last base coat' => Quantity::mm($last)],
            ));
        }

        return $coats;
    }

    /** @return list<Coat> */
    private static function coatAndHalf(Reaches $r, ProductRole $role, GunSetUp $full, GunSetUp $thin, bool $small): array
    {
        $widest = $r->marginMm + ($r->baseCoats - 1) * $r->stepMm;
        $because = fn (string $rule): Reason => Reason::of($rule, SourceKind::Practice, 'Common practice.', ['widest point' => Quantity::mm($widest), 'small gun' => $small ? 'yes, halved' : 'no']);

        return [
            self::coat('base-1', 'Base 1', CoatKind::Base, $role, $widest - $r->stepMm, $r->fadeMm, 1.0, $full, 'Wet, covers most', $because('One wet coat, two thirds of the usual reducer.'))->reduced(self::UNDER_REDUCED),
            self::coat('half', 'Half coat', CoatKind::Half, $role, $r->marginMm, $r->fadeMm, self::THIN, $full, 'Pulled back, straight away', $because('Half a coat over the primer, straight after the wet one.'))->reduced(self::UNDER_REDUCED),
            self::coat('control', 'Control coat', CoatKind::Control, $role, $widest, $r->fadeMm, self::THIN, $thin, 'Dust over everything, just past it', $because('A pulled-back dust coat to the widest point.'))->reduced(self::UNDER_REDUCED),
        ];
    }

    /** @return list<Coat> */
    private static function controlAfterEach(Reaches $r, ProductRole $role, GunSetUp $full, GunSetUp $thin, bool $small): array
    {
        $coats = [];
        foreach (self::insideOut(new Reaches(2, $r->marginMm, $r->stepMm, $r->fadeMm, $r->wetBed, false), $role, $full, $thin, $small) as $i => $coat) {
            $coats[] = $coat;
            $past = ($coat->reachMm ?? 0.0) + ($small ? self::CONTROL_PAST_MM / 2 : self::CONTROL_PAST_MM);
            $coats[] = self::coat('control-' . ($i + 1), 'Control ' . ($i + 1), CoatKind::Control, $role, $past, $r->fadeMm, self::THIN, $thin, 'Evens the coat before while it dulls', Reason::of(
                'Just past the coat it evens, as soon as that has dulled.',
                SourceKind::Practice,
                'Common practice.',
                ['coat before' => Quantity::mm($coat->reachMm ?? 0.0)],
            ));
        }

        return $coats;
    }

    /** @return list<Coat> */
    private static function transparent(Reaches $r, ProductRole $role, GunSetUp $full, bool $small, float $pigment, string $name, string $why): array
    {
        $base = self::insideOut(new Reaches(max(2, $r->baseCoats - 1), $r->marginMm, $r->stepMm, $r->fadeMm, $r->wetBed, false), $role, $full, $full, $small);
        $last = $base[count($base) - 1]->reachMm ?? 0.0;

        return [...$base, self::coat('transparent', $name, CoatKind::Effect, $role, $last + $r->stepMm, $r->fadeMm, 1.0, $full, 'Melts the fade in', Reason::of(
            $why,
            SourceKind::Practice,
            'Common practice: a few centimetres past the coat before.',
            ['coat before' => Quantity::mm($last)],
        ))->letDown($pigment)];
    }

    /** @return list<Coat> */
    private static function edgeToEdge(Reaches $r, ProductRole $role, GunSetUp $full, GunSetUp $thin): array
    {
        $coats = [];
        for ($i = 1; $i <= $r->baseCoats + ($r->controlCoat ? 1 : 0); $i++) {
            $control = $i > $r->baseCoats;
            $coats[] = self::coat($control ? 'control' : "base-{$i}", $control ? 'Control coat' : "Base {$i}", $control ? CoatKind::Control : CoatKind::Base, $role, self::WHOLE_MM, 0.0, $control ? self::THIN : 1.0, $control ? $thin : $full, $control ? 'Lays flakes evenly' : 'Full cover', Reason::of(
                'The whole panel, to its gaps.',
                SourceKind::Practice,
                'Common practice: only with a butt match.',
            ));
        }

        return $coats;
    }

    /** @return list<Coat> */
    private static function outsideIn(Reaches $r, ProductRole $role, GunSetUp $full, GunSetUp $thin, bool $small): array
    {
        $widest = $r->marginMm + ($r->baseCoats - 1) * $r->stepMm;
        $inner = $r->marginMm + $r->stepMm / 2;
        $practice = fn (string $rule): Reason => Reason::of($rule, SourceKind::Practice, 'Common practice.', ['widest point' => Quantity::mm($widest), 'small gun' => $small ? 'yes, halved' : 'no']);

        return [
            self::coat('effect', 'Effect coat', CoatKind::Effect, $role, $widest, $r->fadeMm, self::THIN, $thin, 'Light, to the widest point', $practice('One light coat to the widest point first, inside the wet bed.')),
            self::coat('base-1', 'Base 1', CoatKind::Base, $role, $inner, $r->fadeMm, 1.0, $full, 'Wet, inside the effect coat', $practice('A full coat inside the effect coat, never beyond it.')),
            self::coat('half', 'Half coat', CoatKind::Half, $role, $r->marginMm, $r->fadeMm, self::THIN, $full, 'Pulled back, straight away', $practice('Half a coat over the primer, straight after the full one.')),
        ];
    }

    private static function coat(string $id, string $name, CoatKind $kind, ProductRole $role, float $reach, float $fade, float $film, GunSetUp $gun, string $purpose, Reason $reason): Coat
    {
        return new Coat($id, $name, $kind, $role, $reach, $fade, $film, $gun, $reach, $purpose, $reason);
    }
}
