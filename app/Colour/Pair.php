<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourSample;
use App\Models\RepairJob;
use Illuminate\Support\Collection;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\ReadingReader;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Card\SampleKind;
use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Ranking;
use Kalopsis\Colour\Screen;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\JobSpec;
use Kalopsis\Tint\LetDownCard;
use Kalopsis\Tint\LetDownFit;
use RuntimeException;

/**
 * The car and the card that comes nearest to it, as far as both have been read: what a plan is made for. One choice for
 * every place.
 */
final readonly class Pair
{
    /**
     * @param Collection<int, ColourSample> $samples of the job, all of them
     * @param list<LetDownCard> $letDown cards of a let-down set
     */
    private function __construct(
        public Collection $samples,
        public ?Measurement $car,
        public ?Measurement $card,
        public ?string $cardId,
        public int $cards,
        public bool $simulated = false,
        public ?EyeVerdict $seen = null,
        private array $letDown = [],
    ) {}

    public static function none(): self
    {
        return new self(new Collection(), null, null, null, 0);
    }

    public static function of(RepairJob $job): self
    {
        $car = null;
        $cards = $known = $letDown = [];
        $count = 0;
        $carSimulated = false;
        $samples = $job->samples()->get();
        foreach ($samples->sortBy('number') as $sample) {
            if ($sample->struck_at !== null) {
                continue;
            }
            $count += $sample->kind === SampleKind::Card ? 1 : 0;
            $known[$sample->id] = $sample;
            if ($sample->mean === null) {
                continue;
            }
            if ($sample->kind === SampleKind::Car) {
                $carSimulated = $car === null ? self::isSimulated($sample) : $carSimulated;
                $car ??= self::measurement($sample->mean['measurement']);
            } elseif ($sample->kind === SampleKind::Card) {
                $cards[$sample->id] = self::measurement($sample->mean['measurement']);
                $coats = $sample->details['letDownCoats'] ?? null;
                if (is_int($coats) || is_float($coats)) {
                    $letDown[] = new LetDownCard($sample->id, (float) $coats, $cards[$sample->id]);
                }
            }
        }
        $best = $car === null ? null : Ranking::against($car, $cards)[0]->id ?? null;

        return new self(
            $samples,
            $car,
            $best === null ? null : $cards[$best],
            $best,
            $count,
            $best !== null && ($carSimulated || self::isSimulated($known[$best])),
            $best === null ? self::seen($job, $known) : null,
            $letDown,
        );
    }

    /** The same where the plan took its number of effect coats over from the let-down set: the colour at that number. */
    public function at(?float $effectCoats): self
    {
        if ($effectCoats === null || $this->car === null) {
            return $this;
        }

        try {
            $card = LetDownFit::at($this->car, $this->letDown, $effectCoats);
        } catch (CannotCompare) {
            $card = null;
        }

        return $card === null
            ? $this
            : new self($this->samples, $this->car, $card, $this->cardId, $this->cards, $this->simulated, null, $this->letDown);
    }

    /** A job where this let-down set says how the colour goes with its coats; the job as it is without one. */
    public function shown(JobSpec $spec): JobSpec
    {
        if ($spec->plan->effectCoats() === null || $this->car === null) {
            return $spec;
        }

        try {
            return $spec->along(LetDownFit::path($this->car, $this->letDown));
        } catch (CannotCompare) {
            return $spec;
        }
    }

    /**
     * What the strictest look says of the newest card that was looked at all round, where nothing can be compared.
     *
     * @param array<string, ColourSample> $samples
     */
    private static function seen(RepairJob $job, array $samples): ?EyeVerdict
    {
        $cards = array_filter($samples, fn (ColourSample $s): bool => $s->kind === SampleKind::Card);
        if ($cards === []) {
            return null;
        }
        $events = $job->colourEvents()->get()->where('kind', 'eye')->sortByDesc('id')->values();
        foreach (array_reverse($cards) as $card) {
            $looks = LooksOf::sample($events, $card->id);
            if ($looks->areComplete()) {
                return $looks->strictest();
            }
        }

        return null;
    }

    /** Is any reading that counts made up by the simulated instrument? */
    public static function isSimulated(ColourSample $sample): bool
    {
        return in_array(ReadingSource::Simulated->value, $sample->mean['sources'] ?? [], true);
    }

    /** About the car's colour at 45 degrees as a screen shows it; null while nobody has read the car. */
    public function screen(): ?string
    {
        return $this->car === null ? null : self::shownOn($this->car);
    }

    /** About a reading at 45 degrees as a screen shows it. */
    public static function shownOn(Measurement $reading): ?string
    {
        $labs = $reading->labs;
        $face = $labs[45] ?? reset($labs);

        return $face === false ? null : Screen::hex($face, Screen::exposure([$face]));
    }

    public function comparison(): ?Comparison
    {
        try {
            return $this->car === null || $this->card === null ? null : Comparison::of($this->car, $this->card);
        } catch (CannotCompare) {
            return null;
        }
    }

    /** @param array<string, mixed> $kept */
    public static function measurement(array $kept): Measurement
    {
        $problems = new Problems();

        return ReadingReader::read(Fields::of($kept, $problems)) ??
            throw new RuntimeException('A kept reading cannot be read.');
    }

    /** The reading of a sample; null while it has none. */
    public static function readingOf(ColourSample $sample): ?Measurement
    {
        return $sample->mean === null ? null : self::measurement($sample->mean['measurement']);
    }
}
