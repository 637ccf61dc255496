<?php

declare(strict_types=1);

namespace Kalopsis\Card;

use Kalopsis\Colour\Readings;
use Kalopsis\Why\Phrase;

/**
 * Readings that a colourist would not trust, and why. Common practice, job step 2: polish, then read, before sanding
 * dulls it.
 */
final class ReadingQuestions
{
    /** Fewer shots than this do not average out the flakes. Common practice: 5 to 6 readings. */
    private const FEW_SHOTS = 3;

    /**
     * @param ?DeskSample $other the car that it is held against; null for the car itself
     * @return list<Phrase>
     */
    public static function of(DeskSample $s, ?DeskSample $other = null): array
    {
        if ($s->mean === null) {
            return [];
        }
        $out = [];
        $car = $s->kind === SampleKind::Car;
        if ($car && in_array(Surface::Sanded, $s->surfaces, true)) {
            $out[] = Phrase::of('Read over sanded paint: it looks lighter and greyer than it is. Read a polished spot.');
        }
        if ($car && in_array(Surface::Unpolished, $s->surfaces, true)) {
            $out[] = Phrase::of('Read before polishing: chalky clear hides the colour. Polish a spot and read again.');
        }
        if ($s->spread > Readings::LARGE_SPREAD) {
            $out[] = Phrase::of(
                'The shots lie {spread} apart, more than {limit}: clean the lens, stay off edges and repairs.',
                ['spread' => sprintf('%.1f', $s->spread), 'limit' => sprintf('%.1f', Readings::LARGE_SPREAD)],
            );
        }
        if ($s->outliers > 0) {
            $out[] = Phrase::of(
                '{n, plural, one {# shot stands out and is not counted.} other {# shots stand out and are not counted.}}',
                ['n' => $s->outliers],
            );
        }
        if ($car && $s->spots < 2 && $s->shots >= 1) {
            $out[] = Phrase::of('Only one spot was read: cars differ from panel to panel.');
        }
        if ($other !== null && $s->readWithAnother($other)) {
            $out[] = Phrase::of('Read with {one}, the car with {other}: two instruments never agree quite. Read both with one.', [
                'one' => $s->instruments[0],
                'other' => $other->instruments[0],
            ]);
        }
        if ($s->shots < self::FEW_SHOTS) {
            $out[] = Phrase::of('Fewer than {n} shots: take more, flakes do not lie the same everywhere.', [
                'n' => self::FEW_SHOTS,
            ]);
        }

        return $out;
    }
}
