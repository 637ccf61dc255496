<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use DOMDocument;
use DOMElement;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Panel\Exception\BadOutline;
use Kalopsis\Panel\Internal\PathData;

/**
 * Reads and writes body shapes as SVG drawings in mm (docs/formats/body-shape.md). Curves become straight
 * pieces within half a millimetre. Document types, and with them entities, are refused.
 */
final class BodyShapeSvg
{
    public const MAX_BYTES = 1_000_000;

    private const FLATTENING_MM = 0.5;

    private const MAX_PANELS = 60;

    private const MAX_TRIM = 100;

    /** Roofs of long vans reach 5 m2; a number plate has 0.06. Anything else is a drawing in the wrong scale. */
    private const PANEL_AREA_MM2 = [5_000.0, 8_000_000.0];

    /** @throws BadBodyShape naming the element and what is wrong */
    public static function read(string $svg): BodyShape
    {
        if (strlen($svg) > self::MAX_BYTES) {
            throw BadBodyShape::because('', 'The drawing is larger than 1 MB.');
        }
        if (stripos($svg, '<!doctype') !== false || stripos($svg, '<!entity') !== false) {
            throw BadBodyShape::because('', 'Document types and entities are not accepted in a drawing.');
        }
        $document = new DOMDocument();
        $before = libxml_use_internal_errors(true);
        $read = $svg !== '' && $document->loadXML($svg, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (! $read || $root === null || $root->localName !== 'svg') {
            throw BadBodyShape::because('', 'This is not an SVG drawing.');
        }
        if ($root->getAttribute('data-kalopsis') !== 'body-shape 1') {
            throw BadBodyShape::because('svg', 'data-kalopsis="body-shape 1" is missing.');
        }
        $key = self::word($root, 'data-key', 'svg');
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $key) !== 1) {
            throw BadBodyShape::because('svg', 'data-key takes lower-case letters, digits and dashes.');
        }
        $panels = [];
        foreach (self::groups($root, 'data-panel') as $group) {
            $panel = self::panel($group);
            if (isset($panels[$panel->id])) {
                throw BadBodyShape::because($panel->id, 'two panels have this id.');
            }
            $panels[$panel->id] = $panel;
        }
        if ($panels === [] || count($panels) > self::MAX_PANELS) {
            throw BadBodyShape::because('svg', 'a body has between 1 and ' . self::MAX_PANELS . ' panels.');
        }
        $seams = [];
        foreach (self::groups($root, 'data-seam') as $pair) {
            $seams[] = self::seam($pair, $panels);
        }

