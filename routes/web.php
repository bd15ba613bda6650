<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\ExampleController;
use App\Http\Controllers\StyleController;
use App\Http\Middleware\HouseStyleFromRequest;
use Illuminate\Support\Facades\Route;

Route::middleware(HouseStyleFromRequest::class)->group(function (): void {
    Route::get('/', [BenchController::class, 'show'])->name('bench');
    Route::get('/reading', [BenchController::class, 'reading'])->name('reading');
    Route::get('/style', [StyleController::class, 'show'])->name('style');
    Route::post('/style', [StyleController::class, 'keep'])->name('style.keep');
    Route::post('/examples', [ExampleController::class, 'store'])->name('examples.store');
    Route::delete('/examples/{example}', [ExampleController::class, 'destroy'])->name('examples.destroy');
});
