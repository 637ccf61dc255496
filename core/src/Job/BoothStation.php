<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Booth\Bake;
use Kalopsis\Booth\Condensation;
use Kalopsis\Booth\Network;
use Kalopsis\Booth\OnePainter;
use Kalopsis\Booth\Task;
use Kalopsis\Film\ProductRole;
use Kalopsis\Panel\Material;
use Kalopsis\Spray\Pace;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** What station Booth shows before the run: the job on a time axis, the waits with their reasons, the air, the walk. */
final readonly class BoothStation implements JsonSerializable
{
    public function __construct(private JobPlan $plan, private BoothWalk $walk) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        if ($this->plan->blend->panels === []) {
            return ['tasks' => [], 'flashes' => [], 'air' => $this->air(), 'walk' => null, 'stands' => []];
        }
        $work = PlannedWork::of($this->plan);
        $one = OnePainter::of($work->network);
        $late = OnePainter::of(self::cardLast($work->network));

        return [
            'tasks' => array_map(fn (Task $t): array => $this->task($t, $one), array_values($work->network->tasks)),
            'length' => Quantity::minutes($one->length),
            'shortest' => Quantity::minutes($work->network->length),
            'handsOn' => Quantity::minutes($one->handsOn),
            'waiting' => Quantity::minutes($one->length - $one->handsOn),
            'spraying' => Quantity::minutes($work->spraying),
            'colourFirst' => Figure::of(
                Quantity::minutes(max(0.0, $late->length - $one->length)),
                Reason::of(
                    'The same work with the card sprayed after masking, against the card first: it dries while you prep.',
                    SourceKind::Geometry,
                    'Both laid out for one pair of hands, model notes, section 17.',
                    ['card first' => Quantity::minutes($one->length), 'card last' => Quantity::minutes($late->length)],
                ),
            ),
            'flashes' => $this->flashes(),
            'air' => $this->air(),
            'walk' => $this->walk,
            'stands' => new InTheBooth($this->plan),
        ];
    }

    /** The same work where nobody thinks of the card before everything is masked. */
    private static function cardLast(Network $network): Network
    {
        return new Network(
            array_values(
                array_map(
                    fn (Task $t): Task => $t->id === 'mix'
                        ? new Task($t->id, $t->name, $t->minutes, $t->hands, $t->place, [...$t->after, 'clean-2'], $t->why)
                        : $t,
                    $network->tasks,
                ),
            ),
        );
    }

    /** @return array<string, mixed> */
    private function task(Task $t, OnePainter $one): array
    {
        $network = $one->network;

        return [
            'id' => $t->id,
            'name' => $t->name,
            'minutes' => $t->why === null
                ? ['value' => $t->minutes, 'unit' => 'min', 'reasons' => []]
                : Figure::of(Quantity::minutes($t->minutes), $t->why),
            'hands' => $t->hands,
            'place' => $t->place->value,
            'placeWords' => $t->place->words(),
            'after' => $t->after,
            'start' => round($one->start[$t->id], 2),
            'end' => round($one->end($t->id), 2),
            'slack' => Quantity::minutes($network->slack($t->id)),
            'critical' => $network->isCritical($t->id),
            'during' => $t->hands || $t->minutes < 5.0
                ? []
                : array_map(fn (string $id): Phrase => $network->tasks[$id]->name, $one->during($t->id)),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function flashes(): array
    {
        $pace = $this->plan->pace();
        $out = [];
        foreach ($this->plan->blend->coats as $coat) {
            $out[] = [
                'coat' => $coat->id(),
                'name' => $coat->name(),
                'spraying' => Quantity::minutes($pace->spraying($coat, $this->plan->blend->areaOf($coat)->value())),
                'wait' => $pace->wait($coat),
                'over' => $pace->movement($coat)->words(),
                'dries' => $pace->waiting($coat) < Pace::LONGEST_MINUTES,
            ];
        }

        return $out;
    }

    /** @return array<string, mixed> */
    private function air(): array
    {
        $job = $this->plan->job;
        $dew = Condensation::in($job->air());
        $bake = PlannedWork::bake($this->plan);
        $clear = $job->system->product(ProductRole::Clear);
        $potLife = $clear->sheet->potLifeAt($job->booth->temperatureC);
        $plastic = false;
        foreach ($this->plan->blend->panels as $planned) {
            $plastic = $plastic || $planned->panel->material === Material::Plastic;
        }

        return [
            'temperature' => Quantity::celsius($job->booth->temperatureC),
            'humidity' => Quantity::percent($job->booth->humidityPercent),
            'dewPoint' => Figure::of(
                Quantity::celsius($dew->dewPointC),
                Reason::of(
                    'Where the vapour in this air would condense. A panel stands at least 3 K above it when paint goes on.',
                    SourceKind::Published,
                    'Magnus form, WMO-No. 8, annex 4.B; ISO 8502-4.',
                    ['panel, taken as the booth' => Quantity::celsius($dew->panelC)],
                ),
            ),
            'dry' => $dew->isDry(),
            'says' => $dew->isDry()
                ? Phrase::of('A panel that comes in colder than {least} draws water.', [
                    'least' => Quantity::celsius(ceil($dew->dewPointC + Condensation::LEAST_K)),
                ])
                : Phrase::of('Stop: the panel is less than 3 K above the dew point. Warm it or dry the air first.'),
            'bake' => [
                'minutes' => $bake->minutes === null ? null : Quantity::minutes($bake->minutes),
                'at' => Quantity::celsius($bake->celsius),
                'lowered' => $bake->celsius < Bake::SHEET_C,
                'electric' => $job->car->electric,
                'limit' => $job->car->bakeLimitC === null ? null : Quantity::celsius($job->car->bakeLimitC),
                'plastic' => $plastic,
            ],
            'potLife' => $potLife === null ? null : Quantity::minutes($potLife),
            'clear' => $clear->name,
        ];
    }
}
