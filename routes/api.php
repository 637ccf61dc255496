<?php

declare(strict_types=1);

use App\Http\Controllers\BodyShapeController;
use App\Http\Controllers\BoothController;
use App\Http\Controllers\CalibrationController;
use App\Http\Controllers\ClimateController;
use App\Http\Controllers\ColourController;
use App\Http\Controllers\ColourDeskController;
use App\Http\Controllers\ColourGateController;
use App\Http\Controllers\ColourReadingController;
use App\Http\Controllers\CupController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\LogbookController;
use App\Http\Controllers\LookBackController;
use App\Http\Controllers\MeController;
use App\Http\Controllers\MixController;
use App\Http\Controllers\PaintController;
use App\Http\Controllers\PanelSizeController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\ReadingFileController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShopSchoolController;
use App\Http\Controllers\SilhouetteController;
use App\Http\Controllers\SimulationController;
use App\Http\Controllers\TintController;
use App\Http\Controllers\TonerController;
use App\Http\Controllers\WorkshopController;
use App\Http\Middleware\AllOrNothing;
use App\Http\Middleware\AtItsAddress;
use App\Http\Middleware\KnownBody;
use App\Http\Middleware\LongWork;
use App\Http\Middleware\OwnPassword;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);

Route::middleware([AtItsAddress::class, KnownBody::class])->group(function (): void {
    Route::post('login', [SessionController::class, 'store']);
    Route::post('first-run', [SessionController::class, 'firstRun']);
});

