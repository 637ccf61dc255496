<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use DateTimeImmutable;
use Kalopsis\Input\Fields;

/** Which data sheet a product's figures were read from. */
final readonly class SheetSource
{
    /**
     * @param string $document as it stands on the sheet: its number and edition
     * @param ?string $date of the edition, YYYY-MM-DD
     */
    public function __construct(public string $document, public ?string $date = null) {}

    /** Null where none is named. */
    public static function read(Fields $fields): ?self
    {
        if ($fields->names() === []) {
            return null;
        }
        $date = $fields->has('date') ? $fields->text('date', 10, 10, 'The date of the sheet') : null;
        if ($date !== null && $date !== '' && ! self::isDay($date)) {
            $fields->problems->add($fields->path('date'), 'no-date', 'The date of the sheet is a day like 2026-03-31.');
        }

        return new self($fields->text('document', 1, 80, 'The data sheet'), $date);
    }

    private static function isDay(string $text): bool
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        return $day !== false && $day->format('Y-m-d') === $text;
    }

    /** "data sheet 21, edition 3, 2026-02-01" */
    public function words(): string
    {
        return $this->document . ($this->date === null ? '' : ", {$this->date}");
    }
}
