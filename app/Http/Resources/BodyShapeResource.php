<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\NamedLine;
use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Seam;
use Kalopsis\Panel\Trim;
use Kalopsis\Units\Quantity;

/** A body shape as the map draws it. */
final class BodyShapeResource
{
    /** @return array<string, mixed> */
    public static function of(BodyShape $body): array
    {
        return [
            'key' => $body->key,
            'name' => $body->name,
            'style' => $body->style,
            'box' => $body->box(),
            'panels' => array_map(
                fn (Panel $p): array => [
                    'id' => $p->id,
                    'name' => $p->name,
                    'kind' => $p->kind->value,
                    'material' => $p->material->value,
                    'orientation' => $p->orientation->value,
                    'area' => Quantity::squareMetres($p->areaM2()),
                    'box' => $p->outline->box(),
                    'centre' => $p->outline->centroid(),
                    'outline' => $p->outline,
                    'bodyLines' => array_map(self::line(...), $p->bodyLines),
                ],
                array_values($body->panels),
            ),
            'seams' => array_map(
                fn (Seam $s): array => ['a' => $s->panelA, 'b' => $s->panelB, 'gapMm' => $s->gapMm],
                $body->seams,
            ),
            'trim' => array_map(
                fn (Trim $t): array => ['kind' => $t->kind->value, 'points' => $t->line, 'closed' => $t->closed],
                $body->trim,
            ),
        ];
    }

    /** @return array{name: string, points: mixed} */
    private static function line(NamedLine $line): array
    {
        return ['name' => $line->name, 'points' => $line->line];
    }
}
