<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use JsonSerializable;

/** A run as it was begun: its steps, what can be done about what goes wrong, and how the air changes its waits. */
final readonly class Run implements JsonSerializable
{
    /**
     * @param list<RunStep> $steps
     * @param array<string, array<string, list<RunStep>>> $remedies steps by defect and remedy, to be put in
     * @param array<string, DryingTable> $drying by what leaves the film: "base" and "clear"
     * @param array{temperatureC: float, humidityPercent: float, airMPerS: float} $climate that it was planned for
     */
    public function __construct(
        public array $steps,
        public array $remedies,
        public array $drying,
        public array $climate,
    ) {}

    /** @param array<array-key, mixed> $kept as jsonSerialize wrote it */
    public static function kept(array $kept): self
    {
        /**
         * @var array{
         *     steps: list<array<string, mixed>>,
         *     remedies: array<string, array<string, list<array<string, mixed>>>>,
         *     drying: array<string, array<string, mixed>>,
         *     climate: array{temperatureC: float, humidityPercent: float, airMPerS: float},
         * } $kept
         */
        $remedies = [];
        foreach ($kept['remedies'] as $defect => $own) {
            foreach ($own as $remedy => $steps) {
                $remedies[$defect][$remedy] = self::steps($steps);
            }
        }
        $drying = [];
        foreach ($kept['drying'] as $what => $table) {
            $drying[$what] = DryingTable::kept($table);
        }

        return new self(self::steps($kept['steps']), $remedies, $drying, $kept['climate']);
    }

    /**
     * @param list<array<string, mixed>> $kept
     * @return list<RunStep>
     */
    private static function steps(array $kept): array
    {
        return array_map(fn (array $step): RunStep => RunStep::kept($step), $kept);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'steps' => $this->steps,
            'remedies' => (object) array_map(fn (array $own): object => (object) $own, $this->remedies),
            'drying' => $this->drying,
            'climate' => $this->climate,
        ];
    }
}
