<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PaintSystemRecord;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Tint\TonerKind;

/** A toner as a shop writes it down, with what was read of its drawdowns. */
final class TonerRequest extends FormRequest
{
    private const MOST_CARDS = 12;

    /** Effect panels shine brighter than a perfect white. */
    private const MOST_REFLECTANCE = 20.0;

    /**
     * @return array{name: string, kind: string, system: ?string, cards: list<array<string, mixed>>}
     * @throws InvalidInput
     */
    public function wish(): array
    {
        $problems = new Problems();
        $f = Fields::of(json_decode($this->getContent(), true), $problems);
        $kind = $f->choice('kind', TonerKind::class, 'The kind');
        $cards = [];
        foreach ($f->objects('cards', self::MOST_CARDS) as $card) {
            $cards[] = self::card($card, $kind);
        }
        $system = $f->has('system') ? $f->text('system', 1, 60, 'The paint system') : null;
        $user = $this->user();
        $shop = $user instanceof User ? $user->workshop_id : 0;
        if ($system !== null && $system !== '' && PaintSystemRecord::of($shop, $system) === null) {
            $problems->add('system', 'unknown', 'There is no such paint system on the shelf.');
        }
        $wish = ['name' => $f->text('name', 1, 60, 'The name'), 'kind' => $kind->value, 'system' => $system, 'cards' => $cards];
        $problems->stop();

        return $wish;
    }

    /** @return array<string, mixed> */
    private static function card(Fields $card, TonerKind $kind): array
    {
        $over = $card->has('over') ? $card->text('over', 1, 10, 'What it lies over') : 'hiding';
        if (! in_array($over, ['hiding', 'black', 'white'], true)) {
            $card->problems->add($card->path('over'), 'unknown', 'It hides, or lies over black, or over white.');
        }
        $read = $card->object('spectra');
        $spectra = [];
        foreach ($read->names() as $angle) {
            $values = $read->numbers($angle, Spectrum::COUNT, 'The readings from 400 to 700 nm');
            foreach ($values as $value) {
                if (! ($value >= 0.0 && $value <= self::MOST_REFLECTANCE)) {
                    $read->problems->add($read->path($angle), 'out-of-range', 'Reflectances lie from 0 to 1; flakes shine up to 20.');

                    break;
                }
            }
            $spectra[(int) $angle] = $values;
        }
        $angles = array_keys($spectra);
        sort($angles);
        $known = $kind->isFlake() ? Geometry::ofAngles($angles) !== null && count($angles) >= 3 : $angles === [45];
        if (! $known) {
            $card->problems->add(
                $card->path('spectra'),
                'angles',
                $kind->isFlake()
                    ? 'A panel of flakes is read at three, five or six angles.'
                    : 'A card of a solid toner is read at 45/0.',
            );
        }

        return [
            'name' => $card->has('name') ? $card->text('name', 0, 80, 'The name of the card') : '',
            'share' => $card->plain('share', 0.1, 100.0, 'Grams of the toner in a hundred'),
            'over' => $over,
            'spectra' => $spectra,
        ];
    }
}
