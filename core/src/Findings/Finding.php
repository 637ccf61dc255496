<?php

declare(strict_types=1);

namespace Kalopsis\Findings;

use Kalopsis\Input\Fields;

/** Something that somebody saw on a finished car. */
final readonly class Finding
{
    /** No unrolled car is larger, mm. */
    private const FAR_MM = 100_000.0;

    /**
     * @param string $defect key of a defect
     * @param ?string $panel where; null: nobody said
     * @param ?float $xMm on the unrolled body
     * @param ?float $yMm on the unrolled body
     */
    public function __construct(
        public string $id,
        public string $defect,
        public ?string $panel = null,
        public ?float $xMm = null,
        public ?float $yMm = null,
    ) {}

    /** @param Fields $f with "defect", and where it is if somebody said */
    public static function read(string $id, Fields $f): self
    {
        $mm = fn (string $key): ?float => $f->has($key) ? $f->plain($key, -self::FAR_MM, self::FAR_MM, 'The place') : null;

        return new self(
            $id,
            $f->text('defect', 1, 40, 'What is seen'),
            $f->has('panel') ? $f->text('panel', 1, 60, 'The panel') : null,
            $mm('xMm'),
            $mm('yMm'),
        );
    }
}
