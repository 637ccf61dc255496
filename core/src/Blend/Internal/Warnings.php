<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\Breaks;
use Kalopsis\Blend\Need;
use Kalopsis\Blend\PanelRole;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\Warning;
use Kalopsis\Film\Volatile;
use Kalopsis\Panel\BlendRoom;
use Kalopsis\Panel\Material;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\Awkward;
use Kalopsis\Sequence\ClearFade;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Pace;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Sag;
use Kalopsis\Spray\Simulation;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** What a painter with experience would remark on, looking at the plan. */
final class Warnings
{
    /** Steps between coats smaller than this build a ridge, mm. Common practice. */
    private const LEAST_STEP_MM = 50.0;

    /** Colour that ends nearer to a gap than this gets over it as dust anyway, mm. Common practice. */
    private const NEAR_GAP_MM = 30.0;

    /** In a neighbouring panel colour fades out within this, mm. Common practice: 200 to 250. */
    private const INTO_NEIGHBOUR_MM = 250.0;

    /** Strokes of tinted clear lap so far at least, %. Common practice. */
    private const EVEN_OVERLAP_PERCENT = 75.0;

    /** Full coats of plain clear over tinted: the usual two, and half a coat to polish. Common practice. */
    private const CLEAR_OVER_TINT = 2.5;

    /** @var list<Warning> */
    private array $found = [];

    /**
     * @param list<Coat> $coats
     * @param array<string, PlannedPanel> $panels
     * @return list<Warning> the gravest first
     */
    public static function of(BlendRequest $request, array $coats, PanelsInPlay $play, array $panels, Need $need): array
    {
        $self = new self();
        $colour = array_values(array_filter($coats, fn (Coat $c): bool => $c->isColour()));
        $limit = 0.0;
        foreach ($colour as $coat) {
            $limit = max($limit, $coat->limitMm() ?? 0.0);
        }
        $self->steps($colour, $request->sequence->isOutsideIn());
        $self->order($coats);
        $self->drying($request, $coats);
        $self->clearFade($request, $coats, $limit);
        $self->layer($request, $coats, $limit);
        $self->sags($request, $coats, $panels);
        $self->sides($play, $limit);
        $self->length($request, $limit, $need, $panels);
        foreach ($request->repairs as $repair) {
            $self->under($request, $repair);
        }
        $self->together($request, $limit);
        array_push($self->found, ...MixtureWarnings::of($coats));
        array_push($self->found, ...PressureWarnings::of($request, $coats));
        $rank = [Severity::Stop->value => 0, Severity::LookOut->value => 1, Severity::Note->value => 2];
        usort($self->found, fn (Warning $a, Warning $b): int => $rank[$a->severity->value] <=> $rank[$b->severity->value]);

        return $self->found;
    }

    /** @param list<Coat> $coats */
    private function drying(BlendRequest $request, array $coats): void
    {
        $pace = new Pace($request->system, $request->reducer, $request->air);
        foreach ($coats as $coat) {
            if (! $pace->dries($coat)) {
                $this->say(
                    Severity::Stop,
                    'never-dries',
                    $coat->id(),
                    '{coat} will not dry in this booth, {temperature} and {humidity}: warm it or dry its air first.',
                    [
                        'coat' => $coat->name(),
                        'temperature' => Quantity::celsius($request->air->temperatureC),
                        'humidity' => Quantity::percent($request->air->humidityPercent),
                    ],
                );

                return;
            }
        }
    }

    /** @param array<string, Quantity|Phrase|string|int> $values */
    private function say(Severity $severity, string $code, string $about, string $text, array $values = []): void
    {
        $this->found[] = new Warning($code, $severity, Phrase::of($text, $values), $about);
    }

