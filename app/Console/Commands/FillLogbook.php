<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\BeginRun;
use App\Models\JobFact;
use App\Models\RepairJob;
use App\Models\Workshop;
use App\Support\Planning;
use App\Support\SchoolFiles;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\FinishClass;

/** Fills the demo workshop's logbook with made-up jobs, put away, to see how it does with years of work. */
final class FillLogbook extends Command
{
    private const COLOURS = [['Saltmist Silver', 'SM-07'], ['Harbour Slate', 'HS-12'], ['Lichen Green', 'LG-03'], ['Copper Dusk', 'CD-21'],
        ['Oat Pearl', 'OP-30'], ['Gull White', 'GW-01']];

    private const CARS = ['Marlo Tern', 'Vesper Forty', 'Quill 3', 'Hallam Ox'];

    private const PAINTERS = ['Bram Oxley', 'Petra Lunn', 'Col Farrow'];

    protected $signature = 'logbook:fill {jobs=30000} {--readings=0} {--events=0}';

    protected $description = 'Fill the demo workshop with made-up jobs of years';

    public function handle(BeginRun $runs, Planning $planning): int
    {
        $workshop = Workshop::query()->where('is_demo', true)->first();
        $wanted = filter_var($this->argument('jobs'), FILTER_VALIDATE_INT, [
            'options' => ['min_range' => 1, 'max_range' => 200_000],
        ]);
        if ($workshop === null || $wanted === false) {
            $this->error('There is no demo workshop, or that is no number of jobs from 1 to 200000.');

            return self::FAILURE;
        }
        mt_srand(1);
        for ($made = 0; $made < $wanted; $made += 1000) {
            $jobs = $facts = [];
            for ($i = $made; $i < min($wanted, $made + 1000); $i++) {
                [$jobs[], $facts[]] = self::made($workshop->id, $i);
            }
            RepairJob::query()->insert($jobs);
            JobFact::query()->insert($facts);
        }

        $readings = (int) $this->option('readings');
        $events = (int) $this->option('events');
        if ($readings > 0 || $events > 0) {
            $query = RepairJob::query();
            $query->where('workshop_id', $workshop->id)->where('plate', 'not like', 'OLD %')->orderBy('id');
            $first = $query->firstOrFail();
            $plan = $planning->plan($first->at($first->head)->document, $workshop->id, $first);
            $begun = (string) json_encode($runs->begun($first, $plan));
            self::deepen($workshop->id, $begun, [(int) ceil($readings / $wanted), (int) ceil($events / $wanted)]);
        }

        return self::SUCCESS;
    }

    /**
     * A version, a card with readings and a run with taps for each of the made-up jobs: copies of the demo's.
     *
     * @param array{int, int} $each readings and taps of a job
     */
    private static function deepen(int $workshop, string $begun, array $each): void
    {
        $made = DB::table('repair_jobs')->where('workshop_id', $workshop)->where('plate', 'like', 'OLD %');
        $version = DB::table('job_versions')->orderBy('id')->first();
        $sample = DB::table('colour_samples')->whereNotNull('mean')->orderBy('created_at')->first();
        $reading = DB::table('colour_readings')->orderBy('id')->first();
        if ($version === null || $sample === null || $reading === null) {
            return;
        }
        $copy = fn (object $row, array $other): array => [...array_diff_key((array) $row, ['id' => 0]), ...$other];
        $from = [$version, $sample, $reading];
        $made->orderBy('id')->chunk(200, function (Collection $some) use ($from, $copy, $each, $begun): void {
            [$version, $sample, $reading] = $from;
            $rows = ['job_versions' => [], 'colour_samples' => [], 'colour_readings' => [], 'booth_runs' => [], 'booth_run_events' => []];
            foreach ($some as $job) {
                $rows['job_versions'][] = $copy($version, ['repair_job_id' => $job->id]);
                $card = (string) Str::uuid();
                $rows['colour_samples'][] = ['id' => $card, ...$copy($sample, ['repair_job_id' => $job->id, 'number' => 1])];
                for ($i = 0; $i < $each[0]; $i++) {
                    $rows['colour_readings'][] = $copy($reading, ['colour_sample_id' => $card]);
                }
                $run = (string) Str::uuid();
                $rows['booth_runs'][] = [
                    'id' => $run,
                    'repair_job_id' => $job->id,
                    'job_version' => 1,
                    'begun' => $begun,
                    'finished_at' => $job->created_at,
                    'created_at' => $job->created_at,
                ];
                for ($i = 0; $i < $each[1]; $i++) {
                    $rows['booth_run_events'][] = [
                        'booth_run_id' => $run,
                        'key' => (string) Str::uuid(),
                        'kind' => 'note',
                        'device' => 'tablet',
                        'seq' => $i,
                        'occurred_ms' => 1_700_000_000_000 + $i,
                        'device_ms' => 1_700_000_000_000 + $i,
                        'body' => '{}',
                    ];
                }
            }
            DB::transaction(function () use ($rows): void {
                foreach ($rows as $table => $all) {
                    // A run keeps its whole plan: a few at once.
                    foreach (array_chunk($all, $table === 'booth_runs' ? 20 : 2000) as $chunk) {
                        DB::table($table)->insert($chunk);
                    }
                }
            });
        });
    }

    /** @return array{array<string, mixed>, array<string, mixed>} */
    private static function made(int $workshop, int $i): array
    {
        [$colour, $code] = self::COLOURS[mt_rand(0, 5)];
        $schools = array_values(SchoolFiles::all());
        $school = $schools[mt_rand(0, count($schools) - 1)];
        $bed = $school->sequence(FinishClass::MetallicLight)->has(CoatKind::WetBed);
        $opened = Carbon::now()->subMinutes(60 + 97 * $i);
        $redo = mt_rand(0, 99) < ($bed ? 5 : 14);
        $id = (string) Str::uuid();
        $car = self::CARS[mt_rand(0, 3)];
        $plate = sprintf('OLD %05d', $i);
        $planned = mt_rand(60, 140);
        $painter = self::PAINTERS[mt_rand(0, 2)];
        $lesson = $redo ? 'Bed had dried.' : '';

        return [
            [
                'id' => $id,
                'workshop_id' => $workshop,
                'head' => 1,
                'label' => $car,
                'plate' => $plate,
                'colour' => $colour,
                'archived_at' => $opened,
                'created_at' => $opened,
                'updated_at' => $opened,
            ],
            [
                'repair_job_id' => $id,
                'workshop_id' => $workshop,
                'label' => $car,
                'plate' => $plate,
                'colour' => $colour,
                'code' => $code,
                'painter' => $painter,
                'school' => $school->key,
                'need_mm' => mt_rand(90, 420),
                'blend_mm' => mt_rand(150, 450),
                'ml' => mt_rand(200, 1400),
                'wasted_ml' => mt_rand(10, 90),
                'cost' => mt_rand(1500, 9000) / 100,
                'minutes_planned' => $planned,
                'minutes_real' => $planned + mt_rand(-10, 40),
                'card_passed' => true,
                'looked' => $redo ? 'seen' : 'clean',
                'defects' => $redo ? 'halo' : '',
                'lesson' => $lesson,
                'words' => JobFact::words($car, $plate, $colour, $code, $painter, $lesson),
                'opened_at' => $opened,
                'delivered_at' => $opened->copy()->addDay(),
                'asked_at' => mt_rand(0, 9) > 0 ? $opened->copy()->addDays(15) : null,
                'redo' => $redo,
            ],
        ];
    }
}
