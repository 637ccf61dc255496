<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\Problem;
use App\Support\Health;
use Illuminate\Http\JsonResponse;

/** Is all of it there? Asked by who watches over it; no session, no sign-in. */
final class HealthController extends Controller
{
    public function __invoke(Health $health): JsonResponse
    {
        return $health->databaseAnswers()
            ? new JsonResponse(['up' => true])
            : Problem::response(503, 'away', 'The database does not answer.');
    }
}
