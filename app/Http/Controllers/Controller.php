<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Policies\Right;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

abstract class Controller
{
    use AuthorizesRequests;

    protected function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }

    /** Who asks, if it is theirs to do. */
    protected function entitled(Request $request, Right $right): User
    {
        $user = $this->user($request);

        return $right->isOf($user) ? $user : throw new AuthorizationException($right->refusal());
    }

    /** The version an edit was made on, from If-Match; 428 when it is not said. */
    protected function onVersion(Request $request): int
    {
        if (preg_match('/^(?:W\/)?"(\d{1,9})"$/', $request->headers->get('If-Match') ?? '', $m) !== 1) {
            throw new HttpException(428, 'If-Match is missing.');
        }

        return (int) $m[1];
    }
}
