<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Colour\Random;
use Kalopsis\Film\Air;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Trials\CupLeft;
use Kalopsis\Trials\FadePanel;
use Kalopsis\Trials\FadeSheet;
use Kalopsis\Trials\FlashTime;
use Kalopsis\Trials\HidingCard;
use Kalopsis\Trials\Trial;

/** A workshop whose numbers are known to the test alone, 1.3 times up or down, and the tests that it makes. */
final class Workshops
{
    /** @var array<string, float> */
    public readonly array $truth;

    private Random $random;

    private int $made = 0;

    public function __construct(int $seed)
    {
        $this->random = new Random($seed);
        $truth = [];
        foreach (['hiding silver', 'flakes', 'dry-below', 'eye', 'transfer', 'flash'] as $key) {
            $truth[$key] = $this->random->uniform() < 0.5 ? 1.3 : 1.0 / 1.3;
        }
        $this->truth = $truth;
    }

    /** @return list<Trial> so many of each kind */
    public function tests(int $of): array
    {
        $out = [];
        for ($i = 0; $i < $of; $i++) {
            $out[] = $this->hidingCard();
            $out[] = $this->fadePanel($i % 2 === 0);
            $out[] = $this->fadeSheet();
            $out[] = $this->cupLeft();
            $out[] = new FlashTime($this->name(), 8.0 / $this->truth['flash'] * exp(0.1 * $this->random->normal()), 8.0, true);
        }

        return $out;
    }

    private function hidingCard(): HidingCard
    {
        $card = new HidingCard('', 'silver', FinishClass::MetallicLight, 6.0, true, [], null);
        $hand = exp(0.03 * $this->random->normal());
        $ratios = [];
        foreach ([1.0, 2.0, 3.0] as $coats) {
            $um = 6.0 * $coats * $hand * (1.0 + 0.1 * $this->random->normal());
            $ratios[] = [$coats, $card->ratio($um, $this->truth['hiding silver']) + 0.01 * $this->random->normal()];
        }

        return new HidingCard($this->name(), 'silver', FinishClass::MetallicLight, 6.0, true, $ratios, null);
    }

    private function fadePanel(bool $bed): FadePanel
    {
        $readings = array_map(fn (float $mm): array => [$mm, [15 => 0.0, 45 => 0.0, 110 => 0.0]], range(0.0, 350.0, 50.0));
        $made = function (array $readings) use ($bed): FadePanel {
            static $shelf = new Bodies();
            $system = $shelf->paintSystem('northlight-s');
            $way = $shelf->school($bed ? 'inside-out-wet-bed' : 'no-wet-bed')?->sequence(FinishClass::MetallicLight);
            assert($system !== null && $way !== null);
            $reducer = Reducer::of(ReducerGrade::Standard);

            return new FadePanel(
                $this->name(),
                FinishClass::MetallicLight,
                $system,
                $way,
                $reducer,
                new Air(24.0, 50.0),
                300.0,
                $readings,
            );
        };
        foreach ($made($readings)->foretold($this->truth) as $n => $byAngle) {
            foreach ($byAngle as $angle => $dL) {
                $readings[$n][1][$angle] = $dL + 0.3 * $this->random->normal();
            }
        }

        return $made($readings);
    }

    private function fadeSheet(): FadeSheet
    {
        $fades = [];
        foreach (FadeSheet::SHEET as [$dL, $mm]) {
            $index = $this->truth['eye'] * FadeSheet::index($dL, $mm, 2.0);
            $fades[] = [$dL, $mm, $index > exp(0.25 * $this->random->normal())];
        }

        return new FadeSheet($this->name(), $fades, 2.0);
    }

    private function cupLeft(): CupLeft
    {
        $gun = new GunSetUp(1.4, 180.0, 75.0);
        $ml = 2.0 * 15.0 / (0.15 * 0.65 * $this->truth['transfer']);

        return new CupLeft($this->name(), 2.0, 15.0, true, $ml * exp(0.06 * $this->random->normal()), 0.15, $gun);
    }

    private function name(): string
    {
        return 'test ' . ++$this->made;
    }
}