    /**
     * Only what somebody set by hand is remarked on: what a school does by itself it means.
     *
     * @param list<Coat> $colour
     */
    private function steps(array $colour, bool $outsideIn): void
    {
        foreach ($colour as $i => $coat) {
            $before = $colour[$i - 1] ?? null;
            if (
                $before === null ||
                $coat->reachMm === null ||
                $before->reachMm === null ||
                ! ($coat->isSetByHand() || $before->isSetByHand())
            ) {
                continue;
            }
            if ($outsideIn) {
                $this->past($colour[0], $coat);

                continue;
            }
            $step = $coat->reachMm - $before->reachMm;
            $meant = ($coat->solvedMm ?? 0.0) - ($before->solvedMm ?? 0.0);
            $values = [
                'coat' => $coat->name(),
                'before' => $before->name(),
                'step' => Quantity::mm(abs($step)),
                'least' => Quantity::mm(self::LEAST_STEP_MM),
            ];
            if ($step < 0.0 && $meant >= 0.0) {
                $this->say(
                    Severity::LookOut,
                    'inside-coat-before',
                    $coat->id(),
                    '{coat} stops {step} inside {before}. In this order each coat goes further than the one before, '
                        . 'or its edge shows.',
                    $values,
                );
            } elseif ($step >= 0.0 && $step < min(self::LEAST_STEP_MM, $meant - 1.0) && $coat->kind() === CoatKind::Base) {
                $this->say(
                    Severity::LookOut,
                    'short-step',
                    $coat->id(),
                    '{coat} goes only {step} past {before}; {least} or more keeps the edge from piling up.',
                    $values,
                );
            }
        }
    }

    private function past(Coat $widest, Coat $coat): void
    {
        $past = ($coat->reachMm ?? 0.0) - ($widest->reachMm ?? 0.0);
        if ($past > 0.0) {
            $this->say(
                Severity::Stop,
                'past-effect-coat',
                $coat->id(),
                '{coat} goes {past} beyond the widest coat. In this order no coat may: its edge would land on dry old paint.',
                ['coat' => $coat->name(), 'past' => Quantity::mm($past)],
            );
        }
    }

    /**
     * Steps in an order nobody sprays.
     *
     * @param list<Coat> $coats
     */
    private function order(array $coats): void
    {
        $clear = null;
        $colours = 0;
        foreach ($coats as $coat) {
            $clear ??= $coat->kind() === CoatKind::Clear ? $coat : null;
            $colours += $coat->isColour() ? 1 : 0;
            if ($clear !== null && $coat->kind() !== CoatKind::Clear && $coat->kind() !== CoatKind::FadeSolvent) {
                $this->say(
                    Severity::Stop,
                    'after-clear',
                    $coat->id(),
                    '{coat} comes after {clear}: nothing but clear goes over clear without sanding it first.',
                    ['coat' => $coat->name(), 'clear' => $clear->name()],
                );
            }
        }
        if ($colours === 0) {
            $this->say(Severity::Stop, 'no-colour', 'blend', 'No coat of this plan carries colour.');
        }
        if ($clear === null) {
            $this->say(Severity::LookOut, 'no-clear', 'blend', 'Nothing protects the base: the plan has no clear.');
        }
    }

    /**
     * A clear that ends inside a panel.
     *
     * @param list<Coat> $coats
     */
    private function clearFade(BlendRequest $request, array $coats, float $colourMm): void
    {
        $unthinned = $end = 0.0;
        $solvent = null;
        foreach ($coats as $coat) {
            if ($coat->kind() === CoatKind::FadeSolvent) {
                $solvent = $coat;
            } elseif ($coat->kind() === CoatKind::Clear) {
                $end = max($end, $coat->limitMm() ?? INF);
                $unthinned = max($unthinned, $coat->mixture->added === null ? $coat->reachMm ?? INF : 0.0);
            }
        }
        if ($end === INF || $end === 0.0) {
            if ($solvent !== null) {
                $this->say(
                    Severity::LookOut,
                    'solvent-on-nothing',
                    $solvent->id(),
                    '{coat} has no edge of clear to melt: the clear covers the whole panel.',
                    ['coat' => $solvent->name()],
                );
            }

            return;
        }
        $scuffed = ClearFade::scuffedMm($end);
        $values = ['end' => Quantity::mm($end), 'scuffed' => Quantity::mm($scuffed)];
        $this->say(
            Severity::LookOut,
            'clear-fade',
            'blend',
            'The clear ends {end} past the primer, inside a panel: it lives shorter there and may show later. Tell the '
                . 'customer before.',
            $values,
        );
        $break = Breaks::nearest($request->repairs, $request->body, $colourMm);
        if ($break !== null && $break->mm <= $scuffed) {
            $this->say(
                Severity::LookOut,
                'break-in-reach',
                $break->panelId,
                'A break is within reach: {break}, {away} from the primer. End the clear there instead.',
                [
                    'break' =>
                        $break->neighbour === null
                            ? $break->edge
                            : Phrase::of('the gap to {panel}', ['panel' => $request->body->panel($break->neighbour)->name]),
                    'away' => Quantity::mm(floor($break->mm)),
                ],
            );
        }
        if ($unthinned < $colourMm) {
            $this->say(
                Severity::Stop,
                'colour-uncovered',
                'blend',
                'Colour goes {colour} out, clear that is not thinned only {clear}: base without clear does not last.',
                ['colour' => Quantity::mm($colourMm), 'clear' => Quantity::mm($unthinned)],
            );
        }
        $past = ($solvent?->limitMm() ?? $scuffed) - $scuffed;
        if ($solvent !== null && $past > 1.0) {
            $this->say(
                Severity::Stop,
                'past-the-scuff',
                $solvent->id(),
                '{coat} goes {by} past what is scuffed: it does not hold on shiny paint and cannot be polished away.',
                ['coat' => $solvent->name(), 'by' => Quantity::mm($past)],
            );
        }
    }

