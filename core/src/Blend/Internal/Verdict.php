<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Kalopsis\Blend\PanelRole;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\Warning;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** The one sentence above everything else. */
final class Verdict
{
    /**
     * @param array<string, PlannedPanel> $panels
     * @param list<Warning> $warnings
     * @return array{Phrase, Severity}
     */
    public static function of(PanelsInPlay $play, array $panels, array $warnings): array
    {
        if ($panels === []) {
            return [Phrase::of('Place a repair on the car first.'), Severity::Note];
        }
        foreach ($warnings as $warning) {
            if ($warning->severity === Severity::Stop) {
                return [$warning->says, Severity::Stop];
            }
        }
        $joining = [];
        $tightest = null;
        foreach ($play->sides as $side) {
            if ($side->choice === SideChoice::Join && $side->reached && ($play->panels[$side->neighbourId]->away ?? 0) > 0) {
                $joining[$side->neighbourId] = $side->neighbourName;
            }
            if ($side->isShort() && ($tightest === null || $side->room->value() < $tightest->room->value())) {
                $tightest = $side;
            }
        }
        if ($joining !== []) {
            return [Phrase::of(count($joining) === 1 ? '{panels} joins the blend.' : '{panels} join the blend.', ['panels' => self::listed(array_values($joining))]), Severity::LookOut];
        }
        if ($tightest !== null && $tightest->choice !== SideChoice::StopAtLine) {
            return [Phrase::of('Towards {next}: needs {need}, has {room}.', ['next' => $tightest->neighbourName, 'need' => Quantity::mm($tightest->neededMm), 'room' => $tightest->room->quantity]), Severity::LookOut];
        }
        foreach ($warnings as $warning) {
            if ($warning->severity === Severity::LookOut) {
                return [$warning->says, Severity::LookOut];
            }
        }
        $edge = array_filter($panels, fn (PlannedPanel $p): bool => $p->role === PanelRole::EdgeToEdge);
        $names = self::listed(array_map(fn (PlannedPanel $p): string => $p->panel->name, array_values($panels)));

        return [Phrase::of($edge === $panels ? '{panels}: edge to edge.' : 'The blend fits on {panels}.', ['panels' => $names]), Severity::Note];
    }

    /** @param list<string> $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names) . ' and ' . $last;
    }
}
