<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\JobFact;
use App\Models\RepairJob;
use App\Models\Workshop;
use App\Support\SchoolFiles;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
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

    protected $signature = 'logbook:fill {jobs=30000}';

    protected $description = 'Fill the demo workshop with made-up jobs of years';

    public function handle(): int
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

        return self::SUCCESS;
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
