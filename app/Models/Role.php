<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Painter = 'painter';
    case Lead = 'lead';
    case Apprentice = 'apprentice';
}
