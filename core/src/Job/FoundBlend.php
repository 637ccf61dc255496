<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** The smallest blend that was found, and what it gives up for that. */
final readonly class FoundBlend implements JsonSerializable
{
    /**
     * @param WayOutlook $now the plan as it stands
     * @param list<WayOutlook> $tried everything the search looked at, the best first
     * @param bool $complete was there time for all it wanted to look at?
     */
    private function __construct(
        public WayOutlook $best,
        private WayOutlook $now,
        public array $tried,
        public bool $complete,
    ) {}

    /** @param list<WayOutlook> $tried */
    public static function of(WayOutlook $best, WayOutlook $now, array $tried, bool $complete): self
    {
        return new self($best, $now, $tried, $complete);
    }

    /** @return list<Phrase> */
    public function givesUp(): array
    {
        $out = [];
        [$here, $there] = [$this->now->plan->job->plan, $this->best->plan->job->plan];
        $coats = fn (PlanSpec $p): int => count($p->sequence->colour());
        $fewer = $coats($here) - $coats($there);
        if ($fewer > 0) {
            $out[] = Phrase::of('{n, plural, one {a coat of colour} other {# coats of colour}}', ['n' => $fewer]);
        }
        if ($here->sequence->has(CoatKind::WetBed) && ! $there->sequence->has(CoatKind::WetBed)) {
            $out[] = Phrase::of('the wet bed');
        }
        if (self::clear($there) > self::clear($here)) {
            $out[] = Phrase::of('cover in the last coat: it is let down with blending clear');
        }
        if ($there->gun === GunChoice::Small && $here->gun !== GunChoice::Small) {
            $out[] = Phrase::of('pace: the small gun lays less at a time');
        }
        foreach ($this->best->plan->blend->sides as $side) {
            if ($side->reached && $side->choice === SideChoice::StopAtLine) {
                $out[] = Phrase::of('the soft edge towards {neighbour}: colour stops at the line', [
                    'neighbour' => $side->neighbourName,
                ]);
            }
        }
        $minutes = $this->best->plan->boothMinutes() - $this->now->plan->boothMinutes();
        if ($minutes >= 1.0) {
            $out[] = Phrase::of('{minutes} more in the booth', ['minutes' => Quantity::minutes(round($minutes))]);
        }
        if (! $this->now->outlook->isSeen() && $this->best->outlook->index() > $this->now->outlook->index() + 0.05) {
            $out[] = Phrase::of('room to err: of what can be noticed {then} instead of {now}', [
                'then' => Quantity::percent(round(100.0 * $this->best->outlook->index())),
                'now' => Quantity::percent(round(100.0 * $this->now->outlook->index())),
            ]);
        }

        return $out;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $plan = $this->best->plan->job->plan;
        $sides = [];
        foreach ($plan->sides as $key => $choice) {
            [$panel, $neighbour] = explode('|', $key);
            $sides[] = ['panel' => $panel, 'neighbour' => $neighbour, 'choice' => $choice->value];
        }

        return [
            'school' => $this->best->school->key,
            'name' => $this->best->school->name,
            'usual' => $plan->usual,
            'sequence' => $plan->edited ? $plan->sequence : null,
            'gun' => $plan->gun->value,
            'sides' => $sides,
            'panels' => count($this->best->plan->blend->panels),
            'paint' => Quantity::ml($this->best->millilitres()),
            'minutes' => Quantity::minutes($this->best->plan->boothMinutes()),
            'need' => Quantity::mm($this->best->plan->blend->need->mm() ?? 0.0),
            'says' => $this->best->outlook->says(),
            'givesUp' => $this->givesUp(),
            'tried' => count($this->tried),
            'complete' => $this->complete,
        ];
    }

    private static function clear(PlanSpec $plan): float
    {
        $colour = $plan->sequence->colour();
        $last = $colour[count($colour) - 1] ?? null;

        return $last->mixture->blendingClear ?? 0.0;
    }
}
