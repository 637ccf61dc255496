<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Who did it: somebody of this shop, or a name that came along with a job's file.
 *
 * @property ?User $user
 * @property ?string $author
 */
trait HasAuthor
{
    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function by(): ?string
    {
        return $this->user->name ?? $this->author;
    }
}
