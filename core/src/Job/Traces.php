<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Film\Air;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Findings\Deviation;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Spray\Part;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** Looks for each deviation in a plan and in the record of its run. Sizes of what nobody recorded are chosen here. */
final readonly class Traces
{
    /** A reducer is wrong from half a grade on. */
    private const GRADE = 0.5;

    /** Air is another than planned from so many kelvin on. */
    private const KELVIN = 3.0;

    /** A gun is held or set dry from so much past its data sheet on, mm and bar. */
    private const DRY_MM = 40.0;

    private const DRY_BAR = 0.4;

    /** A slip that nobody recorded is as strong as it usually is, or twice as strong, each as likely. */
    private const STRONG = [1.0, 2.0];

    /** What a dry hand does that nobody recorded: mm, bar. */
    private const HAND_MM = 90.0;

    private const HAND_BAR = 0.6;

    /** Strokes planned to lap so much less than the data sheet's are few, and what a careless hand loses, percentage points. */
    private const FEWER_LAPS = 10.0;

    private const LESS_OVERLAP = 25.0;

    private const THIN = 0.65;

    private const WET = 1.4;

    /** Shades of grey a primer is off before anybody speaks of it. */
    private const SHADES = 2;

    /** Another variant than the card's, L*. */
    private const VARIANT = 3.0;

    /** Clear pops above and runs below this, deg C. Common practice. */
    private const HOT_C = 28.0;

    private const COLD_C = 17.0;

    /** Nobody sprays fewer coats, and none that does not hide in so many. Common practice. */
    private const LEAST_COATS = 2.0;

    private const MOST_COATS = 8.0;

    /** More coats than this end in a fade that gets rough. Common practice. */
    private const IN_FADE = 4;

    private Conditions $recorded;

    public function __construct(private JobPlan $plan, private AsSprayed $sprayed, private DoneInTheBooth $done)
    {
        $this->recorded = $done->conditions($sprayed->planned(), $sprayed->coats());
    }

    /** As the run went, as far as its record tells. */
    public function recorded(): Conditions
    {
        return $this->recorded;
    }

    public function of(Deviation $deviation): Trace
    {
        return match ($deviation) {
            Deviation::NoBed => $this->noBed(),
            Deviation::BedDried => $this->bedDried(),
            Deviation::FastReducer => $this->reducer(true),
            Deviation::SlowReducer => $this->reducer(false),
            Deviation::HotAir => $this->air(true),
            Deviation::ColdAir => $this->air(false),
            Deviation::DryGun => $this->dryGun(),
            Deviation::LowOverlap => $this->lowOverlap(),
            Deviation::ThinHand => $this->hand(self::THIN, Phrase::of('Nobody records how quick a hand is; what is left in the cup tells.')),
            Deviation::WetHand => $this->hand(self::WET, Phrase::of('Nobody records how slow a hand is; what is left in the cup tells.')),
            Deviation::ShortWaits => $this->shortWaits(),
            Deviation::FewCoats => $this->fewCoats(),
            Deviation::WrongGrey => $this->wrongGrey(),
            Deviation::ShortBlend => $this->shortBlend(),
            Deviation::CardOff => $this->cardOff(),
            Deviation::OtherVariant => new Trace(
                null,
                Phrase::of('The panel itself was not measured; the card can be right and the panel not.'),
                $this->unlike(),
                $this->recorded,
            ),
            Deviation::ShortBeforeClear => $this->shortBeforeClear(),
            Deviation::ShortBetweenClears => $this->shortBetweenClears(),
            Deviation::DustOnRag => $this->dust(),
            Deviation::HotClear => $this->clearIn(true),
            Deviation::ColdClear => $this->clearIn(false),
            Deviation::ManyCoatsInFade => $this->coatsInFade(),
            Deviation::Unrecorded => new Trace(null, Phrase::of('No run records this; look at the place closely.')),
        };
    }

    /** The same plan sprayed as it should be. */
    private function well(): Conditions
    {
        $air = $this->recorded->air;

        return new Conditions(
            $this->plan->job->advisedIn($air),
            $air,
            addBed: ! $this->hasBed(),
            shade: $this->recorded->shade,
            sheetGun: true,
        );
    }

    private function hasBed(): bool
    {
        foreach ($this->sprayed->coats() as $coat) {
            if ($coat->kind() === CoatKind::WetBed) {
                return true;
            }
        }

        return false;
    }

    private function noBed(): Trace
    {
        if ($this->hasBed()) {
            return new Trace(false, Phrase::of('The plan has a wet bed.'));
        }

        return new Trace(
            true,
            Phrase::of('The plan has no wet bed: the outer dust lands dry.'),
            [$this->recorded],
            $this->plan->job->system->has(ProductRole::WetBed) ? $this->recorded->with(addBed: true) : null,
        );
    }

    private function bedDried(): Trace
    {
        $first = DoneInTheBooth::firstInBed($this->sprayed->coats());
        if (! $this->hasBed() || $first === null) {
            return new Trace(false, Phrase::of('The plan has no wet bed.'));
        }
        if ($this->done->patience($first->id()) === null) {
            return new Trace(
                null,
                Phrase::of('Nobody recorded how long the bed waited.'),
                [$this->recorded->with(bed: LandsIn::FlashedBed), $this->recorded->with(bed: LandsIn::Dry)],
                $this->recorded,
            );
        }
        $bed = $this->done->bed($this->sprayed->coats());
        $values = [
            'waited' => Quantity::minutes(round($this->done->waited($first->id()), 1)),
            'planned' => Quantity::minutes(round($this->done->planned($first->id()), 1)),
        ];

        return $bed === null
            ? new Trace(false, Phrase::of('The bed waited {waited}, planned {planned}: it was open.', $values))
            : new Trace(
                true,
                Phrase::of('The bed waited {waited} for its colour, planned {planned}.', $values),
                [$this->recorded],
                // As it would have been, had the colour come in time.
                $this->done->conditions($this->sprayed->planned(), [])->with(wetInWet: $this->recorded->wetInWet),
            );
    }

    /** @param bool $fast faster than the air asks, else slower */
    private function reducer(bool $fast): Trace
    {
        // Air that came out otherwise than planned is a cause of its own: the reducer is chosen before.
        $air = $this->sprayed->planned()->air;
        $job = $this->plan->job;
        $used = $job->reducer();
        $advised = $job->advisedIn($air);
        $off = $advised->level() - $used->level();
        $wrong = $fast ? $off >= self::GRADE : -$off >= self::GRADE;
        $values = [
            'used' => $used->says(),
            'advised' => $advised->says(),
            'at' => Quantity::celsius(round($air->temperatureC, 1)),
        ];

        return $wrong
            ? new Trace(
                true,
                Phrase::of('Reducer {used} at {at}; the air asks for {advised}.', $values),
                [$this->recorded],
                $this->recorded->with(reducer: $advised),
            )
            : new Trace(false, Phrase::of('Reducer {used} at {at} is what the air asks for.', $values));
    }

    private function air(bool $hot): Trace
    {
        $planned = $this->sprayed->planned()->air;
        if ($this->done->air === null) {
            return new Trace(false, Phrase::of('Nobody read other air than planned.'));
        }
        $more = $this->done->air->temperatureC - $planned->temperatureC;
        $values = [
            'was' => Quantity::celsius(round($this->done->air->temperatureC, 1)),
            'planned' => Quantity::celsius($planned->temperatureC),
        ];

        return ($hot ? $more : -$more) >= self::KELVIN
            ? new Trace(
                true,
                Phrase::of('The booth was at {was}, planned for {planned}.', $values),
                [$this->recorded],
                $this->recorded->with(air: $planned),
            )
            : new Trace(false, Phrase::of('The booth was at {was}, near the {planned} of the plan.', $values));
    }

    private function dryGun(): Trace
    {
        foreach ($this->fullCoats() as $coat) {
            $sheet = $coat->mixture->product->gun;
            $far = $coat->gun->distanceMm - $sheet->distanceMm;
            if ($far >= self::DRY_MM || $coat->gun->bar - $sheet->bar >= self::DRY_BAR - 1e-9) {
                return new Trace(
                    true,
                    Phrase::of('{coat} is planned at {distance} and {pressure}; the data sheet says {sheetDistance} and {sheetPressure}.', [
                        'coat' => Phrase::of($coat->name()),
                        'distance' => Quantity::mm($coat->gun->distanceMm),
                        'pressure' => Quantity::bar($coat->gun->bar),
                        'sheetDistance' => Quantity::mm($sheet->distanceMm),
                        'sheetPressure' => Quantity::bar($sheet->bar),
                    ]),
                    [$this->recorded],
                    $this->recorded->with(sheetGun: true),
                );
            }
        }

        return new Trace(
            null,
            Phrase::of('Planned as the data sheet says; how the gun was held nobody records.'),
            array_map(
                fn (float $strong): Conditions => $this->recorded->with(
                    furtherMm: $strong * self::HAND_MM,
                    barMore: $strong * self::HAND_BAR,
                ),
                self::STRONG,
            ),
            $this->recorded,
        );
    }

    private function lowOverlap(): Trace
    {
        foreach ($this->fullCoats() as $coat) {
            $less = $coat->mixture->product->gun->overlapPercent - $coat->gun->overlapPercent;
            if ($less >= self::FEWER_LAPS) {
                return new Trace(
                    true,
                    Phrase::of('{coat} is planned with {overlap} overlap; the data sheet says {sheet}.', [
                        'coat' => Phrase::of($coat->name()),
                        'overlap' => Quantity::percent($coat->gun->overlapPercent),
                        'sheet' => Quantity::percent($coat->mixture->product->gun->overlapPercent),
                    ]),
                    [$this->recorded],
                    $this->recorded->with(overlapMore: $less),
                );
            }
        }

        return new Trace(
            null,
            Phrase::of('Planned with enough overlap; how the strokes lapped nobody records.'),
            [$this->recorded->with(overlapMore: -self::LESS_OVERLAP)],
            $this->recorded,
        );
    }

    private function hand(float $film, Phrase $says): Trace
    {
        return new Trace(
            null,
            $says,
            array_map(fn (float $strong): Conditions => $this->recorded->with(film: $film ** $strong), self::STRONG),
            $this->recorded,
        );
    }

    private function shortWaits(): Trace
    {
        $coat = $this->done->hurried($this->sprayed->coats());
        if ($coat !== null) {
            return new Trace(
                true,
                Phrase::of('{coat} came after {waited}, planned {planned}.', $this->waitOf($coat)),
                [$this->recorded],
                new Conditions(
                    $this->recorded->reducer,
                    $this->recorded->air,
                    $this->recorded->bed,
                    shade: $this->recorded->shade,
                ),
            );
        }

        return $this->done->recorded
            ? new Trace(false, Phrase::of('Every colour coat waited for the one before.'))
            : new Trace(
                null,
                Phrase::of('Nobody recorded the waits.'),
                [$this->recorded->with(wetInWet: true)],
                $this->recorded,
            );
    }

    private function fewCoats(): Trace
    {
        $seen = $this->sprayed->seen($this->recorded);
        $coats = 0.0;
        foreach ($this->fullCoats() as $coat) {
            $coats += $coat->filmShare;
        }
        $values = [
            'coats' => (string) round($coats, 1),
            'hides' => (string) round($seen['coats'] ?? self::MOST_COATS, 1),
        ];
        $hides = $seen['coats'] ?? self::MOST_COATS;
        $shows = $seen['parts'][Part::Hiding->value] > 1.0;
        if (! $shows && $coats >= max($hides, self::LEAST_COATS)) {
            return new Trace(false, Phrase::of('{coats} coats, and this colour hides in {hides}.', $values));
        }

        return new Trace(
            true,
            Phrase::of('{coats} coats; this colour over this primer hides in {hides}.', $values),
            [$this->recorded],
            // As many as hide, and one more than there were at least.
            $coats > 0.0 ? $this->recorded->with(film: max($hides, $coats + 1.0) / $coats) : null,
        );
    }

    private function wrongGrey(): Trace
    {
        $shade = $this->sprayed->grey();
        $best = $this->sprayed->seen($this->recorded)['shade'];
        $values = ['shade' => (string) ($shade ?? ''), 'best' => (string) $best];

        return match (true) {
            $shade === null => new Trace(null, Phrase::of('Nobody said which grey the primer has.')),
            abs($shade - $best) >= self::SHADES => new Trace(
                true,
                Phrase::of('The primer is grey {shade}; this colour wants grey {best}.', $values),
                [$this->recorded],
                $this->recorded->with(shade: $best),
            ),
            default => new Trace(false, Phrase::of('The primer is grey {shade}, near the {best} this colour wants.', $values)),
        };
    }

    private function shortBlend(): Trace
    {
        // As far as colour really goes: a reach set by hand counts.
        $blend = $this->plan->blend->limitMm();
        $need = $this->plan->blend->need->mm();
        // A dry run needs a longer blend too: short is one that the same plan, sprayed well, would still show.
        $short =
            $blend !== null &&
            $need !== null &&
            $blend < $need - 1.0 &&
            $this->sprayed->seen($this->well())['fade'] > 1.0;

        return $short
            ? new Trace(
                true,
                Phrase::of('Blended over {blend}; it needs {need}.', [
                    'blend' => Quantity::mm($blend),
                    'need' => Quantity::mm($need),
                ]),
                [$this->recorded],
                $this->recorded->with(longer: $need / max(1.0, $blend)),
            )
            : new Trace(false, Phrase::of('The blend is as long as it needs to be.'));
    }

    private function cardOff(): Trace
    {
        $off = $this->done->wasSaid('off');

        return match (true) {
            $off => new Trace(
                true,
                Phrase::of('In the booth the card was called off against the car.'),
                $this->unlike(),
                $this->recorded,
            ),
            $this->done->cardPassed === false => new Trace(
                true,
                Phrase::of('No card had passed: a lead opened the booth.'),
                $this->unlike(),
                $this->recorded,
            ),
            $this->done->cardPassed === true => new Trace(false, Phrase::of('A card had passed for this plan.')),
            default => new Trace(null, Phrase::of('Nothing says whether a card passed.'), $this->unlike(), $this->recorded),
        };
    }

    /** @return list<Conditions> a panel that came out another colour than the card that was read */
    private function unlike(): array
    {
        return array_map(
            fn (float $strong): Conditions => $this->recorded->with(lighter: $strong * self::VARIANT),
            self::STRONG,
        );
    }

    private function shortBeforeClear(): Trace
    {
        $patience = $this->done->patience('tack');

        return match (true) {
            $patience === null => new Trace(null, Phrase::of('Nobody recorded the wait before clear.')),
            $patience < DoneInTheBooth::HURRIED => new Trace(
                true,
                Phrase::of('Before clear the base waited {waited}, planned {planned}.', [
                    'waited' => Quantity::minutes(round($this->done->waited('tack'), 1)),
                    'planned' => Quantity::minutes(round($this->done->planned('tack'), 1)),
                ]),
            ),
            default => new Trace(false, Phrase::of('The base waited long enough before clear.')),
        };
    }

    private function shortBetweenClears(): Trace
    {
        $coat = $this->done->hurriedClear($this->sprayed->coats());

        return match (true) {
            $coat !== null => new Trace(
                true,
                Phrase::of('{coat} came after {waited}, planned {planned}.', $this->waitOf($coat)),
            ),
            $this->done->recorded => new Trace(false, Phrase::of('The clears waited for each other.')),
            default => new Trace(null, Phrase::of('Nobody recorded the waits.')),
        };
    }

    private function dust(): Trace
    {
        return match (true) {
            $this->done->wasSaid('dust') => new Trace(true, Phrase::of('The tack rag had dust on it before clear.')),
            $this->done->wasSaid('clean') => new Trace(false, Phrase::of('The tack rag was clean before clear.')),
            default => new Trace(null, Phrase::of('Nobody recorded the tack-rag test.')),
        };
    }

    private function clearIn(bool $hot): Trace
    {
        $celsius = $this->recorded->air->temperatureC;
        $is = $hot ? $celsius >= self::HOT_C : $celsius <= self::COLD_C;
        $values = ['at' => Quantity::celsius(round($celsius, 1))];

        return $is
            ? new Trace(true, Phrase::of('Clear was sprayed at {at}.', $values))
            : new Trace(false, Phrase::of('Clear was sprayed at {at}, which is ordinary.', $values));
    }

    private function coatsInFade(): Trace
    {
        $fading = count(array_filter($this->sprayed->coats(), fn (Coat $c): bool => $c->isColour() && $c->reachMm !== null));
        $reaches = array_unique(
            array_map(
                fn (Coat $c): string => (string) round($c->reachMm ?? 0.0),
                array_filter($this->sprayed->coats(), fn (Coat $c): bool => $c->isColour() && $c->reachMm !== null),
            ),
        );
        $many = $fading >= self::IN_FADE && count($reaches) < $fading / 2;

        return $many
            ? new Trace(true, Phrase::of('{coats, number} coats end near the same place.', ['coats' => $fading]))
            : new Trace(false, Phrase::of('The coats are stepped outwards.'));
    }

    /** @return array{coat: Phrase, waited: Quantity, planned: Quantity} */
    private function waitOf(Coat $coat): array
    {
        return [
            'coat' => Phrase::of($coat->name()),
            'waited' => Quantity::minutes(round($this->done->waited($coat->id()), 1)),
            'planned' => Quantity::minutes(round($this->done->planned($coat->id()), 1)),
        ];
    }

    /** @return list<Coat> colour coats at full strength */
    private function fullCoats(): array
    {
        return array_values(
            array_filter(
                $this->sprayed->coats(),
                fn (Coat $c): bool => $c->isColour() && $c->kind() !== CoatKind::Control,
            ),
        );
    }
}
