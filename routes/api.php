<?php

declare(strict_types=1);

use App\Http\Controllers\DemonstrationController;
use App\Http\Controllers\MarkingController;
use App\Http\Controllers\SetController;
use App\Http\Middleware\OneAtATime;
use Illuminate\Support\Facades\Route;

Route::get('/demonstrations', [DemonstrationController::class, 'show'])->name('demonstrations');
Route::get('/sets', [SetController::class, 'api'])->name('sets');
Route::post('/markings', [MarkingController::class, 'store'])->middleware(OneAtATime::class)->name('markings');
