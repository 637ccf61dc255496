<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Practice\Answer;
use Kalopsis\Practice\Hand;
use Kalopsis\Practice\Scenario;
use Kalopsis\Units\Unit;

/** What a trainee decided, and how the gun was moved. */
final class PracticeRequest extends FormRequest
{
    /** A minute of a pointer's places; nobody sprays a door longer. */
    private const MOST_PLACES = 6000;

    private const FARTHEST = 1e7;

    public function key(): string
    {
        $problems = new Problems();
        $key = $this->fields($problems)->text('key', 36, 36, 'The key');
        if (! Str::isUuid($key)) {
            $problems->add('key', 'format', 'A key is a UUID.');
        }
        $problems->stop();

        return strtolower($key);
    }

    /** @throws InvalidInput */
    public function answer(Scenario $scenario): Answer
    {
        return Answer::read($scenario, $this->fields(new Problems()));
    }

    /**
     * The path of the pointer, or the hand by numbers; null: nobody sprayed.
     *
     * @throws InvalidInput
     */
    public function hand(GunSetUp $sheet): ?Hand
    {
        $problems = new Problems();
        $f = $this->fields($problems);
        if ($f->has('hand')) {
            $hand = $f->object('hand');
            [$speed, $overlap, $distance] = [
                $hand->number('mmPerS', 20.0, 5000.0, Unit::Millimetre, 'The speed in a second'),
                $hand->number('overlapPercent', 0.0, 95.0, Unit::Percent, 'The overlap'),
                $hand->number('distanceMm', ...[...GunSetUp::DISTANCE_MM, Unit::Millimetre, 'The distance']),
            ];
            $problems->stop();

            return Hand::even($speed, $overlap, $distance, $sheet);
        }

        return $f->has('path') ? Hand::along($this->gunPath(), $sheet) : null;
    }

    /**
     * @return list<array{float, float, float, float}>
     * @throws InvalidInput
     */
    private function gunPath(): array
    {
        $problems = new Problems();
        $body = json_decode($this->getContent(), true);
        $path = is_array($body) ? $body['path'] ?? null : null;
        $out = [];
        foreach (is_array($path) ? $path : [] as $place) {
            $numbers = is_array($place) ? array_values(array_filter($place, self::isFair(...))) : [];
            if (count($numbers) !== 4) {
                $problems->add('path', 'not-numbers', 'A place is four numbers: ms, mm across, mm down, mm from the panel.');
                break;
            }
            $out[] = [(float) $numbers[0], (float) $numbers[1], (float) $numbers[2], (float) $numbers[3]];
        }
        if (! is_array($path) || count($path) > self::MOST_PLACES) {
            $problems->add('path', 'too-many', 'The path has at most ' . self::MOST_PLACES . ' places.');
        }
        $problems->stop();

        return $out;
    }

    /** @phpstan-assert-if-true int|float $value */
    private static function isFair(mixed $value): bool
    {
        return (is_int($value) || is_float($value)) && abs($value) < self::FARTHEST;
    }

    private function fields(Problems $problems): Fields
    {
        return Fields::of(json_decode($this->getContent(), true), $problems);
    }
}
