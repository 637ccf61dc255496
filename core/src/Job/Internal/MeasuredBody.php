<?php

declare(strict_types=1);

namespace Kalopsis\Job\Internal;

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\PanelSizes;

/** The car of a job: as its drawing lies on the shelf, with the panels that were measured on this one. */
final class MeasuredBody
{
    public static function of(Fields $car, BodyShape $drawn): BodyShape
    {
        if (! $car->has('sizes')) {
            return $drawn;
        }
        $problems = new Problems();

        try {
            $sizes = PanelSizes::read(Fields::of($car->raw('sizes'), $problems), $drawn);
            $problems->stop();

            return $sizes->on($drawn);
        } catch (InvalidInput $bad) {
            foreach ($bad->under($car->path('sizes'))->problems as $p) {
                $car->problems->add($p->field, $p->code, $p->detail);
            }

            return $drawn;
        }
    }
}
