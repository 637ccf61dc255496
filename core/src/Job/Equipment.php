<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Card\Light;
use Kalopsis\Cups\CupShelf;
use Kalopsis\Input\Fields;
use Kalopsis\Job\Internal\GunReader;
use Kalopsis\Sequence\ShopGuns;

/** What a shop works with, with the figures that plans are computed from. What it does not say is usual. */
final readonly class Equipment implements JsonSerializable
{
    private const MOST_BOOTHS = 12;

    private const MOST_DEVICES = 20;

    /**
     * @param non-empty-list<BoothKind> $booths
     * @param list<LampKind> $lamps
     * @param list<InstrumentKind> $instruments
     */
    private function __construct(
        private array $booths,
        public ShopGuns $guns,
        public CupShelf $cups,
        public array $lamps = [],
        public array $instruments = [],
    ) {}

    /** @param list<string> $booths their names */
    public static function usual(array $booths = []): self
    {
        return new self(
            array_map(fn (string $name): BoothKind => new BoothKind($name), $booths === [] ? ['Booth 1'] : $booths),
            new ShopGuns(),
            new CupShelf(),
        );
    }

    /** Reads what jsonSerialize writes; faults are told at their fields. */
    public static function read(Fields $f): self
    {
        $booths = $names = [];
        foreach ($f->objects('booths', self::MOST_BOOTHS) as $booth) {
            $kind = BoothKind::read($booth);
            if (in_array($kind->name, $names, true)) {
                $f->problems->add($booth->path('name'), 'twice', 'Two booths have one name.');
            }
            $names[] = $kind->name;
            $booths[] = $kind;
        }
        if ($booths === []) {
            $f->problems->add($f->path('booths'), 'missing', 'A shop has a booth at least.');
        }
        $guns = $f->maybe('guns');
        $lamps = self::named($f, 'lamps', LampKind::read(...), 'Two lamps have one name.');
        $instruments = self::named($f, 'instruments', InstrumentKind::read(...), 'Two instruments have one name.');

        return new self(
            $booths === [] ? [new BoothKind('Booth 1')] : $booths,
            new ShopGuns(GunReader::read($guns->maybe('standard')), GunReader::read($guns->maybe('small'))),
            CupReader::read($f),
            $lamps,
            $instruments,
        );
    }

    /** The booth of a job, the first where none is named. */
    public function booth(string $name): BoothKind
    {
        foreach ($this->booths as $booth) {
            if ($booth->name === $name) {
                return $booth;
            }
        }

        return $this->booths[0];
    }

    /** What a shop calls its lamp for this light; null: it named none. */
    public function lamp(Light $light): ?string
    {
        foreach ($this->lamps as $lamp) {
            if ($lamp->light === $light) {
                return $lamp->name;
            }
        }

        return null;
    }

    /** How well single shots of an instrument repeat, mean CIEDE2000; null where nobody has tried, or it is none of ours. */
    public function repeats(string $instrument): ?float
    {
        foreach ($this->instruments as $known) {
            if ($known->name === $instrument) {
                return $known->repeats;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function boothNames(): array
    {
        return array_map(fn (BoothKind $b): string => $b->name, $this->booths);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'booths' => $this->booths,
            'guns' => [
                'standard' => $this->guns->standard,
                'small' => $this->guns->small,
            ],
            'cups' => $this->cups,
            'lamps' => $this->lamps,
            'instruments' => $this->instruments,
        ];
    }

    /**
     * @template K of LampKind|InstrumentKind
     * @param callable(Fields): K $read
     * @return list<K> each of another name
     */
    private static function named(Fields $f, string $what, callable $read, string $twice): array
    {
        $out = [];
        foreach ($f->has($what) ? $f->objects($what, self::MOST_DEVICES) : [] as $one) {
            $kind = $read($one);
            if (isset($out["n{$kind->name}"])) {
                $f->problems->add($one->path('name'), 'twice', $twice);
            }
            $out["n{$kind->name}"] = $kind;
        }

        return array_values($out);
    }
}
