<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** A kind of car, or a part of one, whose drawing is stretched to what a tape says. */
final readonly class Silhouette
{
    /**
     * @param BodyShape $body drawn in usual proportions
     * @param list<Tape> $tapes
     */
    public function __construct(public string $key, public string $name, public BodyShape $body, public array $tapes) {}

    public function tape(string $key): ?Tape
    {
        foreach ($this->tapes as $tape) {
            if ($tape->key === $key) {
                return $tape;
            }
        }

        return null;
    }
}
