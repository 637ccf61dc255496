<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Blend\Zone;
use Kalopsis\Booth\Bake;
use Kalopsis\Booth\Network;
use Kalopsis\Booth\Place;
use Kalopsis\Booth\Task;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\Stroke;
use Kalopsis\Panel\WholePanel;
use Kalopsis\Sequence\Coat;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/**
 * The whole job as tasks with what has to be done before each, from washing to refitting. Booth minutes are the plan's own pace;
 * bench minutes are what shops reckon with, each a constant here.
 */
final readonly class PlannedWork
{
    /** Minutes of bench work. Common practice, for a shop to make its own. */
    private const WASH = 15.0;

    private const READ_COLOUR = 10.0;

    private const MIX_CARD = 12.0;

    private const SPRAY_CARD = 10.0;

    /** Under a lamp: base and clear of a card, flashed and warm through. Common practice. */
    private const CARD_DRIES = 35.0;

    private const HOLD_CARD = 10.0;

    private const STRIP_PANEL = 12.0;

    /** Filler and primer of one repair, blocked and finished. */
    private const BLOCK_REPAIR = 20.0;

    /** Sanding by hand or machine, minutes each m2, and each panel's edges. */
    private const SAND_M2 = 12.0;

    private const SAND_EDGES = 6.0;

    private const CLEAN = 6.0;

    private const MASK = 20.0;

    private const MASK_PANEL = 6.0;

    private const INTO_BOOTH = 8.0;

    private const STATIC_AND_TACK = 5.0;

    private const TACK_AND_LOOK = 5.0;

    /** From the last clear to the heat, so that solvent leaves first. Common practice: 10 min. */
    public const FLASH_BEFORE_BAKE = 10.0;

    /** Dust dry in the air where nothing is baked. Common practice for two-pack clears at 20 deg C. */
    public const AIR_DRY = 120.0;

    public const COOL = 15.0;

    private const UNMASK = 10.0;

    private const DENIB_PANEL = 12.0;

    private const REFIT_PANEL = 12.0;

    private const LAST_LOOK = 10.0;

    /** Minutes with the gun in the hand, colour and clear. */
    public float $spraying;

    private function __construct(public Network $network, float $spraying)
    {
        $this->spraying = $spraying;
    }

    public static function of(JobPlan $plan): self
    {
        $pace = $plan->pace();
        $panels = count($plan->blend->panels);
        $tasks = [
            self::task('wash', 'Wash', self::WASH, Place::Bay, []),
            self::task('read', 'Polish a spot, read the colour', self::READ_COLOUR, Place::Bay, ['wash']),
            self::task('mix', 'Mix, for the card first', self::MIX_CARD, Place::MixingRoom, ['read']),
            self::task('card', 'Spray the card', self::SPRAY_CARD, Place::Booth, ['mix']),
            self::task('card-dries', 'The card dries', self::CARD_DRIES, Place::Lamp, ['card'], false),
            self::task('hold-card', 'Hold the card to the car', self::HOLD_CARD, Place::Bay, ['card-dries']),
            self::task('strip', 'Strip handles, mirrors, mouldings', self::STRIP_PANEL * $panels, Place::Bay, ['read']),
        ];
        $before = 'strip';
        foreach (self::sanding($plan) as [$kind, $name, $minutes, $why]) {
            $tasks[] = new Task("sand-{$kind}", $name, $minutes, true, Place::Bay, [$before], $why);
            $before = "sand-{$kind}";
        }
        $mask = self::MASK + self::MASK_PANEL * $panels;
        array_push(
            $tasks,
            self::task('clean-1', 'Clean, first time', self::CLEAN, Place::Bay, [$before]),
            self::task('mask', 'Mask', $mask, Place::Bay, ['clean-1']),
            self::task('clean-2', 'Clean, second time', self::CLEAN, Place::Bay, ['mask']),
            self::task('into-booth', 'Into the booth, set up guns and cups', self::INTO_BOOTH, Place::Booth, ['clean-2', 'hold-card']),
            self::task('tack', 'Static, then tack from the top down', self::STATIC_AND_TACK, Place::Booth, ['into-booth']),
        );
        $spraying = 0.0;
        $before = 'tack';
        $cleared = false;
        $coats = $plan->blend->coats;
        foreach ($coats as $i => $coat) {
            if ($coat->role() === ProductRole::Clear && ! $cleared) {
                $cleared = true;
                $tasks[] = self::task('look', 'Tack rag, cover, and the card once more', self::TACK_AND_LOOK, Place::Booth, [$before]);
                $before = 'look';
            }
            $minutes = $pace->spraying($coat, $plan->blend->areaOf($coat)->value());
            $spraying += $minutes;
            $tasks[] = self::coat($coat, $minutes, $before);
            $before = "coat:{$coat->id()}";
            if ($i < count($coats) - 1 && $pace->waiting($coat) > 0.0) {
                $tasks[] = new Task(
                    "flash:{$coat->id()}",
                    Phrase::of('{coat} flashes', ['coat' => Phrase::of($coat->name())]),
                    $pace->waiting($coat),
                    false,
                    Place::Booth,
                    [$before],
                    $pace->wait($coat)->reasons[0],
                );
                $before = "flash:{$coat->id()}";
            }
        }
        array_push($tasks, ...self::afterwards($plan, $before, $panels));

        return new self(new Network($tasks), $spraying);
    }

    /** @return array{card: float, dries: float, prep: float, booth: float, bake: float, cool: float, finish: float} minutes */
    public function blocks(): array
    {
        $sum = ['card' => 0.0, 'dries' => 0.0, 'prep' => 0.0, 'booth' => 0.0, 'bake' => 0.0, 'cool' => 0.0, 'finish' => 0.0];
        foreach ($this->network->tasks as $id => $task) {
            $sum[match (true) {
                in_array($id, ['wash', 'read', 'mix', 'card'], true) => 'card',
                $id === 'card-dries' => 'dries',
                $id === 'flash-before-bake', $id === 'bake' => 'bake',
                $id === 'cool' => 'cool',
                in_array($id, ['unmask', 'denib', 'refit', 'last-look'], true) => 'finish',
                $task->place === Place::Booth => 'booth',
                default => 'prep',
            }] += $task->minutes;
        }

        return array_map(fn (float $m): float => round($m), $sum);
    }

    /** @param list<string> $after */
    private static function task(string $id, string $name, float $minutes, Place $place, array $after, bool $hands = true): Task
    {
        return new Task($id, Phrase::of($name), $minutes, $hands, $place, $after, Reason::of(
            'What shops reckon with. A shop that has timed its own work types that.',
            SourceKind::Practice,
            'Common practice.',
        ));
    }

    private static function coat(Coat $coat, float $minutes, string $after): Task
    {
        return new Task("coat:{$coat->id()}", Phrase::of($coat->name()), $minutes, true, Place::Booth, [$after], Reason::of(
            'The length of the strokes over the speed of the hand, the way back between them, and edges and filling.',
            SourceKind::Geometry,
            'Area over pattern, overlap and speed, model notes, section 17.',
            [
                'pattern' => Quantity::mm(round(Stroke::fanMm($coat->gun))),
                'overlap' => Quantity::percent($coat->gun->overlapPercent),
                'hand, mm/s' => (string) round($coat->stroke->speedMmPerS),
            ],
        ));
    }

    /**
     * Each zone with its own grit, from the damage outwards: what a zone has beyond the one inside it.
     *
     * @return list<array{string, Phrase, float, Reason}>
     */
    private static function sanding(JobPlan $plan): array
    {
        $areas = $out = [];
        foreach ($plan->blend->zones as $zone) {
            $areas[$zone->kind->value] = ($areas[$zone->kind->value] ?? 0.0) + $zone->region->areaMm2 / 1e6;
        }
        $inside = 0.0;
        $kinds = [];
        foreach ($plan->blend->zones as $zone) {
            $kinds[$zone->kind->value] ??= $zone;
        }
        $repairs = count(array_filter($plan->job->repairs, fn ($r): bool => ! $r->shape instanceof WholePanel));
        foreach ($kinds as $kind => $zone) {
            $area = $areas[$kind] ?? 0.0;
            $own = max(0.0, $area - $inside);
            $inside = max($inside, $area);
            $minutes = self::SAND_M2 * $own
                + ($kind === 'repair' ? self::BLOCK_REPAIR * $repairs : 0.0)
                + ($kind === 'clear' ? self::SAND_EDGES * count($plan->blend->panels) : 0.0);
            if ($minutes > 0.5) {
                $out[] = [$kind, self::sandName($zone), $minutes, self::sandWhy($plan, $zone, $own)];
            }
        }

        return $out;
    }

    private static function sandName(Zone $zone): Phrase
    {
        return Phrase::of('Sand: {zone}', ['zone' => Phrase::of($zone->kind->words())]);
    }

    private static function sandWhy(JobPlan $plan, Zone $zone, float $m2): Reason
    {
        return Reason::of(
            $zone->kind->preparation($plan->blend->hasBed()),
            SourceKind::Practice,
            'About 12 min each m2 beyond the zone inside it, 20 a repair to block, 6 a panel for edges. Common practice.',
            ['area' => Quantity::squareMetres($m2)],
        );
    }

    /** @return list<Task> */
    private static function afterwards(JobPlan $plan, string $before, int $panels): array
    {
        $bake = self::bake($plan);

        return [
            self::task('flash-before-bake', 'Flashes before the heat', self::FLASH_BEFORE_BAKE, Place::Booth, [$before], false),
            $bake->minutes === null
                ? self::task('bake', 'Dries in the air', self::AIR_DRY, Place::Booth, ['flash-before-bake'], false)
                : new Task(
                    'bake',
                    Phrase::of('Bake at {at}', ['at' => Quantity::celsius($bake->celsius)]),
                    $bake->minutes,
                    false,
                    Place::Booth,
                    ['flash-before-bake'],
                    self::bakeWhy($plan, $bake),
                ),
            self::task('cool', 'Cools', self::COOL, Place::Bay, ['bake'], false),
            self::task('unmask', 'Unmask', self::UNMASK, Place::Bay, ['cool']),
            self::task('denib', 'Denib and polish', self::DENIB_PANEL * $panels, Place::Bay, ['unmask']),
            self::task('refit', 'Refit', self::REFIT_PANEL * $panels, Place::Bay, ['denib']),
            self::task('last-look', 'Look at it in daylight', self::LAST_LOOK, Place::Bay, ['refit']),
        ];
    }

    /** As hot as its sheet says, or as hot as this car may get, or this booth gets. */
    public static function bake(JobPlan $plan): Bake
    {
        $sheet = $plan->job->system->product(ProductRole::Clear)->sheet;
        $limits = array_filter(
            [$plan->job->car->bakeLimitC, $plan->job->boothKind()->heatsToC],
            fn (?float $c): bool => $c !== null,
        );

        return Bake::of($sheet->bakeMin, $limits === [] ? null : min($limits));
    }

    private static function bakeWhy(JobPlan $plan, Bake $bake): Reason
    {
        $clear = $plan->job->system->product(ProductRole::Clear);

        return Reason::of(
            match (true) {
                $bake->celsius >= Bake::SHEET_C => 'The data sheet of the clear.',
                $bake->celsius === $plan->job->car->bakeLimitC
                    => 'The car may not get as hot as the data sheet bakes: half as fast every 11 K colder.',
                default => 'The booth does not get as hot as the data sheet bakes: half as fast every 11 K colder.',
            },
            $bake->celsius < Bake::SHEET_C ? SourceKind::Practice : SourceKind::DataSheet,
            'Two-packs set twice as fast every 10 to 12 K, common practice. The panel has to reach the temperature first.',
            [
                'clear' => $clear->name,
                'data sheet at 60 °C' => Quantity::minutes($clear->sheet->bakeMin ?? 0.0),
                'panel at most' => Quantity::celsius($bake->celsius),
            ],
        );
    }
}
