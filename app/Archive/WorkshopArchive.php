<?php

declare(strict_types=1);

namespace App\Archive;

use App\Actions\ExportJob;
use App\Models\BodyShapeRecord;
use App\Models\Colour;
use App\Models\ColourFormula;
use App\Models\Happening;
use App\Models\ModelTest;
use App\Models\PaintEdition;
use App\Models\PaintSystemRecord;
use App\Models\PracticeScenario;
use App\Models\RepairJob;
use App\Models\ShopSchool;
use App\Models\ShopToner;
use App\Models\User;
use App\Models\Workshop;
use Generator;
use Illuminate\Support\Carbon;

/**
 * A whole workshop as one file (docs/formats/workshop.schema.json), written piece by piece so that a large one needs no more
 * memory than its largest job. Passwords and devices stay behind.
 */
final readonly class WorkshopArchive
{
    public const FORMAT = 'kalopsis-workshop';

    public const VERSION = 1;

    public function __construct(private ExportJob $job) {}

    /** @return Generator<int, string> pieces of JSON */
    public function write(Workshop $workshop): Generator
    {
        $head = [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'made' => now()->toIso8601ZuluString(),
            'workshop' => [
                'name' => $workshop->name,
                'town' => $workshop->town,
                'paper' => $workshop->paper,
                'booths' => $workshop->booths,
                'hours' => $workshop->hours,
                'blendLimits' => $workshop->blend_limits,
                'scaleReadabilityG' => $workshop->scale_readability_g,
                'shippedToners' => $workshop->shipped_toners,
                'equipment' => $workshop->equipment(),
            ],
        ];
        yield substr(self::json($head), 0, -1);
        $counts = [];
        foreach ($this->parts($workshop->id) as $name => $rows) {
            $counts[$name] = 0;
            yield ",\n\"{$name}\": [";
            foreach ($rows as $row) {
                yield ($counts[$name] === 0 ? "\n" : ",\n") . self::json($row);
                $counts[$name]++;
            }
            yield ']';
        }
        // What was cut off on the way has no end, or another number of things.
        yield ",\n\"counts\": " . self::json((object) $counts) . "}\n";
    }

    /** @return array<string, iterable<int, array<string, mixed>>> */
    private function parts(int $workshop): array
    {
        return [
            'people' => $this->each(User::class, $workshop, fn (User $u): array => [
                'name' => $u->name,
                'email' => $u->email,
                'role' => $u->role->value,
                'units' => $u->units,
                'weights' => $u->weights,
            ]),
            'bodyShapes' => $this->each(BodyShapeRecord::class, $workshop, fn (BodyShapeRecord $b): array => [
                'key' => $b->key,
                'svg' => $b->svg,
                'tape' => $b->tape,
                'putAway' => $b->put_away_at !== null,
            ]),
            'paintSystems' => $this->each(PaintSystemRecord::class, $workshop, fn (PaintSystemRecord $p): array => [
                'key' => $p->key,
                'sheet' => $p->sheet,
                'edition' => $p->edition,
                'editions' => array_map(
                    fn (PaintEdition $e): array => [
                        'number' => $e->number,
                        'sheet' => $e->sheet,
                        'by' => $e->by(),
                        'at' => self::at($e->created_at),
                    ],
                    array_values($p->editions->sortBy('number')->all()),
                ),
                'by' => $p->by(),
                'putAway' => $p->put_away_at !== null,
            ]),
            'toners' => $this->each(ShopToner::class, $workshop, fn (ShopToner $t): array => [
                'key' => $t->key,
                'name' => $t->name,
                'kind' => $t->kind->value,
                'system' => $t->system,
                'cards' => $t->cards,
                'putAway' => $t->put_away_at !== null,
            ]),
            'colours' => $this->each(Colour::class, $workshop, fn (Colour $c): array => [
                'name' => $c->name,
                'code' => $c->code,
                'finish' => $c->finish,
                'undercoatShade' => $c->undercoat_shade,
                'hidingUm' => $c->hiding_um,
                'note' => $c->note,
                'recipe' => $c->recipe,
                'reading' => $c->reading,
                'putAway' => $c->put_away_at !== null,
            ]),
            'formulas' => $this->each(ColourFormula::class, $workshop, fn (ColourFormula $f): array => [
                'colour' => $f->getAttribute('colour'),
                'code' => $f->getAttribute('code'),
                'number' => $f->number,
                'recipe' => $f->recipe,
                'note' => $f->note,
                'by' => $f->by(),
                'at' => self::at($f->created_at),
            ]),
            'schools' => $this->each(ShopSchool::class, $workshop, fn (ShopSchool $s): array => [
                'name' => $s->name,
                'school' => $s->school,
                'plan' => $s->plan,
                'putAway' => $s->put_away_at !== null,
            ]),
            'tests' => $this->each(ModelTest::class, $workshop, fn (ModelTest $t): array => [
                'key' => $t->key,
                'kind' => $t->kind,
                'body' => $t->body,
                'putAway' => $t->put_away_at !== null,
                'at' => self::at($t->created_at),
            ]),
            'scenarios' => $this->each(PracticeScenario::class, $workshop, fn (PracticeScenario $s): array => [
                'scenario' => $s->scenario,
                'putAway' => $s->put_away_at !== null,
            ]),
            'happenings' => $this->each(Happening::class, $workshop, fn (Happening $h): array => [
                'kind' => $h->kind,
                'about' => $h->about,
                'by' => $h->by(),
                'at' => self::at($h->created_at),
            ]),
            'jobs' => $this->each(RepairJob::class, $workshop, fn (RepairJob $j): array => [
                'file' => ($this->job)($j),
                'putAway' => $j->archived_at === null ? null : self::at($j->archived_at),
            ], 'created_at'),
        ];
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     * @param class-string<T> $model
     * @param callable(T): array<string, mixed> $row
     * @return Generator<int, array<string, mixed>>
     */
    private function each(string $model, int $workshop, callable $row, string $by = 'id'): Generator
    {
        $ids = $model::query()->where('workshop_id', $workshop)->orderBy($by)->orderBy('id')->pluck('id');
        foreach ($ids as $id) {
            $query = $model::query();
            yield $row($query->where('id', $id)->firstOrFail());
        }
    }

    private static function at(?Carbon $at): ?string
    {
        return $at?->toIso8601ZuluString('millisecond');
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
