<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Film\PaintSystem;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Repair;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;

/** All that the planner needs to know. */
final readonly class BlendRequest
{
    /** Past this no one can hold a fade; mm. */
    public const LONGEST_REACH_MM = 1500.0;

    /**
     * @param list<Repair> $repairs
     * @param ?int $undercoatShade grey shade the colour wants under it, 1 to 7
     * @param array<string, float> $reaches by coat id, mm, where the painter moved a contour
     * @param array<string, SideChoice> $sides by "panel|neighbour", ids sorted
     */
    public function __construct(
        public BodyShape $body,
        public array $repairs,
        public FinishClass $finish,
        public ?int $undercoatShade,
        public PaintSystem $system,
        public School $school,
        public GunChoice $gun,
        public WetBedChoice $wetBed,
        public array $reaches,
        public array $sides,
    ) {}

    public static function sideKey(string $panel, string $neighbour): string
    {
        return $panel < $neighbour ? "{$panel}|{$neighbour}" : "{$neighbour}|{$panel}";
    }
}
