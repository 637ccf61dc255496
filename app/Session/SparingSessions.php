<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions in the database, written when something in them has changed: twenty people dragging ask two hundred questions a
 * second, and each write would wait for the disk. When a device was last seen is part of the session, to the minute.
 */
final class SparingSessions extends DatabaseSessionHandler
{
    private ?string $kept = null;

    /** @param string $sessionId */
    public function read($sessionId): string|false
    {
        $read = parent::read($sessionId);
        $this->kept = is_string($read) ? $read : null;

        return $read;
    }

    /**
     * @param string $sessionId
     * @param string $data
     */
    public function write($sessionId, $data): bool
    {
        if ($this->exists && $data === $this->kept) {
            return true;
        }
        $this->kept = $data;

        return parent::write($sessionId, $data);
    }
}
