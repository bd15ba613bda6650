<?php

declare(strict_types=1);

use App\Http\Controllers\AllRoadsController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\InLettersController;
use App\Http\Controllers\TakeAwayController;
use App\Http\Controllers\TwoWaysController;
use App\Http\Controllers\YourTurnController;
use Illuminate\Support\Facades\Route;

// Pure functions of the address: no session, no cookie but the house style's.
Route::get('/board', [BoardController::class, 'show'])->name('board');
Route::get('/why', [BoardController::class, 'why'])->name('why');
Route::get('/calculator', [BoardController::class, 'calculator'])->name('calculator');
Route::get('/figure.svg', [BoardController::class, 'figure'])->name('figure');
Route::get('/two-ways', [TwoWaysController::class, 'show'])->name('two-ways');
Route::get('/letters', [InLettersController::class, 'show'])->name('letters');
Route::get('/formula', [InLettersController::class, 'reasons'])->name('formula');
Route::get('/teachers', [CompareController::class, 'teacher'])->name('teachers');
Route::get('/changed', [CompareController::class, 'changed'])->name('changed');
Route::get('/card', [CardController::class, 'show'])->name('card');
Route::get('/roads', [AllRoadsController::class, 'show'])->name('roads');
Route::get('/your-turn', [YourTurnController::class, 'show'])->name('your-turn');
Route::get('/print', [TakeAwayController::class, 'sheet'])->name('print');
Route::get('/runel.{extension}', [
    TakeAwayController::class,
    'file',
])->where('extension', 'tex|md|json|txt')->name('file');
