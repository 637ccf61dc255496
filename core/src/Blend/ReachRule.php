<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Why\Figure;

/** Says how far colour has to go. Today a table of the trade; a simulation of the repair can take its place. */
interface ReachRule
{
    public function reaches(FinishClass $finish): Reaches;

    /** Blend room wanted before the next panel: from the primer to where the last dust lands. */
    public function roomNeeded(FinishClass $finish, School $school, GunChoice $gun): Figure;
}
