<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

use JsonSerializable;

/** How often something happened, and between what and what it may really lie. */
final readonly class Rate implements JsonSerializable
{
    /** Standard normal quantile of .975. Abramowitz and Stegun, table 26.5. */
    private const Z = 1.959964;

    public function __construct(public int $of, public int $hits) {}

    public function share(): ?float
    {
        return $this->of === 0 ? null : $this->hits / $this->of;
    }

    /**
     * Where it lies in 19 of 20 cases, also for few: the score interval of Wilson 1927.
     *
     * @return array{float, float} 0 to 1
     */
    public function between(): array
    {
        if ($this->of === 0) {
            return [0.0, 1.0];
        }
        $n = (float) $this->of;
        $p = $this->hits / $n;
        $z2 = self::Z ** 2;
        $middle = ($p + $z2 / (2.0 * $n)) / (1.0 + $z2 / $n);
        $half = (self::Z / (1.0 + $z2 / $n)) * sqrt($p * (1.0 - $p) / $n + $z2 / (4.0 * $n * $n));

        return [max(0.0, $middle - $half), min(1.0, $middle + $half)];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        [$low, $high] = $this->between();

        return ['of' => $this->of, 'hits' => $this->hits, 'low' => round($low, 3), 'high' => round($high, 3)];
    }
}
