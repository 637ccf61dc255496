<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\CreateJob;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\Support\SchoolFiles;
use Closure;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\App;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Point;
use Kalopsis\Sequence\ClearFade;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\LayerCoats;

/** The demo workshop: Saltmarsh Coachworks in Merrowby. Invented people, cars and paints; never for production. */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'harbour-light';

    /** What the demo's let-down set comes to, near enough. */
    private const TINTED_COATS = 2.0;

    private const PEOPLE = [
        ['Ines Tolland', 'ines@saltmarsh.example', Role::Lead],
        ['Bram Oxley', 'bram@saltmarsh.example', Role::Painter],
        ['Petra Dunmore', 'petra@saltmarsh.example', Role::Painter],
        ['Col Farrow', 'col@saltmarsh.example', Role::Painter],
        ['Wren Hale', 'wren@saltmarsh.example', Role::Apprentice],
    ];

    public function run(): void
    {
        if (App::isProduction()) {
            return;
        }
        $workshop = Workshop::query()->firstOrCreate(['name' => 'Saltmarsh Coachworks'], [
            'town' => 'Merrowby',
            'is_demo' => true,
            'booths' => ['Booth 1', 'Booth 2'],
            // The demo is looked at on any day of the week.
            'hours' => ['opens' => 480, 'closes' => 1050, 'days' => [1, 2, 3, 4, 5, 6, 7]],
        ]);
        (new ShelfSeeder())->stock($workshop);
        foreach (self::PEOPLE as [$name, $email, $role]) {
            User::query()->firstOrCreate(
                ['email' => $email],
                ['workshop_id' => $workshop->id, 'name' => $name, 'password' => self::PASSWORD, 'role' => $role],
            );
        }
        $lead = User::query()->where('email', self::PEOPLE[0][1])->firstOrFail();
        $create = App::make(CreateJob::class);
        $colours = App::make(DemoColours::class);
        $mixes = App::make(DemoMixes::class);
        foreach (self::jobs() as $i => $job) {
            $job['car'] += self::due($i);
            $opened = $create($lead, $job, sprintf('5a17a45b-0000-4000-8000-%012d', $i + 1));
            $colours($lead, $opened, $i + 1);
            $mixes($lead, $opened, $i + 1);
        }
        App::make(DemoPast::class)($lead, self::jobs());
    }

    /** @return array<string, string> when a car of the demo is due, from the day it is seeded on, and who paints it */
    private static function due(int $i): array
    {
        $plan = [
            [0, '16:00', 'Bram'],
            [1, '12:00', 'Petra'],
            [0, '17:30', 'Col'],
            [3, '16:00', 'Bram'],
            null,
            [4, '10:00', ''],
            [2, '12:00', 'Col'],
            [2, '16:00', ''],
            [5, '12:00', 'Petra'],
            [6, '16:00', ''],
            [4, '16:00', 'Bram'],
        ];
        [$days, $time, $painter] = $plan[$i] ?? [null, '', ''];

        return $days === null
            ? []
            : ['due' => now()->addDays($days)->format('Y-m-d') . "T{$time}", 'painter' => $painter];
    }

    /** @return list<array<string, mixed>> */
    private static function jobs(): array
    {
        $tern = self::body('marlo-tern');
        $quill = self::body('quill-3');
        $vesper = self::body('vesper-forty');
        $ox = self::body('hallam-ox');

        return [
            self::job(
                'Marlo Tern',
                'MB 24 TRN',
                'marlo-tern',
                ['Saltmist Silver', 'SM-07', 'metallic-light', 3],
                'northlight-s',
                22,
                50,
                [
                    self::spot('r1', self::at($tern, 'front-door-left', 0.73, 0.5), 'front-door-left', 60, 'primer', 3),
                    self::spot('r2', self::at($tern, 'front-door-left', 0.42, 0.66), 'front-door-left', 35, 'primer', 3),
                ],
            ),
            self::job(
                'Quill 3',
                'MB 19 QLL',
                'quill-3',
                ['Lichen Green', 'LG-02', 'solid-dark', 5],
                'northlight-w',
                20,
                62,
                [self::spot('r1', self::at($quill, 'quarter-left', 0.3, 0.62), 'quarter-left', 70, 'primer', 5)],
            ),
            self::job(
                'Vesper Forty',
                'MB 71 VES',
                'vesper-forty',
                ['Harbour Slate', 'HS-21', 'metallic-dark', 5],
                'northlight-s',
                26,
                45,
                [
                    [
                        'id' => 'r1',
                        'panel' => 'front-door-right',
                        'shape' => ['kind' => 'new-part'],
                        'under' => ['kind' => 'new-primed-part', 'greyShade' => 4],
                    ],
                ],
            ),
            self::job('Hallam Ox', 'MB 08 OXX', 'hallam-ox', ['Oat Pearl', 'OP-33', 'pearl', 2], 'northlight-w', 21, 58, [
                self::spot('r1', self::at($ox, 'bonnet', 0.45, 0.55), 'bonnet', 45, 'bare-metal', null),
            ]),
            self::job(
                'Marlo Tern',
                'MB 66 GUL',
                'marlo-tern',
                ['Gull White', 'GW-01', 'solid-light', 1],
                'northlight-s',
                18,
                55,
                [],
            ),
            self::job('Quill 3', 'MB 23 COP', 'quill-3', ['Copper Dusk', 'CD-18', 'pearl', 4], 'northlight-s', 22, 50, [
                self::spot('r1', self::at($quill, 'front-door-left', 0.45, 0.45), 'front-door-left', 55, 'primer', 4),
            ]),
            // The long side of a van: no break is near, so the clear is faded out.
            self::sprayed(
                self::job(
                    'Vesper Forty',
                    'MB 48 VAN',
                    'vesper-forty',
                    ['Harbour Slate', 'HS-21', 'metallic-dark', 5],
                    'northlight-s',
                    22,
                    50,
                    [self::spot('r1', self::at($vesper, 'quarter-left', 0.55, 0.5), 'quarter-left', 40, 'primer', 5)],
                ),
                'inside-out-wet-bed',
                ClearFade::of(...),
            ),
            // A stone chip close to the gap: with a standard gun the door comes in.
            self::job(
                'Marlo Tern',
                'MB 37 CHP',
                'marlo-tern',
                ['Harbour Slate', 'HS-21', 'metallic-dark', 5],
                'northlight-s',
                20,
                50,
                [self::spot('r1', self::at($tern, 'front-wing-left', 0.76, 0.5), 'front-wing-left', 8, 'primer', 5)],
            ),
            self::sprayed(
                self::job('Vesper Forty', 'MB 52 DSK', 'vesper-forty', ['Copper Dusk', 'CD-18', 'pearl', 4], 'northlight-s', 22, 50, [
                    self::spot('r1', self::at($vesper, 'front-door-left', 0.5, 0.5), 'front-door-left', 40, 'primer', 4),
                ]),
                'tinted-clear-two-guns',
                fn (CoatSequence $s): CoatSequence => LayerCoats::of($s, self::TINTED_COATS),
                ['letDown' => true],
            ),
            // An old car: no code, waxed, and paint that nobody has held a rag to.
            self::job('Quill 3', 'MB 71 OLD', 'quill-3', ['Harbour Slate', '', 'solid-dark', 5], 'northlight-s', 19, 60, [
                self::spot('r1', self::at($quill, 'front-door-left', 0.45, 0.5), 'front-door-left', 60, 'old-untested', null),
                self::spot('r2', self::at($quill, 'quarter-left', 0.3, 0.55), 'quarter-left', 35, 'sand-through', null),
            ], true),
            // A light metallic in the open middle of a roof, and a new plastic bumper on a humid day.
            self::job('Marlo Tern', 'MB 15 RUF', 'marlo-tern', ['Saltmist Silver', 'SM-07', 'metallic-light', 3], 'northlight-w', 20, 85, [
                self::spot('r1', self::at($tern, 'roof', 0.5, 0.5), 'roof', 40, 'primer', 3),
                [
                    'id' => 'r2',
                    'panel' => 'front-bumper',
                    'shape' => ['kind' => 'new-part'],
                    'under' => ['kind' => 'bare-plastic'],
                ],
            ]),
        ];
    }

    /**
     * A job whose plan is a school's with something changed.
     *
     * @param array<string, mixed> $job
     * @param Closure(CoatSequence): CoatSequence $changed
     * @param array<string, mixed> $more of the plan
     * @return array<string, mixed>
     */
    private static function sprayed(array $job, string $school, Closure $changed, array $more = []): array
    {
        $finish = FinishClass::from($job['colour']['finish']);
        $sequence = $changed(SchoolFiles::all()[$school]->sequence($finish));
        $steps = json_decode((string) json_encode($sequence), true);

        return [...$job, 'plan' => ['school' => $school, 'sequence' => $steps, ...$more]];
    }

    private static function body(string $key): BodyShape
    {
        return BodyShapeSvg::read((string) file_get_contents(base_path("data/bodies/{$key}.svg")));
    }

    /** A place on a panel, as shares of its width and height. */
    private static function at(BodyShape $body, string $panel, float $across, float $down): Point
    {
        $box = $body->panel($panel)->outline->box();

        return new Point(
            round($box->x0 + $across * ($box->x1 - $box->x0)),
            round($box->y0 + $down * ($box->y1 - $box->y0)),
        );
    }

    /** @return array<string, mixed> */
    private static function spot(string $id, Point $at, string $panel, int $radius, string $under, ?int $grey): array
    {
        return [
            'id' => $id,
            'panel' => $panel,
            'shape' => ['kind' => 'spot', 'xMm' => $at->x, 'yMm' => $at->y, 'radiusMm' => $radius],
            'under' => array_filter(['kind' => $under, 'greyShade' => $grey], fn (mixed $v): bool => $v !== null),
        ];
    }

    /**
     * @param array{string, string, string, int} $colour
     * @param list<array<string, mixed>> $repairs
     * @return array<string, mixed>
     */
    private static function job(
        string $label,
        string $plate,
        string $body,
        array $colour,
        string $system,
        int $temperatureC,
        int $humidity,
        array $repairs,
        bool $waxed = false,
    ): array {
        return [
            'car' => ['label' => $label, 'plate' => $plate, 'bodyShape' => $body, ...$waxed ? ['waxed' => true] : []],
            'colour' => [
                'name' => $colour[0],
                'code' => $colour[1],
                'finish' => $colour[2],
                'undercoatShade' => $colour[3],
            ],
            'paintSystem' => $system,
            'booth' => ['temperatureC' => $temperatureC, 'humidityPercent' => $humidity],
            'repairs' => $repairs,
            'plan' => ['school' => 'inside-out-wet-bed'],
        ];
    }
}
