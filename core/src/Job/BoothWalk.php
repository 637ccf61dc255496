<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Booth\Strip;
use Kalopsis\Booth\WetEdge;
use Kalopsis\Film\HardenerSpeed;
use Kalopsis\Film\ProductRole;
use Kalopsis\Sequence\Coat;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** Once around the panels with the clear: which way, how long, and is each edge still open when the panel beside it is done? */
final readonly class BoothWalk implements JsonSerializable
{
    private ?Coat $coat;

    private HardenerSpeed $hardener;

    /**
     * @param list<string> $order panels as somebody wants to walk them; those left out follow, none: the best way is taken
     * @param ?HardenerSpeed $hardener in the gun; null: the fastest that holds
     */
    public function __construct(private JobPlan $plan, private array $order = [], ?HardenerSpeed $hardener = null)
    {
        $widest = null;
        foreach ($plan->blend->coats as $coat) {
            if ($coat->role() === ProductRole::Clear && $coat->mixture->added === null) {
                $widest ??= $coat;
            }
        }
        $this->coat = $widest;
        $celsius = $plan->job->booth->temperatureC;
        $this->hardener = $hardener ?? HardenerSpeed::for($this->edge(INF)->oldestMin(), $celsius);
    }

    /** @return ?array<string, mixed> */
    public function jsonSerialize(): ?array
    {
        if ($this->coat === null || $this->plan->blend->panels === []) {
            return null;
        }
        $celsius = $this->plan->job->booth->temperatureC;
        $open = $this->hardener->openAt($celsius);
        $edge = $this->edge($open);
        $names = [];
        foreach ($this->plan->blend->panels as $planned) {
            $names[$planned->panel->id] = $planned->panel->name;
        }

        return [
            'coat' => $this->coat->name(),
            'walk' => array_map(
                fn (Strip $s): array => ['panel' => $s->id, 'name' => $s->name, 'seconds' => round(60.0 * $s->minutes)],
                $edge->walk,
            ),
            'seams' => array_map(
                fn (array $age): array => [
                    'first' => $names[$age[0]],
                    'then' => $names[$age[1]],
                    'age' => Quantity::minutes($age[2]),
                    'open' => $age[2] <= $open,
                ],
                $edge->ages(),
            ),
            'round' => Quantity::minutes($edge->roundMin()),
            'oldest' => Quantity::minutes($edge->oldestMin()),
            'holds' => $edge->holds(),
            'hardener' => $this->hardener->value,
            'hardeners' => array_map(
                fn (HardenerSpeed $h): array => ['key' => $h->value, 'name' => $h->words()],
                HardenerSpeed::cases(),
            ),
            'open' => Figure::of(
                Quantity::minutes($open),
                Reason::of(
                    'So long an edge of clear takes what lands on it, with this hardener.',
                    SourceKind::Practice,
                    'Common practice: a fast one keeps two panels, three if quick. Twice as fast every 11 K. The sheet wins.',
                    ['hardener' => $this->hardener->words(), 'booth' => Quantity::celsius($celsius)],
                ),
            ),
            'cures' => $edge->holds() ? [] : $this->cures($edge),
            'says' => $this->says($edge),
        ];
    }

    private function edge(float $openMin): WetEdge
    {
        $strips = $seams = [];
        if ($this->coat === null) {
            return WetEdge::walked([], [], $openMin);
        }
        $panels = $this->plan->blend->panels;
        $pace = $this->plan->pace();
        foreach ($panels as $planned) {
            $full = ($planned->limit[$this->coat->id()] ?? null)->areaMm2 ?? 0.0;
            if ($full > 0.0) {
                $minutes = $pace->strokes($this->coat, $full / 1e6);
                $strips[] = new Strip($planned->panel->id, $planned->panel->name, $minutes);
            }
        }
        foreach ($this->plan->job->body->seams as $seam) {
            if (isset($panels[$seam->panelA], $panels[$seam->panelB])) {
                $seams[] = [$seam->panelA, $seam->panelB];
            }
        }
        if ($this->order === []) {
            return WetEdge::best($strips, $seams, $openMin);
        }
        $rank = array_flip($this->order);
        usort($strips, fn (Strip $a, Strip $b): int => ($rank[$a->id] ?? PHP_INT_MAX) <=> ($rank[$b->id] ?? PHP_INT_MAX));

        return WetEdge::walked($strips, $seams, $openMin);
    }

    private function says(WetEdge $edge): Phrase
    {
        $values = [
            // Told in whole minutes, and never as none.
            'round' => Quantity::minutes(ceil($edge->roundMin())),
            'oldest' => Quantity::minutes(ceil($edge->oldestMin())),
            'open' => Quantity::minutes(floor($edge->openMin)),
        ];

        return match (true) {
            count($edge->walk) < 2 => Phrase::of('One panel, {round}: its edge stays open for {open}.', $values),
            $edge->ages() === [] => Phrase::of('No two panels meet: nothing has to melt into anything.'),
            $edge->holds() => Phrase::of('Once around takes {round}. The oldest edge is {oldest} old when it is met, open for {open}.', $values),
            default => Phrase::of('Once around takes {round}. An edge is {oldest} old when it is met, but open only for {open}.', $values),
        };
    }

    /** @return list<Phrase> what would keep the edge open */
    private function cures(WetEdge $edge): array
    {
        $celsius = $this->plan->job->booth->temperatureC;
        $out = [];
        $best = (new self($this->plan, [], $this->hardener))->edge($edge->openMin);
        if ($this->order !== [] && $best->oldestMin() < $edge->oldestMin() - 0.05) {
            $out[] = Phrase::of('Another order: {walk}. The oldest edge is {oldest} then.', [
                'walk' => array_map(fn (Strip $s): Phrase => Phrase::of($s->name), $best->walk),
                'oldest' => Quantity::minutes($best->oldestMin()),
            ]);
        }
        foreach (HardenerSpeed::cases() as $speed) {
            if ($speed->openAt($celsius) >= $edge->oldestMin()) {
                $out[] = Phrase::of('A {speed} hardener: open for {open}.', [
                    'speed' => Phrase::of($speed->words()),
                    'open' => Quantity::minutes($speed->openAt($celsius)),
                ]);

                break;
            }
        }
        if ($edge->withTwo()->holds()) {
            $out[] = Phrase::of('Two painters, one from each end: the oldest edge is {oldest} then.', [
                'oldest' => Quantity::minutes($edge->withTwo()->oldestMin()),
            ]);
        }
        $fewer = $edge->panelsThatHold();
        if ($fewer > 0 && $fewer < count($edge->walk)) {
            $out[] = Phrase::of('{n, plural, one {# panel} other {# panels}} in one go, the rest after a break line.', ['n' => $fewer]);
        }

        return $out;
    }
}
