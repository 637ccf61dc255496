<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\Problem;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use PDOException;

/** Is all of it there? Asked by who watches over it; no session, no sign-in. */
final class HealthController extends Controller
{
    public function __invoke(ConnectionInterface $database): JsonResponse
    {
        try {
            $database->select('SELECT 1 FROM workshops LIMIT 1');
        } catch (PDOException) {
            return Problem::response(503, 'away', 'The database does not answer.');
        }

        return new JsonResponse(['up' => true]);
    }
}
