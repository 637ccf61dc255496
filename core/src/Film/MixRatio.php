<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/**
 * A mixing ratio: "4:1:2", "1:1", "2:1 + 5 %" (five hundredths of what was there before; "2:1:5 %" on cans) or "+55 %"
 * (that much added to what was there). By volume, unless "by weight" stands behind it.
 */
final readonly class MixRatio
{
    private const LARGEST_PART = 1000.0;

    /** As many components as a product can have. */
    private const MOST_PARTS = 4;

    /**
     * @param non-empty-list<float> $parts all > 0
     * @param int $percents how many of the last parts are told as per cent of what stands before them
     */
    private function __construct(public array $parts, private int $percents, public bool $byWeight) {}

    /** @throws BadRatio */
    public static function parse(string $text): self
    {
        $clean = str_replace(["\u{00A0}", ' '], '', trim($text));
        $byWeight = str_ends_with($clean, 'byweight');
        $clean = $byWeight ? substr($clean, 0, -strlen('byweight')) : $clean;
        $number = '(?:\d+(?:[.,]\d+)?|[.,]\d+)';
        // Cans say 3:1:10 % and 2/1/10 % where sheets say 3:1 + 10 %.
        $clean = (string) preg_replace("~:(?={$number}%)~", '+', strtr($clean, '/', ':'));
        if (preg_match("~^{$number}%$~", $clean) === 1) {
            $clean = "+{$clean}";
        }
        if (preg_match("~^({$number}(?::{$number})*)?((?:\\+{$number}%)*)$~", $clean, $m) !== 1 || $clean === '') {
            throw BadRatio::unreadable($text);
        }
        $parts = [];
        foreach ($m[1] === '' ? ['100'] : explode(':', $m[1]) as $i => $part) {
            $parts[] = self::part($part, $i + 1);
        }
        $percents = $m[2] === '' ? [] : explode('%', rtrim($m[2], '%'));
        foreach ($percents as $percent) {
            $parts[] = self::part(ltrim($percent, '+'), count($parts) + 1) * array_sum($parts) / 100.0;
        }
        if (count($parts) > self::MOST_PARTS) {
            throw BadRatio::unreadable($text);
        }

        return new self($parts, count($percents), $byWeight);
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

        return new self(array_values($parts), $this->percents, $this->byWeight);
    }

    /**
     * The same mix told by volume.
     *
     * @param non-empty-list<float> $densities g/ml, one for each part
     */
    public function byVolume(array $densities): self
    {
        if (! $this->byWeight) {
            return $this;
        }
        $parts = [];
        foreach ($this->parts as $i => $part) {
            $parts[] = $part / $densities[$i];
        }

        return new self($parts, 0, false);
    }

    /** As it was written: "4:1:2", "2:1 + 5 %" or "+55 %". */
    public function text(): string
    {
        $number = fn (float $v): string => rtrim(rtrim(number_format($v, 3, '.', ''), '0'), '.');
        $head = array_slice($this->parts, 0, count($this->parts) - $this->percents);
        $text = $this->percents > 0 && $head === [100.0] ? '' : implode(':', array_map($number, $head));
        $before = array_sum($head);
        foreach (array_slice($this->parts, count($head)) as $part) {
            $text .= ($text === '' ? '+' : ' + ') . $number(100.0 * $part / $before) . ' %';
            $before += $part;
        }

        return $text . ($this->byWeight ? ' by weight' : '');
    }

    /** One part as per cent of all the others together: the 0.15 of 2:1:0.15 is 5 %. */
    public function percentOfRest(int $index): float
    {
        return 100.0 * $this->parts[$index] / ($this->total() - $this->parts[$index]);
    }
}
