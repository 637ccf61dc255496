<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Findings\Bayes;
use Kalopsis\Findings\Cause;
use Kalopsis\Findings\Finding;
use Kalopsis\Spray\Part;
use Kalopsis\Why\Phrase;

/**
 * What likely caused a defect, judged from what was planned, what the run recorded and what else was seen: every cause that
 * can bring it about is sprayed in the model with the run's own conditions, with it and without. Docs/model.md section 18.
 */
final readonly class LookBack implements JsonSerializable
{
    /**
     * The part of a simulation that shows a defect. Stripes are not among them: in the model an ordinary slip of overlap stays
     * far below what anybody sees, so they are judged from what is on record.
     */
    public const PARTS = [
        'halo' => Part::Fringe,
        'mottle' => Part::Mottle,
        'see-through' => Part::Hiding,
        'colour-off' => Part::Colour,
    ];

    /** A slip that nobody records happens in so many runs; what plan or record show has happened. Chosen here. */
    private const UNRECORDED = 0.25;

    /** How likely a defect is that the model cannot spray, with its cause on record, and where nothing tells. Chosen here. */
    private const TOLD = 0.6;

    private const UNTOLD = 0.3;

    /** Something that is in no list: how often beside the others, and how likely with it. Chosen here. */
    private const ELSE_OFTEN = 1.0;

    private const ELSE_LIKELY = 0.1;

    /** A ring is marked so near where it is, mm; and somebody who marks it elsewhere is still believed a little. Chosen here. */
    private const MARKED_WITHIN_MM = 60.0;

    private const STRAY_MARK = 0.2;

    /** From here on one cause is called the likely one, and from there on nothing else is left. Chosen here. */
    public const LIKELY = 0.5;

    public const CERTAIN = 0.9;

    /**
     * @param list<RankedCause> $causes the likeliest first
     * @param float $else share of what is in no list
     */
    private function __construct(
        public Finding $finding,
        public array $causes,
        public float $else,
        public Phrase $says,
    ) {}

    /**
     * @param list<Cause> $causes
     * @param list<Finding> $all everything that was marked on this car, the finding included
     */
    public static function of(JobPlan $plan, DoneInTheBooth $done, array $causes, Finding $finding, array $all): ?self
    {
        $sprayed = AsSprayed::on($plan, $finding->panel);
        if ($sprayed === null) {
            return null;
        }
        $traces = new Traces($plan, $sprayed, $done);
        $known = [];
        $seen = function (Conditions $c) use ($sprayed, &$known): array {
            return $known[serialize($c)] ??= $sprayed->seen($c);
        };
        $marked = array_map(fn (Finding $f): string => $f->defect, $all);
        $priors = ['' => self::ELSE_OFTEN];
        $likelihoods = ['' => self::ELSE_LIKELY * self::others($seen($traces->recorded()), $marked, $finding)];
        $found = [];
        foreach ($causes as $cause) {
            $often = $cause->of[$finding->defect] ?? null;
            $trace = $often === null ? null : $traces->of($cause->deviation);
            if ($trace === null || $trace->present === false) {
                continue;
            }
            $likelihood = self::likelihood($trace, $seen, $traces->recorded(), $marked, $finding, self::mmOf($plan, $finding));
            $priors[$cause->key] = $often * ($trace->present === true ? 1.0 : self::UNRECORDED);
            $likelihoods[$cause->key] = $likelihood[0];
            $found[$cause->key] = [$cause, $trace, $likelihood[1], $likelihood[2]];
        }
        $posterior = Bayes::posterior($priors, $likelihoods);
        $ranked = [];
        foreach ($posterior as $key => $share) {
            if (isset($found[$key])) {
                [$cause, $trace, $with, $without] = $found[$key];
                $ranked[] = new RankedCause($cause, $trace, $share, $with, $without);
            }
        }

        return new self($finding, $ranked, $posterior[''] ?? 0.0, self::says($finding, $seen($traces->recorded()), $done));
    }

    /**
     * @param callable(Conditions): array{parts: array<string, float>, fade: float, atMm: float, angle: int,
     *     distanceM: float, coats: ?float, shade: int} $seen
     * @param list<string> $marked
     * @return array{float, ?float, ?float} likelihood; index with and without, where it can be sprayed
     */
    private static function likelihood(
        Trace $trace,
        callable $seen,
        Conditions $recorded,
        array $marked,
        Finding $finding,
        ?float $mm,
    ): array {
        $part = self::PARTS[$finding->defect] ?? null;
        if ($part === null || $trace->with === [] || $trace->without === null) {
            $told = $trace->present === true ? self::TOLD : self::UNTOLD;

            return [$told * self::others($seen($recorded), $marked, $finding), null, null];
        }
        $iWithout = self::index($seen($trace->without), $part);
        $sum = $strongest = 0.0;
        foreach ($trace->with as $conditions) {
            $with = $seen($conditions);
            $iWith = self::index($with, $part);
            $strongest = max($strongest, $iWith);
            $sum +=
                Bayes::marks($iWith, true) *
                Bayes::needed($iWith, $iWithout) *
                self::others($with, $marked, $finding) *
                ($part === Part::Fringe ? self::place($mm, $with['atMm']) : 1.0);
        }

        return [$sum / count($trace->with), $strongest, $iWithout];
    }

    /**
     * How likely it is that the other things were marked, or not.
     *
     * @param array{parts: array<string, float>, fade: float, ...} $seen
     * @param list<string> $marked
     */
    private static function others(array $seen, array $marked, Finding $finding): float
    {
        $product = 1.0;
        foreach (self::PARTS as $defect => $part) {
            if ($defect !== $finding->defect) {
                $product *= Bayes::marks(self::index($seen, $part), in_array($defect, $marked, true));
            }
        }

        return $product;
    }

    /** @param array{parts: array<string, float>, fade: float, ...} $seen */
    private static function index(array $seen, Part $part): float
    {
        return $part === Part::Fringe ? max($seen['parts'][$part->value], $seen['fade']) : $seen['parts'][$part->value];
    }

    private static function place(?float $mm, float $atMm): float
    {
        return $mm === null
            ? 1.0
            : max(self::STRAY_MARK, exp(-0.5 * (($mm - max(0.0, $atMm)) / self::MARKED_WITHIN_MM) ** 2));
    }

    /** How far past the primer it was marked; null where nobody said, or off the colour. */
    private static function mmOf(JobPlan $plan, Finding $finding): ?float
    {
        $panel = $plan->blend->panels[$finding->panel ?? ''] ?? null;

        return $panel === null || $finding->xMm === null || $finding->yMm === null
            ? null
            : max(0.0, $panel->distanceFrom($finding->xMm, $finding->yMm) ?? 0.0);
    }

    /** @param array{parts: array<string, float>, fade: float, atMm: float, angle: int, distanceM: float, ...} $seen */
    private static function says(Finding $finding, array $seen, DoneInTheBooth $done): Phrase
    {
        $part = self::PARTS[$finding->defect] ?? null;
        if ($part === null) {
            return $done->recorded
                ? Phrase::of('Judged from what the run recorded; the model cannot spray this.')
                : Phrase::of('No run is on record, and the model cannot spray this: common causes only.');
        }
        $shows = self::index($seen, $part) > 1.0;

        return match (true) {
            $shows && $done->recorded => Phrase::of('Sprayed again with what the run recorded, the model shows it too.'),
            $shows => Phrase::of('The plan alone already shows it in the model; no run is on record.'),
            $done->recorded => Phrase::of('With what the run recorded the model does not show it: look for what nobody recorded.'),
            default => Phrase::of('The plan does not show it in the model, and no run is on record.'),
        };
    }

    public function isCertain(): bool
    {
        return $this->causes !== [] && $this->causes[0]->share >= self::CERTAIN;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $first = $this->causes[0] ?? null;

        return [
            'finding' => $this->finding->id,
            'says' => $this->says,
            'how' => match (true) {
                $this->isCertain() => Phrase::of('Nearly certain'),
                $first !== null && $first->share >= self::LIKELY => Phrase::of('Likely'),
                default => Phrase::of('Several would explain it'),
            },
            'causes' => $this->causes,
            'else' => round($this->else, 3),
        ];
    }
}
