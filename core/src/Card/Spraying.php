<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use JsonSerializable;
use Kalopsis\Film\BadRatio;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Panel\Repair;
use Kalopsis\Units\Unit;

/** How colour was, or is going to be, sprayed: on a card, or by a plan. */
final readonly class Spraying implements JsonSerializable
{
    private const MOST_COATS = 8;

    /** @param GunSetUp $gun for full coats; the thin ones are held further away, docs/model.md section 3 */
    public function __construct(
        public int $fullCoats,
        public int $halfCoats,
        public bool $controlCoat,
        public MixRatio $ratio,
        public Reducer $reducer,
        public GunSetUp $gun,
        public ClearOver $clear,
        public ?int $undercoatShade,
    ) {}

    /**
     * Reads {fullCoats, halfCoats, controlCoat, ratio, reducer, bar, distanceMm, overlapPercent, clear, undercoatShade};
     * faults go to the fields' problems.
     */
    public static function read(Fields $f): self
    {
        $text = $f->text('ratio', 1, 30, 'The ratio');

        try {
            $ratio = MixRatio::parse($text === '' ? '1:1' : $text);
        } catch (BadRatio $bad) {
            $f->problems->add($f->path('ratio'), 'bad-ratio', $bad->getMessage());
            $ratio = MixRatio::parse('1:1');
        }

        return new self(
            $f->whole('fullCoats', 0, self::MOST_COATS, 'Full coats'),
            $f->whole('halfCoats', 0, self::MOST_COATS, 'Half coats'),
            $f->flag('controlCoat', 'The control coat'),
            $ratio,
            self::reducer($f),
            new GunSetUp(
                $f->number('bar', GunSetUp::PRESSURE_BAR[0], GunSetUp::PRESSURE_BAR[1], Unit::Bar, 'The pressure'),
                $f->number(
                    'distanceMm',
                    GunSetUp::DISTANCE_MM[0],
                    GunSetUp::DISTANCE_MM[1],
                    Unit::Millimetre,
                    'The distance',
                ),
                $f->number('overlapPercent', 10.0, 95.0, Unit::Percent, 'The overlap'),
            ),
            $f->choice('clear', ClearOver::class, 'What is over it'),
            $f->has('undercoatShade')
                ? $f->whole('undercoatShade', Repair::GREY_SHADES[0], Repair::GREY_SHADES[1], 'The grey shade')
                : null,
        );
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

    /** @return array<string, mixed> as read() takes it */
    public function jsonSerialize(): array
    {
        return [
            'fullCoats' => $this->fullCoats,
            'halfCoats' => $this->halfCoats,
            'controlCoat' => $this->controlCoat,
            'ratio' => $this->ratio->text(),
            'reducer' => $this->reducer->key(),
            'bar' => $this->gun->bar,
            'distanceMm' => $this->gun->distanceMm,
            'overlapPercent' => $this->gun->overlapPercent,
            'clear' => $this->clear->value,
            'undercoatShade' => $this->undercoatShade,
        ];
    }
}
