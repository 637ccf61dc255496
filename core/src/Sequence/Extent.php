<?php

declare(strict_types=1);

namespace Kalopsis\Sequence;

use JsonSerializable;

/**
 * How far a coat goes, in shares of the blend and mm past its end: full strength up to its reach, gone after its fade.
 * A reach set by
 * hand stays where it is; without
 * one it is computed.
 */
final readonly class Extent implements JsonSerializable
{
    /** Past this no one can hold a fade, mm. Common practice. */
    public const LONGEST_MM = 1500.0;

    /** A soft edge by wrist and trigger where nobody said how long, mm. Common practice. */
    public const EDGE_MM = 40.0;

    private function __construct(
        public ExtentKind $kind,
        public float $reach,
        public float $fade,
        public ?float $reachMm,
        public ?float $fadeMm,
        public float $beyondMm = 0.0,
        public ?float $fromMm = null,
    ) {}

    public static function past(float $reach, float $fade, ?float $reachMm = null, ?float $fadeMm = null): self
    {
        return new self(ExtentKind::Past, $reach, $fade, $reachMm, $fadeMm);
    }

    public static function between(float $reach, float $fade, ?float $reachMm = null, ?float $fadeMm = null): self
    {
        return new self(ExtentKind::Between, $reach, $fade, $reachMm, $fadeMm);
    }

    /** Full strength up to so much past where the blend ends, mm: a bed or a clear that ends inside the panel. */
    public static function beyond(float $mm, float $fadeMm, ?float $reachMm = null): self
    {
        return new self(ExtentKind::Past, 1.0, 0.0, $reachMm, $fadeMm, $mm);
    }

    /** Between two distances past where the blend ends, mm. */
    public static function ring(float $fromMm, float $toMm, float $fadeMm): self
    {
        return new self(ExtentKind::Ring, 1.0, 0.0, null, $fadeMm, $toMm, $fromMm);
    }

    public static function wholePanel(): self
    {
        return new self(ExtentKind::WholePanel, 0.0, 0.0, null, null);
    }

    public function fades(): bool
    {
        return $this->kind !== ExtentKind::WholePanel;
    }

    public function isSetByHand(): bool
    {
        return $this->reachMm !== null;
    }

    /** Full strength up to here in a blend so long, mm past the primer. */
    public function reachIn(float $blendMm): float
    {
        return $this->reachMm ?? $this->reach * $blendMm + $this->beyondMm;
    }

    /** Nothing nearer than this, mm past the primer; null: it begins at the repair. */
    public function innerIn(float $blendMm): ?float
    {
        return $this->fromMm === null ? null : $blendMm + $this->fromMm;
    }

    public function fadeIn(float $blendMm): float
    {
        return max(1.0, $this->fadeMm ?? $this->fade * $blendMm);
    }

    /** @return array<string, string|float> */
    public function jsonSerialize(): array
    {
        return [
            'kind' => $this->kind->value,
            ...$this->fades()
                ? array_filter(
                    [
                        'reach' => $this->reach,
                        'fade' => $this->fade,
                        'reachMm' => $this->reachMm,
                        'fadeMm' => $this->fadeMm,
                        'beyondMm' => $this->beyondMm > 0.0 ? $this->beyondMm : null,
                        'fromMm' => $this->fromMm,
                    ],
                    fn (?float $v): bool => $v !== null,
                )
                : [],
        ];
    }
}
