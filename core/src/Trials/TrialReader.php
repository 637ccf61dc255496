<?php

declare(strict_types=1);

namespace Kalopsis\Trials;

use Kalopsis\Calibration\Calibration;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Viewing;
use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Laid;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\BoothSpec;
use Kalopsis\Job\Catalogue;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Units\Unit;

/** Reads tests from decoded JSON. Every fault is told at its field, all at once. */
final readonly class TrialReader
{
    /** Tests that count at once; the oldest may be put away. */
    public const MOST = 200;

    private const MOST_READINGS = 40;

    /** More coats than this is no test of hiding. Common practice. */
    private const MOST_COATS = 8;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @return list<Trial>
     * @throws InvalidInput
     */
    public function all(mixed $json): array
    {
        $problems = new Problems();
        $out = [];
        foreach (Fields::of($json, $problems)->objects('tests', self::MOST) as $f) {
            $out[] = $this->one($f);
        }
        $problems->stop();

        return $out;
    }

    /** @throws InvalidInput */
    public function read(mixed $json): Trial
    {
        $problems = new Problems();
        $trial = $this->one(Fields::of($json, $problems));
        $problems->stop();

        return $trial;
    }

    private function one(Fields $f): Trial
    {
        return match ($f->choice('kind', TrialKind::class, 'The test')) {
            TrialKind::HidingCard => $this->hidingCard($f),
            TrialKind::FadePanel => $this->fadePanel($f),
            TrialKind::FadeSheet => self::fadeSheet($f),
            TrialKind::CupLeft => self::cupLeft($f),
            TrialKind::FlashTime => $this->flashTime($f),
            TrialKind::TonerCard => self::tonerCard($f),
        };
    }

    private function hidingCard(Fields $f): HidingCard
    {
        $colour = $f->object('colour');
        $name = $colour->text('name', 1, 80, 'The colour');
        $code = $colour->has('code') ? $colour->text('code', 0, 40, 'The code') : '';
        $finish = $colour->choice('finish', FinishClass::class, 'The finish');
        $system = $this->system($f);
        $gauged = $f->has('coatUm');
        $ratios = [];
        $readings = $f->has('readings') ? $f->objects('readings', self::MOST_READINGS) : [];
        foreach ($readings as $r) {
            $coats = $r->plain('coats', 0.5, self::MOST_COATS, 'The number of coats');
            $white = $r->plain('white', 0.5, 150.0, 'What was read over white');
            $black = $r->plain('black', 0.0, 150.0, 'What was read over black');
            if ($black > $white) {
                $r->problems->add($r->path('black'), 'more-than-white', 'Over black it cannot read lighter than over white.');
            }
            $ratios[] = [$coats, $black / $white];
        }
        $gone = $f->has('gone') ? $f->whole('gone', 1, self::MOST_COATS, 'The number of coats') : null;
        if ($ratios === [] && $gone === null) {
            $f->problems->add($f->path('readings'), 'missing', 'Readings over black and white, or the coats until the edge had gone.');
        }

        return new HidingCard(
            self::name($f, TrialKind::HidingCard, $name),
            Calibration::colour($name, $code),
            $finish,
            $gauged
                ? $f->number('coatUm', 1.0, Pigment::HIDING_UM[1], Unit::Micrometre, 'The film of one coat')
                : self::coatUm($system, $finish),
            $gauged,
            $ratios,
            $gone,
        );
    }

    private function fadePanel(Fields $f): FadePanel
    {
        $finish = $f->choice('finish', FinishClass::class, 'The finish');
        if (! $finish->isEffect()) {
            $f->problems->add($f->path('finish'), 'no-flakes', 'A solid has no flakes to test.');
        }
        $key = $f->text('school', 1, 60, 'The way it was sprayed');
        $school = $key === '' ? null : $this->catalogue->school($key);
        $way = $school?->sequence($finish);
        if ($key !== '' && ($way === null || ! $way->fades())) {
            $f->problems->add($f->path('school'), 'unknown', 'There is no way of that name that fades this finish out.');
        }
        $readings = [];
        foreach ($f->objects('readings', self::MOST_READINGS) as $r) {
            $mm = $r->number('mm', -500.0, 1500.0, Unit::Millimetre, 'The place');
            $angles = [];
            foreach ([15, 45, 110] as $angle) {
                if ($r->has("dL{$angle}")) {
                    $angles[$angle] = $r->plain("dL{$angle}", -30.0, 30.0, 'The difference');
                }
            }
            $readings[] = [$mm, $angles];
        }
        if ($readings === []) {
            $f->problems->add($f->path('readings'), 'missing', 'A fade panel is read at some places.');
        }

        return new FadePanel(
            self::name($f, TrialKind::FadePanel, $school->name ?? ''),
            $finish,
            $this->system($f),
            $way ?? new CoatSequence([]),
            self::reducer($f),
            self::air($f),
            $f->number('fadeMm', 50.0, 900.0, Unit::Millimetre, 'The fade'),
            $readings,
        );
    }

    private static function fadeSheet(Fields $f): FadeSheet
    {
        $distance = $f->number('distanceMm', 300.0, 10_000.0, Unit::Millimetre, 'The distance');
        $fades = [];
        foreach (FadeSheet::SHEET as $n => [$dL, $mm]) {
            $fades[] = [$dL, $mm, $f->object('seen')->flag((string) ($n + 1), 'Fade ' . ($n + 1))];
        }

        return new FadeSheet(
            self::name($f, TrialKind::FadeSheet, $f->has('who') ? $f->text('who', 0, 60, 'Who looked') : ''),
            $fades,
            $distance / 1000.0,
        );
    }

    private static function cupLeft(Fields $f): CupLeft
    {
        return new CupLeft(
            self::name($f, TrialKind::CupLeft, ''),
            $f->number('areaM2', 0.05, 40.0, Unit::SquareMetre, 'The area'),
            $f->number('dryUm', 1.0, 300.0, Unit::Micrometre, 'The dry film'),
            $f->flag('gauged', 'Measured with a gauge'),
            $f->number('usedMl', 5.0, 10_000.0, Unit::Millilitre, 'What was used'),
            $f->number('solidsPercent', 3.0, 100.0, Unit::Percent, 'The solids by volume') / 100.0,
            new GunSetUp(
                $f->number('bar', GunSetUp::PRESSURE_BAR[0], GunSetUp::PRESSURE_BAR[1], Unit::Bar, 'The pressure'),
                $f->number(
                    'distanceMm',
                    GunSetUp::DISTANCE_MM[0],
                    GunSetUp::DISTANCE_MM[1],
                    Unit::Millimetre,
                    'The distance',
                ),
                60.0,
            ),
        );
    }

    private function flashTime(Fields $f): FlashTime
    {
        if ($f->has('plannedMinutes')) {
            // Read off a run: its plan has said what was to be expected.
            return new FlashTime(
                self::name($f, TrialKind::FlashTime, $f->has('of') ? $f->text('of', 0, 120, 'The run') : ''),
                $f->number('minutes', 0.5, 240.0, Unit::Minute, 'The time'),
                $f->number('plannedMinutes', 0.5, 240.0, Unit::Minute, 'The planned time'),
                false,
            );
        }
        $system = $this->system($f);
        $finish = $f->choice('finish', FinishClass::class, 'The finish');
        $air = self::air($f);
        $reducer = self::reducer($f);

        return new FlashTime(
            self::name($f, TrialKind::FlashTime, ''),
            $f->number('minutes', 0.5, 240.0, Unit::Minute, 'The time'),
            $system === null ? 1.0 : self::untilDull($system, $finish, $reducer, $air),
            true,
        );
    }

    private static function tonerCard(Fields $f): TonerCard
    {
        $library = TonerLibrary::northlight();
        $grams = [];
        foreach ($f->objects('formula', 20) as $line) {
            $toner = $line->text('toner', 1, 60, 'The toner');
            if ($toner !== '' && ! $library->has($toner)) {
                $line->problems->add($line->path('toner'), 'unknown', "There is no toner \"{$toner}\".");

                continue;
            }
            $grams[$toner] = $line->number('grams', 0.01, 5_000.0, Unit::Gram, 'The amount');
        }
        if ($grams === []) {
            $f->problems->add($f->path('formula'), 'missing', 'A formula has at least one toner.');
            $grams = [array_key_first($library->toners) => 1.0];
        }

        return new TonerCard(
            self::name($f, TrialKind::TonerCard, $f->has('of') ? $f->text('of', 0, 120, 'The card') : ''),
            Formula::of($grams),
            Lab::of(
                $f->plain('l', 0.0, 200.0, 'L*'),
                $f->plain('a', -150.0, 150.0, 'a*'),
                $f->plain('b', -150.0, 150.0, 'b*'),
                Viewing::paint(),
            ),
        );
    }

    /** Pigmented dry film of one full coat by the data sheet, um. */
    private static function coatUm(?PaintSystem $system, FinishClass $finish): float
    {
        $role = $finish->isEffect() ? ProductRole::BaseEffect : ProductRole::BaseSolid;

        return $system === null ? 1.0 : $system->product($role)->dryFilmUm
            * Mixture::of($system, $role, new MixtureSpec(), null)->pigmentShare();
    }

    /** Minutes until a full coat of base is dull in this air, as the model takes it. */
    private static function untilDull(PaintSystem $system, FinishClass $finish, Reducer $reducer, Air $air): float
    {
        $role = $finish->isEffect() ? ProductRole::BaseEffect : ProductRole::BaseSolid;
        $mixture = Mixture::of($system, $role, new MixtureSpec(), null);
        $volatile = Volatile::of($system->carrier, $reducer);
        $product = $mixture->product;
        $laid = Laid::of($product->wetFilmUm(), $mixture->volumeSolids(), 1.0, $product->gun, $volatile, $air);

        return min(1e4, FlashOff::minutes($laid->volatileUm(), FlashOff::rate($volatile, $air, AirMovement::Booth)));
    }

    private function system(Fields $f): ?PaintSystem
    {
        $key = $f->text('paintSystem', 1, 60, 'The paint system');
        $system = $key === '' ? null : $this->catalogue->paintSystem($key);
        if ($system === null && $key !== '') {
            $f->problems->add($f->path('paintSystem'), 'unknown', "There is no paint system \"{$key}\".");
        }

        return $system;
    }

    private static function reducer(Fields $f): Reducer
    {
        $key = $f->text('reducer', 1, 30, 'The reducer');
        $reducer = Reducer::fromKey($key);
        if ($reducer === null && $key !== '') {
            $f->problems->add($f->path('reducer'), 'unknown', "There is no reducer \"{$key}\".");
        }

        return $reducer ?? Reducer::of(ReducerGrade::Standard);
    }

    private static function air(Fields $f): Air
    {
        [$least, $most] = BoothSpec::TEMPERATURE_C;

        return new Air(
            $f->number('temperatureC', $least, $most, Unit::Celsius, 'The temperature'),
            $f->number('humidityPercent', 1.0, 95.0, Unit::Percent, 'Humidity'),
        );
    }

    /** "Hiding card, Saltmist Silver, 2026-11-12". */
    private static function name(Fields $f, TrialKind $kind, string $of): string
    {
        $on = $f->text('on', 1, 20, 'The day');
        if ($on !== '' && preg_match('/^\d{4}-\d{2}-\d{2}$/D', $on) !== 1) {
            $f->problems->add($f->path('on'), 'no-day', 'The day is written like 2026-11-30.');
        }

        return implode(', ', array_filter([$kind->text(), $of, $on], fn (string $s): bool => $s !== ''));
    }
}
