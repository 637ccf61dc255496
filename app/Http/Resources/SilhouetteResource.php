<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\BodyShapeRecord;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Silhouette;
use Kalopsis\Panel\Tape;
use Kalopsis\Panel\TapeFit;
use Kalopsis\Units\Quantity;

final class SilhouetteResource
{
    /** @return array<string, mixed> */
    public static function of(Silhouette $silhouette): array
    {
        return [
            'key' => $silhouette->key,
            'name' => $silhouette->name,
            'part' => count($silhouette->body->panels) === 1,
            'tapes' => array_map(
                fn (Tape $t): array => [
                    'key' => $t->key,
                    'name' => $t->name,
                    'how' => $t->how,
                    'drawn' => Quantity::mm(round($t->drawnMm())),
                ],
                $silhouette->tapes,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function fitted(Silhouette $silhouette, BodyShape $body): array
    {
        return [
            'body' => BodyShapeResource::of($body),
            'tapes' => array_map(fn (Tape $t): array => self::held($t, $body), $silhouette->tapes),
            'remarks' => TapeFit::remarks($body),
        ];
    }

    /** @return array<string, mixed> where a tape is held on the fitted car, and what it reads there */
    private static function held(Tape $tape, BodyShape $body): array
    {
        $box = $body->panel($tape->panel)->outline->box();
        $middle = [($box->x0 + $box->x1) / 2.0, ($box->y0 + $box->y1) / 2.0];

        return [
            'key' => $tape->key,
            'from' => $tape->across ? [$middle[0], $box->y0] : [$box->x0, $middle[1]],
            'to' => $tape->across ? [$middle[0], $box->y1] : [$box->x1, $middle[1]],
            'reads' => Quantity::mm(round($tape->across ? $box->y1 - $box->y0 : $box->x1 - $box->x0)),
        ];
    }

    /** @return array<string, mixed> */
    public static function record(BodyShapeRecord $record): array
    {
        return [
            'key' => $record->key,
            'name' => $record->name,
            'silhouette' => $record->tape['silhouette'] ?? '',
            'lengths' => (object) ($record->tape['lengths'] ?? []),
        ];
    }
}
