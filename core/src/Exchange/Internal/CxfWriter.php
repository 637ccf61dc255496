<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use Kalopsis\Exchange\Row;
use XMLWriter;

final class CxfWriter
{
    private const CORE = 'http://colorexchangeformat.com/CxF3-core';

    /** @param iterable<Row> $rows */
    public static function write(iterable $rows): string
    {
        $xml = new XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElementNs('cc', 'CxF', self::CORE);
        $xml->startElement('cc:FileInformation');
        $xml->writeElement('cc:Creator', 'Kalopsis');
        $xml->writeElement('cc:Description', 'Colour readings');
        $xml->endElement();
        $xml->startElement('cc:Resources');
        $xml->startElement('cc:ObjectCollection');
        $used = [];
        $number = 0;
        foreach ($rows as $row) {
            $number++;
            $used += self::object($xml, $row, $number);
        }
        $xml->endElement();
        $xml->startElement('cc:ColorSpecificationCollection');
        foreach ($used as $id => [$illuminant, $observer, $angle]) {
            $xml->startElement('cc:ColorSpecification');
            $xml->writeAttribute('Id', $id);
            $xml->startElement('cc:TristimulusSpec');
            $xml->writeElement('cc:Illuminant', $illuminant);
            $xml->writeElement('cc:Observer', "{$observer}_Degree");
            $xml->endElement();
            $xml->startElement('cc:MeasurementSpec');
            $xml->writeElement('cc:MeasurementType', 'Spectrum_Reflectance');
            $xml->startElement('cc:GeometryChoice');
            $xml->startElement('cc:MultiAngle');
            $xml->writeElement('cc:IlluminationAngle', '45');
            $xml->writeElement('cc:AspecularAngle', (string) $angle);
            $xml->endElement();
            $xml->endElement();
            $xml->endElement();
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endElement();
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    /** @return array<string, array{string, string, int}> specifications used, by id */
    private static function object(XMLWriter $xml, Row $row, int $number): array
    {
        $m = $row->measurement;
        $used = [];
        $xml->startElement('cc:Object');
        $xml->writeAttribute('ObjectType', $row->kind === 'car' ? 'Standard' : 'Sample');
        $xml->writeAttribute('Name', $row->sample);
        $xml->writeAttribute('Id', "o{$number}");
        $xml->startElement('cc:ColorValues');
        foreach ($m->labs as $angle => $lab) {
            $id = 'cs-' . str_replace('/', '-', $m->viewing->name()) . "-{$angle}";
            $used[$id] = [$m->viewing->illuminant->value, $m->viewing->observer->value, $angle];
            if ($m->hasSpectra()) {
                $xml->startElement('cc:ReflectanceSpectrum');
                $xml->writeAttribute('ColorSpecification', $id);
                $xml->writeAttribute('StartWL', '400');
                $xml->text(
                    implode(' ', array_map(fn (float $v): string => CsvWriter::number($v, 5), $m->spectra[$angle]->values)),
                );
                $xml->endElement();
            } else {
                $xml->startElement('cc:ColorCIELab');
                $xml->writeAttribute('ColorSpecification', $id);
                $xml->writeElement('cc:L', CsvWriter::number($lab->l, 4));
                $xml->writeElement('cc:A', CsvWriter::number($lab->a, 4));
                $xml->writeElement('cc:B', CsvWriter::number($lab->b, 4));
                $xml->endElement();
            }
        }
        $xml->endElement();
        $xml->startElement('cc:TagCollection');
        foreach (['kind' => $row->kind, 'spot' => $row->spot, 'shot' => $row->shot] as $name => $value) {
            $xml->startElement('cc:Tag');
            $xml->writeAttribute('Name', $name);
            $xml->writeAttribute('Value', $value);
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endElement();

        return $used;
    }
}