    /**
     * Coats of a layer that lets light through, over their ground.
     *
     * @param list<Coat> $coats
     */
    private function layer(BlendRequest $request, array $coats, float $colourMm): void
    {
        $ground = $tinted = null;
        $plain = 0.0;
        foreach ($coats as $coat) {
            if ($coat->kind() === CoatKind::Ground && ($coat->limitMm() ?? INF) > ($ground?->limitMm() ?? 0.0)) {
                $ground = $coat;
            }
            $plain += $coat->kind() === CoatKind::Clear ? $coat->step->film : 0.0;
            if ($coat->kind() === CoatKind::TintedClear && $coat->gun->overlapPercent < ($tinted->gun->overlapPercent ?? 100.0)) {
                $tinted = $coat;
            }
        }
        if ($ground === null && $request->finish->layer !== null) {
            $this->say(
                Severity::LookOut,
                'no-ground',
                'blend',
                'This colour was judged over its ground coat, and the plan sprays none: over primer it is another colour.',
            );
        }
        if ($ground !== null && $colourMm > 0.0 && $colourMm < ($ground->limitMm() ?? INF)) {
            $this->say(
                Severity::LookOut,
                'inside-ground',
                $ground->id(),
                '{ground} goes {by} past the effect coats: the ground alone looks wrong. Each effect coat goes further than it.',
                ['ground' => $ground->name(), 'by' => Quantity::mm(($ground->limitMm() ?? $colourMm) - $colourMm)],
            );
        } elseif ($ground !== null) {
            $this->say(
                Severity::Note,
                'ground-alone',
                $ground->id(),
                '{ground} alone may look wrong beside the car: that is expected, the coats over it make the colour.',
                ['ground' => $ground->name()],
            );
        }
        if ($tinted === null) {
            return;
        }
        if ($tinted->gun->overlapPercent < self::EVEN_OVERLAP_PERCENT) {
            $this->say(
                Severity::LookOut,
                'dark-laps',
                $tinted->id(),
                '{coat} laps over by {overlap}: where strokes lap it gets too dark, and that cannot be polished away. '
                    . 'Lap {least} or more, at one distance.',
                [
                    'coat' => $tinted->name(),
                    'overlap' => Quantity::percent($tinted->gun->overlapPercent),
                    'least' => Quantity::percent(self::EVEN_OVERLAP_PERCENT),
                ],
            );
        }
        if ($plain < self::CLEAR_OVER_TINT) {
            $this->say(
                Severity::Note,
                'thin-clear',
                'blend',
                'Half a coat more of plain clear over tinted: polishing must not reach the tint.',
            );
        }
    }

