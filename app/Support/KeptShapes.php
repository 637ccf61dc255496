<?php

declare(strict_types=1);

namespace App\Support;

use ErrorException;
use Illuminate\Filesystem\Filesystem;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;
use Symfony\Component\VarExporter\VarExporter;

/**
 * Drawings that were read before, as code that PHP keeps compiled: an outline's thousand places cost nothing then, and reading
 * them anew for each pull at a repair costs a tenth of it. A start of the application forgets them.
 */
final readonly class KeptShapes
{
    /** Beside the remembered needs; '' where nothing is remembered beyond a request. */
    private string $folder;

    public function __construct(private Filesystem $files = new Filesystem())
    {
        $remembers = config('cache.default') !== 'array';
        $this->folder = $remembers ? config('cache.stores.file.path') . '/shapes' : '';
    }

    public function read(string $svg): BodyShape
    {
        if ($this->folder === '') {
            return BodyShapeSvg::read($svg);
        }
        $path = "{$this->folder}/" . hash('sha256', $svg) . '.php';
        $kept = is_file($path) ? include $path : null;
        if ($kept instanceof BodyShape) {
            return $kept;
        }
        $shape = BodyShapeSvg::read($svg);

        try {
            $this->files->ensureDirectoryExists($this->folder, 0700);
            // Another worker may be at the same drawing; a file that is there is whole.
            $this->files->replace($path, "<?php\n\nreturn " . VarExporter::export($shape) . ";\n", 0600);
        } catch (ErrorException) {
            // Where there is no room for it, it is read anew each time.
        }

        return $shape;
    }
}
