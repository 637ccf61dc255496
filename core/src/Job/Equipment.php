<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Cups\Vessel;
use Kalopsis\Input\Fields;
use Kalopsis\Job\Internal\GunReader;
use Kalopsis\Sequence\ShopGuns;

/** What a shop works with, with the figures that plans are computed from. What it does not say is usual. */
final readonly class Equipment implements JsonSerializable
{
    private const MOST_BOOTHS = 12;

    /**
     * @param non-empty-list<BoothKind> $booths
     * @param list<Vessel> $cups sizes on the shelf; none: all
     */
    private function __construct(
        private array $booths,
        public ShopGuns $guns,
        public array $cups,
    ) {}

    /** @param list<string> $booths their names */
    public static function usual(array $booths = []): self
    {
        return new self(
            array_map(fn (string $name): BoothKind => new BoothKind($name), $booths === [] ? ['Booth 1'] : $booths),
            new ShopGuns(),
            [],
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
        $cups = [];
        foreach ($f->texts('cups', count(Vessel::cases()), 10, 'The cups') as $i => $size) {
            $vessel = Vessel::tryFrom($size);
            if ($vessel === null) {
                $f->problems->add($f->path("cups.{$i}"), 'unknown', 'There is no such cup.');
            } else {
                $cups[] = $vessel;
            }
        }

        return new self(
            $booths === [] ? [new BoothKind('Booth 1')] : $booths,
            new ShopGuns(GunReader::read($guns->maybe('standard')), GunReader::read($guns->maybe('small'))),
            $cups,
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
            'cups' => array_map(fn (Vessel $v): string => $v->value, $this->cups),
        ];
    }
}
