<?php

declare(strict_types=1);

namespace App\Logbook;

use App\Models\JobFact;
use App\Models\PaintSystemRecord;
use App\Models\User;
use App\Policies\Right;
use Illuminate\Database\Eloquent\Builder;
use Kalopsis\Findings\Looks;
use Kalopsis\Findings\Rate;

/** What a shop has done, looked up: jobs, colours, rates. */
final readonly class Logbook
{
    public const PAGE = 50;

    /** A year, to see the seasons. */
    private const MONTHS = 12;

    /** Groups beyond these nobody reads. */
    private const MOST_GROUPS = 40;

    public function __construct(private User $user) {}

    /**
     * Jobs, the newest first; words are looked for in car, plate, colour, code, painter and lesson.
     *
     * @param 'all'|'seen'|'redo'|'ask' $which
     * @return array{jobs: list<JobFact>, more: bool}
     */
    public function jobs(string $words, string $which, int $page): array
    {
        // Ids first: sorting them is quick, sorting whole lines is not.
        $query = $this->found($words, $which);
        $query->orderByDesc('opened_at')->orderByDesc('repair_job_id');
        $query->offset(($page - 1) * self::PAGE)->limit(self::PAGE + 1);
        $ids = $query->toBase()->pluck('repair_job_id')->all();
        $lines = $this->own();
        $lines->whereIn('repair_job_id', $ids)->orderByDesc('opened_at')->orderByDesc('repair_job_id');
        $jobs = array_values($lines->get()->all());

        return ['jobs' => array_slice($jobs, 0, self::PAGE), 'more' => count($jobs) > self::PAGE];
    }

    /** @return Builder<JobFact> */
    public function found(string $words, string $which): Builder
    {
        $query = $this->own();
        $split = preg_split('/\s+/u', trim($words), 6, PREG_SPLIT_NO_EMPTY);
        foreach ($split === false ? [] : $split as $word) {
            $query->where('words', 'like', '%' . addcslashes(mb_strtolower($word), '%_\\') . '%');
        }
        match ($which) {
            'seen' => $query->where('looked', 'seen'),
            'redo' => $query->where('redo', true),
            'ask' => $query
                ->whereNull('asked_at')
                ->where('delivered_at', '<=', now()->subDays(Looks::ASK_AFTER_DAYS)),
            default => null,
        };

        return $query;
    }

    /**
     * Everything that is counted, in one pass: minutes, paint, how often delivered work was done again, by school, colour and
     * painter. Painters see their own rate, a lead everybody's.
     *
     * @return array{jobs: int, planned: float, real: float, cost: float, ml: float, redo: Rate,
     *     colours: list<array{colour: string, code: string, jobs: int, last: string}>,
     *     schools: list<array{name: string, rate: Rate}>,
     *     byColour: list<array{name: string, rate: Rate}>, painters: list<array{name: string, rate: Rate}>}
     */
    public function sums(): array
    {
        $query = $this->own();
        // A car that is still here has not had the chance to come back.
        $query->selectRaw(
            'school, colour, code, painter, COUNT(*) AS jobs, MAX(opened_at) AS last,
             SUM(delivered_at IS NOT NULL OR redo) AS delivered, SUM(redo) AS again,
             SUM(IF(minutes_real IS NULL, 0, minutes_planned)) AS planned, SUM(COALESCE(minutes_real, 0)) AS spent,
             SUM(COALESCE(cost, 0)) AS cost, SUM(ml) AS ml',
        )->groupBy('school', 'colour', 'code', 'painter');
        $sums = array_fill_keys(['jobs', 'delivered', 'again', 'planned', 'spent', 'cost', 'ml'], 0.0);
        $colours = $groups = [];
        foreach ($query->toBase()->get()->all() as $row) {
            $row = (array) $row;
            $text = fn (string $key): string => is_string($row[$key] ?? null) ? $row[$key] : '';
            $number = fn (string $key): float => is_numeric($row[$key] ?? null) ? (float) $row[$key] : 0.0;
            foreach (array_keys($sums) as $key) {
                $sums[$key] += $number($key);
            }
            $key = "{$text('colour')}\n{$text('code')}";
            $colours[$key] ??= ['colour' => $text('colour'), 'code' => $text('code'), 'jobs' => 0, 'last' => ''];
            $colours[$key]['jobs'] += (int) $number('jobs');
            $colours[$key]['last'] = max($colours[$key]['last'], $text('last'));
            foreach (['school', 'colour', 'painter'] as $by) {
                $known = $groups[$by][$text($by)] ?? [0, 0];
                $groups[$by][$text($by)] = [$known[0] + (int) $number('delivered'), $known[1] + (int) $number('again')];
            }
        }
        usort($colours, fn (array $a, array $b): int => [$b['jobs'], $a['colour']] <=> [$a['jobs'], $b['colour']]);
        $painters = $groups['painter'] ?? [];
        unset($painters['']);
        if (! Right::SeeAllPainters->isOf($this->user)) {
            // A car carries the name a painter goes by, which may be the first of two.
            $own = mb_strtolower($this->user->name) . ' ';
            $painters = array_filter(
                $painters,
                fn (string $name): bool => str_starts_with($own, mb_strtolower($name) . ' '),
                ARRAY_FILTER_USE_KEY,
            );
        }

        return [
            'jobs' => (int) $sums['jobs'],
            'planned' => $sums['planned'],
            'real' => $sums['spent'],
            'cost' => round($sums['cost'], 2),
            'ml' => $sums['ml'],
            'redo' => new Rate((int) $sums['delivered'], (int) $sums['again']),
            'colours' => array_slice($colours, 0, self::MOST_GROUPS),
            'schools' => self::rates($groups['school'] ?? []),
            'byColour' => self::rates($groups['colour'] ?? []),
            'painters' => self::rates($painters),
        ];
    }

    /**
     * @param array<array-key, array{int, int}> $groups delivered, and done again
     * @return list<array{name: string, rate: Rate}> of delivered work only, the most first
     */
    private static function rates(array $groups): array
    {
        $out = [];
        foreach ($groups as $name => $counts) {
            if ($counts[0] > 0) {
                $out[] = ['name' => (string) $name, 'rate' => new Rate($counts[0], $counts[1])];
            }
        }
        usort($out, fn (array $a, array $b): int => [$b['rate']->of, $a['name']] <=> [$a['rate']->of, $b['name']]);

        return array_slice($out, 0, self::MOST_GROUPS);
    }

    /** What the shop's paint is priced in; null without prices, or with several currencies that nobody can add. */
    public function currency(): ?string
    {
        $known = [];
        foreach (PaintSystemRecord::query()->where('workshop_id', $this->user->workshop_id)->get() as $system) {
            $currency = $system->sheet['currency'] ?? null;
            if (is_string($currency)) {
                $known[$currency] = true;
            }
        }

        return count($known) === 1 ? array_key_first($known) : null;
    }

    /**
     * Work by the month it was opened in, the oldest first; months without any are left out.
     *
     * @return list<array{month: string, jobs: int, again: int, ml: float, wasted: float, cost: float, planned: float,
     *     real: float}>
     */
    public function months(): array
    {
        $query = $this->own();
        $query->where('opened_at', '>=', now()->startOfMonth()->subMonths(self::MONTHS - 1));
        $query->selectRaw(
            "DATE_FORMAT(opened_at, '%Y-%m') AS month, COUNT(*) AS jobs, SUM(redo) AS again, SUM(ml) AS ml,
             SUM(COALESCE(wasted_ml, 0)) AS wasted, SUM(COALESCE(cost, 0)) AS cost,
             SUM(IF(minutes_real IS NULL, 0, minutes_planned)) AS planned, SUM(COALESCE(minutes_real, 0)) AS spent",
        )->groupBy('month')->orderBy('month');
        $out = [];
        foreach ($query->toBase()->get()->all() as $row) {
            $row = (array) $row;
            $number = fn (string $key): float => is_numeric($row[$key] ?? null) ? (float) $row[$key] : 0.0;
            $out[] = [
                'month' => is_string($row['month']) ? $row['month'] : '',
                'jobs' => (int) $number('jobs'),
                'again' => (int) $number('again'),
                'ml' => $number('ml'),
                'wasted' => $number('wasted'),
                'cost' => round($number('cost'), 2),
                'planned' => $number('planned'),
                'real' => $number('spent'),
            ];
        }

        return $out;
    }

    /**
     * The last times a colour was here, without one job: those that were looked back on first.
     *
     * @return list<JobFact>
     */
    public function lastTimes(string $colour, string $code, string $without, int $most = 5): array
    {
        $query = $this->own();
        $query->where('colour', $colour)->where('code', $code)->where('repair_job_id', '<>', $without);
        // What was looked back on says more than what is still on its way.
        $query->orderByRaw("(looked <> '' OR lesson <> '') DESC")->orderByDesc('opened_at')->limit($most);

        return array_values($query->get()->all());
    }

    /** @return Builder<JobFact> */
    private function own(): Builder
    {
        $query = JobFact::query();
        $query->where('workshop_id', $this->user->workshop_id);

        return $query;
    }
}
