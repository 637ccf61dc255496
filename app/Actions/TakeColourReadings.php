<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Colour;
use App\Models\Happening;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Collection;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Readings;
use Kalopsis\Colour\Shot;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\ReadingsFile;
use Kalopsis\Exchange\Row;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Job\FinishRead;
use Kalopsis\Why\Phrase;

/**
 * Takes readings of a shop's colours out of a file: a sample goes to the colour of its name or code, with the mean of its shots.
 * What is none of ours is said, and becomes a colour of its own where that is wished.
 *
 * @phpstan-type Taken array{sample: string, name: string, code: string, shots: int}
 */
final readonly class TakeColourReadings
{
    /** A fan deck has fewer chips, each shot a few times. */
    private const MOST_SHOTS = 10_000;

    /** Faults past this are noise. */
    private const MOST_FAULTS = 60;

    /** As long as a colour's name may be. */
    private const LONGEST_NAME = 80;

    public function __construct(private ConnectionInterface $database, private KeepColour $keep) {}

    /**
     * @param string $from what the file is called
     * @param bool $add may samples that are none of ours become colours?
     * @return array{taken: list<Taken>, added: list<Taken>, unknown: list<string>, faults: list<Fault>}
     * @throws UnreadableFile|InvalidInput
     */
    public function __invoke(User $user, string $from, string $text, bool $add): array
    {
        [$shots, $faults] = self::shots($text);

        return $this->database->transaction(function () use ($user, $from, $add, $shots, $faults): array {
            $user->workshop()->lockForUpdate()->firstOrFail();
            $query = Colour::query();
            $colours = $query->where('workshop_id', $user->workshop_id)->get()->toBase();
            $out = ['taken' => [], 'added' => [], 'unknown' => [], 'faults' => $faults];
            foreach ($shots as $sample => $of) {
                $sample = (string) $sample;

                try {
                    $read = Readings::of($of);
                } catch (CannotCompare $bad) {
                    throw new InvalidInput([new Problem($sample, 'cannot-average', Phrase::of($bad->getMessage()))]);
                }
                $colour = self::named($colours, $sample);
                $known = $colour !== null;
                if ($colour === null && ! ($add && trim($sample) !== '' && mb_strlen($sample) <= self::LONGEST_NAME)) {
                    $out['unknown'][] = $sample;

                    continue;
                }
                $colour ??= ($this->keep)($user, null, [
                    'name' => $sample,
                    'code' => '',
                    'finish' => FinishRead::guess($read->mean)->value,
                    'undercoat_shade' => null,
                    'hiding_um' => null,
                    'note' => '',
                    'recipe' => null,
                ]);
                $colour->update([
                    'reading' => [
                        'measurement' => json_decode((string) json_encode($read->mean), true),
                        'shots' => $read->shots,
                        'from' => $from,
                        'at' => now()->toIso8601String(),
                    ],
                ]);
                $out[$known ? 'taken' : 'added'][] = [
                    'sample' => $sample,
                    'name' => $colour->name,
                    'code' => $colour->code,
                    'shots' => $read->shots,
                ];
            }
            if ($out['taken'] !== [] || $out['added'] !== []) {
                Happening::add($user, 'colours-read', $from);
            }

            return $out;
        });
    }

    /**
     * @return array{array<array-key, non-empty-list<Shot>>, list<Fault>} shots by sample, and what is wrong with the file
     * @throws UnreadableFile
     */
    private static function shots(string $text): array
    {
        $shots = $faults = [];
        $count = 0;
        foreach (ReadingsFile::read($text) as $row) {
            if ($row instanceof Row && ++$count > self::MOST_SHOTS) {
                $row = Fault::leftOut($row->line, sprintf('Only the first %d readings of a file are taken.', self::MOST_SHOTS));
            }
            if ($row instanceof Row) {
                $shots[$row->sample][] = new Shot("s{$row->line}", $row->spot, $row->measurement);
            } elseif (count($faults) < self::MOST_FAULTS) {
                $faults[] = $row;
            }
            if ($count > self::MOST_SHOTS) {
                break;
            }
        }

        return [$shots, $faults];
    }

    /**
     * The colour a sample is called after: by name and code, by code, or by a name that only one has.
     *
     * @param Collection<int, Colour> $colours
     */
    private static function named(Collection $colours, string $sample): ?Colour
    {
        $plain = fn (string $text): string => mb_strtolower(trim((string) preg_replace('/[\s_,;]+/u', ' ', $text)));
        $wanted = $plain($sample);
        $ways = [
            fn (Colour $c): bool => in_array($wanted, [$plain("{$c->name} {$c->code}"), $plain("{$c->code} {$c->name}")], true),
            fn (Colour $c): bool => $c->code !== '' && $plain($c->code) === $wanted,
            fn (Colour $c): bool => $plain($c->name) === $wanted,
        ];
        foreach ($ways as $way) {
            $found = $colours->filter($way)->values();
            if ($found->count() === 1) {
                return $found[0];
            }
        }

        return null;
    }
}