Route::middleware(['auth:sanctum', OwnPassword::class, KnownBody::class])->group(function (): void {
    Route::post('logout', [SessionController::class, 'destroy']);
    Route::get('me', [MeController::class, 'show']);
    Route::patch('me', [MeController::class, 'update']);
    Route::post('me/password', [MeController::class, 'password']);
    Route::get('me/devices', [MeController::class, 'devices']);
    Route::post('me/devices/{key}/sign-out', [MeController::class, 'signOutDevice']);
    Route::post('me/sign-out-elsewhere', [MeController::class, 'signOutElsewhere']);
    Route::post('jobs/{job}/colour/imports/{import}/take', [ReadingFileController::class, 'take']);

    // Questions: they compute, and keep nothing.
    Route::post('jobs/{job}/preview', [JobController::class, 'preview']);
    Route::post('jobs/{job}/panel-sizes', PanelSizeController::class);
    Route::post('jobs/{job}/simulate', [SimulationController::class, 'simulate']);
    Route::post('jobs/{job}/walk', [SimulationController::class, 'walk']);
    Route::post('jobs/{job}/cut', [SimulationController::class, 'cut']);
    Route::post('jobs/{job}/guns', [SimulationController::class, 'guns']);
    Route::post('jobs/{job}/offers', [SimulationController::class, 'offers']);
    Route::post('jobs/{job}/ways', [SimulationController::class, 'ways']);
    Route::post('jobs/{job}/cures', [SimulationController::class, 'cures']);
    Route::post('jobs/{job}/smallest', [SimulationController::class, 'smallest'])->middleware(LongWork::class);
    Route::post('jobs/{job}/colour/samples/{sample}/tint', [TintController::class, 'advise']);
    Route::post('jobs/{job}/reduction', [CupController::class, 'reduction']);
    Route::post('jobs/{job}/mix-choices', [CupController::class, 'choices']);
    Route::post('jobs/{job}/formula', [CupController::class, 'formula']);
    Route::post('viscosity', [CupController::class, 'viscosity']);
    Route::post('jobs/{job}/booth', [BoothController::class, 'show']);
    Route::post('day/best', [DayController::class, 'best']);
    Route::post('calibration/gather', [CalibrationController::class, 'gather']);
    Route::post('practice/sandbox', [PracticeController::class, 'sandbox']);
    Route::post('practice/scenarios/{scenario}/stroke', [PracticeController::class, 'stroke']);
    Route::post('paint-systems/check', [PaintController::class, 'check']);
    Route::post('paint-systems/read', [PaintController::class, 'read']);
    Route::post('toners/fit', [TonerController::class, 'fit']);
    Route::post('toners/readings', [TonerController::class, 'readings']);
    Route::post('silhouettes/{key}/fit', [SilhouetteController::class, 'fit']);

    // What is read, and what is changed: all of it or nothing.
    Route::middleware(AllOrNothing::class)->group(function (): void {
        Route::get('people', [PeopleController::class, 'index']);
        Route::post('people', [PeopleController::class, 'store']);
        Route::patch('people/{person}', [PeopleController::class, 'update']);
        Route::post('people/{person}/password', [PeopleController::class, 'password']);
        Route::post('people/{person}/forget', [PeopleController::class, 'forget']);
        Route::post('people/{person}/sign-out', [PeopleController::class, 'signOut']);
        Route::get('happenings', [PeopleController::class, 'happenings']);

        Route::get('workshop/archive', [WorkshopController::class, 'show'])->middleware(LongWork::class);
        Route::post('workshop/archive', [WorkshopController::class, 'store'])->middleware(LongWork::class);

        Route::get('jobs', [JobController::class, 'index']);
        Route::post('jobs', [JobController::class, 'store']);
        Route::post('jobs/import', [JobFileController::class, 'store']);
        Route::get('jobs/{job}', [JobController::class, 'show']);
        Route::put('jobs/{job}', [JobController::class, 'update']);
        Route::post('jobs/{job}/archive', [JobController::class, 'archive']);
        Route::post('jobs/{job}/restore', [JobController::class, 'restore']);
        Route::get('jobs/{job}/file', [JobFileController::class, 'show']);
        Route::get('jobs/{job}/history', [HistoryController::class, 'index']);
        Route::post('jobs/{job}/undo', [HistoryController::class, 'undo']);
        Route::post('jobs/{job}/redo', [HistoryController::class, 'redo']);

        Route::post('jobs/{job}/shop-schools', [ShopSchoolController::class, 'store']);
        Route::get('shop-schools', [ShopSchoolController::class, 'index']);
        Route::post('shop-schools', [ShopSchoolController::class, 'import']);
        Route::put('shop-schools/{id}', [ShopSchoolController::class, 'update']);
        Route::get('shop-schools/{id}/file', [ShopSchoolController::class, 'file']);
        Route::post('shop-schools/{id}/put-away', [ShopSchoolController::class, 'putAway']);

        Route::get('jobs/{job}/colour', [ColourDeskController::class, 'show']);
        Route::get('jobs/{job}/colour/nearest', [ColourController::class, 'nearest']);
        Route::post('jobs/{job}/colour/samples', [ColourDeskController::class, 'store']);
        Route::patch('jobs/{job}/colour/samples/{sample}', [ColourDeskController::class, 'update']);
        Route::post('jobs/{job}/colour/samples/{sample}/strike', [ColourDeskController::class, 'strike']);
        Route::post('jobs/{job}/colour/samples/{sample}/restore', [ColourDeskController::class, 'restore']);
        Route::post('jobs/{job}/colour/variants', [ColourDeskController::class, 'variants']);
        Route::get('jobs/{job}/colour/samples/{sample}/readings', [ColourReadingController::class, 'index']);
        Route::post('jobs/{job}/colour/samples/{sample}/readings', [ColourReadingController::class, 'store']);
        Route::post('jobs/{job}/colour/samples/{sample}/measure', [ColourReadingController::class, 'measure']);
        Route::post('jobs/{job}/colour/samples/{sample}/readings/{reading}/exclude', [ColourReadingController::class, 'exclude']);
        Route::post('jobs/{job}/colour/samples/{sample}/readings/{reading}/include', [ColourReadingController::class, 'include']);
        Route::post('jobs/{job}/colour/samples/{sample}/eye', [ColourGateController::class, 'eye']);
        Route::post('jobs/{job}/colour/samples/{sample}/pass', [ColourGateController::class, 'pass']);
        Route::post('jobs/{job}/colour/override', [ColourGateController::class, 'override']);
        Route::post('jobs/{job}/colour/close', [ColourGateController::class, 'close']);
        Route::post('jobs/{job}/colour/samples/{sample}/tint/{place}', [TintController::class, 'adopt'])->whereNumber('place');
        Route::post('jobs/{job}/colour/imports', [ReadingFileController::class, 'store']);
        Route::get('jobs/{job}/colour/file', [ReadingFileController::class, 'show']);

        Route::put('shelf/scale', [CupController::class, 'scale']);
        Route::get('jobs/{job}/mixes', [MixController::class, 'index']);
        Route::post('jobs/{job}/mixes', [MixController::class, 'store']);
        Route::get('jobs/{job}/mixes/{mix}', [MixController::class, 'show']);
        Route::post('jobs/{job}/mixes/{mix}/take', [MixController::class, 'take']);
        Route::post('jobs/{job}/mixes/{mix}/recover', [MixController::class, 'recover']);
        Route::post('jobs/{job}/mixes/{mix}/accept', [MixController::class, 'accept']);
        Route::post('jobs/{job}/mixes/{mix}/finish', [MixController::class, 'finish']);
        Route::post('jobs/{job}/mixes/{mix}/discard', [MixController::class, 'discard']);
        Route::get('jobs/{job}/mixes/{mix}/scale', [MixController::class, 'stream']);
        Route::post('jobs/{job}/mixes/{mix}/scale/hand', [MixController::class, 'hand']);
        Route::post('jobs/{job}/mixes/{mix}/scale/readings', [MixController::class, 'reading']);

        Route::get('jobs/{job}/runs', [RunController::class, 'index']);
        Route::post('jobs/{job}/runs', [RunController::class, 'store']);
        Route::get('jobs/{job}/runs/{run}', [RunController::class, 'show']);
        Route::post('jobs/{job}/runs/{run}/events', [RunController::class, 'happened']);
        Route::get('jobs/{job}/runs/{run}/record', [RunController::class, 'record']);
        Route::get('jobs/{job}/runs/{run}/climate', [ClimateController::class, 'show']);
        Route::post('jobs/{job}/runs/{run}/climate/hand', [ClimateController::class, 'hand']);
        Route::post('jobs/{job}/runs/{run}/climate/readings', [ClimateController::class, 'reading']);

        Route::get('jobs/{job}/look-back', [LookBackController::class, 'show']);
        Route::post('jobs/{job}/look-back', [LookBackController::class, 'store']);
        Route::get('jobs/{job}/look-back/causes', [LookBackController::class, 'causes']);
        Route::post('jobs/{job}/look-back/follow-up', [LookBackController::class, 'followUp']);
        Route::get('jobs/{job}/last-times', [LogbookController::class, 'lastTimes']);
        Route::get('logbook', [LogbookController::class, 'index']);
        Route::get('logbook/sums', [LogbookController::class, 'sums']);
        Route::get('logbook/colour', [LogbookController::class, 'colour']);
        Route::get('logbook.csv', [LogbookController::class, 'csv']);
        Route::post('jobs/{job}/photos', [PhotoController::class, 'store']);
        Route::get('jobs/{job}/photos/{photo}', [PhotoController::class, 'show']);
        Route::post('jobs/{job}/photos/{photo}/strike', [PhotoController::class, 'strike']);
        Route::post('jobs/{job}/photos/{photo}/restore', [PhotoController::class, 'restore']);

        Route::get('day', [DayController::class, 'show']);
        Route::put('day/order', [DayController::class, 'order']);
        Route::put('day/jobs/{job}', [DayController::class, 'move']);
        Route::get('day/booths.ics', [DayController::class, 'calendar']);
        Route::put('shelf/hours', [DayController::class, 'hours']);

        Route::get('calibration', [CalibrationController::class, 'show']);
        Route::post('calibration/tests', [CalibrationController::class, 'store']);
        Route::post('calibration/tests/{id}/put-away', [CalibrationController::class, 'putAway']);
        Route::post('calibration/tests/{id}/restore', [CalibrationController::class, 'restore']);

        Route::get('defects', [PracticeController::class, 'defects']);
        Route::get('practice', [PracticeController::class, 'index']);
        Route::get('practice/people', [PracticeController::class, 'people']);
        Route::get('practice/scenarios/{scenario}', [PracticeController::class, 'show']);
        Route::post('practice/scenarios/{scenario}/tries', [PracticeController::class, 'answer']);
        Route::post('practice/scenarios/{scenario}/put-away', [PracticeController::class, 'putAway']);
        Route::post('jobs/{job}/practice', [PracticeController::class, 'ofJob']);

        Route::get('shelf', [ShelfController::class, 'index']);
        Route::put('shelf/equipment', [ShelfController::class, 'equip']);
        Route::put('shelf/blend-limits', [ShelfController::class, 'limit']);
        Route::get('colours', [ColourController::class, 'index']);
        Route::get('colours.csv', [ColourController::class, 'table']);
        Route::post('colours/import', [ColourController::class, 'import']);
        Route::get('colours/readings', [ColourController::class, 'readings']);
        Route::post('colours/readings', [ColourController::class, 'read']);
        Route::post('colours', [ColourController::class, 'store']);
        Route::put('colours/{colour}', [ColourController::class, 'update']);
        Route::post('colours/{colour}/put-away', [ColourController::class, 'putAway']);
        Route::post('colours/{colour}/restore', [ColourController::class, 'restore']);
        Route::delete('colours/{colour}/reading', [ColourController::class, 'forgetReading']);
        Route::post('paint-systems', [PaintController::class, 'store']);
        Route::get('paint-systems/{key}', [PaintController::class, 'show']);
        Route::put('paint-systems/{key}', [PaintController::class, 'update']);
        Route::get('paint-systems/{key}/file', [PaintController::class, 'file']);
        Route::post('paint-systems/{key}/put-away', [PaintController::class, 'putAway']);
        Route::post('paint-systems/{key}/restore', [PaintController::class, 'restore']);
        Route::get('toners', [TonerController::class, 'index']);
        Route::post('toners', [TonerController::class, 'store']);
        Route::put('toners/{toner}', [TonerController::class, 'update']);
        Route::post('toners/{toner}/put-away', [TonerController::class, 'putAway']);
        Route::post('toners/{toner}/restore', [TonerController::class, 'restore']);
        Route::get('silhouettes', [SilhouetteController::class, 'index']);
        Route::post('silhouettes/{key}', [SilhouetteController::class, 'store']);
        Route::get('bodies/{key}/tape', [SilhouetteController::class, 'show']);
        Route::put('bodies/{key}/tape', [SilhouetteController::class, 'update']);
        Route::get('bodies/{key}', [BodyShapeController::class, 'show']);
        Route::get('bodies/{key}/svg', [BodyShapeController::class, 'svg']);
        Route::post('bodies', [BodyShapeController::class, 'store']);
    });
});
