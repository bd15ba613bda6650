<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\ExampleController;
use App\Http\Controllers\LearnController;
use App\Http\Controllers\SetController;
use App\Http\Controllers\SpotController;
use App\Http\Controllers\StyleController;
use App\Http\Controllers\TutorController;
use App\Http\Middleware\TutorOnly;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Support\Facades\Route;

// Rooms with forms: they need a session.
Route::get('/', [BenchController::class, 'show'])->name('bench');
Route::get('/spot', [SpotController::class, 'show'])->name('spot');
Route::post('/sheet', [BenchController::class, 'sheet'])->name('sheet.read');
Route::get('/sheet/mended', [BenchController::class, 'mended'])->name('sheet.mended');
Route::get('/style', [StyleController::class, 'show'])->name('style');
Route::get('/style/kept', [StyleController::class, 'kept'])->name('style.kept');
Route::post('/style', [StyleController::class, 'keep'])->name('style.keep');
Route::post('/style/learned', [LearnController::class, 'learn'])->name('learn');
Route::get('/sets', [SetController::class, 'show'])->name('sets');
Route::post('/sets/import', [SetController::class, 'import'])->name('import-set');
// What is kept for everybody to see is the tutor's to change, once there is a tutor.
Route::middleware([AuthenticateSession::class, TutorOnly::class . ':once-set'])->group(static function (): void {
    Route::post('/sets', [SetController::class, 'keep'])->name('keep-set');
    Route::delete('/sets/{set}', [SetController::class, 'remove'])->whereNumber('set')->name('remove-set');
    Route::post('/examples', [ExampleController::class, 'store'])->name('examples.store');
    Route::delete('/examples/{example}', [
        ExampleController::class,
        'destroy',
    ])->whereNumber('example')->name('examples.destroy');
});
// The door itself: the way in is open to whoever knows the passphrase.
Route::middleware(AuthenticateSession::class)->group(static function (): void {
    Route::get('/tutor', [TutorController::class, 'show'])->name('tutor');
    Route::post('/tutor/first', [TutorController::class, 'first'])->name('tutor.first');
    Route::post('/tutor', [TutorController::class, 'enterByPassphrase'])->name('tutor.enter');
});
