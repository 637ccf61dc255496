<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Kalopsis\Blend\Need;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\Warning;
use Kalopsis\Spray\Part;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** The one sentence above everything else, with the same figures wherever it stands. */
final class Verdict
{
    /**
     * @param array<string, PlannedPanel> $panels
     * @param list<Warning> $warnings
     * @return array{Phrase, Severity}
     */
    public static function of(PanelsInPlay $play, array $panels, array $warnings, Need $need): array
    {
        if ($panels === []) {
            return [Phrase::of('Place a repair on the car first.'), Severity::Note];
        }
        foreach ($warnings as $warning) {
            if ($warning->severity === Severity::Stop) {
                return [$warning->says, Severity::Stop];
            }
        }
        if (! $need->fades) {
            return [
                Phrase::of('The {panels}: edge to edge.', ['panels' => self::names($panels)]),
                Severity::Note,
            ];
        }

        $lookOut = array_filter($warnings, fn (Warning $w): bool => $w->severity === Severity::LookOut) !== [];

        return self::ofNeed($play, $panels, $need, $lookOut);
    }

    /**
     * @param array<string, PlannedPanel> $panels
     * @return array{Phrase, Severity}
     */
    private static function ofNeed(PanelsInPlay $play, array $panels, Need $need, bool $lookOut): array
    {
        $mm = $need->mm();
        $joining = [];
        foreach ($play->sides as $side) {
            if (
                $side->choice === SideChoice::Join &&
                $side->reached &&
                ($play->panels[$side->neighbourId]->away ?? 0) > 0
            ) {
                $joining[$side->neighbourId] = $side->neighbourName;
            }
        }
        $values = [
            'certainty' => Phrase::of($need->certainty->words()),
            'panels' => self::names($panels),
            'joining' => array_map(lcfirst(...), array_values($joining)),
            'n' => count($joining),
        ];
        if ($mm === null) {
            return [
                match ($need->stays) {
                    Part::Colour, null => Phrase::of('No blend hides this colour {certainty}: tint first.', $values),
                    default => Phrase::of('Seen at any length: {part} stays, not the colour.', [
                        'part' => Phrase::of($need->stays->words()),
                        ...$values,
                    ]),
                },
                Severity::LookOut,
            ];
        }
        $values['need'] = Quantity::mm($mm);
        if ($need->roomMm === null) {
            return [
                Phrase::of('Needs {need} {certainty}, and nothing bounds it: stays on the {panels}.', $values),
                $lookOut ? Severity::LookOut : Severity::Note,
            ];
        }
        // Rounded down, as everywhere: nobody has the last half millimetre.
        $values['room'] = Quantity::mm(floor($need->roomMm));
        if ($joining === []) {
            return [
                Phrase::of(
                    $need->isTooLong()
                        ? 'Needs {need} {certainty}, has {room}: too short on the {panels}.'
                        : 'Needs {need} {certainty}, has {room}: stays on the {panels}.',
                    $values,
                ),
                $need->isTooLong() || $lookOut ? Severity::LookOut : Severity::Note,
            ];
        }
        $values['short'] = Quantity::mm(max(0.0, $mm - floor($need->roomMm)));

        return [
            Phrase::of(
                $need->isTooLong()
                    ? 'Needs {need} {certainty}, has {room}: the {joining} {n, plural, one {joins} other {join}}, {short} are missing.'
                    : 'Needs {need} {certainty}, has {room}: the {joining} {n, plural, one {joins} other {join}} by your hand.',
                $values,
            ),
            Severity::LookOut,
        ];
    }

    /**
     * @param array<string, PlannedPanel> $panels
     * @return list<string>
     */
    private static function names(array $panels): array
    {
        return array_map(fn (PlannedPanel $p): string => lcfirst($p->panel->name), array_values($panels));
    }
}
