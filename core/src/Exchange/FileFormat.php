<?php

declare(strict_types=1);

namespace Kalopsis\Exchange;

/** The open formats readings come and go in. */
enum FileFormat: string
{
    case Csv = 'csv';
    case Cgats = 'cgats';
    case Cxf = 'cxf';

    public function extension(): string
    {
        return match ($this) {
            self::Csv => 'csv',
            self::Cgats => 'txt',
            self::Cxf => 'cxf',
        };
    }

    public function mediaType(): string
    {
        return match ($this) {
            self::Csv => 'text/csv; charset=utf-8; header=present',
            self::Cgats => 'text/plain; charset=utf-8',
            self::Cxf => 'application/xml',
        };
    }

    /** By what the file says, never by its name. */
    public static function of(string $text): self
    {
        $head = ltrim(substr($text, 0, 4096), "\xEF\xBB\xBF \t\r\n");

        return match (true) {
            str_starts_with($head, '<') => self::Cxf,
            preg_match('~^(CGATS|ISO28178|NCLDAAM|ORIGINATOR|BEGIN_DATA_FORMAT)~i', $head) === 1,
            str_contains($head, 'BEGIN_DATA_FORMAT')
                => self::Cgats,
            default => self::Csv,
        };
    }
}
