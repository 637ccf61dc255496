<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Happening;
use App\Models\JobFact;
use App\Models\JobVersion;
use App\Models\RepairJob;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * What is personal of somebody who left is deleted on request: name, e-mail, password, devices, practice. What was done stays,
 * done by "Somebody 7".
 */
final readonly class ForgetPerson
{
    /** Where a name can stand beside what was done, by what belongs to the shop, to a job, or to something of a job. */
    private const OF_SHOP = ['happenings', 'paint_systems', 'toners', 'colour_formulas'];

    private const OF_JOB = [
        'job_versions', 'colour_samples', 'colour_events', 'mixes', 'booth_runs', 'job_looks', 'job_photos',
    ];

    private const BELOW = [
        'colour_readings' => ['colour_sample_id', 'colour_samples'],
        'mix_events' => ['mix_id', 'mixes'],
        'booth_run_events' => ['booth_run_id', 'booth_runs'],
    ];

    public function __construct(private ConnectionInterface $database) {}

    public function __invoke(User $lead, User $person): void
    {
        $this->database->transaction(function () use ($lead, $person): void {
            $lead->workshop()->lockForUpdate()->firstOrFail();
            $query = User::query();
            $query->where('id', $person->id)->lockForUpdate();
            $held = $query->firstOrFail();
            if ($held->put_away_at === null) {
                throw ValidationException::withMessages(['person' => 'Put the account away first: what is deleted does not come back.']);
            }
            $as = "Somebody {$held->id}";
            $was = $held->name;
            if ($was === $as) {
                return;
            }
            $this->painters($lead->workshop_id, $was, $as);
            $this->authors($lead->workshop_id, $was, $as);
            $done = $this->database->table('happenings')->where('workshop_id', $lead->workshop_id);
            foreach ($done->where('about', 'like', "%{$was}%")->get() as $row) {
                $about = is_string($row->about) ? $row->about : '';
                $this->database->table('happenings')->where('id', $row->id)->update(['about' => str_replace($was, $as, $about)]);
            }
            $this->database->table('practice_tries')->where('user_id', $held->id)->delete();
            $this->database->table('sessions')->where('user_id', $held->id)->delete();
            $held->tokens()->delete();
            $held->forceFill([
                'name' => $as,
                'email' => "nobody-{$held->id}@gone.invalid",
                'password' => Str::random(40),
                'remember_token' => null,
            ])->save();
            Happening::add($lead, 'person-forgotten', $as);
        });
    }

    /** Names that came along with files, of whoever has no account here. */
    private function authors(int $workshop, string $was, string $as): void
    {
        $jobs = fn (): Builder => $this->database->table('repair_jobs')->where('workshop_id', $workshop)->select('id');
        foreach (self::OF_SHOP as $table) {
            $this->database->table($table)->where('workshop_id', $workshop)->where('author', $was)->update(['author' => $as]);
        }
        foreach (self::OF_JOB as $table) {
            $rows = $this->database->table($table)->whereIn('repair_job_id', $jobs());
            $rows->where('author', $was)->update(['author' => $as]);
        }
        foreach (self::BELOW as $table => [$key, $parent]) {
            $parents = $this->database->table($parent)->whereIn('repair_job_id', $jobs())->select('id');
            $this->database->table($table)->whereIn($key, $parents)->where('author', $was)->update(['author' => $as]);
        }
    }

    /** Cars carry the name a painter goes by, which may be the first of two. */
    private function painters(int $workshop, string $was, string $as): void
    {
        $first = explode(' ', $was)[0];
        $others = User::query();
        $others->where('workshop_id', $workshop)->where('name', '<>', $was)->where('name', 'like', addcslashes($first, '%_\\') . '%');
        // Where two go by the same first name, nobody can tell whose it was.
        $names = $others->exists() ? [$was] : [$was, $first];
        $jobs = RepairJob::query();
        $jobs->where('workshop_id', $workshop);
        $versions = JobVersion::query();
        $versions->whereIn('repair_job_id', $jobs->select('id'))->whereIn('document->car->painter', $names);
        foreach ($versions->get()->all() as $version) {
            $document = $version->document;
            $document['car']['painter'] = $as;
            $version->document = $document;
            $version->save();
        }
        $facts = JobFact::query();
        $facts->where('workshop_id', $workshop)->whereIn('painter', $names);
        foreach ($facts->get()->all() as $fact) {
            $fact->update([
                'words' => str_replace(mb_strtolower($fact->painter), mb_strtolower($as), $fact->words),
                'painter' => $as,
            ]);
        }
    }
}
