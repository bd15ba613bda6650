<?php

declare(strict_types=1);

use App\Http\Controllers\DemonstrationController;
use App\Http\Controllers\MarkingController;
use App\Http\Controllers\SetController;
use Illuminate\Support\Facades\Route;

Route::get('/demonstrations', [DemonstrationController::class, 'show'])->name('demonstrations');
Route::get('/sets', [SetController::class, 'api'])->name('sets');
Route::post('/markings', [MarkingController::class, 'store'])->name('markings');
