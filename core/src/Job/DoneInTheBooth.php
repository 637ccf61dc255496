<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Film\Air;
use Kalopsis\Film\ProductRole;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\LandsIn;

/** What a run's record tells of how a plan was really sprayed; nothing where there was no run. */
final readonly class DoneInTheBooth
{
    /** A bed has lost what it holds open after so many times its own wait, a wet one after so many. Chosen here. */
    private const BED_LATE = 2.0;

    private const BED_DRY = 3.0;

    /** Less than this share of the wait is too little: a look can save some of it, not so much. Chosen here. */
    public const HURRIED = 0.5;

    /**
     * @param array<string, array{waited: ?float, planned: ?float, answer: string, kind: string}> $steps by id
     * @param ?Air $air as it was, the mean of what was read; null: as planned, or nobody read it
     * @param ?bool $cardPassed did a card pass before? null: nothing says
     * @param bool $recorded is there a run at all?
     * @param list<string> $said every answer that was given, also those that were not the last
     */
    private function __construct(
        private array $steps,
        public ?Air $air,
        public ?bool $cardPassed,
        public bool $recorded,
        private array $said = [],
    ) {}

    public static function nothing(?bool $cardPassed = null): self
    {
        return new self([], null, $cardPassed, false);
    }

    /**
     * @param array<array-key, mixed> $record as a run's record is written (Booth\Record)
     */
    public static function of(array $record, ?bool $cardPassed = null): self
    {
        $steps = [];
        foreach (self::list($record['lines'] ?? null) as $line) {
            $id = $line['step'] ?? null;
            if (is_string($id)) {
                $steps[$id] = [
                    'waited' => self::number($line['waited'] ?? null),
                    'planned' => self::number($line['waitPlanned'] ?? null),
                    'answer' => is_string($line['answer'] ?? null) ? $line['answer'] : '',
                    'kind' => is_string($line['kind'] ?? null) ? $line['kind'] : '',
                ];
            }
        }
        $said = array_column($steps, 'answer');
        foreach (self::list($record['told'] ?? null) as $told) {
            $body = is_array($told['body'] ?? null) ? $told['body'] : [];
            $said[] = is_string($body['answer'] ?? null) ? $body['answer'] : '';
        }
        $climate = is_array($record['climate'] ?? null) ? $record['climate'] : [];
        $celsius = self::middle($climate['temperatureC'] ?? null);
        $humidity = self::middle($climate['humidityPercent'] ?? null);

        return new self(
            $steps,
            $celsius === null || $humidity === null ? null : new Air($celsius, $humidity),
            $cardPassed,
            $steps !== [],
            $said,
        );
    }

    /** Minutes waited before a step over what its plan says; null where nobody knows. */
    public function patience(string $step): ?float
    {
        $waited = $this->steps[$step]['waited'] ?? null;
        $planned = $this->steps[$step]['planned'] ?? null;

        return $waited === null || $planned === null || $planned <= 0.0 ? null : $waited / $planned;
    }

    public function waited(string $step): float
    {
        return $this->steps[$step]['waited'] ?? 0.0;
    }

    public function planned(string $step): float
    {
        return $this->steps[$step]['planned'] ?? 0.0;
    }

    /** Was this answered at any time of the run? */
    public function wasSaid(string $answer): bool
    {
        return in_array($answer, $this->said, true);
    }

    /**
     * The conditions the record tells of, beside what was planned.
     *
     * @param list<Coat> $coats
     */
    public function conditions(Conditions $planned, array $coats): Conditions
    {
        return $planned->with(
            air: $this->air === null ? null : $planned->air->at($this->air->temperatureC, $this->air->humidityPercent),
            bed: $this->bed($coats),
            wetInWet: $this->hurried($coats) !== null ? true : null,
        );
    }

    /**
     * What a bed had become when the first colour landed in it; null: as planned.
     *
     * @param list<Coat> $coats
     */
    public function bed(array $coats): ?LandsIn
    {
        $first = self::firstInBed($coats);
        $patience = $first === null ? null : $this->patience($first->id());

        return match (true) {
            $first === null || $patience === null || $patience < self::BED_LATE => null,
            // A bed that was to be flashed anyway has nothing left to lose.
            $first->step->landsIn === LandsIn::FlashedBed || $patience >= self::BED_DRY => LandsIn::Dry,
            default => LandsIn::FlashedBed,
        };
    }

    /** @param list<Coat> $coats */
    public static function firstInBed(array $coats): ?Coat
    {
        foreach ($coats as $coat) {
            if ($coat->isColour() && $coat->step->landsIn->bedOpen() > 0.0) {
                return $coat;
            }
        }

        return null;
    }

    /**
     * The colour coat that was sprayed on one that had not dulled, the most hurried; null where none was.
     *
     * @param list<Coat> $coats
     */
    public function hurried(array $coats): ?Coat
    {
        $before = null;
        $found = null;
        $least = self::HURRIED;
        foreach ($coats as $coat) {
            $patience = $this->patience($coat->id());
            if ($coat->isColour() && $before?->isColour() === true && $patience !== null && $patience < $least) {
                [$found, $least] = [$coat, $patience];
            }
            $before = $coat;
        }

        return $found;
    }

    /**
     * A clear coat, or the first look before clear, that came too soon.
     *
     * @param list<Coat> $coats
     */
    public function hurriedClear(array $coats): ?Coat
    {
        $clears = array_values(
            array_filter($coats, fn (Coat $c): bool => $c->role() === ProductRole::Clear && $c->kind() === CoatKind::Clear),
        );
        foreach (array_slice($clears, 1) as $coat) {
            if (($this->patience($coat->id()) ?? 1.0) < self::HURRIED) {
                return $coat;
            }
        }

        return null;
    }

    /** @return list<array<array-key, mixed>> */
    private static function list(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, is_array(...))) : [];
    }

    private static function number(mixed $value): ?float
    {
        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    private static function middle(mixed $range): ?float
    {
        $low = is_array($range) ? self::number($range[0] ?? null) : null;
        $high = is_array($range) ? self::number($range[1] ?? null) : null;

        return $low === null || $high === null ? null : ($low + $high) / 2.0;
    }
}
