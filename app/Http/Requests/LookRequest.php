<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\DefectFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Kalopsis\Card\Light;
use Kalopsis\Findings\Defect;
use Kalopsis\Findings\Finding;
use Kalopsis\Findings\LookEvent;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;

/** Something that somebody found or has to say of a sprayed car. */
final class LookRequest extends FormRequest
{
    /** What people send; the application keeps follow-ups itself. */
    private const KINDS = ['finding', 'strike', 'restore', 'clean', 'delivered', 'asked', 'lesson'];

    /** From the fingertips to across a car park, m. */
    private const DISTANCE_M = [0.3, 20.0];

    public const CUSTOMER = ['happy', 'noticed', 'complained', 'not-reached'];

    /**
     * @param list<string> $known keys of findings of this car
     * @throws InvalidInput
     */
    public function event(array $known): LookEvent
    {
        $problems = new Problems();
        $f = Fields::of(json_decode($this->getContent(), true), $problems);
        $key = $f->text('key', 36, 36, 'The key');
        if (! Str::isUuid($key)) {
            $problems->add($f->path('key'), 'format', 'A key is a UUID.');
        }
        $kind = $f->text('kind', 1, 12, 'What was found');
        if (! in_array($kind, self::KINDS, true)) {
            $problems->add($f->path('kind'), 'choice', 'This is one of: ' . implode(', ', self::KINDS) . '.');
        }
        $body = match ($kind) {
            'finding' => self::finding($f),
            'strike', 'restore' => self::known($f, $known),
            'clean' => self::looked($f),
            'asked' => self::asked($f),
            'lesson' => ['text' => $f->text('text', 1, 500, 'What was learned')],
            default => [],
        };
        $problems->stop();

        return new LookEvent(strtolower($key), $kind, $body);
    }

    /** @return array<string, string|float> */
    private static function finding(Fields $f): array
    {
        $seen = Finding::read('', $f);
        if (! in_array($seen->defect, array_map(fn (Defect $d): string => $d->key, DefectFile::all()), true)) {
            $f->problems->add($f->path('defect'), 'choice', 'Choose what you see by its picture.');
        }
        $place = ['panel' => $seen->panel, 'xMm' => $seen->xMm, 'yMm' => $seen->yMm];

        return [
            'defect' => $seen->defect,
            ...self::looked($f),
            ...array_filter($place, fn (string|float|null $v): bool => $v !== null),
            ...$f->has('note') ? ['note' => $f->text('note', 0, 500, 'The note')] : [],
        ];
    }

    /** @return array<string, string|float> */
    private static function looked(Fields $f): array
    {
        return [
            'light' => $f->choice('light', Light::class, 'The light')->value,
            'distanceM' => $f->plain('distanceM', self::DISTANCE_M[0], self::DISTANCE_M[1], 'The distance in m'),
        ];
    }

    /**
     * @param list<string> $known
     * @return array<string, string>
     */
    private static function known(Fields $f, array $known): array
    {
        $finding = strtolower($f->text('finding', 36, 36, 'The finding'));
        if (! in_array($finding, $known, true)) {
            $f->problems->add($f->path('finding'), 'unknown', 'There is no such finding on this car.');
        }

        return ['finding' => $finding];
    }

    /** @return array<string, string|bool> */
    private static function asked(Fields $f): array
    {
        $customer = $f->text('customer', 1, 20, 'What the owner says');
        if (! in_array($customer, self::CUSTOMER, true)) {
            $f->problems->add($f->path('customer'), 'choice', 'The owner is one of: ' . implode(', ', self::CUSTOMER) . '.');
        }

        return [
            'again' => $f->flag('again', 'Whether it was seen again'),
            'customer' => $customer,
            'note' => $f->has('note') ? $f->text('note', 0, 500, 'The note') : '',
        ];
    }
}
