<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Film\Carrier;
use Kalopsis\Panel\Material;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Spray\Hung;
use Kalopsis\Spray\Pace;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/**
 * What a repair off the straight path asks for beside its coats: steps in the order of the work, for the sheet that is taped to
 * the car. Common practice; the data sheet always wins.
 */
final readonly class Care implements JsonSerializable
{
    /** A part on a stand is told how it would look if it hung so far otherwise than on the car, degrees. */
    private const HUNG_DEG = 30.0;

    /** What two paints beside each other may differ before a critical eye says so, CIEDE2000. Common practice: about one. */
    private const TELLS_DE = 1.0;

    /** So many panels are a car in rounds. Common practice. */
    private const ROUND_PANELS = 5;

    private function __construct(private JobPlan $plan) {}

    public static function of(JobPlan $plan): self
    {
        return new self($plan);
    }

    /** @return list<array{key: string, title: Phrase, steps: list<Phrase>}> */
    public function jsonSerialize(): array
    {
        if ($this->plan->job->repairs === []) {
            return [];
        }
        $out = [];
        foreach (
            [
                'old-paint' => ['Old paint that may be soft', $this->oldPaint()],
                'waxed' => ['Wax and silicone', $this->waxed()],
                'rubbed-through' => ['Rubbed through, or chipped', $this->rubbedThrough()],
                'new-part' => ['New part', $this->newPart()],
                'plastic' => ['Plastic', $this->plastic()],
                'layer' => ['Coats that let light through', $this->layer()],
                'flat' => ['Big flat panel', $this->flat()],
                'gap' => ['Across a gap', $this->gap()],
                'rounds' => ['Many panels', $this->rounds()],
                'no-code' => ['No code', $this->noCode()],
                'binder' => ['One binder', $this->binder()],
                'texture' => ['Texture', $this->texture()],
            ] as $key => [$title, $steps]
        ) {
            if ($steps !== []) {
                $out[] = ['key' => $key, 'title' => Phrase::of($title), 'steps' => $steps];
            }
        }

        return $out;
    }

    /** @return list<Phrase> */
    private function oldPaint(): array
    {
        if (! $this->under(Under::ThermoplasticLacquer) && ! $this->under(Under::OldUntested)) {
            return [];
        }

        return [
            Phrase::of('Rag test: solvent on a rag, held on an edge that is covered later. Soft or coloured: lacquer. Hard: two-pack.'),
            Phrase::of('Lacquer: isolate all of it with primer, edge to edge, not only the repair.'),
            Phrase::of('Base in dry dusting coats, each flashed twice as long as usual.'),
            Phrase::of('If it fries: stop, wait {least} to {most} or longer until it settles, sand flat with 500, dust on again.', [
                'least' => Quantity::minutes(10.0),
                'most' => Quantity::minutes(15.0),
            ]),
        ];
    }

    /** @return list<Phrase> */
    private function waxed(): array
    {
        return $this->plan->job->car->waxed
            ? [
                Phrase::of('Wash, then wipe with wax and grease remover twice, each time with a fresh cloth, and again after masking.'),
                Phrase::of('Fine-line tape holds on waxed paint; do not bake it.'),
                Phrase::of('A dust coat first. Craters: let it flash, dust over them, never flood them.'),
            ]
            : [];
    }

    /** @return list<Phrase> */
    private function rubbedThrough(): array
    {
        return $this->under(Under::SandThrough)
            ? [
                Phrase::of('Feather it 180, 320, then 500 to 600; guide coat, and sand in an X until it is gone.'),
                Phrase::of('Spot prime thin, the primer {thinned} thinner than its sheet; no sealer where the blend is tight.', [
                    'thinned' => Quantity::percent(15.0),
                ]),
                Phrase::of('Block it 500 to 600, then 800 outwards into the blend, grey pad at edges.'),
            ]
            : [];
    }

    /** @return list<Phrase> */
    private function newPart(): array
    {
        return $this->under(Under::NewPrimedPart)
            ? [
                Phrase::of('Sealer over the whole part: 4:1:2 where it is only to bind, 4:1:1 where it is to fill and take chips.'),
                Phrase::of('Jambs and edges first, a little wetter than the face, then the face.'),
                Phrase::of('Beside old panels a new part wants colour on the next panel\'s edge too, so that both agree.'),
            ]
            : [];
    }

    /** @return list<Phrase> */
    private function plastic(): array
    {
        $panels = $this->panels(fn (Panel $p): bool => $p->material === Material::Plastic);
        if ($panels === []) {
            return [];
        }
        $steps = [];
        if ($this->under(Under::BarePlastic)) {
            $steps[] = Phrase::of('Bare plastic: clean twice, adhesion promoter, and no sanding after it.');
        }
        $steps[] = Phrase::of('Soft parts want flexible additive in sealer and clear, as much as the sheet says.');
        $steps[] = Phrase::of('On a stand: hang it as it sits on the car, its face to the light as there, away from its stand at the edges.');
        $hung = Hung::of($this->plan->blend->request->finish, self::HUNG_DEG)->worst();
        if ($hung !== null) {
            $steps[] = Phrase::of(
                $hung[1] >= self::TELLS_DE
                    ? 'Hung {degrees} otherwise its flakes lean, and it looks {off} off at {angle}: that is seen.'
                    : 'Hung {degrees} otherwise its flakes lean a little, and it looks {off} off at {angle}.',
                [
                    'degrees' => self::degrees(self::HUNG_DEG),
                    'off' => sprintf('%.1f', $hung[1]),
                    'angle' => self::degrees((float) $hung[0]),
                ],
            );
        }

        return $steps;
    }

    /** @return list<Phrase> */
    private function layer(): array
    {
        $sequence = $this->plan->job->plan->sequence;
        $coats = $this->plan->job->plan->effectCoats();
        if ($coats === null && ! $sequence->isTinted()) {
            return [];
        }
        $steps = [];
        $layer = $this->plan->blend->request->finish->layer;
        if ($coats !== null) {
            $steps[] = Phrase::of('{coats} effect coats are the colour: count them, and keep distance and overlap the same.', [
                'coats' => sprintf('%.1f', $coats),
            ]);
        }
        if ($layer !== null) {
            $steps[] = Phrase::of('Sticker beside the repair: black and grey differ by {share} of what they did bare.', [
                'share' => Quantity::percent(100.0 * $layer->stickerShare($layer->coats)),
            ]);
        }
        if ($sequence->isTinted()) {
            $steps[] = Phrase::of('The tint goes into the clear last and is stirred at once and well, or it specks.');
            $steps[] = Phrase::of('Two guns of the same kind, one tinted, one plain, with the same slow reducer and hardener in both.');
            $steps[] = Phrase::of('Tinted and plain clear wet in wet; half a coat of plain clear more, so that polishing does not reach the tint.');
        }
        $steps[] = Phrase::of('Every effect coat further than the one before, and past where the ground was blended.');

        return $steps;
    }

    /** @return list<Phrase> */
    private function flat(): array
    {
        $flat = $this->panels(fn (Panel $p): bool => $p->orientation === Orientation::Flat);

        return $flat === []
            ? []
            : [
                Phrase::of('Hose over the shoulder. Gun angled away from what must stay clean, strokes ended at a different place each time.'),
                Phrase::of('Judge the cover with the room\'s lights off and a lamp like daylight moved along the panel.'),
            ];
    }

    /** @return list<Phrase> */
    private function gap(): array
    {
        $own = array_map(fn (Repair $r): string => $r->panelId, $this->plan->job->repairs);
        $joins = array_filter(array_keys($this->plan->blend->panels), fn (string $id): bool => ! in_array($id, $own, true));

        return $joins === [] && count(array_unique($own)) < 2
            ? []
            : [
                Phrase::of('Edges and jambs first. Through the gap by {least} to {most} and flick off: no ridge on the edge.', [
                    'least' => Quantity::mm(20.0),
                    'most' => Quantity::mm(30.0),
                ]),
                Phrase::of('Dust colour on the next panel\'s edge so that both agree, then tack wherever overspray lands.'),
            ];
    }

    /** @return list<Phrase> */
    private function noCode(): array
    {
        return trim($this->plan->job->colour->code) === ''
            ? [
                Phrase::of('Best evidence: a touch-up pot, or paint that never saw light: inside a flap, behind a lamp, under a moulding.'),
                Phrase::of('Several readings on polished places. A solid is judged under clear; its card may be drawn down or dipped.'),
                Phrase::of('Card and mixer go back and forth two or three times. Stay in one paint system.'),
            ]
            : [];
    }

    /** @return list<Phrase> */
    private function binder(): array
    {
        return [
            $this->plan->job->system->carrier === Carrier::Solvent
                ? Phrase::of('Solvent base may be sanded wet between coats. Never waterborne of the same toners on top of it.')
                : Phrase::of('Waterborne base is never sanded wet, and wants its own tack cloth. Never solvent base of the same toners on top.'),
        ];
    }

    /** @return list<Phrase> */
    private function texture(): array
    {
        $peel = $this->plan->job->car->peel;
        foreach ($this->plan->blend->coats as $coat) {
            if ($coat->kind() === CoatKind::Clear) {
                $gun = $peel->gun($coat->gun);

                return [
                    Phrase::of('Aim at the car\'s peel, {peel}: clear at {bar} from {distance}, a test panel first.', [
                        'peel' => Phrase::of($peel->words()),
                        'bar' => Quantity::bar($gun->bar),
                        'distance' => Quantity::mm($gun->distanceMm),
                    ]),
                    Phrase::of(
                        match (true) {
                            $peel->turns() > 0.0 => 'Fluid {turns} further out and a reducer one grade slower: it flows flatter.',
                            $peel->turns() < 0.0 => 'Fluid {turns} in and a reducer one grade faster: it flows less.',
                            default => 'Finer: more air, nearer, a slower reducer. Coarser: less air, further, a faster one.',
                        },
                        ['turns' => Phrase::of(abs($peel->turns()) > 0.3 ? 'half a turn' : 'a quarter turn')],
                    ),
                ];
            }
        }

        return [];
    }

    /**
     * A car in rounds: is the first panel still open when the last is done?
     *
     * @return list<Phrase>
     */
    private function rounds(): array
    {
        $panels = $this->plan->blend->panels;
        $coat = null;
        foreach ($this->plan->blend->coats as $c) {
            $coat ??= $c->kind() === CoatKind::Base ? $c : null;
        }
        if ($coat === null || count($panels) < self::ROUND_PANELS) {
            return [];
        }
        $pace = new Pace($this->plan->job->system, $this->plan->job->reducer(), $this->plan->job->air());
        $round = $pace->spraying($coat, $this->plan->blend->areaOf($coat)->value());
        $open = $pace->waiting($coat);

        return [
            Phrase::of(
                $round <= $open
                    ? 'A round of base takes {round}; the first panel is dull after {open}, so it is still open when you are back.'
                    : 'A round of base takes {round}; the first panel is dull after {open}: a slower reducer, or two painters.',
                ['round' => Quantity::minutes($round), 'open' => Quantity::minutes($open)],
            ),
            Phrase::of('Jambs first and a little wetter, nobody polishes there. All cups of a round mixed before it begins.'),
            Phrase::of('Stay in one paint system and at one temperature from the first round to the last.'),
        ];
    }

    private function under(Under $under): bool
    {
        foreach ($this->plan->job->repairs as $repair) {
            if ($repair->under === $under) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param callable(Panel): bool $which
     * @return list<Panel> those with repairs of their own
     */
    private function panels(callable $which): array
    {
        $out = [];
        foreach ($this->plan->job->repairs as $repair) {
            $panel = $this->plan->job->body->panel($repair->panelId);
            if ($which($panel)) {
                $out[] = $panel;
            }
        }

        return $out;
    }

    private static function degrees(float $value): string
    {
        return sprintf('%.0f°', $value);
    }
}
