<?php

declare(strict_types=1);

namespace Kalopsis\Tests\Support;

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\NeedsOfThisRun;
use Kalopsis\Blend\Planner;
use Kalopsis\Calibration\Calibration;
use Kalopsis\Colour\Measurement;
use Kalopsis\Film\PaintSystem;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Job\Catalogue;
use Kalopsis\Job\Equipment;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Material;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\Outline;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\PanelKind;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Spot;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\School;
use Kalopsis\Sequence\SchoolReader;

/** The shipped cars and paints, and simple panels with known sizes. */
final class Bodies implements Catalogue
{
    public const KEYS = ['marlo-tern', 'quill-3', 'vesper-forty', 'hallam-ox'];

    /** @var array<string, BodyShape> */
    private array $read = [];

    public function __construct(
        private readonly Calibration $tested = new Calibration(),
        private readonly ?Equipment $shop = null,
    ) {}

    public static function svg(string $key): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3) . "/data/bodies/{$key}.svg");
    }

    public static function shipped(string $key): BodyShape
    {
        return BodyShapeSvg::read(self::svg($key));
    }

    public function bodyShape(string $key): ?BodyShape
    {
        return in_array($key, self::KEYS, true) ? ($this->read[$key] ??= self::shipped($key)) : null;
    }

    public function paintSystem(string $key, ?int $edition = null): ?PaintSystem
    {
        $file = dirname(__DIR__, 3) . "/data/paint-systems/{$key}.json";

        return in_array($key, ['northlight-s', 'northlight-w'], true)
            ? PaintSystemReader::read(json_decode((string) file_get_contents($file), true))
            : null;
    }

    public function school(string $key): ?School
    {
        $file = dirname(__DIR__, 3) . "/data/schools/{$key}.json";

        return preg_match('/^[a-z0-9-]+$/', $key) === 1 && is_file($file)
            ? SchoolReader::read(json_decode((string) file_get_contents($file), true))
            : null;
    }

    public function equipment(): Equipment
    {
        return $this->shop ?? Equipment::usual();
    }

    public function calibration(): Calibration
    {
        return $this->tested;
    }

    /** @return list<string> keys of the trade's schools */
    public static function schoolKeys(): array
    {
        return array_map(
            fn (string $f): string => basename($f, '.json'),
            glob(dirname(__DIR__, 3) . '/data/schools/*.json') ?: [],
        );
    }

    /** @return list<School> */
    public static function schools(): array
    {
        return array_values(array_filter(array_map((new self())->school(...), self::schoolKeys())));
    }

    /**
     * A job planned for a car and a card, or for a colour 2 L* off.
     *
     * @param array<array-key, mixed> $job
     */
    public static function planned(array $job, ?Measurement $car = null, ?Measurement $card = null): JobPlan
    {
        static $shelf = new self();

        return (new JobPlanner())->plan((new JobReader($shelf))->read($job), $car, $card);
    }

    /** @param array<array-key, mixed> $job */
    public static function sequence(array $job): CoatSequence
    {
        return (new JobReader(new self()))->read($job)->plan->sequence;
    }

    /**
     * The blend of a job. A need that was found once is not looked for again, so that what is said of it takes milliseconds.
     *
     * @param array<array-key, mixed> $job
     */
    public static function remarked(array $job): BlendPlan
    {
        static $planner = new JobPlanner(new Planner(new NeedsOfThisRun()));
        static $reader = new JobReader(new self());

        return $planner->plan($reader->read($job), null, null)->blend;
    }

    /** @return array<string, mixed> change of a job: its spot lies so far from the front door's rear gap */
    public static function towardsRear(float $mm, float $radius = 60.0, ?string $choice = null): array
    {
        $box = self::shipped('marlo-tern')->panel('front-door-left')->outline->box();
        $side = ['panel' => 'front-door-left', 'neighbour' => 'rear-door-left', 'choice' => $choice];

        return [
            'repairs' => [['shape' => ['xMm' => $box->x1 - $mm, 'radiusMm' => $radius]]],
            'plan' => $choice === null ? [] : ['sides' => [$side]],
        ];
    }

    /**
     * The same job with its steps written out and changed.
     *
     * @param array<array-key, mixed> $job
     * @param callable(list<array<string, mixed>>): list<array<string, mixed>> $change
     * @return array<array-key, mixed>
     */
    public static function withSteps(array $job, callable $change): array
    {
        $job['plan']['sequence'] = $change(json_decode((string) json_encode(self::sequence($job)), true));

        return $job;
    }

    /** A rectangle lying on its own. */
    public static function rectangle(float $width, float $height, float $x = 0.0, float $y = 0.0): Panel
    {
        return self::panel(
            Outline::through([[$x, $y], [$x + $width, $y], [$x + $width, $y + $height], [$x, $y + $height]]),
        );
    }

    public static function panel(Outline $outline): Panel
    {
        return new Panel('sheet', 'Sheet', PanelKind::Bonnet, Material::Steel, Orientation::Flat, $outline, [], []);
    }

    public static function spot(float $x, float $y, float $radius, string $panel = 'sheet', string $id = 'r1'): Repair
    {
        return new Repair($id, $panel, new Spot(new Point($x, $y), $radius), Under::Primer, 3);
    }

    /**
     * A job on a Marlo Tern with one spot in the middle of a panel.
     *
     * @param array<string, mixed> $change
     * @return array<string, mixed>
     */
    public static function job(string $panel = 'front-door-left', float $radius = 60.0, array $change = []): array
    {
        $centre = self::shipped('marlo-tern')->panel($panel)->outline->centroid();

        return array_replace_recursive(
            [
                'format' => 'kalopsis-job',
                'version' => 2,
                'car' => ['label' => 'Marlo Tern', 'plate' => 'MB 24 TRN', 'bodyShape' => 'marlo-tern'],
                'colour' => [
                    'name' => 'Saltmist Silver',
                    'code' => 'SM-07',
                    'finish' => 'metallic-light',
                    'undercoatShade' => 3,
                ],
                'paintSystem' => 'northlight-s',
                'booth' => ['temperatureC' => 22, 'humidityPercent' => 50],
                'repairs' => [
                    [
                        'id' => 'r1',
                        'panel' => $panel,
                        'shape' => ['kind' => 'spot', 'xMm' => $centre->x, 'yMm' => $centre->y, 'radiusMm' => $radius],
                        'under' => ['kind' => 'primer', 'greyShade' => 3],
                    ],
                ],
                'plan' => ['school' => 'inside-out-wet-bed'],
            ],
            $change,
        );
    }
}
