<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** Which toners are worth trying for a formula: its own, and those a painter would reach for. */
final class Candidates
{
    /** More than this is no longer searched in an eye-blink. */
    private const MOST = 15;

    /** For effect colours, in the order painters reach for them. Common practice. */
    private const EFFECT = [
        'alu-coarse',
        'alu-medium',
        'alu-fine',
        'flop-adjuster',
        'black',
        'blue-black',
        'white',
        'blue-green',
        'blue-red',
        'violet',
        'maroon',
        'oxide-yellow',
        'green',
        'scarlet',
        'magenta',
    ];

    /**
     * @param TonerLibrary $library the whole bench, which knows the formula's own toners
     * @param ?TonerLibrary $addable what may be added; null: all of it
     * @return list<string>
     */
    public static function of(Formula $formula, TonerLibrary $library, ?TonerLibrary $addable = null): array
    {
        $effect = $formula->isEffect($library);
        $library = $addable ?? $library;
        $keys = array_keys($formula->grams);
        foreach ($effect ? self::forEffects($library) : array_keys($library->toners) as $key) {
            if (
                ! in_array($key, $keys, true) &&
                count($keys) < self::MOST &&
                ($effect || ! $library->toner($key)->kind->isForEffects())
            ) {
                $keys[] = $key;
            }
        }

        return $keys;
    }

    /**
     * Those of the list that the bench has; of a shop's own what a painter reaches for by kind. Pearls are another colour.
     *
     * @return list<string>
     */
    private static function forEffects(TonerLibrary $library): array
    {
        $place = function (Toner $toner): int {
            $listed = array_search($toner->key, self::EFFECT, true);

            return match (true) {
                is_int($listed) => $listed,
                $toner->kind === TonerKind::Aluminium => 0,
                $toner->kind === TonerKind::FlopAdjuster => 3,
                $toner->kind === TonerKind::Black => 4,
                $toner->kind === TonerKind::White => 6,
                default => 7,
            };
        };
        $toners = array_filter(
            $library->toners,
            fn (Toner $t): bool => in_array($t->key, self::EFFECT, true)
                || ! in_array($t->key, array_keys(TonerLibrary::northlight()->toners), true) && $t->kind !== TonerKind::Pearl,
        );
        uasort($toners, fn (Toner $a, Toner $b): int => $place($a) <=> $place($b));

        return array_keys($toners);
    }
}
