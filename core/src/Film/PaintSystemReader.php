<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Gun\GunSetUp;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Units\Unit;

/** Reads a paint system from decoded JSON (docs/formats/paint-system.schema.json); every fault is told at its field. */
final class PaintSystemReader
{
    /** No paint is lighter than a light solvent or heavier than a zinc primer, g/ml. Common practice. */
    private const DENSITY_G_PER_ML = [0.6, 3.5];

    /** Thinnest mist coat and thickest filler, um dry. Common practice. */
    private const DRY_FILM_UM = [0.5, 300.0];

    /** No litre of paint costs more in any currency that shops reckon in. Chosen here. */
    private const DEAREST_PER_L = 1e6;

    /** @throws InvalidInput */
    public static function read(mixed $json, string $at = ''): PaintSystem
    {
        $problems = new Problems();
        $fields = Fields::of($json, $problems, $at);
        $key = $fields->text('key', 1, 60, 'The key');
        if ($key !== '' && preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $key) !== 1) {
            $problems->add($fields->path('key'), 'format', 'A key takes lower-case letters, digits and dashes.');
        }
        $name = $fields->text('name', 1, 80, 'The name');
        $carrier = $fields->choice('carrier', Carrier::class, 'The carrier');
        $note = $fields->has('note') ? $fields->text('note', 0, 500, 'The note') : '';
        $currency = $fields->has('currency') ? $fields->text('currency', 3, 3, 'The currency') : null;
        if ($currency !== null && preg_match('/^[A-Z]{3}$/D', $currency) !== 1) {
            $problems->add($fields->path('currency'), 'format', 'A currency has three capital letters, like EUR.');
        }
        $reducers = ReducerWindows::read($fields->maybe('reducers'));
        $products = $clears = [];
        foreach ($fields->objects('products', 20) as $entry) {
            $product = self::product($entry);
            if ($product === null) {
                continue;
            }
            // Of several clears the first is the usual one.
            if ($product->role !== ProductRole::Clear || $clears === []) {
                $products[$product->role->value] = $product;
            }
            if ($product->role === ProductRole::Clear) {
                $clears[] = $product;
            }
        }
        foreach (ProductRole::cases() as $role) {
            if (! isset($products[$role->value]) && ! $role->isOptional() && ! $problems->any()) {
                $problems->add($fields->path('products'), 'missing', "The system has no {$role->value}.");
            }
        }
        $problems->stop();

        return new PaintSystem($key, $name, $carrier, $note, $products, $clears, $currency, $reducers);
    }

    private static function product(Fields $fields): ?Product
    {
        $role = $fields->choice('role', ProductRole::class, 'The role');
        $name = $fields->text('name', 1, 80, 'The name');
        $components = [];
        $solids = 0.0;
        foreach ($fields->objects('components', 4) as $i => $entry) {
            $share = $entry->plain('volumeSolids', 0.0, 1.0, 'Volume solids');
            $component = new Component(
                $entry->text('name', 1, 60, 'The name'),
                $entry->plain('densityGPerMl', ...[...self::DENSITY_G_PER_ML, 'Density in g/ml']),
                $share,
                $entry->has('kind')
                    ? $entry->choice('kind', ComponentKind::class, 'The kind')
                    : ComponentKind::guessed($i, $share, $role),
                self::share($entry, 'water', 'Water'),
                self::share($entry, 'exempt', 'Exempt solvent'),
                $entry->has('pricePerL') ? $entry->plain('pricePerL', 0.0, self::DEAREST_PER_L, 'The price of a litre') : null,
            );
            if ($component->volumeSolids + $component->water + $component->exempt > 1.0 + 1e-9) {
                $entry->problems->add(
                    $entry->path('water'),
                    'too-much',
                    'Solids, water and exempt solvent cannot be more than the whole.',
                );
            }
            $solids += $component->volumeSolids;
            $components[] = $component;
        }
        $film = $fields->number('dryFilmUm', self::DRY_FILM_UM[0], self::DRY_FILM_UM[1], Unit::Micrometre, 'Dry film');
        $gun = $fields->object('gun');
        $setUp = new GunSetUp(
            $gun->number('bar', GunSetUp::PRESSURE_BAR[0], GunSetUp::PRESSURE_BAR[1], Unit::Bar, 'Pressure'),
            $gun->number('distanceMm', GunSetUp::DISTANCE_MM[0], GunSetUp::DISTANCE_MM[1], Unit::Millimetre, 'Distance'),
            $gun->number('overlapPercent', 0.0, 95.0, Unit::Percent, 'Overlap'),
        );
        if ($components === []) {
            $fields->problems->add($fields->path('components'), 'missing', 'A product has at least one component.');

            return null;
        }
        if (! ($solids > 0.0)) {
            $fields->problems->add(
                $fields->path('components'),
                'no-solids',
                'With 0 % solids nothing stays on the panel: at least one component needs volume solids above 0.',
            );
        }

        try {
            $ratio = MixRatio::parse($fields->text('ratio', 1, 40, 'The ratio'));
            new Mix($ratio, $components);
        } catch (BadRatio $bad) {
            $fields->problems->add($fields->path('ratio'), 'bad-ratio', $bad->getMessage());

            return null;
        }

        $sheet = DataSheetReader::read($fields->maybe('sheet'));

        return new Product($role, $name, $ratio, $components, $film, $setUp, $sheet);
    }

    private static function share(Fields $entry, string $name, string $what): float
    {
        return $entry->has($name) ? $entry->plain($name, 0.0, 1.0, $what) : 0.0;
    }
}
