<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Policies\Right;
use Illuminate\Console\Command;

/** Writes docs/rights.md from the one place that says who may do what. */
final class WriteRights extends Command
{
    protected $signature = 'rights:write';

    protected $description = 'Write docs/rights.md';

    public function handle(): int
    {
        file_put_contents(base_path('docs/rights.md'), self::text());

        return self::SUCCESS;
    }

    public static function text(): string
    {
        $out = "# Who may do what\n\nWritten by `php artisan rights:write` from `app/Policies/Right.php`. What is not here everybody in the\n"
            . "workshop does: plan, read, mix, spray, look back. Nobody sees another workshop's things: they are not there.\n\n"
            . "| | lead | painter | apprentice |\n|---|---|---|---|\n";
        foreach (Right::cases() as $right) {
            $may = fn (Role $role): string => in_array($role, $right->roles(), true) ? 'yes' : '';
            $out .= sprintf(
                "| %s | %s | %s | %s |\n",
                $right->words(),
                $may(Role::Lead),
                $may(Role::Painter),
                $may(Role::Apprentice),
            );
        }

        return $out;
    }
}
