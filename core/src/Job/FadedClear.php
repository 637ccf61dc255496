<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\Breaks;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Volatile;
use Kalopsis\Sequence\ClearFade;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Spray\ClearEdge;
use Kalopsis\Spray\Pace;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** Where the clear of a plan ends: over the whole panel, or inside it; what its edge comes to, and what is done after. */
final readonly class FadedClear implements JsonSerializable
{
    /** Least wait before the edge is cured and polished, min. Common practice. */
    private const LEAST_FLASH = 10.0;

    private function __construct(private JobPlan $plan, private ?ClearEdge $edge) {}

    public static function of(JobPlan $plan): self
    {
        $job = $plan->job;
        $volatile = Volatile::of($job->system->carrier, $job->reducer());

        return new self($plan, ClearEdge::of($plan->blend->coats, $volatile, $job->air()));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'fades' => $this->edge !== null,
            'other' => $this->other(),
            'edge' => $this->edge === null ? null : $this->edge($this->edge),
        ];
    }

    /** The same plan with its clear ended the other way; null where the paint system cannot. */
    private function other(): ?CoatSequence
    {
        $sequence = $this->plan->job->plan->sequence;
        if ($sequence->clearFades()) {
            return ClearFade::whole($sequence);
        }

        return $this->plan->job->system->has(ProductRole::FadeSolvent) ? ClearFade::of($sequence) : null;
    }

    /** @return array<string, mixed> */
    private function edge(ClearEdge $edge): array
    {
        $scuffed = ClearFade::scuffedMm($edge->limitMm);
        $break = Breaks::nearest(
            $this->plan->job->repairs,
            $this->plan->job->body,
            $this->plan->blend->limitMm() ?? 0.0,
        );
        $values = [
            'step' => Quantity::um($edge->stepUm()),
            'pad' => Quantity::mm(ClearEdge::PAD_MM),
            'most' => Quantity::um(ClearEdge::POLISHED_UM),
        ];

        return [
            'mm' => array_map(fn (float $x): float => round($x, 1), $edge->mm),
            'um' => array_map(fn (float $um): float => round($um, 2), $edge->um),
            'full' => self::figure(Quantity::um($edge->fullUm()), 'Dry film of all clears, one above the other.'),
            'ends' => self::figure(Quantity::mm($edge->limitMm), 'Where the last dust of the last clear lands.'),
            'scuffed' => Figure::of(
                Quantity::mm($scuffed),
                Reason::of(
                    Phrase::of('The tape stands {back} back from where the scuffed area ends.', [
                        'back' => Quantity::mm(ClearFade::SET_BACK_MM),
                    ]),
                    SourceKind::Practice,
                    'Common practice.',
                    ['clear ends' => Quantity::mm($edge->limitMm)],
                ),
            ),
            'step' => self::figure($values['step'], 'What rises within a pad\'s rim of the end.'),
            'hardStep' => self::figure(
                Quantity::um($edge->at($edge->unthinnedMm)),
                'Masked with a hard tape line where the unthinned clear is still full, all of it would stand there.',
            ),
            'polishesOut' => $edge->polishesOut(),
            'says' => $edge->polishesOut()
                ? Phrase::of('{step} rise over the last {pad}: that polishes out, at most {most} come off.', $values)
                : Phrase::of('{step} rise over the last {pad}, more than the {most} that polish off: taper further.', $values),
            'customer' => Phrase::of(
                'The new clear ends inside the panel. It lives shorter there, and its edge may show in later years.',
            ),
            'break' =>
                $break === null
                    ? null
                    : [
                        'name' => $break->neighbour === null
                            ? $break->edge
                            : $this->plan->job->body->panel($break->neighbour)->name,
                        'away' => Quantity::mm(floor($break->mm)),
                    ],
            'after' => $this->after($edge),
        ];
    }

    /** @return list<Phrase> what is done once the clear is on, in order */
    private function after(ClearEdge $edge): array
    {
        $job = $this->plan->job;
        $pace = new Pace($job->system, $job->reducer(), $job->air());
        $wait = self::LEAST_FLASH;
        foreach ($this->plan->blend->coats as $coat) {
            if ($coat->kind() === CoatKind::Clear || $coat->kind() === CoatKind::FadeSolvent) {
                $wait = max($wait, ceil($pace->waiting($coat)));
            }
        }

        return [
            Phrase::of('Before: soft-edge tape or a folded false edge {end} past the primer, the scuffed area {back} wider.', [
                'end' => Quantity::mm($edge->limitMm),
                'back' => Quantity::mm(ClearFade::SET_BACK_MM),
            ]),
            Phrase::of('Fade-out solvent in light coats on the edge of the clear, never past the scuffed area.'),
            Phrase::of('Let it flash {wait} at least, longer when cold or damp.', ['wait' => Quantity::minutes($wait)]),
            Phrase::of(
                'Cure it: oven, infrared, or for a clear made for it a warmed-up ultraviolet lamp, 30 to 60 seconds to and fro. '
                    . 'The data sheet decides.',
            ),
            Phrase::of('Polish the edge from slow, off the new clear outwards, with little or no sanding there.'),
        ];
    }

    private static function figure(Quantity $quantity, string $rule): Figure
    {
        return Figure::of(
            $quantity,
            Reason::of($rule, SourceKind::Estimate, 'Films as laid, before the solvent levels them; model notes, section 14.'),
        );
    }
}
