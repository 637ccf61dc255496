<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use Kalopsis\Panel\Exception\UnknownPanel;

/** A car body as panels on one sheet, with the seams between them. */
final readonly class BodyShape
{
    /**
     * @param array<string, Panel> $panels by id
     * @param list<Seam> $seams
     * @param list<Trim> $trim
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $style,
        public array $panels,
        public array $seams,
        public array $trim = [],
    ) {}

    /** @throws UnknownPanel */
    public function panel(string $id): Panel
    {
        return $this->panels[$id] ?? throw UnknownPanel::called($id, $this->key);
    }

    public function has(string $id): bool
    {
        return isset($this->panels[$id]);
    }

    /** @return list<Seam> */
    public function seamsOf(string $panelId): array
    {
        return array_values(array_filter(
            $this->seams,
            fn (Seam $seam): bool => $seam->panelA === $panelId || $seam->panelB === $panelId,
        ));
    }

    public function box(): Box
    {
        $around = null;
        foreach ($this->panels as $panel) {
            $box = $panel->outline->box();
            $around = $around === null ? $box : $around->and($box);
        }

        return $around ?? new Box(0.0, 0.0, 0.0, 0.0);
    }
}
