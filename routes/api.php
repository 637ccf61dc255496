<?php

declare(strict_types=1);

use App\Http\Controllers\BodyShapeController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\MeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use Illuminate\Support\Facades\Route;

Route::post('login', [SessionController::class, 'store'])->middleware('throttle:sign-in');

Route::middleware('auth:sanctum')->group(function (): void {
    Route::post('logout', [SessionController::class, 'destroy']);
    Route::get('me', [MeController::class, 'show']);
    Route::patch('me', [MeController::class, 'update']);

    Route::get('jobs', [JobController::class, 'index']);
    Route::post('jobs', [JobController::class, 'store']);
    Route::post('jobs/import', [JobFileController::class, 'store']);
    Route::get('jobs/{job}', [JobController::class, 'show']);
    Route::put('jobs/{job}', [JobController::class, 'update']);
    Route::post('jobs/{job}/preview', [JobController::class, 'preview']);
    Route::post('jobs/{job}/archive', [JobController::class, 'archive']);
    Route::post('jobs/{job}/restore', [JobController::class, 'restore']);
    Route::get('jobs/{job}/file', [JobFileController::class, 'show']);
    Route::get('jobs/{job}/history', [HistoryController::class, 'index']);
    Route::post('jobs/{job}/undo', [HistoryController::class, 'undo']);
    Route::post('jobs/{job}/redo', [HistoryController::class, 'redo']);

    Route::get('shelf', [ShelfController::class, 'index']);
    Route::get('bodies/{key}', [BodyShapeController::class, 'show']);
    Route::get('bodies/{key}/svg', [BodyShapeController::class, 'svg']);
    Route::post('bodies', [BodyShapeController::class, 'store']);
});
