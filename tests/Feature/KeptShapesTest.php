<?php

declare(strict_types=1);

use App\Support\KeptShapes;
use Illuminate\Filesystem\Filesystem;
use Kalopsis\Panel\BodyShapeSvg;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir() . '/kept-shapes-' . uniqid();
    config(['cache.default' => 'file', 'cache.stores.file.path' => $this->folder]);
    $this->svg = (string) file_get_contents(base_path('data/bodies/quill-3.svg'));
});

afterEach(fn () => (new Filesystem())->deleteDirectory($this->folder));

it('gives back the drawing that was read, from what is kept too', function (): void {
    $read = BodyShapeSvg::read($this->svg);
    $first = (new KeptShapes())->read($this->svg);
    $files = glob("{$this->folder}/shapes/*.php");

    expect($first)
        ->toEqual($read)
        ->and($files)
        ->toHaveCount(1)
        ->and((new KeptShapes())->read($this->svg))
        ->toEqual($read);

    // What lies there is what is answered with.
    file_put_contents($files[0], str_replace("'Quill 3'", "'As it was kept'", (string) file_get_contents($files[0])));
    expect((new KeptShapes())->read($this->svg)->name)->toBe('As it was kept');

    // What is no drawing is read anew.
    file_put_contents($files[0], '<?php return null;');
    expect((new KeptShapes())->read($this->svg))->toEqual($read)
        ->and(filesize($files[0]))->toBeGreaterThan(1000)
        ->and(substr(sprintf('%o', fileperms($files[0])), -3))->toBe('600');
});

it('keeps each drawing apart, and nothing where nothing is remembered', function (): void {
    $kept = new KeptShapes();
    $other = str_replace('data-name="Quill 3"', 'data-name="Quill 3, mended"', $this->svg);
    expect($kept->read($this->svg)->name)->toBe('Quill 3')
        ->and($kept->read($other)->name)->toBe('Quill 3, mended')
        ->and(glob("{$this->folder}/shapes/*.php"))->toHaveCount(2);

    config(['cache.default' => 'array', 'cache.stores.file.path' => "{$this->folder}/none"]);
    expect((new KeptShapes())->read($this->svg)->key)->toBe('quill-3')
        ->and(is_dir("{$this->folder}/none"))->toBeFalse();
});

it('reads a drawing all the same where nothing can be kept', function (): void {
    file_put_contents($this->folder, 'a file where the folder should be');
    expect((new KeptShapes())->read($this->svg)->key)->toBe('quill-3');
    unlink($this->folder);
});
