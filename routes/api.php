<?php

declare(strict_types=1);

use App\Http\Controllers\DemonstrationController;
use App\Http\Controllers\MarkingController;
use Illuminate\Support\Facades\Route;

Route::get('/demonstrations', [DemonstrationController::class, 'show'])->name('demonstrations');
Route::post('/markings', [MarkingController::class, 'store'])->name('markings');