    /**
     * Coats that an upright panel does not hold.
     *
     * @param list<Coat> $coats
     * @param array<string, PlannedPanel> $panels
     */
    private function sags(BlendRequest $request, array $coats, array $panels): void
    {
        $upright = array_filter($panels, fn (PlannedPanel $p): bool => $p->panel->orientation === Orientation::Upright);
        $volatile = Volatile::of($request->system->carrier, $request->reducer);
        foreach ($upright === [] ? [] : $coats as $coat) {
            $laid = Simulation::laid($coat, $volatile, $request->air);
            $wet = $laid->dryUm + $laid->volatileUm();
            if ($wet > Sag::limitUm()) {
                $this->say(
                    Severity::LookOut,
                    'sags',
                    $coat->id(),
                    '{coat} lands {wet} wet; an upright panel holds about {holds} before it runs. Two thinner coats, or faster.',
                    ['coat' => $coat->name(), 'wet' => Quantity::um($wet), 'holds' => Quantity::um(Sag::limitUm())],
                );
            }
        }
    }

    private function sides(PanelsInPlay $play, float $limitMm): void
    {
        foreach ($play->sides as $side) {
            $values = [
                'next' => $side->neighbourName,
                'room' => $side->room->quantity,
                'need' => Quantity::mm($side->neededMm),
                'limit' => Quantity::mm($limitMm),
            ];
            if (! $side->reached) {
                $left = $side->room->value() - $limitMm;
                if ($left < self::NEAR_GAP_MM) {
                    $this->say(
                        Severity::Note,
                        'near-gap',
                        $side->panelId,
                        'Colour ends {left} before the gap to {next}: mask the gap, or dust gets over it.',
                        ['left' => Quantity::mm($left), ...$values],
                    );
                }

                continue;
            }
            if ($side->choice === SideChoice::Butt) {
                $this->say(
                    Severity::LookOut,
                    'butt',
                    $side->panelId,
                    'Butt joint to {next}: only with a card that matches edge to edge. No card has passed yet.',
                    $values,
                );
            } elseif ($side->choice === SideChoice::StopAtLine && $side->chosenByYou) {
                $this->say(
                    Severity::LookOut,
                    'stopped',
                    $side->panelId,
                    'Colour stops before {next} with {room} of {need}: the line hides a little of a step, not a wrong colour.',
                    $values,
                );
            } elseif ($side->choice === SideChoice::Join && $side->isShort()) {
                $into = $limitMm - $side->room->value();
                if (
                    $into > self::INTO_NEIGHBOUR_MM &&
                    isset($play->panels[$side->panelId]) &&
                    $play->panels[$side->panelId]->away === 0
                ) {
                    $this->say(
                        Severity::Note,
                        'far-into-neighbour',
                        $side->neighbourId,
                        'Colour runs {into} into {next}; it usually fades out within {usual} there.',
                        ['into' => Quantity::mm($into), 'usual' => Quantity::mm(self::INTO_NEIGHBOUR_MM), ...$values],
                    );
                }
            }
        }
    }

    /** @param array<string, PlannedPanel> $panels */
    private function length(BlendRequest $request, float $limitMm, Need $need, array $panels): void
    {
        $mm = $need->mm();
        if ($need->fades && $mm !== null && $limitMm < $mm - 1.0) {
            $this->say(
                Severity::LookOut,
                'short-blend',
                'blend',
                'Colour fades out in {limit}, by your hand; it needs {need} {certainty}.',
                [
                    'limit' => Quantity::mm($limitMm),
                    'need' => Quantity::mm($mm),
                    'certainty' => Phrase::of($need->certainty->words()),
                ],
            );
        }
        $long = $mm !== null && $mm > $need->usualMm;
        if (
            $request->finish->class->isEffect() &&
            ! $request->sequence->hasBed() &&
            ($need->stays === Part::Fringe || $long)
        ) {
            $this->say(
                $mm === null ? Severity::Stop : Severity::LookOut,
                'no-bed',
                'wet-bed',
                'No wet bed under a {finish}: stray flakes land dry and a light ring shows.',
                ['finish' => Phrase::of($request->finish->class->words())],
            );
        }
        foreach ($panels as $planned) {
            if (
                $planned->role === PanelRole::Blend &&
                $planned->panel->orientation === Orientation::Flat &&
                $request->finish->class === FinishClass::MetallicLight
            ) {
                $this->say(
                    Severity::LookOut,
                    'open-middle',
                    $planned->panel->id,
                    '{panel}: a big flat panel hides nothing of a light metallic. Many would colour all of it.',
                    ['panel' => $planned->panel->name],
                );
            }
        }
    }

