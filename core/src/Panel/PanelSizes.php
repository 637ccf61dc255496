<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Panel\Internal\Stretch;
use Kalopsis\Units\Unit;
use Kalopsis\Why\Phrase;

/**
 * Panels of a car that somebody measured because the drawing has them too large or too small. What was measured is met; what
 * lies beside it on the sheet goes along, the other side of the car too; the rest stays as it is drawn.
 */
final readonly class PanelSizes
{
    /** From a fuel flap to the side of a long van, mm. Common practice. */
    private const LENGTH_MM = [50.0, 6_000.0];

    private const WAYS = ['alongMm' => false, 'acrossMm' => true];

    /** @param array<string, array<string, float>> $mm by panel, then "alongMm" from front to rear and "acrossMm" */
    private function __construct(private array $mm) {}

    /**
     * @param Fields $f panel by panel: {"bonnet": {"alongMm": 1010, "acrossMm": 1480}}, both optional
     * @param BodyShape $drawn as it lies on the shelf
     */
    public static function read(Fields $f, BodyShape $drawn): self
    {
        $mm = [];
        foreach ($f->names() as $panel) {
            if (! $drawn->has($panel)) {
                $f->problems->add($f->path($panel), 'unknown', Phrase::of('The {car} has no panel "{panel}".', [
                    'car' => $drawn->name,
                    'panel' => $panel,
                ]));

                continue;
            }
            $one = $f->maybe($panel);
            foreach (array_keys(self::WAYS) as $way) {
                if ($one->has($way)) {
                    $mm[$panel][$way] = $one->number($way, ...[...self::LENGTH_MM, Unit::Millimetre, 'A panel\'s length']);
                }
            }
        }

        return new self($mm);
    }

    /** @throws InvalidInput at "PANEL.alongMm" and "PANEL.acrossMm" where lengths contradict each other */
    public function on(BodyShape $drawn): BodyShape
    {
        if ($this->mm === []) {
            return $drawn;
        }

        return TapeFit::stretched($drawn, ...[...$this->stretches($drawn), $drawn->key, $drawn->name]);
    }

    /**
     * Where a place on the car with other sizes comes to lie on the one with these.
     *
     * @throws InvalidInput as `on`
     */
    public function place(BodyShape $drawn, self $before, Point $at): Point
    {
        [$wasAlong, $wasAcross] = $before->stretches($drawn);
        [$along, $across] = $this->stretches($drawn);

        return new Point($along->of($wasAlong->undone()->of($at->x)), $across->of($wasAcross->undone()->of($at->y)));
    }

    /** @return array{Stretch, Stretch} along and across */
    private function stretches(BodyShape $drawn): array
    {
        $bothSides = TapeFit::hasTwoSides($drawn);
        $tapes = $typed = [];
        foreach ($this->mm as $id => $lengths) {
            $panel = $drawn->panel($id);
            foreach ($lengths as $way => $mm) {
                $key = "{$id}.{$way}";
                $name = Phrase::of(self::WAYS[$way] ? '{panel} across' : '{panel} along', ['panel' => $panel->name]);
                $tapes[] = Tape::over($panel, $key, $name, $name, self::WAYS[$way], $bothSides);
                $typed[$key] = $mm;
            }
        }

        return TapeFit::correcting(new Silhouette($drawn->key, $drawn->name, $drawn, $tapes), $typed);
    }
}
