<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Workshop;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;

/** When a shop works and what its booths are called, as a lead set it; the usual where nobody did. */
final readonly class ShopHours
{
    private const USUAL_OPENS = 480;

    private const USUAL_CLOSES = 1050;

    private const MOST_BOOTHS = 8;

    /**
     * @param int $opens minutes after midnight
     * @param int $closes minutes after midnight
     * @param list<int> $days 1 Monday to 7 Sunday
     * @param non-empty-list<string> $booths
     */
    public function __construct(public int $opens, public int $closes, public array $days, public array $booths) {}

    public static function of(Workshop $workshop): self
    {
        $hours = $workshop->hours ?? [];
        $booths = array_values(array_filter($workshop->booths ?? [], is_string(...)));
        $days = array_values(array_filter(is_array($hours['days'] ?? null) ? $hours['days'] : [], is_int(...)));

        return new self(
            is_int($hours['opens'] ?? null) ? $hours['opens'] : self::USUAL_OPENS,
            is_int($hours['closes'] ?? null) ? $hours['closes'] : self::USUAL_CLOSES,
            $days === [] ? [1, 2, 3, 4, 5] : $days,
            $booths === [] ? ['Booth 1'] : $booths,
        );
    }

    /** @throws InvalidInput */
    public static function read(mixed $json): self
    {
        $problems = new Problems();
        $f = Fields::of($json, $problems);
        $opens = self::clock($f, 'opens', 'When it opens');
        $closes = self::clock($f, 'closes', 'When it closes');
        if ($opens >= 0 && $closes >= 0 && $closes < $opens + 60) {
            $problems->add('closes', 'order', 'It closes at least an hour after it opens.');
        }
        $days = [];
        foreach ($f->texts('days', 7, 1, 'The days') as $day) {
            if (preg_match('/^[1-7]$/', $day) === 1) {
                $days[] = (int) $day;
            }
        }
        if ($days === []) {
            $problems->add('days', 'missing', 'On one day of the week at least somebody works.');
        }
        $booths = array_values(array_unique($f->texts('booths', self::MOST_BOOTHS, 40, 'The booths')));
        if ($booths === []) {
            $problems->add('booths', 'missing', 'A shop has a booth at least.');
        }
        $problems->stop();
        sort($days);

        return new self($opens, $closes, array_values(array_unique($days)), $booths === [] ? ['Booth 1'] : $booths);
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        $clock = fn (int $m): string => sprintf('%02d:%02d', intdiv($m, 60), $m % 60);

        return [
            'opens' => $clock($this->opens),
            'closes' => $clock($this->closes),
            'days' => array_map(strval(...), $this->days),
            'booths' => $this->booths,
        ];
    }

    private static function clock(Fields $f, string $name, string $what): int
    {
        $text = $f->text($name, 5, 5, $what);
        if (preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/D', $text, $m) !== 1) {
            if ($text !== '') {
                $f->problems->add($f->path($name), 'format', "{$what} is a time like 08:00.");
            }

            return -1;
        }

        return 60 * (int) $m[1] + (int) $m[2];
    }
}