        return new BodyShape(
            $key,
            self::word($root, 'data-name', 'svg'),
            $root->getAttribute('data-style'),
            $panels,
            $seams,
            self::trim($root),
        );
    }

    /** Writes what `read` reads; curves stay flattened, places are kept to a tenth of a millimetre. */
    public static function write(BodyShape $body): string
    {
        $box = $body->box();
        $x = fn (string $text): string => htmlspecialchars($text, ENT_XML1 | ENT_QUOTES);
        $lines = ['<?xml version="1.0" encoding="UTF-8"?>'];
        $lines[] = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%.0f %.0f %.0f %.0f" data-kalopsis="body-shape 1" '
                . 'data-key="%s" data-name="%s" data-style="%s">',
            $box->x0 - 60,
            $box->y0 - 60,
            $box->x1 - $box->x0 + 120,
            $box->y1 - $box->y0 + 120,
            $x($body->key),
            $x($body->name),
            $x($body->style),
        );
        foreach ($body->panels as $panel) {
            $lines[] = sprintf(
                '  <g id="%s" data-panel="%s" data-name="%s" data-material="%s" data-orientation="%s">',
                $x($panel->id),
                $panel->kind->value,
                $x($panel->name),
                $panel->material->value,
                $panel->orientation->value,
            );
            $lines[] = '    <path data-role="outline" d="' . self::path($panel->outline->xs, $panel->outline->ys) . ' Z"/>';
            foreach ([['body-line', $panel->bodyLines], ['edge', $panel->freeEdges]] as [$role, $named]) {
                foreach ($named as $line) {
                    $lines[] = sprintf(
                        '    <path data-role="%s" data-name="%s" d="%s"/>',
                        $role,
                        $x($line->name),
                        self::path($line->line->xs, $line->line->ys),
                    );
                }
            }
            $lines[] = '  </g>';
        }
        foreach ($body->seams as $seam) {
            $lines[] = sprintf(
                '  <g data-seam="%s %s" data-gap="%s">',
                $x($seam->panelA),
                $x($seam->panelB),
                round($seam->gapMm, 2),
            );
            $lines[] = '    <path data-role="seam-a" d="' . self::path($seam->lineA->xs, $seam->lineA->ys) . '"/>';
            $lines[] = '    <path data-role="seam-b" d="' . self::path($seam->lineB->xs, $seam->lineB->ys) . '"/>';
            $lines[] = '  </g>';
        }
        foreach ($body->trim as $trim) {
            $d = self::path($trim->line->xs, $trim->line->ys) . ($trim->closed ? ' Z' : '');
            $lines[] = sprintf('  <g data-trim="%s"><path d="%s"/></g>', $trim->kind->value, $d);
        }
        $lines[] = '</svg>';

        return implode("\n", $lines) . "\n";
    }

    private static function panel(DOMElement $group): Panel
    {
        $id = self::word($group, 'id', 'panel');
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $id) !== 1) {
            throw BadBodyShape::because($id, 'a panel id takes lower-case letters, digits and dashes.');
        }
        $outlines = self::paths($group, 'outline');
        if (count($outlines) !== 1) {
            throw BadBodyShape::because($id, 'a panel needs exactly one path with data-role="outline".');
        }

        try {
            $outline = Outline::through(PathData::flatten($outlines[0]->getAttribute('d'), self::FLATTENING_MM, $id));
        } catch (BadOutline $bad) {
            throw BadBodyShape::because($id, $bad->getMessage());
        }
        [$least, $most] = self::PANEL_AREA_MM2;
        if (! ($outline->areaMm2() >= $least && $outline->areaMm2() <= $most)) {
            throw BadBodyShape::because(
                $id,
                sprintf('%.3f m² is no size for a panel; is the drawing in mm?', $outline->areaMm2() / 1e6),
            );
        }

        return new Panel(
            $id,
            self::word($group, 'data-name', $id),
            PanelKind::tryFrom($group->getAttribute('data-panel')) ??
                throw BadBodyShape::because($id, 'unknown kind of panel "' . $group->getAttribute('data-panel') . '".'),
            Material::tryFrom($group->getAttribute('data-material')) ??
                throw BadBodyShape::because($id, 'data-material is steel, aluminium or plastic.'),
            Orientation::tryFrom($group->getAttribute('data-orientation')) ??
                throw BadBodyShape::because($id, 'data-orientation is flat or upright.'),
            $outline,
            self::namedLines($group, 'body-line', $id),
            self::namedLines($group, 'edge', $id),
        );
    }

    /** @param array<string, Panel> $panels */
    private static function seam(DOMElement $group, array $panels): Seam
    {
        $ids = explode(' ', trim($group->getAttribute('data-seam')));
        $where = 'seam ' . implode(' ', $ids);
        if (count($ids) !== 2 || $ids[0] === $ids[1] || ! isset($panels[$ids[0]], $panels[$ids[1]])) {
            throw BadBodyShape::because($where, 'a seam names two different panels of the drawing.');
        }
        $gap = $group->getAttribute('data-gap');
        if (! is_numeric($gap) || ! ((float) $gap >= 0.0 && (float) $gap <= 20.0)) {
            throw BadBodyShape::because($where, 'data-gap is a width from 0 to 20 mm.');
        }
        $lines = [];
        foreach (['seam-a', 'seam-b'] as $role) {
            $paths = self::paths($group, $role);
            if (count($paths) !== 1) {
                throw BadBodyShape::because($where, "one path with data-role=\"{$role}\" is needed.");
            }
            $lines[] = self::line($paths[0], $where);
        }

        return new Seam($ids[0], $ids[1], (float) $gap, $lines[0], $lines[1], $panels[$ids[0]]->outline);
    }

    /** @return list<Trim> */
    private static function trim(DOMElement $root): array
    {
        $trim = [];
        foreach (self::groups($root, 'data-trim') as $group) {
            $kind = TrimKind::tryFrom($group->getAttribute('data-trim')) ??
                throw BadBodyShape::because('trim', 'data-trim is wheel, glass, lamp or handle.');
            foreach ($group->getElementsByTagName('path') as $path) {
                $closed = preg_match('/z\s*$/i', $path->getAttribute('d')) === 1;
                $trim[] = new Trim($kind, self::line($path, "trim {$kind->value}"), $closed);
            }
        }
        if (count($trim) > self::MAX_TRIM) {
            throw BadBodyShape::because('trim', 'a drawing has at most ' . self::MAX_TRIM . ' parts of trim.');
        }

        return $trim;
    }

    /** @return list<NamedLine> */
    private static function namedLines(DOMElement $group, string $role, string $where): array
    {
        return array_map(
            fn (DOMElement $path): NamedLine => new NamedLine(
                self::word($path, 'data-name', "{$where}, {$role}"),
                self::line($path, $where),
            ),
            self::paths($group, $role),
        );
    }

    private static function line(DOMElement $path, string $where): Polyline
    {
        try {
            return Polyline::through(PathData::flatten($path->getAttribute('d'), self::FLATTENING_MM, $where));
        } catch (BadOutline $bad) {
            throw BadBodyShape::because($where, $bad->getMessage());
        }
    }

    /** @return list<DOMElement> */
    private static function groups(DOMElement $root, string $attribute): array
    {
        $found = [];
        foreach ($root->getElementsByTagName('g') as $group) {
            if ($group->hasAttribute($attribute)) {
                $found[] = $group;
            }
        }

        return $found;
    }

    /** @return list<DOMElement> */
    private static function paths(DOMElement $group, string $role): array
    {
        $found = [];
        foreach ($group->getElementsByTagName('path') as $path) {
            if ($path->getAttribute('data-role') === $role) {
                $found[] = $path;
            }
        }

        return $found;
    }

    private static function word(DOMElement $element, string $attribute, string $where): string
    {
        $text = trim($element->getAttribute($attribute));
        if ($text === '' || mb_strlen($text) > 80) {
            throw BadBodyShape::because($where, "{$attribute} needs 1 to 80 characters.");
        }

        return $text;
    }

    /**
     * @param list<float> $xs
     * @param list<float> $ys
     */
    private static function path(array $xs, array $ys): string
    {
        $parts = [];
        foreach ($xs as $i => $x) {
            $parts[] = ($i === 0 ? 'M' : 'L') . (round($x, 1) + 0.0) . ' ' . (round($ys[$i], 1) + 0.0);
        }

        return implode(' ', $parts);
    }
}
