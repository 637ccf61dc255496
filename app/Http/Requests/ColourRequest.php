<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Colour\Bench;
use App\Colour\ColourWish;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;

/**
 * A colour as a shop writes it down: name, code, finish, grey below, note, formula and variants.
 *
 * @phpstan-import-type Wish from ColourWish
 */
final class ColourRequest extends FormRequest
{
    /**
     * @return Wish
     * @throws InvalidInput
     */
    public function wish(): array
    {
        $problems = new Problems();
        $user = $this->user();
        $bench = Bench::of($user instanceof User ? $user->workshop_id : 0);
        $wish = ColourWish::read(Fields::of(json_decode($this->getContent(), true), $problems), $bench);
        $problems->stop();

        return $wish;
    }
}
