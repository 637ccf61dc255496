<?php

declare(strict_types=1);

/* Milliseconds of the middle run, after three to warm up. */

return function (callable $work, int $runs): float {
    $times = [];
    for ($i = 0; $i < $runs + 3; $i++) {
        $began = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    $warm = array_slice($times, 3);
    sort($warm);

    return $warm[intdiv(count($warm), 2)];
};
