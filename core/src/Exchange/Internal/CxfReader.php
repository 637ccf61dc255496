<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use DOMElement;
use Generator;
use Kalopsis\Colour\Viewing;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\Row;
use LibXMLError;
use XMLReader;

/**
 * CxF/X (ISO 17972-1): objects with a spectrum or Lab for each angle, each pointing at a colour specification with
 * light, observer and angle. Written
 * from memory of the standard; what is needed of it is in docs/formats/readings.md. Entities are never resolved: a
 * file that declares
 * any is refused before it is parsed.
 */
final class CxfReader
{
    /** @return Generator<int, Row|Fault> */
    public static function read(string $text): Generator
    {
        if (preg_match('~<!(DOCTYPE|ENTITY)~i', $text) === 1) {
            throw UnreadableFile::because(
                'The file declares a document type or entities. CxF needs none; such files are not opened.',
            );
        }
        $was = libxml_use_internal_errors(true);
        libxml_clear_errors();

        try {
            $specifications = self::specifications($text);
            $number = 0;
            foreach (self::elements($text, 'Object') as [$line, $object]) {
                $number++;
                yield self::object($line, $object, $specifications, $number);
            }
            $error = libxml_get_last_error();
            if ($number === 0 && $error instanceof LibXMLError) {
                throw UnreadableFile::because("Line {$error->line}: this is no well-formed XML.");
            }
            if ($error instanceof LibXMLError) {
                yield Fault::leftOut($error->line, 'The XML breaks off or is broken here; what stands before it was read.');
            } elseif ($number === 0) {
                throw UnreadableFile::because('The file holds no CxF objects.');
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($was);
        }
    }

    /** @return array<string, array{viewing: ?Viewing, angle: ?int}> by id */
    private static function specifications(string $text): array
    {
        $out = [];
        foreach (self::elements($text, 'ColorSpecification') as [, $spec]) {
            $id = self::text($spec, '@Id');
            $illuminant = self::first($spec, 'Illuminant');
            $observer = preg_replace('~\D~', '', self::first($spec, 'Observer')) ?? '';
            $angle = self::first($spec, 'AspecularAngle');
            $out[$id] = [
                'viewing' => Viewing::parse("{$illuminant}/{$observer}"),
                'angle' => $angle === '' ? null : (int) round((float) $angle),
            ];
        }
        libxml_clear_errors();

        return $out;
    }

    /**
     * @param array<string, mixed> $object
     * @param array<string, array{viewing: ?Viewing, angle: ?int}> $specifications
     */
    private static function object(int $line, array $object, array $specifications, int $number): Row|Fault
    {
        $labs = $spectra = [];
        $viewing = null;
        $mixed = false;
        foreach (self::all($object, 'ReflectanceSpectrum') as $element) {
            $spec = $specifications[self::text($element, '@ColorSpecification')] ?? ['viewing' => null, 'angle' => null];
            $angle = $spec['angle'] ?? 45;
            $at = (int) (float) (self::text($element, '@StartWL') === '' ? '400' : self::text($element, '@StartWL'));
            $values = preg_split('~\s+~', trim(self::text($element, '#')));
            $values = $values === false ? [] : $values;
            $step = count($values) === 16 ? 20 : 10;
            $unused = false;
            foreach ($values as $i => $v) {
                $spectra[$angle][$at + $i * $step] = Numbers::read($v, false, $unused);
            }
            $viewing ??= $spec['viewing'];
            $mixed = $mixed || ($viewing !== null && $spec['viewing'] !== null && ! $viewing->is($spec['viewing']));
        }
        foreach (self::all($object, 'ColorCIELab') as $element) {
            $spec = $specifications[self::text($element, '@ColorSpecification')] ?? ['viewing' => null, 'angle' => null];
            $unused = false;
            $labs[$spec['angle'] ?? 45] = array_map(
                fn (string $c): ?float => Numbers::read(self::first($element, $c), false, $unused),
                ['L', 'A', 'B'],
            );
            $viewing ??= $spec['viewing'];
            $mixed = $mixed || ($viewing !== null && $spec['viewing'] !== null && ! $viewing->is($spec['viewing']));
        }
        if ($mixed) {
            return Fault::leftOut($line, 'One object mixes readings for different lights.');
        }
        $tags = [];
        foreach (self::all($object, 'Tag') as $tag) {
            $tags[strtolower(self::text($tag, '@Name'))] = self::text($tag, '@Value');
        }

        return RowBuilder::build(
            $line,
            self::text($object, '@Name'),
            $tags['kind'] ?? '',
            $tags['spot'] ?? '',
            $tags['shot'] ?? (string) $number,
            $viewing ?? ($spectra === [] ? null : Viewing::paint()),
            $spectra === [] ? $labs : [],
            $spectra,
        );
    }

    /**
     * Elements of one name as small trees, one at a time.
     *
     * @return Generator<int, array{int, array<string, mixed>}>
     */
    private static function elements(string $text, string $name): Generator
    {
        $reader = XMLReader::XML($text, null, LIBXML_NONET | LIBXML_COMPACT);
        if (! ($reader instanceof XMLReader)) {
            throw UnreadableFile::because('This is no XML that can be read.');
        }
        while (@$reader->read()) {
            if ($reader->nodeType === XMLReader::ELEMENT && $reader->localName === $name) {
                $node = self::expanded($reader);
                if ($node instanceof DOMElement) {
                    yield [$node->getLineNo(), self::tree($node, 0)];
                }
            }
        }
        $reader->close();
    }

    /** The element with its children; null where the file breaks off within it, which the reader tells as a warning as well. */
    private static function expanded(XMLReader $reader): ?DOMElement
    {
        set_error_handler(fn (): bool => true);

        try {
            $node = $reader->expand();
        } finally {
            restore_error_handler();
        }

        return $node instanceof DOMElement ? $node : null;
    }

    /** @return array<string, mixed> */
    private static function tree(DOMElement $node, int $depth): array
    {
        $out = ['name' => $node->localName ?? '', '#' => $depth > 8 ? '' : $node->textContent];
        $children = [];
        foreach ($node->attributes as $attribute) {
            $out['@' . $attribute->localName] = $attribute->value;
        }
        foreach ($node->childNodes as $child) {
            if ($child instanceof DOMElement && $depth < 9) {
                $children[] = self::tree($child, $depth + 1);
            }
        }
        $out['children'] = $children;

        return $out;
    }

    /**
     * @param array<string, mixed> $tree
     * @return list<array<string, mixed>>
     */
    private static function all(array $tree, string $name): array
    {
        $out = [];
        foreach (is_array($tree['children']) ? $tree['children'] : [] as $child) {
            if (! is_array($child)) {
                continue;
            }
            /** @var array<string, mixed> $child */
            if ($child['name'] === $name) {
                $out[] = $child;
            }
            array_push($out, ...self::all($child, $name));
        }

        return $out;
    }

    /** @param array<string, mixed> $tree */
    private static function first(array $tree, string $name): string
    {
        $found = self::all($tree, $name);

        return $found === [] ? '' : trim(self::text($found[0], '#'));
    }

    /** @param array<string, mixed> $tree */
    private static function text(array $tree, string $key): string
    {
        $value = $tree[$key] ?? '';

        return is_string($value) ? $value : '';
    }
}
