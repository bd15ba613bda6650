<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\HandingController;
use App\Http\Controllers\PileController;
use App\Http\Controllers\SetController;
use App\Http\Controllers\SlateController;
use App\Http\Controllers\YourTurnController;
use App\Http\Middleware\OneAtATime;
use App\Http\Middleware\SignedDoor;
use Illuminate\Support\Facades\Route;

// What is asked for while somebody types: no session, no cookie, nothing kept.
Route::get('/reading', [BenchController::class, 'reading'])->name('reading');
Route::get('/line-reading', [YourTurnController::class, 'reading'])->name('line-reading');
Route::get('/ladder', [SetController::class, 'ladder'])->name('ladder');
// A set on paper and as a file: a kept one is looked up each time.
Route::get('/sets/sheet', [SetController::class, 'sheet'])->name('set-sheet');
Route::get('/sets/runel-set.{extension}', [
    SetController::class,
    'file',
])->where('extension', 'txt|md|tex|csv|json|zip')->name('set-file');
// Marking keeps nothing either, so it needs no session; what is sent changes nothing anywhere.
Route::get('/marking', [PileController::class, 'show'])->name('marking');
Route::post('/marking', [PileController::class, 'mark'])->middleware(OneAtATime::class)->name('mark-pile');
// A live room answers from its own screens: known by five letters, and by what each browser keeps.
Route::get('/r', [SlateController::class, 'door'])->name('slate.door');
Route::prefix('/r/{code}')->name('slate.')->where(['code' => '[A-Za-z]{5}'])->group(static function (): void {
    Route::get('/', [SlateController::class, 'show'])->name('show');
    Route::get('/state', [SlateController::class, 'state'])->name('state');
    Route::post('/', [SlateController::class, 'join'])->name('join');
    Route::post('/answer', [SlateController::class, 'answer'])->name('answer');
});
// What a learner is handed: the address is signed and expires, and shows these tasks and nothing else.
Route::get('/h/{code}', [HandingController::class, 'short'])->where('code', '[A-Za-z]{6}')->name('handed.short');
Route::get('/handed/{handing}', [
    HandingController::class,
    'show',
])->whereUlid('handing')->middleware(SignedDoor::class)->name('handed');
Route::post('/handed/{handing}', [
    HandingController::class,
    'write',
])->whereUlid('handing')->middleware(SignedDoor::class)->name('handed.write');