    private function under(BlendRequest $request, Repair $repair): void
    {
        $panel = $request->body->panel($repair->panelId);
        if ($repair->under === Under::ThermoplasticLacquer) {
            $isolated = Awkward::isIsolated($request->sequence);
            $this->say(
                $isolated ? Severity::LookOut : Severity::Stop,
                $isolated ? 'isolated' : 'lacquer',
                $repair->id,
                $isolated
                    ? 'Old lacquer on {panel}, isolated in this plan. If it wrinkles all the same: stop, wait {least} to {most} '
                        . 'or longer until it settles, sand flat with 500, dust on again.'
                    : 'Old thermoplastic lacquer on {panel}: new solvent can wrinkle it. Isolate the whole area with primer, then '
                        . 'base in dry dusting coats with long flashes.',
                ['panel' => $panel->name, 'least' => Quantity::minutes(10.0), 'most' => Quantity::minutes(15.0)],
            );
        }
        if ($repair->under === Under::OldUntested) {
            $this->say(
                Severity::LookOut,
                'rag-test',
                $repair->id,
                'Old finish on {panel}: hold a rag with solvent to it before anything else. What softens is lacquer and wants '
                    . 'isolating; a cured two-pack stays hard.',
                ['panel' => $panel->name],
            );
        }
        if ($repair->under === Under::SandThrough) {
            $this->say(
                Severity::Note,
                'sand-through',
                $repair->id,
                'Rubbed through on {panel}: it is one more repair, and colour has to cover it. Prime the spot thin, not the panel.',
                ['panel' => $panel->name],
            );
        }
        if (
            ($repair->under === Under::BareMetal && $panel->material === Material::Plastic) ||
            ($repair->under === Under::BarePlastic && $panel->material !== Material::Plastic)
        ) {
            $this->say(
                Severity::LookOut,
                'material',
                $repair->id,
                '{panel} is {material}, but the repair says {under}. Check which is right.',
                [
                    'panel' => $panel->name,
                    'material' => Phrase::of($panel->material->value),
                    'under' => Phrase::of($repair->under->words()),
                ],
            );
        }
        if ($repair->under === Under::BareMetal) {
            $this->say(
                Severity::LookOut,
                'bare-metal',
                $repair->id,
                'Bare metal on {panel} wants a suitable primer before anything else.',
                ['panel' => $panel->name],
            );
        }
        if ($repair->under === Under::BarePlastic) {
            $this->say(
                Severity::LookOut,
                'bare-plastic',
                $repair->id,
                'Bare plastic on {panel} wants adhesion promoter first.',
                ['panel' => $panel->name],
            );
        }
        if (
            $repair->under->hasGreyShade() &&
            $repair->greyShade !== null &&
            $request->undercoatShade !== null &&
            abs($repair->greyShade - $request->undercoatShade) >= 2
        ) {
            $this->say(
                Severity::Note,
                'grey-shade',
                $repair->id,
                'Primer shade {has} under a colour that wants shade {wants}: seal {panel} with shade {wants}, or it '
                    . 'takes more coats to hide.',
                ['has' => $repair->greyShade, 'wants' => $request->undercoatShade, 'panel' => $panel->name],
            );
        }
    }

    private function together(BlendRequest $request, float $limitMm): void
    {
        $n = count($request->repairs);
        for ($i = 0; $i < $n; $i++) {
            for ($j = $i + 1; $j < $n; $j++) {
                $a = $request->repairs[$i];
                $b = $request->repairs[$j];
                if ($a->panelId !== $b->panelId || $a->isWholePanel() || $b->isWholePanel()) {
                    continue;
                }
                $panel = $request->body->panel($a->panelId);
                $between = BlendRoom::to($a, $panel, $b->shape->outlineOn($panel)->asLine(), null, '')->mm;
                if ($between < 2 * $limitMm) {
                    $this->say(
                        Severity::Note,
                        'blend-together',
                        $a->id,
                        'Two repairs on {panel} are {between} apart: blend them towards each other, colour between '
                            . 'them is one area.',
                        ['panel' => $panel->name, 'between' => Quantity::mm($between)],
                    );
                }
            }
        }
    }
}
