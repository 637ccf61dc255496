<?php

declare(strict_types=1);

namespace App\Archive;

use App\Actions\ImportJob;
use App\Actions\TestModel;
use App\Colour\Bench;
use App\Colour\CardsOfToner;
use App\Models\BodyShapeRecord;
use App\Models\Colour;
use App\Models\ColourFormula;
use App\Models\Happening;
use App\Models\ModelTest;
use App\Models\PaintSystemRecord;
use App\Models\PracticeScenario;
use App\Models\RepairJob;
use App\Models\Role;
use App\Models\ShopSchool;
use App\Models\ShopToner;
use App\Models\User;
use App\Models\Workshop;
use App\Support\SameJson;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Kalopsis\Card\ReadingReader;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Input\Problems;
use Kalopsis\Job\Equipment;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tint\Exception\TintException;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Why\Phrase;
use stdClass;

/** Takes a whole workshop in from its file, into one that has no cars yet. All of it or nothing. */
final readonly class TakeArchive
{
    private const PARTS = [
        'people', 'bodyShapes', 'paintSystems', 'toners', 'colours', 'formulas', 'schools', 'tests', 'scenarios', 'happenings',
        'jobs',
    ];

    /** No workshop has more of one thing. Chosen here. */
    private const MOST = 100_000;

    public function __construct(
        private ConnectionInterface $database,
        private ImportJob $import,
        private CardsOfToner $cards,
        private TestModel $tests,
    ) {}

    /**
     * @return array<string, int> how many of each part were taken in
     * @throws InvalidInput
     */
    public function __invoke(User $lead, string $text): array
    {
        $objects = json_decode($text);
        $archive = json_decode($text, true);
        $problems = new Problems();
        if (! is_array($archive) || ! $objects instanceof stdClass || ($archive['format'] ?? null) !== WorkshopArchive::FORMAT) {
            throw self::refused('format', 'This is no archive of a workshop, or its end is missing.');
        }
        if (($archive['version'] ?? null) !== WorkshopArchive::VERSION) {
            throw self::refused('version', 'This archive was written by another version; version 1 is read here.');
        }
        $f = Fields::of($archive, $problems);
        $parts = [];
        foreach (self::PARTS as $part) {
            $parts[$part] = $f->objects($part, self::MOST);
            $told = $f->maybe('counts');
            if (! $told->has($part) || $told->whole($part, 0, self::MOST, 'The count') !== count($parts[$part])) {
                $problems->add($part, 'damaged', 'The archive says otherwise how many there are: a part of it is missing.');
            }
        }
        $problems->stop();

        return $this->database->transaction(function () use ($lead, $parts, $problems, $objects, $f): array {
            $query = Workshop::query();
            $query->where('id', $lead->workshop_id)->lockForUpdate();
            $workshop = $query->firstOrFail();
            if (RepairJob::query()->where('workshop_id', $workshop->id)->exists()) {
                throw ValidationException::withMessages([
                    'archive' => 'There are cars in this workshop already. Bring the archive into a new one.',
                ]);
            }
            $this->people($lead, $parts['people'], $problems);
            $this->bodies($lead, $parts['bodyShapes'], $problems);
            $this->paint($lead, $parts['paintSystems'], $problems);
            $this->toners($lead, $parts['toners'], $problems);
            $this->colours($lead, $parts['colours'], $parts['formulas'], $problems);
            $this->rest($lead, $parts, $problems);
            $shop = $f->object('workshop');
            $equipment = Equipment::read($shop->object('equipment'));
            $workshop->update([
                'booths' => $equipment->boothNames(),
                'equipment' => json_decode((string) json_encode($equipment), true),
                'hours' => $shop->has('hours') ? $shop->object('hours')->all() : null,
                'blend_limits' => $shop->has('blendLimits') ? $shop->object('blendLimits')->all() : null,
                'paper' => $shop->raw('paper') === 'letter' ? 'letter' : 'A4',
                'shipped_toners' => $shop->flag('shippedToners', 'The shipped toners'),
                'town' => $shop->text('town', 0, 120, 'The town'),
                'scale_readability_g' => $shop->plain('scaleReadabilityG', 0.001, 10.0, 'What the scale reads to'),
            ]);
            $problems->stop();
            Bench::forget();
            $this->jobs($lead, $parts['jobs'], is_array($objects->jobs ?? null) ? $objects->jobs : []);
            $this->tests->again($lead);
            Happening::add($lead, 'archive-taken', $shop->text('name', 1, 120, 'The name'));

            return array_map(count(...), $parts);
        });
    }

    /**
     * Their names stay with what they did; a lead gives each who still works here a new password.
     *
     * @param list<Fields> $people
     */
    private function people(User $lead, array $people, Problems $problems): void
    {
        foreach ($people as $one) {
            $email = mb_strtolower($one->text('email', 3, 190, 'The e-mail'));
            $name = $one->text('name', 1, 80, 'The name');
            $role = $one->choice('role', Role::class, 'The role');
            if (! $problems->any() && ! User::query()->where('email', $email)->exists()) {
                User::query()->create([
                    'workshop_id' => $lead->workshop_id,
                    'name' => $name,
                    'email' => $email,
                    'password' => Str::random(40),
                    'role' => $role,
                    'must_change' => true,
                    'put_away_at' => now(),
                ]);
            }
        }
    }

    /** @param list<Fields> $bodies */
    private function bodies(User $lead, array $bodies, Problems $problems): void
    {
        foreach ($bodies as $one) {
            $svg = $one->raw('svg');
            $svg = is_string($svg) ? $svg : '';

            try {
                $body = BodyShapeSvg::read($svg);
            } catch (BadBodyShape $bad) {
                $problems->add($one->path('svg'), 'bad-body-shape', $bad->getMessage());

                continue;
            }
            $key = $one->text('key', 1, 60, 'The key');
            $query = BodyShapeRecord::query();
            if (! $problems->any() && ! $query->where(['workshop_id' => $lead->workshop_id, 'key' => $key])->exists()) {
                BodyShapeRecord::query()->create([
                    'workshop_id' => $lead->workshop_id,
                    'key' => $key,
                    'name' => $body->name,
                    'style' => $body->style,
                    'svg' => $svg,
                    'tape' => $one->has('tape') ? $one->raw('tape') : null,
                    'put_away_at' => $one->has('putAway') && $one->flag('putAway', 'Put away') ? now() : null,
                ]);
            }
        }
    }

    /** @param list<Fields> $systems */
    private function paint(User $lead, array $systems, Problems $problems): void
    {
        foreach ($systems as $one) {
            $sheet = $one->raw('sheet');
            $key = $one->text('key', 1, 60, 'The key');
            $edition = $one->whole('edition', 1, self::MOST, 'The edition');
            $before = $one->objects('editions', self::MOST);

            try {
                $system = PaintSystemReader::read($sheet, $one->path('sheet'));
                foreach ($before as $e) {
                    PaintSystemReader::read($e->raw('sheet'), $e->path('sheet'));
                }
            } catch (InvalidInput $bad) {
                $problems->add($bad->problems[0]->field, $bad->problems[0]->code, $bad->problems[0]->detail);

                continue;
            }
            if ($problems->any()) {
                continue;
            }
            $known = PaintSystemRecord::of($lead->workshop_id, $key);
            $same = $known !== null && SameJson::is($known->sheet, $sheet);
            // The usual values that a shop begins with give way; what somebody typed does not.
            if ($known !== null && ! $same && ($known->edition > 1 || $known->user_id !== null)) {
                $problems->add($one->path('key'), 'taken', "There is another {$known->name} on this shelf. Put it away under another name first.");

                continue;
            }
            $record = $known ?? PaintSystemRecord::query()->create([
                'workshop_id' => $lead->workshop_id,
                'key' => $key,
                'name' => $system->name,
                'sheet' => $sheet,
            ]);
            $record->update([
                'name' => $system->name,
                'sheet' => $sheet,
                'edition' => $edition,
                'author' => self::maybe($one, 'by', 80),
                'put_away_at' => $one->has('putAway') && $one->flag('putAway', 'Put away') ? now() : null,
            ]);
            foreach ($same ? [] : $before as $e) {
                $record->editions()->create([
                    'number' => $e->whole('number', 1, self::MOST, 'The edition'),
                    'sheet' => $e->raw('sheet'),
                    'author' => self::maybe($e, 'by', 80),
                    'created_at' => self::time($e),
                ]);
            }
        }
    }

    /** @param list<Fields> $toners */
    private function toners(User $lead, array $toners, Problems $problems): void
    {
        // The others are told by the white, flakes by the black.
        usort($toners, fn (Fields $a, Fields $b): int => self::order($a) <=> self::order($b));
        foreach ($toners as $one) {
            $wish = [
                'name' => $one->text('name', 1, 60, 'The name'),
                'kind' => $one->choice('kind', TonerKind::class, 'The kind')->value,
                'system' => self::maybe($one, 'system', 60),
                'cards' => array_map(fn (Fields $c): array => $c->all(), $one->objects('cards', 12)),
            ];
            $key = $one->text('key', 1, 60, 'The key');
            if ($problems->any()) {
                continue;
            }

            try {
                $optics = $wish['cards'] === [] ? null : $this->cards->optics($lead->workshop_id, $key, $wish);
            } catch (TintException $bad) {
                $problems->add($one->path('cards'), 'bad-cards', $bad->getMessage());

                continue;
            }
            ShopToner::query()->updateOrCreate(['workshop_id' => $lead->workshop_id, 'key' => $key], [
                ...$wish,
                'optics' => $optics,
                'user_id' => $lead->id,
                'put_away_at' => $one->has('putAway') && $one->flag('putAway', 'Put away') ? now() : null,
            ]);
        }
    }

    private static function order(Fields $toner): int
    {
        return match ($toner->has('kind') ? $toner->raw('kind') : null) {
            TonerKind::White->value => 0,
            TonerKind::Black->value => 1,
            default => 2,
        };
    }

    /**
     * @param list<Fields> $colours
     * @param list<Fields> $formulas
     */
    private function colours(User $lead, array $colours, array $formulas, Problems $problems): void
    {
        foreach ($colours as $one) {
            $row = [
                'workshop_id' => $lead->workshop_id,
                'name' => $one->text('name', 1, 80, 'The name'),
                'code' => $one->text('code', 0, 40, 'The code'),
            ];
            $more = [
                'finish' => $one->choice('finish', FinishClass::class, 'The finish')->value,
                'undercoat_shade' => $one->has('undercoatShade') ? $one->whole('undercoatShade', 1, 7, 'The shade') : null,
                'hiding_um' => $one->has('hidingUm') ? $one->plain('hidingUm', ...[...Pigment::HIDING_UM, 'The film that hides']) : null,
                'note' => $one->has('note') ? $one->text('note', 0, 400, 'The note') : '',
                'recipe' => $one->has('recipe') ? self::recipe($one) : null,
                'reading' => $one->has('reading') ? self::reading($one->object('reading')) : null,
                'put_away_at' => $one->has('putAway') && $one->flag('putAway', 'Put away') ? now() : null,
            ];
            if (! $problems->any()) {
                Colour::query()->updateOrCreate($row, $more);
            }
        }
        foreach ($formulas as $one) {
            $row = [
                'workshop_id' => $lead->workshop_id,
                'colour' => $one->text('colour', 1, 80, 'The colour'),
                'code' => $one->text('code', 0, 40, 'The code'),
                'number' => $one->whole('number', 1, self::MOST, 'The number'),
            ];
            $more = [
                'recipe' => self::recipe($one),
                'note' => $one->text('note', 0, 160, 'The note'),
                'author' => self::maybe($one, 'by', 80),
                'created_at' => self::time($one),
            ];
            if (! $problems->any()) {
                ColourFormula::query()->updateOrCreate($row, $more);
            }
        }
    }

    /** @return array<string, mixed> */
    private static function reading(Fields $one): array
    {
        ReadingReader::read($one->object('measurement'));

        return [
            'measurement' => $one->raw('measurement'),
            'shots' => $one->whole('shots', 1, 100_000, 'The shots'),
            'from' => $one->text('from', 0, 120, 'The file'),
            'at' => $one->text('at', 0, 40, 'The time'),
        ];
    }

    /** @return array<array-key, mixed> grams by toner, everywhere */
    private static function recipe(Fields $one): array
    {
        $recipe = $one->object('recipe');
        foreach ([$recipe->object('toners'), $recipe->maybe('layer')] as $grams) {
            foreach ($grams->names() as $toner) {
                $grams->plain($toner, 0.0, 20_000.0, 'Grams');
            }
        }
        foreach ($recipe->objects('variants', 20) as $variant) {
            $variant->text('name', 1, 40, 'The name');
            $grams = $variant->object('toners');
            foreach ($grams->names() as $toner) {
                $grams->plain($toner, 0.0, 20_000.0, 'Grams');
            }
        }

        return $recipe->all();
    }

    /** @param array<string, list<Fields>> $parts */
    private function rest(User $lead, array $parts, Problems $problems): void
    {
        $away = fn (Fields $f): ?Carbon => $f->has('putAway') && $f->flag('putAway', 'Put away') ? Carbon::now() : null;
        foreach ($parts['schools'] as $one) {
            $name = $one->text('name', 1, 60, 'The name');
            if (! $problems->any()) {
                ShopSchool::query()->updateOrCreate(['workshop_id' => $lead->workshop_id, 'name' => $name], [
                    'school' => $one->has('school') ? $one->object('school')->all() : null,
                    'plan' => $one->has('plan') ? $one->object('plan')->all() : null,
                    'user_id' => $lead->id,
                    'put_away_at' => $away($one),
                ]);
            }
        }
        foreach ($parts['tests'] as $one) {
            $key = $one->text('key', 36, 36, 'The key');
            if (! Str::isUuid($key)) {
                $problems->add($one->path('key'), 'format', 'This is no key.');
            }
            $kind = $one->text('kind', 1, 16, 'The kind');
            if (! $problems->any()) {
                ModelTest::query()->updateOrCreate(['workshop_id' => $lead->workshop_id, 'key' => $key], [
                    'kind' => $kind,
                    'body' => $one->object('body')->all(),
                    'user_id' => $lead->id,
                    'put_away_at' => $away($one),
                    'created_at' => self::time($one),
                ]);
            }
        }
        foreach ($parts['scenarios'] as $one) {
            PracticeScenario::query()->create([
                'workshop_id' => $lead->workshop_id,
                'scenario' => $one->object('scenario')->all(),
                'user_id' => $lead->id,
                'put_away_at' => $away($one),
            ]);
        }
        foreach ($parts['happenings'] as $one) {
            Happening::query()->create([
                'workshop_id' => $lead->workshop_id,
                'author' => self::maybe($one, 'by', 80),
                'kind' => $one->text('kind', 1, 30, 'What was done'),
                'about' => $one->text('about', 0, 160, 'What it was about'),
                'created_at' => self::time($one),
            ]);
        }
    }

    /**
     * @param list<Fields> $jobs
     * @param array<array-key, mixed> $objects the same, objects as objects
     * @throws InvalidInput
     */
    private function jobs(User $lead, array $jobs, array $objects): void
    {
        foreach ($jobs as $i => $one) {
            $whole = $objects[$i] ?? null;
            $file = $whole instanceof stdClass ? $whole->file ?? null : null;
            $record = $file instanceof stdClass ? $file->record ?? null : null;

            try {
                $job = ($this->import)($lead, $one->object('file')->all(), $record);
            } catch (InvalidInput $bad) {
                $within = fn (Problem $p): Problem => new Problem("jobs.{$i}.file.{$p->field}", $p->code, $p->detail);

                throw new InvalidInput(array_map($within, $bad->problems));
            }
            if ($one->has('putAway')) {
                $job->archived_at = self::time($one, 'putAway');
                $job->save();
            }
        }
    }

    private static function maybe(Fields $f, string $name, int $most): ?string
    {
        return $f->has($name) ? $f->text($name, 0, $most, 'This') : null;
    }

    private static function time(Fields $f, string $name = 'at'): Carbon
    {
        $text = $f->has($name) ? $f->text($name, 10, 40, 'The time') : '';
        if (preg_match('~^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d~', $text) !== 1 || strtotime($text) === false) {
            if ($text !== '') {
                $f->problems->add($f->path($name), 'no-time', 'This is no time.');
            }

            return Carbon::now();
        }

        return Carbon::parse($text);
    }

    private static function refused(string $field, string $why): InvalidInput
    {
        return new InvalidInput([new Problem($field, $field, Phrase::of($why))]);
    }
}
