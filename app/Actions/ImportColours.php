<?php

declare(strict_types=1);

namespace App\Actions;

use App\Colour\Bench;
use App\Colour\ColourWish;
use App\Models\Colour;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;
use Kalopsis\Exchange\ColourTableFile;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Input\Problems;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Why\Phrase;

/**
 * Takes colours in from a table, all or none. A toner nobody has heard of is put on the bench by its name; a colour that is
 * there gets the formula as its next version.
 */
final readonly class ImportColours
{
    public function __construct(
        private ConnectionInterface $database,
        private KeepColour $keep,
        private KeepToner $toner,
    ) {}

    /**
     * @return array{added: int, changed: int, toners: int}
     * @throws InvalidInput|UnreadableFile
     */
    public function __invoke(User $user, string $text): array
    {
        [$colours, $lines] = ColourTableFile::read($text);

        return $this->database->transaction(function () use ($user, $colours, $lines): array {
            $counts = ['added' => 0, 'changed' => 0, 'toners' => 0];
            foreach ($colours as $i => $colour) {
                $colour['toners'] = $this->keys($user, $colour['toners'], $counts['toners']);
                $colour['layer'] = $this->keys($user, $colour['layer'], $counts['toners']);
                foreach (is_array($colour['variants']) ? $colour['variants'] : [] as $n => $variant) {
                    $colour['variants'][$n]['toners'] = $this->keys($user, $variant['toners'] ?? [], $counts['toners']);
                }
                $problems = new Problems();
                $wish = ColourWish::read(Fields::of($colour, $problems), Bench::of($user->workshop_id));

                try {
                    $problems->stop();
                    $known = Colour::query();
                    $known->where(['workshop_id' => $user->workshop_id, 'name' => $wish['name'], 'code' => $wish['code']]);
                    $there = $known->first();
                    ($this->keep)($user, $there, $wish);
                } catch (InvalidInput $bad) {
                    throw new InvalidInput(array_map(
                        fn (Problem $p): Problem => new Problem("Line {$lines[$i]}, {$p->field}", $p->code, $p->detail),
                        $bad->problems,
                    ));
                } catch (ValidationException $bad) {
                    throw new InvalidInput([new Problem("Line {$lines[$i]}", 'taken', Phrase::of($bad->getMessage()))]);
                }
                $counts[$there === null ? 'added' : 'changed']++;
            }

            return $counts;
        });
    }

    /** @return array<string, mixed> grams by key instead of by name */
    private function keys(User $user, mixed $grams, int &$made): array
    {
        $out = [];
        foreach (is_array($grams) ? $grams : [] as $name => $g) {
            $name = (string) $name;
            $key = self::known(Bench::of($user->workshop_id), $name);
            if ($key === null && $name !== '' && mb_strlen($name) <= 60) {
                $key = ($this->toner)($user, null, [
                    'name' => $name,
                    'kind' => TonerKind::Shade->value,
                    'system' => null,
                    'cards' => [],
                ])->key;
                $made++;
            }
            $out[$key ?? $name] = $g;
        }

        return $out;
    }

    private static function known(TonerLibrary $bench, string $name): ?string
    {
        foreach ($bench->toners as $key => $toner) {
            if ($key === $name || mb_strtolower($toner->name) === mb_strtolower($name)) {
                return $key;
            }
        }

        return null;
    }
}
