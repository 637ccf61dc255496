<?php

declare(strict_types=1);

namespace App\Support;

use OpenApi\Generator;

/** The OpenAPI document as the classes under app/Http describe it, and what follows from it. */
final class OpenApiDocument
{
    /** A job may come from an older version of ours: it is brought up to date first, and then refused at every depth. */
    private const CHECKED_LATER = 'JobDocument';

    public static function json(): string
    {
        $openapi = Generator::scan([base_path('app/Http')], ['version' => '3.0.0']);

        return ($openapi?->toJson() ?? '{}') . "\n";
    }

    /** Which fields each body has, as code that PHP keeps compiled: app/Http/fields.generated.php. */
    public static function fields(): string
    {
        $document = (array) json_decode(self::json(), true);
        $lines = '';
        foreach (self::part($document, 'paths') as $path => $methods) {
            foreach (is_array($methods) ? $methods : [] as $method => $operation) {
                $schema = is_array($operation) ? self::part($operation, 'requestBody', 'content', 'application/json', 'schema') : [];
                $name = is_string($schema['$ref'] ?? null) ? basename($schema['$ref']) : '';
                $schema = $name === '' ? $schema : self::part($document, 'components', 'schemas', $name);
                $fields = array_keys(self::part($schema, 'properties'));
                if ($fields === [] || $name === self::CHECKED_LATER || ($schema['additionalProperties'] ?? false) === true) {
                    continue;
                }
                sort($fields);
                $lines .= sprintf("    '%s %s' => ['%s'],\n", strtoupper((string) $method), $path, implode("', '", $fields));
            }
        }

        return "<?php\n\ndeclare(strict_types=1);\n\n// Written by openapi:write from the API's description.\nreturn [\n{$lines}];\n";
    }

    /**
     * @param array<mixed> $of
     * @return array<mixed>
     */
    private static function part(array $of, string ...$names): array
    {
        foreach ($names as $name) {
            $of = is_array($of[$name] ?? null) ? $of[$name] : [];
        }

        return $of;
    }
}
