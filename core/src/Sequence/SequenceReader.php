<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use Kalopsis\Film\MixtureSpec;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Units\Unit;

/**
 * Reads steps from decoded JSON (docs/formats/school.schema.json); what is left out is as usual. Every fault is told at
 * its field.
 */
final class SequenceReader
{
    /**
     * @param list<Fields> $entries
     * @return list<CoatStep>
     */
    public static function steps(array $entries): array
    {
        $steps = $ids = [];
        foreach ($entries as $entry) {
            $step = self::step($entry);
            if (isset($ids[$step->id])) {
                $entry->problems->add($entry->path('id'), 'taken', 'Two steps have the same id.');
            }
            $ids[$step->id] = true;
            $steps[] = $step;
        }

        return $steps;
    }

    public static function step(Fields $f): CoatStep
    {
        $id = $f->text('id', 1, 40, 'The id');
        if ($id !== '' && preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $id) !== 1) {
            $f->problems->add($f->path('id'), 'format', 'An id takes lower-case letters, digits and dashes.');
        }
        $mixture = $f->maybe('mixture');

        return new CoatStep(
            $id,
            $f->text('name', 1, 40, 'The name'),
            $f->choice('kind', CoatKind::class, 'The kind'),
            new MixtureSpec(
                self::plain($mixture, 'reducer', MixtureSpec::REDUCER, 1.0, 'The reducer'),
                self::plain($mixture, 'blendingClear', MixtureSpec::CLEAR, 0.0, 'Blending clear'),
                self::plain($mixture, 'fadeSolvent', MixtureSpec::FADE_SOLVENT, 0.0, 'Fade-out solvent'),
                self::plain($mixture, 'tint', MixtureSpec::TINT, 0.0, 'Tint'),
                $mixture->has('reason') ? $mixture->text('reason', 0, 120, 'The reason') : '',
            ),
            self::gun($f->maybe('gun')),
            self::extent($f->object('extent')),
            self::where($f),
            $f->has('strokes') ? $f->choice('strokes', Strokes::class, 'The strokes') : Strokes::Single,
            self::plain($f, 'film', CoatStep::FILM, 1.0, 'The film'),
            $f->has('landsIn') ? $f->choice('landsIn', LandsIn::class, 'What it lands in') : LandsIn::Dry,
            $f->has('drying') ? $f->choice('drying', Drying::class, 'The drying') : Drying::Flash,
            $f->has('purpose') ? $f->text('purpose', 0, 120, 'The purpose') : '',
        );
    }

    private static function gun(Fields $f): GunChange
    {
        return new GunChange(
            $f->has('hold') ? $f->choice('hold', Hold::class, 'The hold') : Hold::Full,
            self::maybe($f, 'bar', GunSetUp::PRESSURE_BAR, Unit::Bar, 'The pressure'),
            self::maybe($f, 'distanceMm', GunSetUp::DISTANCE_MM, Unit::Millimetre, 'The distance'),
            self::maybe($f, 'overlapPercent', GunChange::OVERLAP_PERCENT, Unit::Percent, 'The overlap'),
            $f->has('flowMlPerMin')
                ? $f->plain('flowMlPerMin', ...[...GunChange::FLOW_ML_PER_MIN, 'The flow in ml/min'])
                : null,
            $f->has('speedMmPerS')
                ? $f->plain('speedMmPerS', ...[...GunChange::SPEED_MM_PER_S, 'The hand speed in mm/s'])
                : null,
        );
    }

    /** @param array{float, float} $range */
    private static function maybe(Fields $f, string $name, array $range, Unit $unit, string $what): ?float
    {
        return $f->has($name) ? $f->number($name, $range[0], $range[1], $unit, $what) : null;
    }

    private static function extent(Fields $f): Extent
    {
        $kind = $f->choice('kind', ExtentKind::class, 'How far it goes');
        if ($kind === ExtentKind::WholePanel) {
            return Extent::wholePanel();
        }
        if ($kind === ExtentKind::Ring) {
            return self::ring($f);
        }
        $reach = $f->plain('reach', 0.0, 1.0, 'The reach, a share of the blend');
        $fade = $f->plain('fade', 0.0, 1.0, 'The fade, a share of the blend');
        $mm = fn (string $name, string $what): ?float => $f->has($name)
            ? $f->number($name, 0.0, Extent::LONGEST_MM, Unit::Millimetre, $what)
            : null;
        $reachMm = $mm('reachMm', 'The reach');
        $fadeMm = $mm('fadeMm', 'The fade');

        if ($kind === ExtentKind::Between) {
            return Extent::between($reach, $fade, $reachMm, $fadeMm);
        }
        $beyond = $mm('beyondMm', 'How far past the blend');

        return $beyond === null
            ? Extent::past($reach, $fade, $reachMm, $fadeMm)
            : Extent::beyond($beyond, $fadeMm ?? Extent::EDGE_MM, $reachMm);
    }

    private static function ring(Fields $f): Extent
    {
        $mm = fn (string $name, string $what): float => $f->number($name, 0.0, Extent::LONGEST_MM, Unit::Millimetre, $what);
        $from = $mm('fromMm', 'Where the ring begins');
        $to = $mm('beyondMm', 'Where the ring ends');
        if ($to <= $from) {
            $f->problems->add($f->path('beyondMm'), 'order', 'The ring ends before it begins.');
        }

        return Extent::ring($from, $to, $f->has('fadeMm') ? $mm('fadeMm', 'The fade') : Extent::EDGE_MM);
    }

    private static function where(Fields $f): Where
    {
        if (! $f->has('where') || $f->isText('where', 'all')) {
            return Where::everywhere();
        }
        $where = $f->object('where');
        $repairs = $where->has('repairs') ? $where->texts('repairs', 20, 60, 'A repair') : [];
        $panels = $where->has('panels') ? $where->texts('panels', 40, 60, 'A panel') : [];
        if (($repairs === []) === ($panels === [])) {
            $f->problems->add($f->path('where'), 'missing', 'Say "all", or name repairs or panels.');
        }

        return $repairs !== [] ? Where::repairs($repairs) : Where::panels($panels);
    }

    /** @param array{float, float} $range */
    private static function plain(Fields $f, string $name, array $range, float $usual, string $what): float
    {
        return $f->has($name) ? $f->plain($name, $range[0], $range[1], $what) : $usual;
    }
}
