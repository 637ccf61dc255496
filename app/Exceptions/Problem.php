<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Http\JsonResponse;

/** Problem details (RFC 9457): a status, a stable code, a sentence a painter understands, faults by field. */
final class Problem
{
    /**
     * @param list<array{field: string, code: string, detail: string}> $errors
     * @param array<string, mixed> $more
     * @param array<string, string> $headers
     */
    public static function response(
        int $status,
        string $code,
        string $title,
        string $detail = '',
        array $errors = [],
        array $more = [],
        array $headers = [],
    ): JsonResponse {
        return new JsonResponse(
            array_filter(
                [
                    'type' => "about:blank#{$code}",
                    'title' => $title,
                    'status' => $status,
                    'code' => $code,
                    'detail' => $detail,
                    'errors' => $errors,
                    ...$more,
                ],
                fn (mixed $v): bool => $v !== '' && $v !== [],
            ),
            $status,
            ['Content-Type' => 'application/problem+json', ...$headers],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
