<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Screen;
use Kalopsis\Spray\Finish;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** A plan whose number of effect coats is part of the colour, sprayed a little thinner and thicker than planned. */
final readonly class CoatsOff implements JsonSerializable
{
    /** A hand that nobody checks is off by about so many coats. Common practice. */
    public const OFF = 0.3;

    private function __construct(private JobPlan $plan, private Finish $finish, private float $coats) {}

    public static function of(JobPlan $plan): ?self
    {
        $finish = $plan->blend->request->finish;

        return $finish->layer === null ? null : new self($plan, $finish, $finish->layer->coats);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $layer = $this->finish->layer;
        $sticker = $layer === null ? 0.0 : 100.0 * $layer->stickerShare($this->coats);

        return [
            'coats' => round($this->coats, 2),
            'sticker' => Figure::of(
                Quantity::percent($sticker),
                Reason::of(
                    'What the layer leaves of the contrast of a black and grey sticker masked beside the repair.',
                    SourceKind::Estimate,
                    'Light crosses each coat twice (Bouguer, Lambert, Beer), as the let-down set showed; model notes, section 15.',
                ),
            ),
            'car' => self::hex($this->finish->old, $this->finish->old),
            'tries' => array_map($this->sprayed(...), [-self::OFF, 0.0, self::OFF]),
        ];
    }

    /** @return array<string, mixed> */
    private function sprayed(float $off): array
    {
        $coats = max(0.0, $this->coats + $off);
        $finish = $off === 0.0 ? $this->finish : $this->finish->withCoats($coats);
        $butt = SprayedPlan::of($this->plan, $finish)->buttIndex();
        $compared = Comparison::of(Measurement::ofLabs($finish->old), Measurement::ofLabs($finish->new));

        return [
            'off' => $off,
            'coats' => round($coats, 2),
            'colour' => self::hex($finish->new, $this->finish->old),
            'difference' => round($compared->overall(), 2),
            'seen' => $butt >= 1.0,
            'says' => match (true) {
                $off > 0.0 => Phrase::of('Too many: darker and deeper, and no polishing takes it off.'),
                $off < 0.0 => Phrase::of('Too few: lighter and paler; another thin coat mends it.'),
                default => Phrase::of('As planned.'),
            },
        ];
    }

    /**
     * @param array<int, Lab> $labs
     * @param array<int, Lab> $car what the screen is set to
     */
    private static function hex(array $labs, array $car): string
    {
        $face = $labs[45] ?? reset($labs);
        $standard = $car[45] ?? reset($car);

        return $face === false || $standard === false ? '#808080' : Screen::hex($face, Screen::exposure([$standard]));
    }
}
