<?php

declare(strict_types=1);

pest()->extend(Tests\TestCase::class)->in('Feature');
pest()->extend(Tests\UpgradeCase::class)->in('Upgrade');
