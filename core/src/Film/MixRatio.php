<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** A mixing ratio by volume: "4:1:2", "1:1", or "+55 %" (that much added to what was there). */
final readonly class MixRatio
{
    private const LARGEST_PART = 1000.0;

    /** @param non-empty-list<float> $parts all > 0 */
    private function __construct(public array $parts, private bool $asPercent) {}

    /** @throws BadRatio */
    public static function parse(string $text): self
    {
        $clean = str_replace(["\u{00A0}", ' '], '', trim($text));
        $number = '(\d+(?:[.,]\d+)?|[.,]\d+)';
        if (preg_match("~^\\+?{$number}%$~", $clean, $m) === 1) {
            return self::of([100.0, self::part($m[1], 2)], true);
        }
        if (preg_match("~^{$number}(?::{$number}){0,3}$~", $clean) !== 1) {
            throw BadRatio::unreadable($text);
        }
        $parts = [];
        foreach (explode(':', $clean) as $i => $part) {
            $parts[] = self::part($part, $i + 1);
        }

        return self::of($parts, false);
    }

    private static function part(string $text, int $position): float
    {
        $value = (float) str_replace(',', '.', $text);
        if (! ($value > 0.0)) {
            throw BadRatio::zeroPart($position);
        }
        if ($value > self::LARGEST_PART) {
            throw BadRatio::tooLarge();
        }

        return $value;
    }

    /** @param non-empty-list<float> $parts */
    private static function of(array $parts, bool $asPercent): self
    {
        return new self($parts, $asPercent);
    }

    public function total(): float
    {
        return array_sum($this->parts);
    }

    /** Share of the whole that component `$index` makes up, 0 to 1. */
    public function share(int $index): float
    {
        return $this->parts[$index] / $this->total();
    }

    /** The same with one part more or less of it. */
    public function withPart(int $index, float $by): self
    {
        $parts = $this->parts;
        $parts[$index] = round($parts[$index] * $by, 3);

        return self::of(array_values($parts), $this->asPercent);
    }

    /** As it was written: "4:1:2" or "+55 %". */
    public function text(): string
    {
        $number = fn (float $v): string => rtrim(rtrim(number_format($v, 3, '.', ''), '0'), '.');

        return $this->asPercent ? '+' . $number($this->parts[1]) . ' %' : implode(':', array_map($number, $this->parts));
    }

    /** "+75 %" for a two-part ratio, whatever way it was written; null for more parts. */
    public function percentAdded(): ?float
    {
        return count($this->parts) === 2 ? 100 * $this->parts[1] / $this->parts[0] : null;
    }
}
