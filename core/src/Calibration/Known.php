<?php

declare(strict_types=1);

namespace Kalopsis\Calibration;

use JsonSerializable;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** What is known of one constant: a factor on what the model takes, how sure it is, and which tests say so. */
final readonly class Known implements JsonSerializable
{
    /** Standard normal quantile of 0.95: nine in ten lie between. Abramowitz and Stegun, table 26.5. */
    private const NINE_IN_TEN = 1.6449;

    /**
     * @param float $factor on the model's own value, > 0
     * @param float $spread standard deviation of its logarithm, > 0
     * @param list<string> $tests what they are called; none: nobody has tested
     */
    public function __construct(public float $factor, public float $spread, public array $tests = []) {}

    /** As the model takes it. */
    public static function untested(Constant $constant): self
    {
        return new self(1.0, $constant->prior());
    }

    public function isTested(): bool
    {
        return $this->tests !== [];
    }

    public function low(): float
    {
        return $this->factor * exp(-self::NINE_IN_TEN * $this->spread);
    }

    public function high(): float
    {
        return $this->factor * exp(self::NINE_IN_TEN * $this->spread);
    }

    /** One link of a why: by how much the model was put right, and which tests said so. */
    public function reason(Constant $constant): Reason
    {
        return Reason::of(
            Phrase::of('{what}: {factor} of what the model takes, nine in ten between {low} and {high}.', [
                'what' => Phrase::of($constant->text()),
                'factor' => Quantity::percent(round(100.0 * $this->factor)),
                'low' => Quantity::percent(round(100.0 * $this->low())),
                'high' => Quantity::percent(round(100.0 * $this->high())),
            ]),
            SourceKind::ShopCalibration,
            implode('; ', $this->tests),
        );
    }

    /** @return array{factor: float, spread: float, low: float, high: float, tests: list<string>} */
    public function jsonSerialize(): array
    {
        return [
            'factor' => round($this->factor, 4),
            'spread' => round($this->spread, 4),
            'low' => round($this->low(), 4),
            'high' => round($this->high(), 4),
            'tests' => $this->tests,
        ];
    }
}
