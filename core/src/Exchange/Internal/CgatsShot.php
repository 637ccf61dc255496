<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use Kalopsis\Colour\Viewing;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\Row;

/** Gathers the lines of one shot, an angle each. */
final class CgatsShot
{
    /** @var array<int, list<?float>> */
    private array $labs = [];

    /** @var array<int, array<int, ?float>> */
    private array $spectra = [];

    private bool $spoilt = false;

    public function __construct(
        public readonly string $key,
        private readonly int $line,
        private readonly string $name,
        private readonly string $kind,
        private readonly string $spot,
        private readonly string $shot,
    ) {}

    public function has(int $angle): bool
    {
        return isset($this->labs[$angle]) || isset($this->spectra[$angle]);
    }

    /**
     * @param list<?float> $lab
     * @param array<int, ?float> $spectrum empty when only Lab is given
     */
    public function add(int $angle, array $lab, array $spectrum): void
    {
        if ($spectrum !== []) {
            $this->spectra[$angle] = $spectrum;
        } else {
            $this->labs[$angle] = $lab;
        }
    }

    public function spoil(): void
    {
        $this->spoilt = true;
    }

    public function finished(string $illuminant, string $observer): Row|Fault
    {
        if ($this->spoilt) {
            return Fault::leftOut($this->line, "\"{$this->name}\" has an angle that could not be read.");
        }
        $viewing =
            $illuminant === '' && $observer === '' && $this->spectra !== []
                ? Viewing::paint()
                : Viewing::parse("{$illuminant}/{$observer}");

        return RowBuilder::build(
            $this->line,
            $this->name,
            $this->kind,
            $this->spot,
            $this->shot,
            $viewing,
            $this->spectra === [] ? $this->labs : [],
            $this->spectra,
        );
    }
}
