<?php

declare(strict_types=1);

namespace Kalopsis\Job\Internal;

use Kalopsis\Input\Fields;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Exception\BadOutline;
use Kalopsis\Panel\Freehand;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\RepairShape;
use Kalopsis\Panel\Spot;
use Kalopsis\Panel\Under;
use Kalopsis\Panel\WholePanel;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\Unit;
use Kalopsis\Why\Phrase;

/** Reads the repairs of a job and checks that each lies on its panel. */
final class RepairReader
{
    /** A stone chip with its feathered edge; and half a long panel, mm. Common practice. */
    private const RADIUS_MM = [5.0, 1000.0];

    /** Corners of all drawn outlines together; one by a finger has some dozens. Chosen here: more takes seconds to plan. */
    private const MOST_CORNERS = 2_000;

    /** Damage may run over an edge, but most of a drawn outline lies on its panel. */
    private const SHARE_ON_PANEL = 0.5;

    /**
     * @param list<Fields> $entries
     * @return list<Repair>
     */
    public static function read(array $entries, BodyShape $body): array
    {
        $repairs = [];
        foreach ($entries as $entry) {
            $id = $entry->text('id', 1, 40, 'The repair\'s id');
            if (isset($repairs[$id])) {
                $entry->problems->add($entry->path('id'), 'twice', "Two repairs have the id \"{$id}\".");
            }
            $panelId = $entry->text('panel', 1, 60, 'The panel');
            $shape = $entry->object('shape');
            if (! $body->has($panelId)) {
                if ($panelId !== '') {
                    $entry->problems->add(
                        $entry->path('panel'),
                        'unknown',
                        Phrase::of('The {car} has no panel "{panel}".', ['car' => $body->name, 'panel' => $panelId]),
                    );
                }

                continue;
            }
            $under = $entry->object('under');
            $kind = $under->choice('kind', Under::class, 'What lies under it');
            $grey = $under->has('greyShade')
                ? $under->whole('greyShade', Repair::GREY_SHADES[0], Repair::GREY_SHADES[1], 'The grey shade')
                : null;
            $read = self::shape($shape, $body->panel($panelId));
            if ($read !== null) {
                $repairs[$id] = new Repair($id, $panelId, $read, $kind, $kind->hasGreyShade() ? $grey : null);
            }
        }

        if (self::corners($repairs) > self::MOST_CORNERS && $entries !== []) {
            $entries[0]->problems->add(
                'repairs',
                'too-many-corners',
                Phrase::of('The outlines have more than {n} corners together. Draw them with fewer.', ['n' => self::MOST_CORNERS]),
            );
        }

        return array_values($repairs);
    }

    /** @param array<string, Repair> $repairs */
    private static function corners(array $repairs): int
    {
        $corners = 0;
        foreach ($repairs as $repair) {
            $corners += $repair->shape instanceof Freehand ? count($repair->shape->outline->xs) : 0;
        }

        return $corners;
    }

    private static function shape(Fields $shape, Panel $panel): ?RepairShape
    {
        $kind = $shape->text('kind', 1, 20, 'The kind of repair');
        switch ($kind) {
            case 'spot':
                $centre = new Point(
                    $shape->number('xMm', -20_000.0, 20_000.0, Unit::Millimetre, 'The place'),
                    $shape->number('yMm', -20_000.0, 20_000.0, Unit::Millimetre, 'The place'),
                );
                $radius = $shape->number(
                    'radiusMm',
                    self::RADIUS_MM[0],
                    self::RADIUS_MM[1],
                    Unit::Millimetre,
                    'The radius',
                );
                if (! $shape->problems->any() && ! $panel->outline->contains($centre->x, $centre->y)) {
                    $shape->problems->add(
                        $shape->path('xMm'),
                        'outside',
                        Phrase::of('The middle of the spot lies outside {panel}. Put it on the panel.', [
                            'panel' => $panel->name,
                        ]),
                    );

                    return null;
                }

                return new Spot($centre, $radius);
            case 'outline':
                return self::outline($shape, $panel);
            case 'new-part':
                return new WholePanel();
            case '':
                return null;
            default:
                $shape->problems->add(
                    $shape->path('kind'),
                    'unknown',
                    'The kind of repair must be one of: spot, outline, new-part.',
                );

                return null;
        }
    }

    private static function outline(Fields $shape, Panel $panel): ?Freehand
    {
        $points = $shape->points('points', Outline::MAX_POINTS);

        try {
            $drawn = Freehand::through($points);
        } catch (BadOutline $bad) {
            $shape->problems->add(
                $shape->path('points'),
                $bad->reason,
                match ($bad->reason) {
                    'too-small' => Phrase::of(
                        'The outline is too small to paint. Draw it around the whole primed area, at least {least} across.',
                        ['least' => Quantity::mm(sqrt(Outline::MIN_AREA_MM2))],
                    ),
                    default => $bad->getMessage(),
                },
            );

            return null;
        }
        $on = 0;
        foreach ($drawn->outline->xs as $i => $x) {
            $on += $panel->outline->contains($x, $drawn->outline->ys[$i]) ? 1 : 0;
        }
        if ($on < self::SHARE_ON_PANEL * count($drawn->outline->xs)) {
            $shape->problems->add(
                $shape->path('points'),
                'outside',
                Phrase::of('The outline lies outside {panel}. Draw it on the panel.', ['panel' => $panel->name]),
            );

            return null;
        }

        return $drawn;
    }
}
