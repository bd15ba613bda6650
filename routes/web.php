<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\ExampleController;
use App\Http\Controllers\SetController;
use App\Http\Controllers\StyleController;
use Illuminate\Support\Facades\Route;

// Rooms with forms: they need a session, which lives in a cookie.
Route::get('/', [BenchController::class, 'show'])->name('bench');
Route::get('/style', [StyleController::class, 'show'])->name('style');
Route::get('/style/kept', [StyleController::class, 'kept'])->name('style.kept');
Route::post('/style', [StyleController::class, 'keep'])->name('style.keep');
Route::get('/sets', [SetController::class, 'show'])->name('sets');
Route::post('/sets', [SetController::class, 'keep'])->name('keep-set');
Route::post('/sets/import', [SetController::class, 'import'])->name('import-set');
Route::delete('/sets/{set}', [SetController::class, 'remove'])->whereNumber('set')->name('remove-set');
Route::post('/examples', [ExampleController::class, 'store'])->name('examples.store');
Route::delete('/examples/{example}', [
    ExampleController::class,
    'destroy',
])->whereNumber('example')->name('examples.destroy');
